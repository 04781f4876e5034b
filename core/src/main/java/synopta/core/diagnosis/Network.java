package synopta.core.diagnosis;

import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Faults, what they bring about, and the machines they may be in, by index. All figures are probabilities.
 *
 * <p>A finding takes the highest level that a leak or a present fault brings about: noisy-MAX (Henrion 1989; Diez,
 * "Parameter adjustment in Bayes networks: the generalized noisy OR-gate", UAI 1993), which with two levels is noisy-OR
 * (Pearl 1988, section 4.3.2). A fault is present of itself with its prior, or through a present cause, each by
 * itself.
 */
final class Network {
    private final double[] priors;
    private final double[][] leaks;
    private final double[][][] effects;
    private final double[][] causes;
    private final List<Variant> variants;
    private final int[] order;

    Network(double[] priors, double[][] leaks, double[][][] effects, double[][] causes, List<Variant> variants) {
        this.priors = priors;
        this.leaks = leaks;
        this.effects = effects;
        this.causes = causes;
        this.variants = List.copyOf(variants);
        order = placed();
    }

    /** A machine it may be, which can have the faults that are allowed. */
    record Variant(double share, boolean[] allowed) {}

    int faults() {
        return priors.length;
    }

    /** Of the n faults. */
    double[] priors() {
        return priors;
    }

    /** By finding: over its levels, adding up to 1. */
    double[][] leaks() {
        return leaks;
    }

    /** By finding, then fault: over the levels, adding up to 1; null where there is no link. */
    double[][][] effects() {
        return effects;
    }

    /** By fault, then cause: strength; null where a fault has no cause. */
    double[][] causes() {
        return causes;
    }

    /** The machines it may be; shares add up to 1, or to the probability of what is known of the construction. */
    List<Variant> variants() {
        return variants;
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
        return order;
    }

    private int[] placed() {
        Set<Integer> placed = new HashSet<>();
        Set<Integer> done = new LinkedHashSet<>();
        for (int pass = 0; pass < 2; pass++) {
            for (int fault = 0; fault < faults(); fault++) {
                if (pass == 1 || !isCommon(fault)) {
                    place(fault, placed, done);
                }
            }
        }
        return done.stream().mapToInt(Integer::intValue).toArray();
    }

    /** How many of the order must be gone through for each variant. */
    int differing() {
        for (int i = order.length; i > 0; i--) {
            if (!isCommon(order[i - 1])) {
                return i;
            }
        }
        return 0;
    }

    /** Places a fault after its causes, and what it causes soon after it: few consequences are then under way at once. */
    private void place(int fault, Set<Integer> placed, Collection<Integer> done) {
        if (!placed.add(fault)) {
            return;
        }
        for (int cause = 0; isConsequence(fault) && cause < faults(); cause++) {
            if (causes[fault][cause] > 0) {
                place(cause, placed, done);
            }
        }
        done.add(fault);
        for (int consequence = 0; consequence < faults(); consequence++) {
            boolean caused = isConsequence(consequence) && causes[consequence][fault] > 0;
            if (caused && !placed.contains(consequence) && isFree(consequence, placed, done)) {
                place(consequence, placed, done);
            }
        }
    }

    /** Whether none of the faults that lead to it is being placed just now. */
    private boolean isFree(int fault, Set<Integer> placed, Collection<Integer> done) {
        for (int cause = 0; isConsequence(fault) && cause < faults(); cause++) {
            boolean leads = causes[fault][cause] > 0;
            boolean underWay = placed.contains(cause) && !done.contains(cause);
            if (leads && (underWay || !done.contains(cause) && !isFree(cause, placed, done))) {
                return false;
            }
        }
        return true;
    }
}
