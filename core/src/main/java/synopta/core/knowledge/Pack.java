package synopta.core.knowledge;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.quantity.Ordered;

/**
 * All that is known of one appliance. Sound by construction of {@link PackCheck}, which the loader asks.
 *
 * @param appliance kind of machine
 * @param fuelShares how often each fuel is met; adds up to 1
 * @param partTypes part types of the appliance
 * @param faults faults of the appliance
 * @param findings findings that can be asked or measured
 * @param tests meter tests
 * @param circuits circuits that a dead machine may have open
 * @param sameWords words that callers use for one another; the first of each group stands for all
 * @param rights what to answer those who doubt a right part
 * @param cautions cautions that apply, gravest first
 * @param layouts constructions of the appliance
 * @param replacement what a new machine costs, where that was judged
 * @param identification what tells machines and parts apart by looking and measuring
 * @param jobs work that is asked for as a whole
 */
public record Pack(
        Appliance appliance,
        Map<Fuel, Double> fuelShares,
        List<PartType> partTypes,
        List<Fault> faults,
        List<Finding> findings,
        List<MeterTest> tests,
        List<Circuit> circuits,
        List<List<String>> sameWords,
        List<StandardAnswer> rights,
        List<Caution> cautions,
        List<Layout> layouts,
        @Nullable ReplacementMachine replacement,
        Identification identification,
        List<Job> jobs) {
    /** The age for which the priors of faults are stated, in years. */
    public static final double REFERENCE_AGE_YEARS = 8;

    /** How often a part is asked for by name though it is sound; our judgment, as is the next. */
    private static final double ASKED_ANYWAY = 0.10;

    /** How much oftener when it has failed: little, as callers name the wrong part about as often as the right one. */
    private static final double ASKED_WHEN_FAILED = 0.15;

    private static final double LEAST_PRIOR = 0.0005;
    private static final double MOST_PRIOR = 0.6;

    /** Younger machines are taken to be this old: a rate of failure may be nought at age 0. */
    private static final double YOUNGEST_YEARS = 0.5;

    private static final Basis JUDGED = new Basis("authored");
    private static final String YES = "yes";

    /** Copies. */
    public Pack {
        fuelShares = Ordered.map(fuelShares);
        partTypes = List.copyOf(partTypes);
        faults = List.copyOf(faults);
        findings = List.copyOf(findings);
        tests = List.copyOf(tests);
        circuits = List.copyOf(circuits);
        sameWords = sameWords.stream().map(List::copyOf).toList();
        rights = List.copyOf(rights);
        cautions = List.copyOf(cautions);
        layouts = List.copyOf(layouts);
        jobs = List.copyOf(jobs);
    }

    /** The part type of a slug. */
    public Optional<PartType> partType(String slug) {
        return partTypes.stream().filter(t -> t.slug().equals(slug)).findFirst();
    }

    /** The fault of an id. */
    public Optional<Fault> fault(String id) {
        return faults.stream().filter(f -> f.id().equals(id)).findFirst();
    }

    /** A prior within what is believed of any fault. */
    public static double bounded(double prior) {
        return Math.max(LEAST_PRIOR, Math.min(MOST_PRIOR, prior));
    }

    /** How likely a fault is at an age, by the life of its part type; as the pack states it where the age is not known. */
    public double prior(Fault fault, @Nullable Double ageYears) {
        if (ageYears == null || fault.isMechanism()) {
            return fault.prior();
        }
        LifeCurve life = partType(fault.partType()).orElseThrow().life();
        double ratio = life.hazardPerYear(Math.max(YOUNGEST_YEARS, ageYears)) / life.hazardPerYear(REFERENCE_AGE_YEARS);
        return bounded(fault.prior() * ratio);
    }

    /** The finding of an id; a test is one too, and so is that a part was asked for. */
    public Optional<Finding> finding(String id) {
        return findings.stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .or(() -> test(id).map(MeterTest::finding))
                .or(() -> partTypes.stream()
                        .filter(t -> t.requestFinding().equals(id))
                        .findFirst()
                        .map(Pack::asked));
    }

    /** The test of an id. */
    public Optional<MeterTest> test(String id) {
        return tests.stream().filter(t -> t.finding().id().equals(id)).findFirst();
    }

    /** The words that several part types bear, in the order of the alphabet, each with those part types. */
    public SortedMap<String, List<PartType>> wordsOfSeveralMeanings() {
        SortedMap<String, List<PartType>> words = new TreeMap<>();
        for (PartType type : partTypes) {
            Stream.concat(Stream.of(type.name()), type.called().stream())
                    .distinct()
                    .forEach(word ->
                            words.computeIfAbsent(word, w -> new ArrayList<>()).add(type));
        }
        words.values().removeIf(types -> types.size() < 2);
        return words;
    }

    /** What may be in a machine of these layouts and fuels; kits and what else has no place anywhere, too. */
    public Set<String> partTypesIn(Collection<Layout> among, Set<Fuel> fuels) {
        Set<String> placed = layouts.stream()
                .flatMap(l -> l.places().stream())
                .map(Layout.Place::partType)
                .collect(Collectors.toSet());
        Set<String> here = among.stream()
                .flatMap(l -> l.places().stream())
                .filter(place -> place.fuels().stream().anyMatch(fuels::contains))
                .map(Layout.Place::partType)
                .collect(Collectors.toSet());
        return partTypes.stream()
                .map(PartType::slug)
                .filter(slug -> here.contains(slug) || !placed.contains(slug))
                .collect(Collectors.toSet());
    }

    /** The layout of an id. */
    public Optional<Layout> layout(String id) {
        return layouts.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    /** What can be asked, looked at or measured: findings, then tests. */
    public List<Finding> questions() {
        return Stream.concat(findings.stream(), tests.stream().map(MeterTest::finding))
                .toList();
    }

    /** The findings that a part was asked for by its name: weak evidence, never a question. */
    public List<Finding> requests() {
        return partTypes.stream().map(Pack::asked).toList();
    }

    private static Finding asked(PartType type) {
        return new Finding(
                type.requestFinding(),
                "Did the caller request the %s?".formatted(type.name()),
                null,
                List.of(
                        Finding.Answer.plain("no", "Not requested: " + type.name(), 0),
                        Finding.Answer.plain(YES, "Requested: " + type.name(), ASKED_ANYWAY)),
                0.1,
                Finding.Who.CUSTOMER,
                null,
                Set.of(),
                JUDGED,
                List.of());
    }

    /** Part types of the faults that a test finds. */
    public Set<String> partTypes(MeterTest test) {
        return test.finds().stream()
                .flatMap(id -> fault(id).stream())
                .map(Fault::partType)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** All that a fault brings about: its own links, those of circuits and tests, and being asked for. */
    public List<Fault.Link> links(Fault fault) {
        List<Fault.Link> links = new ArrayList<>(fault.shows());
        for (Circuit circuit : circuits) {
            if (circuit.open().contains(fault.id())) {
                links.add(new Fault.Link(circuit.finding(), circuit.answer(), circuit.strength(), circuit.basis()));
            }
        }
        for (MeterTest test : tests) {
            if (test.finds().contains(fault.id())) {
                links.add(new Fault.Link(
                        test.finding().id(),
                        MeterTest.BAD,
                        test.strength(),
                        test.finding().basis()));
            }
        }
        partType(fault.partType())
                .ifPresent(t -> links.add(new Fault.Link(t.requestFinding(), YES, ASKED_WHEN_FAILED, JUDGED)));
        return links;
    }
}
