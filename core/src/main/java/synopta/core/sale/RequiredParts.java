package synopta.core.sale;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Fit;
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

    /** Needs of a machine, in a house of these schools; small parts are counted by the layout where it is known. */
    RequiredParts(MachineParts machine, Pack pack, RepairPractices practices, @Nullable Layout layout) {
        brought = new BroughtPieces(layout);
        this.machine = machine;
        this.pack = pack;
        this.practices = practices;
    }

    private record Wanted(String partType, @Nullable String slot, boolean all, String why) {}

    /**
     * What these faults ask for.
     *
     * @param asked how many of a part type the caller spoke of, where one at a time is sold
     */
    List<RequiredPart> of(List<Fault> faults, List<Evidence> evidence, Map<String, Integer> asked) {
        Map<String, Wanted> wanted = new LinkedHashMap<>();
        for (Fault fault : faults) {
            PartType type = pack.partType(fault.partType()).orElseThrow();
            SellingRule rule = type.selling();
            boolean all = rule.replaceAll() && practices.replaceAll();
            Optional<String> slot = all ? Optional.empty() : Optional.ofNullable(fault.slot());
            String why = all ? Objects.requireNonNullElse(rule.why(), fault.name()) : fault.name();
            wanted.putIfAbsent(type.slug() + slot.orElse(""), new Wanted(type.slug(), slot.orElse(null), all, why));
            for (SellingRule.Companion companion : rule.companions()) {
                if (goes(companion, evidence)) {
                    wanted.putIfAbsent(
                            companion.partType(), new Wanted(companion.partType(), null, true, companion.why()));
                }
            }
        }
        List<RequiredPart> needs = new ArrayList<>();
        for (Wanted want : wanted.values()) {
            List<Fit> meant = machine.ofType(want.partType).stream()
                    .filter(row -> want.slot == null || row.slot().equals(want.slot))
                    .toList();
            int pieces = want.all
                    ? brought.of(want.partType, needs).orElse(Integer.MAX_VALUE)
                    : asked.getOrDefault(want.partType, 1);
            needs.addAll(parts(meant, want, pieces));
        }
        return needs;
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
            List<String> slots = places.stream().map(Fit::slot).distinct().toList();
            List<Supply.Item> items = supplied(verdict);
            for (Supply.Item item : items) {
                parts.add(new RequiredPart(
                        wanted.partType,
                        slots,
                        places.get(0).part(),
                        item.part(),
                        Math.multiplyExact(pieces, item.quantity()),
                        verdict,
                        wanted.why));
            }
            if (items.isEmpty()) {
                parts.add(new RequiredPart(
                        wanted.partType, slots, places.get(0).part(), null, pieces, verdict, wanted.why));
            }
        }
        return parts;
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
