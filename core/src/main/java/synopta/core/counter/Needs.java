package synopta.core.counter;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Platform;
import synopta.core.diagnosis.Evidence;
import synopta.core.fit.FitFinder;
import synopta.core.fit.FitVerdict;
import synopta.core.fit.PlatformFit;
import synopta.core.fit.Supply;
import synopta.core.fit.Unit;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.SellingRule;

/**
 * Which parts of a machine the faults ask for: the failed part, all of its kind where the trade renews them together,
 * and what belongs with it.
 */
final class Needs {
    private final Catalog catalog;
    private final FitFinder finder;

    Needs(Catalog catalog, FitFinder finder) {
        this.catalog = catalog;
        this.finder = finder;
    }

    private record Wanted(String partType, Optional<String> slot, boolean all, String why) {}

    /** What a known machine needs. */
    List<NeededPart> of(Pack pack, Model model, Unit unit, List<Fault> faults, List<Evidence> evidence) {
        List<Fit> listed = catalog.fits(model.number());
        return all(pack, faults, evidence, listed, part -> finder.judge(model.number(), unit, part));
    }

    /** What a machine in no catalogue row needs, going by its construction: sure where all its models agree. */
    List<NeededPart> of(Pack pack, Platform platform, Set<Fuel> fuels, List<Fault> faults, List<Evidence> evidence) {
        PlatformFit fit = new PlatformFit(catalog, finder, platform, fuels);
        return all(pack, faults, evidence, fit.places(), fit::judge);
    }

    private List<NeededPart> all(
            Pack pack,
            List<Fault> faults,
            List<Evidence> evidence,
            List<Fit> listed,
            Function<PartNumber, FitVerdict> judge) {
        Map<String, Wanted> wanted = new LinkedHashMap<>();
        for (Fault fault : faults) {
            PartType type = pack.partType(fault.partType()).orElseThrow();
            SellingRule rule = type.selling();
            Optional<String> slot = rule.renewAll() ? Optional.empty() : fault.slot();
            String why = rule.renewAll() ? rule.why().orElse(fault.name()) : fault.name();
            wanted.putIfAbsent(type.slug() + slot.orElse(""), new Wanted(type.slug(), slot, rule.renewAll(), why));
            for (SellingRule.Companion companion : rule.companions()) {
                boolean asked = companion
                        .whenFinding()
                        .map(f -> given(pack, f, evidence))
                        .orElse(true);
                if (asked) {
                    wanted.putIfAbsent(
                            companion.partType(),
                            new Wanted(companion.partType(), Optional.empty(), true, companion.why()));
                }
            }
        }
        Map<PartNumber, String> types = new HashMap<>();
        catalog.partsAmong(listed.stream().map(row -> row.part().key()).toList())
                .forEach(part -> types.put(part.number(), part.partType()));
        List<NeededPart> needs = new ArrayList<>();
        for (Wanted want : wanted.values()) {
            List<Fit> meant = listed.stream()
                    .filter(row -> want.partType.equals(types.get(row.part()))
                            && want.slot.map(row.slot()::equals).orElse(true))
                    .toList();
            needs.addAll(parts(meant, want, judge));
        }
        return needs;
    }

    /** Whether a finding was given a telling answer. */
    private static boolean given(Pack pack, String finding, List<Evidence> evidence) {
        Finding asked = pack.finding(finding).orElseThrow();
        return evidence.stream().anyMatch(e -> e.finding().equals(finding) && asked.level(e.answer()) > 0);
    }

    /** One entry for each listed part; a part that goes into several places is asked for once, with their sum. */
    private static List<NeededPart> parts(List<Fit> meant, Wanted wanted, Function<PartNumber, FitVerdict> judge) {
        Map<String, List<Fit>> rows = new LinkedHashMap<>();
        meant.forEach(row ->
                rows.computeIfAbsent(row.part().key(), k -> new ArrayList<>()).add(row));
        List<NeededPart> parts = new ArrayList<>();
        for (List<Fit> places : rows.values()) {
            FitVerdict verdict = judge.apply(places.get(0).part());
            int pieces = wanted.all ? places.stream().mapToInt(Fit::quantity).sum() : 1;
            List<String> slots = places.stream().map(Fit::slot).distinct().toList();
            List<Supply.Item> items = verdict.fold(
                    fits -> fits.supply().items(), depends -> List.of(), not -> List.of(), unknown -> List.of());
            for (Supply.Item item : items) {
                parts.add(new NeededPart(
                        wanted.partType,
                        slots,
                        places.get(0).part(),
                        Optional.of(item.part()),
                        Math.multiplyExact(pieces, item.quantity()),
                        verdict,
                        wanted.why));
            }
            if (items.isEmpty()) {
                parts.add(new NeededPart(
                        wanted.partType, slots, places.get(0).part(), Optional.empty(), pieces, verdict, wanted.why));
            }
        }
        return parts;
    }

    /** Part types of the needs. */
    static Set<String> partTypes(List<NeededPart> needs) {
        return needs.stream().map(NeededPart::partType).collect(Collectors.toSet());
    }
}
