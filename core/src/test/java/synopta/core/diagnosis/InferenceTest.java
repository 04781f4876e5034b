package synopta.core.diagnosis;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class InferenceTest {
    private static Observation any(Random random, Network network, int finding) {
        int levels = network.leaks()[finding].length;
        return switch (random.nextInt(4)) {
            case 0 -> Observation.at(finding, levels, random.nextInt(levels));
            case 1 -> Observation.upTo(finding, levels, random.nextInt(levels));
            default -> new Observation(finding, random.doubles(levels, 0.05, 1).toArray());
        };
    }

    /** Faults that cause one another, several answers a finding, sure and uncertain, and machines of several kinds. */
    @Test
    public void posteriorsEqualTheSumOverAllCombinationsOfFaults() {
        Random random = new Random(11);
        for (int round = 0; round < 500; round++) {
            int faults = 2 + random.nextInt(round % 10 == 0 ? 11 : 8);
            int findings = random.nextInt(7);
            Network network = Enumeration.random(random, faults, findings, 4, true);
            List<Observation> known = new ArrayList<>();
            for (int f = 0; f < findings; f++) {
                if (random.nextInt(4) > 0) {
                    known.add(any(random, network, f));
                }
            }
            Enumeration expected = Enumeration.of(network, known);
            if (expected.known() < 1e-12) {
                continue;
            }
            Inference inference = new Inference(network, known);
            assertEquals(inference.known(), expected.known(), 1e-10 * expected.known());
            for (int i = 0; i < faults; i++) {
                assertEquals(
                        inference.withFault()[i] / inference.known(),
                        expected.withFault()[i] / expected.known(),
                        1e-9,
                        "round %d fault %d".formatted(round, i));
            }
            double any = inference.withAny(List.of(Set.of(0, 1)))[0];
            assertEquals(any / inference.known(), expected.withFirstTwo() / expected.known(), 1e-9);
        }
    }

    private static Network plain(double[] priors, double[][] strengths) {
        double[][] leaks = new double[strengths.length][];
        double[][][] effects = new double[strengths.length][priors.length][];
        for (int f = 0; f < strengths.length; f++) {
            leaks[f] = new double[] {1, 0};
            for (int i = 0; i < priors.length; i++) {
                effects[f][i] = new double[] {1 - strengths[f][i], strengths[f][i]};
            }
        }
        boolean[] allowed = new boolean[priors.length];
        Arrays.fill(allowed, true);
        return new Network(
                priors, leaks, effects, new double[priors.length][], List.of(new Network.Variant(1, allowed)));
    }

    private static Observation seen(int finding) {
        return Observation.at(finding, 2, 1);
    }

    private static Observation clear(int finding) {
        return Observation.at(finding, 2, 0);
    }

    /** Russell and Norvig, Artificial Intelligence, 3rd ed., figure 14.10, from memory: inhibitions .6, .2, .1. */
    @DataProvider(name = "Russell and Norvig 3e, figure 14.10, from memory")
    Object[][] fever() {
        return new Object[][] {
            {"none", 0, 0, 0, 1.0},
            {"malaria only", 0, 0, 1, 0.1},
            {"flu only", 0, 1, 0, 0.2},
            {"flu and malaria", 0, 1, 1, 0.02},
            {"cold only", 1, 0, 0, 0.6},
            {"cold and malaria", 1, 0, 1, 0.06},
            {"cold and flu", 1, 1, 0, 0.12},
            {"all three", 1, 1, 1, 0.012},
        };
    }

    @Test(dataProvider = "Russell and Norvig 3e, figure 14.10, from memory")
    public void noFeverHasTheProbabilityOfTheTextbook(String what, int cold, int flu, int malaria, double noFever) {
        Network network = plain(new double[] {cold, flu, malaria}, new double[][] {{0.4, 0.8, 0.9}});
        assertEquals(new Inference(network, List.of(clear(0))).known(), noFever, 1e-9, what);
        assertEquals(new Inference(network, List.of(seen(0))).known(), 1 - noFever, 1e-9, what);
    }

    /** An instance of our own, worked out beforehand by enumeration; no printed value. */
    @DataProvider(name = "own instance, derived by enumeration")
    Object[][] derived() {
        return new Object[][] {
            {"fever alone, P(flu)", List.of(seen(0)), 1, 0.05 * (1 - 0.2 * 0.96 * 0.991) / 0.0866944},
            {"fever alone, P(malaria)", List.of(seen(0)), 2, 0.104717259708},
            {"fever, no chills, P(flu)", List.of(seen(0), clear(1)), 1, 0.303736996478},
            {"fever and chills, P(malaria)", List.of(seen(0), seen(1)), 2, 0.188073023783},
        };
    }

    @Test(dataProvider = "own instance, derived by enumeration")
    public void theWorkedInstanceComesOut(String what, List<Observation> known, int fault, double posterior) {
        Network network = plain(new double[] {0.1, 0.05, 0.01}, new double[][] {{0.4, 0.8, 0.9}, {0.1, 0.6, 0.7}});
        Inference inference = new Inference(network, known);
        assertEquals(inference.withFault()[fault] / inference.known(), posterior, 1e-11, what);
        if (known.size() == 1) {
            assertEquals(inference.known(), 0.0866944, 1e-12);
        }
    }

    /** A vent that blows a fuse, worked by hand: the fuse alone shows the sign. */
    @Test
    public void aFaultThatCausesAnotherIsFoundThroughIt() {
        double[][] leaks = {{1, 0}};
        double[][][] effects = {{null, {0.25, 0.75}}};
        Network network = new Network(
                new double[] {0.1, 0.02},
                leaks,
                effects,
                new double[][] {null, {0.6, 0}},
                List.of(new Network.Variant(1, new boolean[] {true, true})));
        Inference inference = new Inference(network, List.of(seen(0)));
        double fuse = 0.1 * (1 - 0.98 * 0.4) + 0.9 * 0.02;
        assertEquals(inference.known(), 0.75 * fuse, 1e-12);
        assertEquals(inference.withFault()[0] / inference.known(), 0.1 * (1 - 0.98 * 0.4) / fuse, 1e-12);
        assertEquals(inference.withFault()[1] / inference.known(), 1, 1e-12, "nothing else shows the sign");
    }

    /** With 12 unlikely signs that only leaks explain, a sum of alternating terms near 1 would lose every digit. */
    @Test
    public void manyUnlikelySignsLoseNoDigits() {
        int signs = 12;
        double[][] leaks = new double[signs][];
        double[][][] effects = new double[signs][1][];
        List<Observation> known = new ArrayList<>();
        for (int f = 0; f < signs; f++) {
            leaks[f] = new double[] {1 - 1e-3, 1e-3};
            effects[f][0] = f == 0 ? new double[] {0.5, 0.5} : null;
            known.add(seen(f));
        }
        Network network = new Network(
                new double[] {0.01}, leaks, effects, new double[1][], List.of(new Network.Variant(1, new boolean[] {true
                })));
        Inference inference = new Inference(network, known);
        double first = 0.99 * 1e-3 + 0.01 * (1 - 0.999 * 0.5);
        assertEquals(inference.known() / (first * Math.pow(1e-3, signs - 1)), 1, 1e-12);
        assertEquals(inference.withFault()[0] / inference.known(), 0.01 * (1 - 0.999 * 0.5) / first, 1e-12);
    }

    @Test
    public void whatCannotBeTrueAtOnceIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> seen(0).and(clear(0)));
    }
}
