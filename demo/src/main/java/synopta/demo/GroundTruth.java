package synopta.demo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.ParameterKind;
import synopta.core.outcome.ParameterOverrides;
import synopta.core.outcome.Proposal;

/**
 * How machines of the scenario really fail: a network like the pack's with other figures, from which cases are drawn. The
 * same seed gives the same truth. What it is, only the drawing knows; learning is to come nearer to it.
 */
public final class GroundTruth {
    /** Years by which most machines have come for the first time. */
    private static final double FIRST_VISIT_YEARS = 9;

    /** Spread of the logarithm, or of the log odds, by which a figure differs from the pack's. */
    private static final double RATES_DIFFER = 0.8;

    private static final double ANSWERS_DIFFER = 0.8;
    private static final double LEAKS_DIFFER = 0.6;
    private static final double WORK_DIFFERS = 0.15;
    private static final double MOST = 0.97;
    private static final double MOST_LEAK = 0.15;

    private final Pack truth;
    private final Map<String, Double> work = new HashMap<>();

    private GroundTruth(Pack truth) {
        this.truth = truth;
    }

    /** A truth that differs from this pack. */
    public static GroundTruth of(Pack pack, long seed) {
        Random random = PartTraits.chances(seed, "truth of " + pack.appliance().slug());
        List<Proposal.Learned> figures = new ArrayList<>();
        for (Fault fault : pack.faults()) {
            double prior = fault.prior() * Math.exp(RATES_DIFFER * random.nextGaussian());
            figures.add(learned(pack, ParameterKind.RATE, fault.id(), Math.max(0.001, Math.min(0.3, prior))));
            fault.shows().forEach(link -> figures.add(strength(pack, fault, link, random)));
        }
        for (Finding finding : pack.findings()) {
            for (Finding.Answer answer : finding.answers()) {
                if (answer.leak() > 0) {
                    double leak = Math.min(MOST_LEAK, answer.leak() * Math.exp(LEAKS_DIFFER * random.nextGaussian()));
                    figures.add(learned(pack, ParameterKind.LEAK, finding.id() + "|" + answer.slug(), leak));
                }
            }
        }
        for (MeterTest test : pack.tests()) {
            double sensitivity = Math.max(0.6, Math.min(0.99, moved(test.sensitivity(), random)));
            figures.add(learned(pack, ParameterKind.SENSITIVITY, test.finding().id(), sensitivity));
        }
        GroundTruth truth = new GroundTruth(new ParameterOverrides(figures).over(pack));
        pack.layouts()
                .forEach(layout -> truth.work.put(layout.id(), Math.exp(0.15 + WORK_DIFFERS * random.nextGaussian())));
        return truth;
    }

    private static Proposal.Learned strength(Pack pack, Fault fault, Fault.Link link, Random random) {
        Finding finding = pack.finding(link.finding()).orElseThrow();
        String answer = finding.answers().get(link.level(finding)).slug();
        double others = fault.shows().stream()
                .filter(l -> l != link && l.finding().equals(link.finding()))
                .mapToDouble(l -> Math.max(l.strength(), MOST / 2))
                .sum();
        double strength = Math.min(moved(link.strength(), random), Math.max(0.05, MOST - others));
        return learned(pack, ParameterKind.LINK, String.join("|", fault.id(), finding.id(), answer), strength);
    }

    /** The network itself: it is unknown more of a case than it. */
    public Pack pack() {
        return truth;
    }

    private static Proposal.Learned learned(Pack pack, ParameterKind kind, String subject, double value) {
        return new Proposal.Learned(kind, pack.appliance(), subject, value);
    }

    private static double moved(double probability, Random random) {
        double kept = Math.max(0.02, Math.min(0.98, probability));
        double odds = Math.log(kept / (1 - kept)) + ANSWERS_DIFFER * random.nextGaussian();
        return Math.max(0.03, Math.min(MOST, 1 / (1 + Math.exp(-odds))));
    }

    /** A machine that came: what it was, at what age, and what every finding would answer. */
    public record Drawn(Fault fault, double ageYears, Map<String, String> answers) {}

    /** The first fault of a machine of a layout and fuel: of all that may fail, what does so first. */
    public Drawn draw(Random random, Layout layout, Fuel fuel) {
        double all = 0;
        for (Fault fault : truth.faults()) {
            all += layout.chanceToHave(fault, fuel) * fault.prior();
        }
        Fault first = null;
        double age = Double.POSITIVE_INFINITY;
        for (Fault fault : truth.faults()) {
            if (layout.allows(fault, fuel)) {
                double shape =
                        truth.partType(fault.partType()).orElseThrow().life().shape();
                double share = layout.chanceToHave(fault, fuel) * fault.prior() / all;
                double scale = FIRST_VISIT_YEARS * Math.pow(share, -1 / shape);
                double fails = scale * Math.pow(-Math.log(1 - random.nextDouble()), 1 / shape);
                if (fails < age) {
                    age = fails;
                    first = fault;
                }
            }
        }
        return new Drawn(first, Math.max(0.5, Math.round(2 * age) / 2.0), answers(random, first));
    }

    private Map<String, String> answers(Random random, Fault fault) {
        Map<String, List<Fault.Link>> shown = new HashMap<>();
        truth.links(fault)
                .forEach(link -> shown.computeIfAbsent(link.finding(), f -> new ArrayList<>())
                        .add(link));
        Map<String, String> answers = new LinkedHashMap<>();
        for (Finding finding : truth.questions()) {
            if (!finding.isOfConstruction()) {
                int level = drawn(
                        random,
                        finding.answers().stream()
                                .mapToDouble(Finding.Answer::leak)
                                .toArray());
                double[] strengths = new double[finding.answers().size()];
                shown.getOrDefault(finding.id(), List.of())
                        .forEach(link -> strengths[link.level(finding)] += link.strength());
                level = Math.max(level, drawn(random, strengths));
                answers.put(finding.id(), finding.answers().get(level).slug());
            }
        }
        return answers;
    }

    /** A level above 0 with its probability, or 0. */
    private static int drawn(Random random, double[] chances) {
        double left = random.nextDouble();
        for (int level = 1; level < chances.length; level++) {
            left -= chances[level];
            if (left < 0) {
                return level;
            }
        }
        return 0;
    }

    /** How much longer work on a layout takes than the pack says. */
    public double workTimes(Layout layout) {
        return work.getOrDefault(layout.id(), 1.0);
    }
}
