package synopta.core.diagnosis;

import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NoisyOrTest {
    /** Sums over every combination of faults: the definition, written apart from the code under test. */
    static NoisyOr.Joint enumerated(NoisyOr.Network network, List<Integer> telling, List<Integer> clear) {
        int n = network.priors().length;
        double evidence = 0;
        double[] withFault = new double[n];
        for (int faults = 0; faults < 1 << n; faults++) {
            double p = 1;
            for (int i = 0; i < n; i++) {
                p *= (faults >> i & 1) == 1 ? network.priors()[i] : 1 - network.priors()[i];
            }
            for (int f : clear) {
                p *= absent(network, f, faults);
            }
            for (int f : telling) {
                p *= 1 - absent(network, f, faults);
            }
            evidence += p;
            for (int i = 0; i < n; i++) {
                withFault[i] += (faults >> i & 1) == 1 ? p : 0;
            }
        }
        return new NoisyOr.Joint(evidence, withFault);
    }

    private static double absent(NoisyOr.Network network, int finding, int faults) {
        double absent = 1 - network.leaks()[finding];
        for (int i = 0; i < network.priors().length; i++) {
            absent *= (faults >> i & 1) == 1 ? 1 - network.strengths()[finding][i] : 1;
        }
        return absent;
    }

    static NoisyOr.Network random(Random random, int faults, int findings) {
        double[][] strengths = new double[findings][faults];
        for (double[] row : strengths) {
            for (int i = 0; i < faults; i++) {
                row[i] = random.nextInt(3) == 0 ? 0 : random.nextInt(8) == 0 ? 1 : random.nextDouble();
            }
        }
        return new NoisyOr.Network(
                random.doubles(faults).map(p -> p * p).toArray(),
                random.doubles(findings, 0.001, 0.3).toArray(),
                strengths);
    }

    @Test
    public void posteriorsEqualTheSumOverAllCombinationsOfFaults() {
        Random random = new Random(11);
        for (int round = 0; round < 300; round++) {
            int faults = 1 + random.nextInt(10);
            int findings = random.nextInt(9);
            NoisyOr.Network network = random(random, faults, findings);
            List<Integer> telling = new ArrayList<>();
            List<Integer> clear = new ArrayList<>();
            for (int f = 0; f < findings; f++) {
                int answer = random.nextInt(3);
                (answer == 0 ? telling : answer == 1 ? clear : new ArrayList<Integer>()).add(f);
            }
            NoisyOr.Joint expected = enumerated(network, telling, clear);
            NoisyOr.Joint joint = new NoisyOr(network, telling, clear).joint();
            assertEquals(joint.evidence(), expected.evidence(), 1e-12 * expected.evidence() + 1e-300);
            for (int i = 0; i < faults; i++) {
                assertEquals(
                        joint.withFault()[i] / joint.evidence(),
                        expected.withFault()[i] / expected.evidence(),
                        1e-9,
                        "round %d fault %d".formatted(round, i));
            }
        }
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
        NoisyOr.Network network = new NoisyOr.Network(
                new double[] {cold, flu, malaria}, new double[] {0}, new double[][] {{0.4, 0.8, 0.9}});
        assertEquals(new NoisyOr(network, List.of(), List.of(0)).joint().evidence(), noFever, 1e-9, what);
        assertEquals(new NoisyOr(network, List.of(0), List.of()).joint().evidence(), 1 - noFever, 1e-9, what);
    }

    /** An instance of our own, worked out beforehand by enumeration; no printed value. */
    @DataProvider(name = "own instance, derived by enumeration")
    Object[][] derived() {
        return new Object[][] {
            {"fever alone, P(flu)", List.of(0), List.<Integer>of(), 1, 0.05 * (1 - 0.2 * 0.96 * 0.991) / 0.0866944},
            {"fever alone, P(malaria)", List.of(0), List.<Integer>of(), 2, 0.104717259708},
            {"fever, no chills, P(flu)", List.of(0), List.of(1), 1, 0.303736996478},
            {"fever and chills, P(malaria)", List.of(0, 1), List.<Integer>of(), 2, 0.188073023783},
        };
    }

    @Test(dataProvider = "own instance, derived by enumeration")
    public void theWorkedInstanceComesOut(
            String what, List<Integer> telling, List<Integer> clear, int fault, double posterior) {
        NoisyOr.Network network = new NoisyOr.Network(
                new double[] {0.1, 0.05, 0.01}, new double[] {0, 0}, new double[][] {{0.4, 0.8, 0.9}, {0.1, 0.6, 0.7}});
        NoisyOr.Joint joint = new NoisyOr(network, telling, clear).joint();
        assertEquals(joint.withFault()[fault] / joint.evidence(), posterior, 1e-11, what);
        if (clear.isEmpty() && telling.size() == 1) {
            assertEquals(joint.evidence(), 0.0866944, 1e-12);
        }
    }

    /** With 16 unlikely signs that only leaks explain, a sum of alternating terms near 1 would lose every digit. */
    @Test
    public void manyUnlikelySignsLoseNoDigits() {
        int signs = Diagnoser.MOST_TELLING;
        double[] leaks = new double[signs];
        double[][] strengths = new double[signs][1];
        List<Integer> telling = new ArrayList<>();
        for (int f = 0; f < signs; f++) {
            leaks[f] = 1e-3;
            strengths[f][0] = f == 0 ? 0.5 : 0;
            telling.add(f);
        }
        NoisyOr.Joint joint =
                new NoisyOr(new NoisyOr.Network(new double[] {0.01}, leaks, strengths), telling, List.of()).joint();
        double first = 0.99 * 1e-3 + 0.01 * (1 - 0.999 * 0.5);
        assertEquals(joint.evidence() / (first * Math.pow(1e-3, signs - 1)), 1, 1e-12);
        assertEquals(joint.withFault()[0] / joint.evidence(), 0.01 * (1 - 0.999 * 0.5) / first, 1e-12);
    }
}
