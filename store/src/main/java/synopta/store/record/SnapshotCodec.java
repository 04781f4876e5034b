package synopta.store.record;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.Hazard;
import synopta.core.record.CaseSnapshot;

/**
 * How a case stood, as one text: it is only ever read back whole. An entry a line, its first field the kind; lines end with
 * the record separator of ASCII, fields with the unit separator, which nobody types.
 */
final class SnapshotCodec {
    private static final String LINE = "\u001e";
    private static final String FIELD = "\u001f";

    private SnapshotCodec() {}

    static String of(CaseSnapshot snapshot) {
        return Stream.of(
                        Optional.ofNullable(snapshot.appliance()).map(a -> entry("appliance", a.slug())).stream(),
                        Optional.ofNullable(snapshot.layout()).map(l -> entry("layout", l)).stream(),
                        snapshot.fuels().stream().sorted().map(f -> entry("fuel", f.slug())),
                        Stream.ofNullable(snapshot.ageYears()).map(age -> entry("age", age)),
                        snapshot.known().stream().map(k -> entry("known", k.key(), k.words(), k.source(), k.sure())),
                        snapshot.evidence().stream()
                                .map(g -> entry("given", g.finding(), g.answer(), g.sure(), g.asked())),
                        snapshot.suspects().stream()
                                .map(s -> entry("suspect", s.fault(), s.partType(), s.probability())),
                        Optional.ofNullable(snapshot.advice()).map(a -> entry("advice", a.action(), a.why())).stream(),
                        new TreeSet<>(snapshot.selling()).stream().map(fault -> entry("selling", fault)),
                        snapshot.rules().stream()
                                .map(r -> entry("rule", r.part().written(), r.quantity(), r.why())),
                        snapshot.cautions().stream()
                                .map(c -> entry("caution", c.hazard().slug(), c.text())),
                        Stream.ofNullable(snapshot.workMinutes()).map(minutes -> entry("minutes", minutes)))
                .flatMap(entries -> entries)
                .collect(Collectors.joining(LINE));
    }

    private static String entry(Object... fields) {
        return Arrays.stream(fields)
                .map(field -> String.valueOf(field).replace(FIELD, " ").replace(LINE, " "))
                .collect(Collectors.joining(FIELD));
    }

    static CaseSnapshot read(String text) {
        if (text.isEmpty()) {
            return CaseSnapshot.UNTOLD;
        }
        Map<String, List<String[]>> entries = Arrays.stream(text.split(LINE, -1))
                .map(line -> line.split(FIELD, -1))
                .collect(Collectors.groupingBy(fields -> fields[0]));
        Set<Fuel> fuels = EnumSet.noneOf(Fuel.class);
        fuels.addAll(list(entries, "fuel", f -> Fuel.of(f[1])));
        return new CaseSnapshot(
                first(entries, "appliance", f -> Appliance.of(f[1])).orElse(null),
                first(entries, "layout", f -> f[1]).orElse(null),
                fuels,
                first(entries, "age", f -> Double.valueOf(f[1])).orElse(null),
                list(entries, "known", f -> new KnownFact(f[1], f[2], f[3], Boolean.parseBoolean(f[4]))),
                list(
                        entries,
                        "given",
                        f -> new CaseSnapshot.Given(
                                f[1], f[2], Boolean.parseBoolean(f[3]), Boolean.parseBoolean(f[4]))),
                list(entries, "suspect", f -> new CaseSnapshot.Leaning(f[1], f[2], Double.parseDouble(f[3]))),
                first(entries, "advice", f -> new CaseSnapshot.Advised(f[1], f[2]))
                        .orElse(null),
                Set.copyOf(list(entries, "selling", f -> f[1])),
                list(entries, "rule", f -> new CaseSnapshot.Rule(new PartNumber(f[1]), Integer.parseInt(f[2]), f[3])),
                list(entries, "caution", f -> new CaseSnapshot.Warned(Hazard.of(f[1]), f[2])),
                first(entries, "minutes", f -> Double.valueOf(f[1])).orElse(null));
    }

    private static <T> List<T> list(Map<String, List<String[]>> entries, String kind, Function<String[], T> read) {
        return entries.getOrDefault(kind, List.of()).stream().map(read).toList();
    }

    private static <T> Optional<T> first(Map<String, List<String[]>> entries, String kind, Function<String[], T> read) {
        return list(entries, kind, read).stream().findFirst();
    }
}
