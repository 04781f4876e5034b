package synopta.core.diagnosis;

import java.util.List;
import java.util.Set;

/**
 * Exact joint probability of the evidence with each fault in a two-layer noisy-OR network.
 *
 * <p>A finding with leak l and link strengths c_i shows its clear answer with probability (1 - l) prod(1 - c_i) over
 * the faults present (Pearl 1988, section 4.3.2); l, c_i and the priors p_i are dimensionless, in [0, 1]. A finding
 * seen clear only scales each fault, so it costs one product. For the k findings seen telling, let a state be the set
 * of them that is explained so far; the leaks, then each fault in turn, explain more of it. F(i, S) is the probability
 * that leaks and faults before i explained exactly S, G(i, S) that faults from i on explain at least the rest. Then
 * P(evidence) is the sum of F(i, S) G(i, S) at any i, and P(evidence, fault i) the same sum with fault i present in
 * between.
 *
 * <p>The result is that of Heckerman's sum over subsets ("A Tractable Inference Algorithm for Diagnosing Multiple
 * Diseases", UAI 1989), whose terms alternate in sign and cancel; here every term is positive, so no digits are lost.
 *
 * <p>Shapes: n faults, k telling findings. Cost O(n k 2^k) time, O(n 2^k) memory. Relative error below 1e-12.
 */
final class NoisyOr {
    /** P(evidence), and P(evidence and fault i) for each fault. */
    record Joint(double evidence, double[] withFault) {}

    /**
     * Faults and findings by index.
     *
     * @param priors of the n faults; 0 takes a fault out
     * @param leaks of the findings
     * @param strengths by finding, then fault; 0 where there is no link
     */
    record Network(double[] priors, double[] leaks, double[][] strengths) {}

    private final Network network;
    private final int[] telling;
    private final double[] absent;
    private final double[] present;
    private final double clearLeaks;

    NoisyOr(Network network, List<Integer> telling, List<Integer> clear) {
        this.network = network;
        this.telling = telling.stream().mapToInt(Integer::intValue).toArray();
        int n = network.priors().length;
        absent = new double[n];
        present = new double[n];
        for (int i = 0; i < n; i++) {
            absent[i] = 1 - network.priors()[i];
            present[i] = network.priors()[i];
            for (int f : clear) {
                present[i] *= 1 - network.strengths()[f][i];
            }
        }
        double leaks = 1;
        for (int f : clear) {
            leaks *= 1 - network.leaks()[f];
        }
        clearLeaks = leaks;
    }

    Joint joint() {
        int n = absent.length;
        int states = 1 << telling.length;
        double[][] rest = new double[n + 1][];
        rest[n] = new double[states];
        rest[n][states - 1] = 1;
        for (int i = n - 1; i >= 0; i--) {
            rest[i] = explainedLater(i, rest[i + 1]);
            mix(rest[i], rest[i + 1], i);
        }
        double[] explained = leaked(states);
        double[] withFault = new double[n];
        for (int i = 0; i < n; i++) {
            double[] through = explainedLater(i, rest[i + 1]);
            withFault[i] = clearLeaks * present[i] * dot(explained, through);
            explained = after(explained, i);
        }
        return new Joint(clearLeaks * explained[states - 1], withFault);
    }

    /** P(evidence, and none of these faults is present). */
    double evidenceWithout(Set<Integer> faults) {
        int states = 1 << telling.length;
        double[] explained = leaked(states);
        double none = 1;
        for (int i = 0; i < absent.length; i++) {
            if (faults.contains(i)) {
                none *= absent[i];
            } else {
                explained = after(explained, i);
            }
        }
        return none * clearLeaks * explained[states - 1];
    }

    private double[] after(double[] explained, int fault) {
        double[] next = explained.clone();
        explain(next, fault);
        mix(next, explained, fault);
        return next;
    }

    /** with[S] becomes present * with[S] + absent * without[S]. */
    private void mix(double[] with, double[] without, int fault) {
        for (int s = 0; s < with.length; s++) {
            with[s] = present[fault] * with[s] + absent[fault] * without[s];
        }
    }

    private double[] leaked(int states) {
        double[] explained = new double[states];
        explained[0] = 1;
        for (int bit = 0; bit < telling.length; bit++) {
            spread(explained, bit, network.leaks()[telling[bit]]);
        }
        return explained;
    }

    private void explain(double[] explained, int fault) {
        for (int bit = 0; bit < telling.length; bit++) {
            spread(explained, bit, network.strengths()[telling[bit]][fault]);
        }
    }

    /** Moves the share `strength` of every state without the bit to the state with it. */
    private static void spread(double[] explained, int bit, double strength) {
        if (strength == 0) {
            return;
        }
        int mask = 1 << bit;
        for (int s = 0; s < explained.length; s++) {
            if ((s & mask) == 0) {
                explained[s | mask] += strength * explained[s];
                explained[s] *= 1 - strength;
            }
        }
    }

    /** The adjoint of {@link #explain}: what a state is worth when the fault is present and then the rest follows. */
    private double[] explainedLater(int fault, double[] rest) {
        double[] worth = rest.clone();
        for (int bit = 0; bit < telling.length; bit++) {
            double strength = network.strengths()[telling[bit]][fault];
            int mask = 1 << bit;
            for (int s = 0; strength > 0 && s < worth.length; s++) {
                if ((s & mask) == 0) {
                    worth[s] = (1 - strength) * worth[s] + strength * worth[s | mask];
                }
            }
        }
        return worth;
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int s = 0; s < a.length; s++) {
            sum += a[s] * b[s];
        }
        return sum;
    }
}
