package synopta.store.record;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.Reading;
import synopta.core.record.CaseContent;
import synopta.core.tag.Recheck;
import synopta.store.jdbc.Jdbc;

/** The lists of a case, one row an item: its kind, its place in the list, a name and a detail. */
final class CaseItems {
    /** Stands behind an answer that is only thought so. */
    private static final String PERHAPS = "?";

    private static final String WRITE = """
            insert into case_entry (number, revision, kind, place, name, detail)
            values (?, ?, ?, ?, ?, ?)""";
    private static final String READ = """
            select number, kind, name, detail
              from case_entry
             where number = ?
               and revision = ?
             order by kind, place""";
    private static final String READ_LAST = """
            select e.number, e.kind, e.name, e.detail
              from counter_case c
              join case_entry e on e.number = c.number and e.revision = c.revision
             where c.number = any(?)
             order by e.number, e.kind, e.place""";

    private final Jdbc jdbc;

    CaseItems(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    private record Item(String kind, String name, String detail) {}

    /** All lists of a case. */
    record Read(Map<String, List<Item>> items) {
        private <T> List<T> of(String kind, BiFunction<String, String, T> read) {
            return items.getOrDefault(kind, List.of()).stream()
                    .map(i -> read.apply(i.name, i.detail))
                    .toList();
        }

        private Set<String> names(String kind) {
            return Set.copyOf(of(kind, (name, detail) -> name));
        }

        List<Recheck> rechecked() {
            return of(
                    "recheck",
                    (position, shown) ->
                            new Recheck(Integer.parseInt(position), shown.isEmpty() ? null : shown.charAt(0)));
        }

        List<CaseInput.Answered> findings() {
            return of(
                    "finding",
                    (finding, answer) ->
                            new CaseInput.Answered(finding, answer.replace(PERHAPS, ""), !answer.endsWith(PERHAPS)));
        }

        List<CaseInput.Measured> readings() {
            return of(
                    "reading",
                    (test, shown) -> new CaseInput.Measured(
                            test,
                            shown.equals("OL")
                                    ? new Reading.Overload()
                                    : new Reading.Figure(Double.parseDouble(shown))));
        }

        List<CaseContent.Line> lines() {
            return of(
                    "line", (part, quantity) -> new CaseContent.Line(new PartNumber(part), Integer.parseInt(quantity)));
        }

        Set<Hazard> cautionsShown() {
            return names("caution").stream().map(Hazard::of).collect(Collectors.toSet());
        }

        Optional<String> readTo() {
            return names("said-to").stream().findFirst();
        }

        Set<String> excluded() {
            return names("struck");
        }

        Set<String> selected() {
            return names("picked");
        }

        Set<String> dropped() {
            return names("dropped");
        }

        Optional<String> platform() {
            return names("platform").stream().findFirst();
        }

        Set<String> inspected() {
            return names("looked");
        }

        Shopping shopping() {
            return new Shopping(
                    of("adjusted", Read::adjusted),
                    names("branch").stream().findFirst().orElse(null),
                    names("needed-in-days").stream()
                            .findFirst()
                            .map(Integer::valueOf)
                            .orElse(null));
        }

        /** Quantity, value and need, parted by bars; empty where it was not set. */
        private static Shopping.Adjusted adjusted(String part, String detail) {
            String[] set = detail.split("\\|", -1);
            return new Shopping.Adjusted(
                    new PartNumber(part),
                    set[0].isEmpty() ? null : Integer.parseInt(set[0]),
                    set[1].isEmpty() ? null : Long.parseLong(set[1]),
                    Boolean.parseBoolean(set[2]));
        }

        Finding.Who person() {
            return names("person").stream().findFirst().map(Finding.Who::of).orElse(Finding.Who.TECHNICIAN);
        }
    }

    /** The lists of one revision. */
    Read read(long number, long revision) {
        return byCase(jdbc.list(READ, CaseItems::row, number, revision)).getOrDefault(number, new Read(Map.of()));
    }

    /** The lists of the last revisions of some cases, by their numbers; of a case without lists there is none. */
    Map<Long, Read> readLast(List<Long> numbers) {
        return byCase(jdbc.list(READ_LAST, CaseItems::row, (Object) numbers.toArray(Long[]::new)));
    }

    private record Row(long number, Item item) {}

    private static Row row(ResultSet row) throws SQLException {
        return new Row(
                row.getLong("number"), new Item(row.getString("kind"), row.getString("name"), row.getString("detail")));
    }

    private static Map<Long, Read> byCase(List<Row> rows) {
        Map<Long, Read> reads = new HashMap<>();
        for (Row row : rows) {
            reads.computeIfAbsent(row.number, n -> new Read(new LinkedHashMap<>()))
                    .items
                    .computeIfAbsent(row.item.kind, kind -> new ArrayList<>())
                    .add(row.item);
        }
        return reads;
    }

    void write(long number, long revision, CaseContent content) {
        CaseInput draft = content.input();
        List<Item> items = new ArrayList<>();
        draft.rechecked()
                .forEach(r -> items.add(new Item(
                        "recheck",
                        "" + r.position(),
                        Optional.ofNullable(r.character()).map(String::valueOf).orElse(""))));
        draft.findings()
                .forEach(f -> items.add(new Item("finding", f.finding(), f.answer() + (f.sure() ? "" : PERHAPS))));
        draft.readings()
                .forEach(r -> items.add(new Item(
                        "reading", r.test(), r.reading().fold(Double::toString, (Reading.Overload open) -> "OL"))));
        content.lines().forEach(l -> items.add(new Item("line", l.part().written(), "" + l.quantity())));
        content.cautionsShown().stream().sorted().forEach(h -> items.add(new Item("caution", h.slug(), "")));
        Optional.ofNullable(content.readTo()).ifPresent(person -> items.add(new Item("said-to", person, "")));
        names("struck", draft.excluded()).forEach(items::add);
        names("picked", draft.selected()).forEach(items::add);
        names("dropped", draft.deselected()).forEach(items::add);
        names("platform", Stream.ofNullable(draft.platform()).toList()).forEach(items::add);
        names("looked", draft.inspected()).forEach(items::add);
        items.add(new Item("person", draft.person().slug(), ""));
        items.addAll(shopping(draft.shopping()));
        int[] place = {0};
        jdbc.batch(WRITE, items.stream(), item ->
                new Object[] {number, revision, item.kind, place[0]++, item.name, item.detail});
    }

    private static List<Item> shopping(Shopping shopping) {
        List<Item> items = new ArrayList<>();
        for (Shopping.Adjusted a : shopping.adjusted()) {
            String quantity = a.quantity() != null ? "" + a.quantity() : "";
            String value = a.valueCents() != null ? "" + a.valueCents() : "";
            items.add(new Item("adjusted", a.part().written(), quantity + "|" + value + "|" + a.needed()));
        }
        Optional.ofNullable(shopping.branch()).ifPresent(branch -> items.add(new Item("branch", branch, "")));
        Optional.ofNullable(shopping.neededInDays())
                .ifPresent(days -> items.add(new Item("needed-in-days", "" + days, "")));
        return items;
    }

    private static Stream<Item> names(String kind, Collection<String> names) {
        return names.stream().sorted().map(name -> new Item(kind, name, ""));
    }
}
