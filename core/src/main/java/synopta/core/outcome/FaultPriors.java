package synopta.core.outcome;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;

/** What a pack expects of the machines of lessons before anything is asked. */
final class FaultPriors {
    private final Pack pack;
    private final Map<String, Fault> faults = new HashMap<>();

    FaultPriors(Pack pack) {
        this.pack = pack;
        pack.faults().forEach(fault -> faults.put(fault.id(), fault));
    }

    String partTypeOf(ConfirmedCase confirmedCase) {
        return faults.get(confirmedCase.fault()).partType();
    }

    private List<Layout> layouts(ConfirmedCase confirmedCase) {
        return Optional.ofNullable(confirmedCase.layout())
                .flatMap(pack::layout)
                .map(List::of)
                .orElse(pack.layouts());
    }

    /** Whether the machine has a part of the type, as far as is known. */
    boolean has(ConfirmedCase confirmedCase, String partType) {
        return layouts(confirmedCase).stream()
                .flatMap(layout -> layout.places().stream())
                .anyMatch(place -> place.partType().equals(partType)
                        && place.fuels().stream().anyMatch(confirmedCase.fuels()::contains));
    }

    /** How likely each fault is to be the one that a machine comes for; adds up to 1. */
    Map<String, Double> shares(ConfirmedCase confirmedCase) {
        Map<String, Double> all = new LinkedHashMap<>();
        double machines = 0;
        for (Layout layout : layouts(confirmedCase)) {
            for (Fuel fuel : confirmedCase.fuels()) {
                if (layout.fuels().contains(fuel)) {
                    double share = layout.share() * pack.fuelShares().getOrDefault(fuel, 0.0);
                    machines += share;
                    within(confirmedCase.ageYears(), layout, fuel)
                            .forEach((fault, part) -> all.merge(fault, share * part, Double::sum));
                }
            }
        }
        double sum = machines;
        all.replaceAll((fault, share) -> sum > 0 ? share / sum : 0);
        return all;
    }

    private Map<String, Double> within(@Nullable Double ageYears, Layout layout, Fuel fuel) {
        Map<String, Double> odds = new LinkedHashMap<>();
        for (Fault fault : pack.faults()) {
            if (layout.allows(fault, fuel)) {
                double p = present(fault, ageYears, layout, fuel);
                odds.put(fault.id(), layout.chanceToHave(fault, fuel) * p / (1 - p));
            }
        }
        double sum = odds.values().stream().mapToDouble(o -> o).sum();
        odds.replaceAll((fault, o) -> o / sum);
        return odds;
    }

    /** Of itself, or brought about by another. */
    private double present(Fault fault, @Nullable Double ageYears, Layout layout, Fuel fuel) {
        double absent = 1 - pack.prior(fault, ageYears);
        for (Fault.Cause cause : fault.causedBy()) {
            Fault by = faults.get(cause.fault());
            absent *= layout.allows(by, fuel) ? 1 - cause.strength() * pack.prior(by, ageYears) : 1;
        }
        return 1 - absent;
    }
}
