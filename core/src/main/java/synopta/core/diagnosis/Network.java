package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;

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
    private final Map<String, Set<Integer>> forks;
    private final boolean[] common;
    private final int[] order;

    Network(double[] priors, double[][] leaks, double[][][] effects, double[][] causes, List<Variant> variants) {
        this.priors = priors;
        this.leaks = leaks;
        this.effects = effects;
        this.causes = causes;
        this.variants = List.copyOf(variants);
        forks = forks(variants);
        common = common();
        order = placed();
    }

    private Network(Network of, double[] priors, List<Variant> variants, int[] order) {
        this.priors = priors;
        leaks = of.leaks;
        effects = of.effects;
        causes = of.causes;
        this.variants = List.copyOf(variants);
        forks = forks(variants);
        common = common();
        this.order = order;
    }

    /** The same faults at these priors in other machines, all of which were among those of this network. */
    Network of(double[] otherPriors, List<Variant> others) {
        return new Network(this, otherPriors, others, order);
    }

    /** Without the faults that are not relevant: machines that differ in those alone are one. */
    Network only(boolean[] relevant) {
        Map<Able, Double> shares = new LinkedHashMap<>();
        for (Variant variant : variants) {
            BitSet allowed = new BitSet();
            for (int fault = 0; fault < relevant.length; fault++) {
                allowed.set(fault, relevant[fault] && variant.allowed[fault]);
            }
            List<Choice> choices = new ArrayList<>();
            double share = variant.share;
            for (Choice choice : variant.choices) {
                List<Kind> kinds = choice.only(relevant);
                if (kinds.size() > 1) {
                    choices.add(new Choice(choice.fork, kinds));
                } else {
                    kinds.get(0).absent.forEach(allowed::clear);
                    share *= kinds.get(0).share;
                }
            }
            shares.merge(new Able(allowed, choices), share, Double::sum);
        }
        List<Variant> merged = new ArrayList<>();
        shares.forEach((able, share) -> merged.add(able.variant(share, relevant.length)));
        return new Network(
                this,
                priors,
                merged,
                IntStream.of(order).filter(fault -> relevant[fault]).toArray());
    }

    /**
     * A machine it may be, which can have the faults that are allowed.
     *
     * @param allowed by fault; whether one of its kinds at least can have it
     * @param choices what kinds it may be of, each for itself
     */
    record Variant(double share, boolean[] allowed, List<Choice> choices) {
        /** Of which everything is known. */
        Variant(double share, boolean[] allowed) {
            this(share, allowed, List.of());
        }
    }

    /** The faults a machine can have, of itself and by its kind; machines that have the same are one variant. */
    record Able(BitSet allowed, List<Choice> choices) {
        Variant variant(double share, int faults) {
            boolean[] can = new boolean[faults];
            allowed.stream().forEach(fault -> can[fault] = true);
            return new Variant(share, can, choices);
        }
    }

    /**
     * Exactly one of these kinds is there.
     *
     * @param fork what it is that differs, by id
     * @param kinds at least two
     */
    record Choice(String fork, List<Kind> kinds) {
        double[] shares() {
            return kinds.stream().mapToDouble(Kind::share).toArray();
        }

        /** The kinds that differ in relevant faults. */
        private List<Kind> only(boolean[] relevant) {
            Map<Set<Integer>, Double> shares = new LinkedHashMap<>();
            for (Kind kind : kinds) {
                Set<Integer> absent = new TreeSet<>(kind.absent);
                absent.removeIf(fault -> !relevant[fault]);
                shares.merge(absent, kind.share, Double::sum);
            }
            return Kind.each(shares);
        }
    }

    /**
     * A kind, and the faults that a machine of that kind cannot have though others can.
     *
     * @param share times the probability of what is known of the kind
     */
    record Kind(double share, Set<Integer> absent) {
        /** One for each set of faults that are absent, with its share. */
        static List<Kind> each(Map<Set<Integer>, Double> shares) {
            return shares.entrySet().stream()
                    .map(kind -> new Kind(kind.getValue(), kind.getKey()))
                    .toList();
        }
    }

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

    /** By fork, the faults that depend on it in a variant; they follow one another in the order. */
    Map<String, Set<Integer>> forks() {
        return forks;
    }

    private static Map<String, Set<Integer>> forks(List<Variant> variants) {
        Map<String, Set<Integer>> forks = new TreeMap<>();
        for (Variant variant : variants) {
            for (Choice choice : variant.choices) {
                Set<Integer> members = forks.computeIfAbsent(choice.fork, f -> new TreeSet<>());
                choice.kinds.forEach(kind -> members.addAll(kind.absent));
            }
        }
        return forks;
    }

    /** By fault, whether all variants, or none, can have it whatever their kind. */
    private boolean[] common() {
        boolean[] common = new boolean[faults()];
        Arrays.fill(common, true);
        for (Variant variant : variants) {
            for (int fault = 0; fault < common.length; fault++) {
                common[fault] &= variant.allowed[fault] == variants.get(0).allowed[fault];
            }
        }
        forks.values().forEach(members -> members.forEach(fault -> common[fault] = false));
        return common;
    }

    /** Faults in an order in which causes come first, and those that differ between variants as early as that allows. */
    int[] order() {
        return order;
    }

    /** How many of the order must be gone through for each variant. */
    int differing() {
        for (int i = order.length; i > 0; i--) {
            if (!common[order[i - 1]]) {
                return i;
            }
        }
        return 0;
    }

    private int[] placed() {
        FaultOrder placing = new FaultOrder(causes, forks.values());
        for (int fault = 0; fault < faults(); fault++) {
            if (!common[fault]) {
                placing.place(fault);
            }
        }
        for (int fault = 0; fault < faults(); fault++) {
            placing.place(fault);
        }
        return placing.order();
    }
}
