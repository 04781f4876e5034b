package synopta.core.knowledge;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;

/**
 * All that is known of one appliance. Sound by construction of {@link PackCheck}, which the loader asks.
 *
 * @param fuelShares how often each fuel is met; adds up to 1
 */
public record Pack(
        Appliance appliance,
        Map<Fuel, Double> fuelShares,
        List<PartType> partTypes,
        List<Fault> faults,
        List<Finding> findings,
        List<MeterTest> tests,
        List<Caution> cautions,
        List<Layout> layouts) {
    /** The age for which the priors of faults are stated, in years. */
    public static final double REFERENCE_AGE_YEARS = 8;

    /** Copies. */
    public Pack {
        fuelShares = Map.copyOf(fuelShares);
        partTypes = List.copyOf(partTypes);
        faults = List.copyOf(faults);
        findings = List.copyOf(findings);
        tests = List.copyOf(tests);
        cautions = List.copyOf(cautions);
        layouts = List.copyOf(layouts);
    }

    /** The part type of a slug. */
    public Optional<PartType> partType(String slug) {
        return partTypes.stream().filter(t -> t.slug().equals(slug)).findFirst();
    }

    /** The fault of an id. */
    public Optional<Fault> fault(String id) {
        return faults.stream().filter(f -> f.id().equals(id)).findFirst();
    }

    /** The finding of an id; a test is one too. */
    public Optional<Finding> finding(String id) {
        return findings.stream().filter(f -> f.id().equals(id)).findFirst().or(() -> test(id).map(MeterTest::finding));
    }

    /** The test of an id. */
    public Optional<MeterTest> test(String id) {
        return tests.stream().filter(t -> t.finding().id().equals(id)).findFirst();
    }

    /** The layout of an id. */
    public Optional<Layout> layout(String id) {
        return layouts.stream().filter(l -> l.id().equals(id)).findFirst();
    }
}
