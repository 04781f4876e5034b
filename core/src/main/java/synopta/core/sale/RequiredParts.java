package synopta.core.sale;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.PartRequest;
import synopta.core.catalog.Fit;
import synopta.core.catalog.PartNumber;
import synopta.core.diagnosis.Evidence;
import synopta.core.fit.FitVerdict;
import synopta.core.fit.Supply;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.RepairPractices;
import synopta.core.knowledge.SellingRule;

/**
 * Which parts of a machine the faults ask for: the failed part, all of its kind where the trade renews them together,
 * and what belongs with it.
 */
public final class RequiredParts {
    private final MachineParts machine;
    private final Pack pack;
    private final RepairPractices practices;
    private final BroughtPieces brought;
    private final @Nullable Layout layout;

    /** Needs of a machine, in a house of these schools; small parts are counted by the layout where it is known. */
    RequiredParts(MachineParts machine, Pack pack, RepairPractices practices, @Nullable Layout layout) {
        brought = new BroughtPieces(layout);
        this.layout = layout;
        this.machine = machine;
        this.pack = pack;
        this.practices = practices;
    }

    /**
     * A part that is to be renewed.
     *
     * @param pieces how many; null for all of those places
     */
    private record Wanted(
            String partType,
            Predicate<String> slots,
            @Nullable Integer pieces,
            BagPiece.Source source,
            String why) {}

    /**
     * What is asked for by name, each of one meaning, then what these faults ask for besides. Of a part type that is asked
     * for, the caller's word counts, not the fault's.
     *
     * @param byNumber what is asked for by its number, with its places: it brings what goes with it
     * @param asked how many of a part type the caller spoke of, where one at a time is sold
     */
    List<RequiredPart> of(
            List<RequiredPart> byNumber,
            List<PartRequest> requests,
            List<Fault> faults,
            List<Evidence> evidence,
            Map<String, Integer> asked) {
        Map<String, Wanted> wanted = new LinkedHashMap<>();
        for (PartRequest request : requests) {
            PartType type = pack.partType(request.partTypes().get(0)).orElseThrow();
            wanted.putIfAbsent(type.slug(), wanted(type, request));
        }
        Set<String> requested = Set.copyOf(wanted.keySet());
        requests.forEach(
                request -> companions(pack.partType(request.partTypes().get(0)).orElseThrow(), evidence, wanted));
        byNumber.forEach(need -> pack.partType(need.partType()).ifPresent(type -> companions(type, evidence, wanted)));
        for (Fault fault : faults) {
            PartType type = pack.partType(fault.partType()).orElseThrow();
            if (!requested.contains(type.slug())) {
                Wanted of = wanted(type, fault, asked);
                wanted.putIfAbsent(isAll(type) ? type.slug() : type.slug() + fault.slot(), of);
                companions(type, evidence, wanted);
            }
        }
        List<RequiredPart> needs = new ArrayList<>();
        for (Wanted want : wanted.values()) {
            List<Fit> meant = machine.ofType(want.partType).stream()
                    .filter(row -> want.slots.test(row.slot()))
                    .toList();
            int pieces = want.pieces == null
                    ? brought.of(want.partType, all(byNumber, needs)).orElse(Integer.MAX_VALUE)
                    : want.pieces;
            needs.addAll(parts(meant, want, pieces));
        }
        return needs;
    }

    private static List<RequiredPart> all(List<RequiredPart> byNumber, List<RequiredPart> needs) {
        return Stream.concat(byNumber.stream(), needs.stream()).toList();
    }

    private boolean isAll(PartType type) {
        return type.selling().replaceAll() && practices.replaceAll();
    }

    /** A rule of the trade that all of a kind are renewed holds for the places that are asked for. */
    private Wanted wanted(PartType type, PartRequest request) {
        RequestedPlaces places = new RequestedPlaces(machine.ofType(type.slug()), layout, request);
        return new Wanted(
                type.slug(),
                places.meant()::contains,
                isAll(type) && !places.isCounted() ? null : places.pieces(),
                BagPiece.Source.REQUESTED,
                Objects.requireNonNullElseGet(request.job(), () -> said(request)));
    }

    private static String said(PartRequest request) {
        String reason = request.reason() == null ? "" : ", " + request.reason().slug();
        String by = switch (request.by()) {
            case CALLER -> "";
            case TECHNICIAN -> ", said by a technician";
            case SOMEBODY_ELSE -> ", said by somebody else";
        };
        return "Requested: “%s”%s%s.".formatted(request.phrase(), reason, by);
    }

    private Wanted wanted(PartType type, Fault fault, Map<String, Integer> asked) {
        boolean all = isAll(type);
        return new Wanted(
                type.slug(),
                all || fault.slot() == null ? slot -> true : fault.slot()::equals,
                all ? null : asked.getOrDefault(type.slug(), 1),
                BagPiece.Source.SYMPTOMS,
                all ? Objects.requireNonNullElse(type.selling().why(), fault.name()) : fault.name());
    }

    private void companions(PartType type, List<Evidence> evidence, Map<String, Wanted> wanted) {
        type.selling().companions().stream()
                .filter(companion -> goes(companion, evidence))
                .forEach(companion -> wanted.putIfAbsent(
                        companion.partType(),
                        new Wanted(
                                companion.partType(), slot -> true, null, BagPiece.Source.GOES_WITH, companion.why())));
    }

    /** Whether a finding was given a telling answer. */
    private boolean goes(SellingRule.Companion companion, List<Evidence> evidence) {
        return (companion.practice() == null || practices.follow(companion.practice()))
                && (companion.whenFinding() == null || given(companion.whenFinding(), evidence));
    }

    private boolean given(String finding, List<Evidence> evidence) {
        Finding asked = pack.finding(finding).orElseThrow();
        return evidence.stream().anyMatch(e -> e.finding().equals(finding) && asked.level(e.answer()) > 0);
    }

    /** One entry for each listed part; a part that goes into several places is asked for once, with their sum. */
    private List<RequiredPart> parts(List<Fit> meant, Wanted wanted, int most) {
        Map<String, List<Fit>> rows = new LinkedHashMap<>();
        meant.forEach(row ->
                rows.computeIfAbsent(row.part().key(), k -> new ArrayList<>()).add(row));
        List<RequiredPart> parts = new ArrayList<>();
        for (List<Fit> places : rows.values()) {
            FitVerdict verdict = machine.judge(places.get(0).part());
            int fitted = places.stream().mapToInt(Fit::quantity).sum();
            int pieces = Math.max(1, Math.min(most, fitted));
            List<Supply.Item> items = supplied(verdict);
            items.forEach(item ->
                    parts.add(part(wanted, places, item.part(), Math.multiplyExact(pieces, item.quantity()), verdict)));
            if (items.isEmpty()) {
                parts.add(part(wanted, places, null, pieces, verdict));
            }
        }
        return parts;
    }

    private static RequiredPart part(
            Wanted wanted, List<Fit> places, @Nullable PartNumber supplied, int pieces, FitVerdict verdict) {
        return new RequiredPart(
                wanted.partType,
                places.stream().map(Fit::slot).distinct().toList(),
                places.get(0).part(),
                supplied,
                pieces,
                verdict,
                wanted.source,
                wanted.why);
    }

    /** What is handed over today for a part with this verdict; nothing while it is open. */
    static List<Supply.Item> supplied(FitVerdict verdict) {
        return verdict.fold(
                fits -> fits.supply().items(), depends -> List.of(), not -> List.of(), unknown -> List.of());
    }

    /** Part types of the needs. */
    public static Set<String> partTypes(List<RequiredPart> needs) {
        return needs.stream().map(RequiredPart::partType).collect(Collectors.toSet());
    }
}
