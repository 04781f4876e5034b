package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Faults, what they bring about, and the machines they may be in, by index. All figures are probabilities.
 *
 * <p>A finding takes the highest level that a leak or a present fault brings about: noisy-MAX (Henrion 1989; Diez,
 * "Parameter adjustment in Bayes networks: the generalized noisy OR-gate", UAI 1993), which with two levels is noisy-OR
 * (Pearl 1988, section 4.3.2). A fault is present of itself with its prior, or through a present cause, each by
 * itself.
 *
 * @param priors of the n faults
 * @param leaks by finding: over its levels, adding up to 1
 * @param effects by finding, then fault: over the levels, adding up to 1; null where there is no link
 * @param causes by fault, then cause: strength; null where a fault has no cause
 * @param variants the machines it may be; shares add up to 1
 */
record Network(double[] priors, double[][] leaks, double[][][] effects, double[][] causes, List<Variant> variants) {
    /** A machine it may be, which can have the faults that are allowed. */
    record Variant(double share, boolean[] allowed) {}

    int faults() {
        return priors.length;
    }

    boolean isConsequence(int fault) {
        return causes[fault] != null;
    }

    /** Whether all variants, or none, can have the fault. */
    private boolean isCommon(int fault) {
        boolean first = variants.get(0).allowed[fault];
        return variants.stream().allMatch(v -> v.allowed[fault] == first);
    }

    /** Faults in an order in which causes come first, and those that differ between variants as early as that allows. */
    int[] order() {
        Set<Integer> placed = new HashSet<>();
        List<Integer> order = new ArrayList<>();
        for (int pass = 0; pass < 2; pass++) {
            for (int fault = 0; fault < faults(); fault++) {
                if (pass == 1 || !isCommon(fault)) {
                    place(fault, placed, order);
                }
            }
        }
        return order.stream().mapToInt(Integer::intValue).toArray();
    }

    /** How many of the order must be gone through for each variant. */
    int differing(int[] order) {
        for (int i = order.length; i > 0; i--) {
            if (!isCommon(order[i - 1])) {
                return i;
            }
        }
        return 0;
    }

    private void place(int fault, Set<Integer> placed, List<Integer> order) {
        if (!placed.add(fault)) {
            return;
        }
        for (int cause = 0; isConsequence(fault) && cause < faults(); cause++) {
            if (causes[fault][cause] > 0) {
                place(cause, placed, order);
            }
        }
        order.add(fault);
    }
}
