package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;

/**
 * Exact joint probability of what is known with each fault, in a network of faults that may stand together.
 *
 * <p>Faults are gone through one after another, causes first. A vector holds, for every state ({@link Transition}), the
 * probability that leaks and the faults so far led to it; a second, from behind, what a state is worth: the probability
 * that the faults still to come make it what is known. P(known) is their product summed over states, at any place;
 * P(known, fault) the same with the fault's step restricted to its being present. Faults that all machines share are
 * gone through once, for the mixture of what the machine may be; faults that hang on the kind of one thing (rollers or
 * glides) are gone through for each kind, and the kinds are then added up by their shares ({@link KindStep}).
 *
 * <p>The result is that of Heckerman's sum over subsets ("A Tractable Inference Algorithm for Diagnosing Multiple
 * Diseases", UAI 1989), whose terms alternate in sign and cancel; here every term is positive, so no digits are lost.
 *
 * <p>Shapes: n faults, k telling or uncertain findings, c consequences under way at once, s = 2^(k+c) states. O(n s)
 * memory, O(n k s) time, times the variants for the faults that differ. Relative error below 1e-12.
 */
final class Inference {
    private final Network network;
    private final int[] order;
    private final int shared;
    private final List<FaultStep[]> steps = new ArrayList<>();
    private final double[][][] before;
    private final double[][][] worth;
    private final int[] place;

    /** For every fault. */
    Inference(Network network, List<Observation> known) {
        this(network, known, fault -> true);
    }

    /** For the faults that are wanted: consequences that are neither wanted nor show in what is known are left out. */
    Inference(Network network, List<Observation> known, IntPredicate wanted) {
        this.network = restricted(network, known, wanted);
        order = this.network.order();
        shared = this.network.differing();
        place = new int[network.faults()];
        for (int i = 0; i < order.length; i++) {
            place[order[i]] = i;
        }
        StateSpace states = new StateSpace(this.network, known, wanted);
        int variants = this.network.variants().size();
        before = new double[variants][order.length + 1][];
        worth = new double[variants][order.length + 1][];
        Transition[] all = states.steps();
        for (Network.Variant variant : this.network.variants()) {
            steps.add(states.steps(all, variant));
        }
        forward(states);
        backward(states);
    }

    /** With the faults that are wanted, that show in what is known, or that cause one of these. */
    private static Network restricted(Network network, List<Observation> known, IntPredicate wanted) {
        boolean[] relevant = new boolean[network.faults()];
        int[] order = network.order();
        boolean all = true;
        for (int i = order.length - 1; i >= 0; i--) {
            int fault = order[i];
            relevant[fault] |=
                    wanted.test(fault) || known.stream().anyMatch(o -> network.effects()[o.finding()][fault] != null);
            double[] causes = relevant[fault] ? network.causes()[fault] : null;
            for (int cause = 0; causes != null && cause < causes.length; cause++) {
                relevant[cause] |= causes[cause] > 0;
            }
            all &= relevant[fault];
        }
        return all ? network : network.only(relevant);
    }

    /** Up to where the variants differ each by itself, from there all of them as one. */
    private void forward(StateSpace states) {
        double[] mixed = null;
        for (int v = 0; v < before.length; v++) {
            before[v][0] = states.first();
            for (int i = 0; i < shared; i++) {
                before[v][i + 1] = steps.get(v)[i].apply(before[v][i], FaultStep.Part.BOTH);
            }
            mixed = mixed(mixed, before[v][shared], network.variants().get(v).share());
        }
        before[0][shared] = mixed;
        for (int i = shared; i < order.length; i++) {
            before[0][i + 1] = steps.get(0)[i].apply(before[0][i], FaultStep.Part.BOTH);
        }
    }

    private void backward(StateSpace states) {
        worth[0][order.length] = states.last();
        for (int i = order.length - 1; i >= shared; i--) {
            worth[0][i] = steps.get(0)[i].applyAdjoint(worth[0][i + 1]);
        }
        for (int v = 0; v < worth.length; v++) {
            worth[v][shared] = worth[0][shared];
            for (int i = shared - 1; i >= 0; i--) {
                worth[v][i] = steps.get(v)[i].applyAdjoint(worth[v][i + 1]);
            }
        }
    }

    private static double[] mixed(double[] sum, double[] more, double share) {
        double[] mixed = sum == null ? new double[more.length] : sum;
        for (int s = 0; s < more.length; s++) {
            mixed[s] += share * more[s];
        }
        return mixed;
    }

    /** P(known). */
    double known() {
        return dot(before[0][order.length], worth[0][order.length]);
    }

    /** P(known, fault present), by fault; all must be wanted. */
    double[] withFault() {
        double[] with = new double[network.faults()];
        for (int fault = 0; fault < with.length; fault++) {
            with[fault] = with(fault);
        }
        return with;
    }

    private double with(int fault) {
        int i = place[fault];
        if (i >= shared) {
            return dot(steps.get(0)[i].apply(before[0][i], FaultStep.Part.PRESENT), worth[0][i + 1]);
        }
        double with = 0;
        for (int v = 0; v < steps.size(); v++) {
            FaultStep step = steps.get(v)[i];
            if (!step.isBarred()) {
                double share = network.variants().get(v).share();
                with += share * dot(step.apply(before[v][i], FaultStep.Part.PRESENT), worth[v][i + 1]);
            }
        }
        return with;
    }

    /** P(known, at least one of the faults present), by set of wanted faults. */
    double[] withAny(Collection<Set<Integer>> sets) {
        double all = known();
        double[] with = new double[sets.size()];
        int next = 0;
        for (Set<Integer> set : sets) {
            with[next++] = set.size() == 1 ? with(set.iterator().next()) : Math.max(0, all - withNone(set));
        }
        return with;
    }

    private double withNone(Set<Integer> set) {
        int first = set.stream().mapToInt(f -> place[f]).min().orElseThrow();
        int last = set.stream().mapToInt(f -> place[f]).max().orElseThrow();
        double none = 0;
        double[] mixed = null;
        for (int v = 0; first < shared && v < steps.size(); v++) {
            double[] vector = run(set, v, before[v][first], first, Math.min(last + 1, shared));
            double share = network.variants().get(v).share();
            if (last < shared) {
                none += share * dot(vector, worth[v][last + 1]);
            } else {
                mixed = mixed(mixed, vector, share);
            }
        }
        if (last < shared) {
            return none;
        }
        double[] from = first < shared ? mixed : before[0][first];
        return dot(run(set, 0, from, Math.max(first, shared), last + 1), worth[0][last + 1]);
    }

    private double[] run(Set<Integer> absent, int variant, double[] from, int first, int end) {
        double[] vector = from;
        for (int i = first; i < end; i++) {
            FaultStep.Part part = absent.contains(order[i]) ? FaultStep.Part.ABSENT : FaultStep.Part.BOTH;
            vector = steps.get(variant)[i].apply(vector, part);
        }
        return vector;
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int s = 0; s < a.length; s++) {
            sum += a[s] * b[s];
        }
        return sum;
    }
}
