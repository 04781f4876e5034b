package synopta.core.outcome;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.LifeCurve;
import synopta.core.knowledge.Pack;

/** What a pack expects of the machines of lessons before anything is asked. */
final class Machines {
    private static final double LEAST = 0.0005;
    private static final double MOST = 0.6;
    private static final double YOUNGEST = 0.5;

    private final Pack pack;
    private final Map<String, Fault> faults = new HashMap<>();
    private final Map<String, LifeCurve> lives = new HashMap<>();

    Machines(Pack pack) {
        this.pack = pack;
        pack.faults().forEach(fault -> faults.put(fault.id(), fault));
        pack.partTypes().forEach(type -> lives.put(type.slug(), type.life()));
    }

    /** A prior within what the network takes. */
    static double kept(double prior) {
        return Math.max(LEAST, Math.min(MOST, prior));
    }

    String partTypeOf(Lesson lesson) {
        return faults.get(lesson.fault()).partType();
    }

    private List<Layout> layouts(Lesson lesson) {
        return lesson.layout().flatMap(pack::layout).map(List::of).orElse(pack.layouts());
    }

    /** Whether the machine has a part of the type, as far as is known. */
    boolean has(Lesson lesson, String partType) {
        return layouts(lesson).stream()
                .flatMap(layout -> layout.places().stream())
                .anyMatch(place -> place.partType().equals(partType)
                        && place.fuels().stream().anyMatch(lesson.fuels()::contains));
    }

    /** How likely each fault is to be the one that a machine comes for; adds up to 1. */
    Map<String, Double> shares(Lesson lesson) {
        Map<String, Double> all = new LinkedHashMap<>();
        double machines = 0;
        for (Layout layout : layouts(lesson)) {
            for (Fuel fuel : lesson.fuels()) {
                if (layout.fuels().contains(fuel)) {
                    double share = layout.share() * pack.fuelShares().getOrDefault(fuel, 0.0);
                    machines += share;
                    within(lesson.ageYears(), layout, fuel)
                            .forEach((fault, part) -> all.merge(fault, share * part, Double::sum));
                }
            }
        }
        double sum = machines;
        all.replaceAll((fault, share) -> sum > 0 ? share / sum : 0);
        return all;
    }

    private Map<String, Double> within(OptionalDouble ageYears, Layout layout, Fuel fuel) {
        Map<String, Double> odds = new LinkedHashMap<>();
        for (Fault fault : pack.faults()) {
            if (layout.allows(fault, fuel)) {
                double p = present(fault, ageYears, layout, fuel);
                odds.put(fault.id(), p / (1 - p));
            }
        }
        double sum = odds.values().stream().mapToDouble(o -> o).sum();
        odds.replaceAll((fault, o) -> o / sum);
        return odds;
    }

    /** Of itself, or brought about by another. */
    private double present(Fault fault, OptionalDouble ageYears, Layout layout, Fuel fuel) {
        double absent = 1 - prior(fault, ageYears);
        for (Fault.Cause cause : fault.causedBy()) {
            Fault by = faults.get(cause.fault());
            absent *= layout.allows(by, fuel) ? 1 - cause.strength() * prior(by, ageYears) : 1;
        }
        return 1 - absent;
    }

    private double prior(Fault fault, OptionalDouble ageYears) {
        if (ageYears.isEmpty()) {
            return fault.prior();
        }
        LifeCurve life = lives.get(fault.partType());
        double age = Math.max(YOUNGEST, ageYears.getAsDouble());
        return kept(fault.prior() * life.hazardPerYear(age) / life.hazardPerYear(Pack.REFERENCE_AGE_YEARS));
    }
}
