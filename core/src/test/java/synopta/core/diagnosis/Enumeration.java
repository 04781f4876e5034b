package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;

/** Sums over every combination of faults: the definition, written apart from the code under test. */
record Enumeration(double known, double[] withFault, double withFirstTwo) {
    static Enumeration of(Network network, List<Observation> known) {
        int n = network.faults();
        double all = 0;
        double firstTwo = 0;
        double[] withFault = new double[n];
        for (Network.Variant variant : ofOneKind(network.variants())) {
            for (int faults = 0; faults < 1 << n; faults++) {
                double p = variant.share() * prior(network, variant, faults);
                for (Observation observation : known) {
                    p *= p == 0 ? 0 : likelihood(network, observation, faults);
                }
                all += p;
                firstTwo += (faults & 3) != 0 ? p : 0;
                for (int i = 0; i < n; i++) {
                    withFault[i] += (faults >> i & 1) == 1 ? p : 0;
                }
            }
        }
        return new Enumeration(all, withFault, firstTwo);
    }

    /** Every combination of kinds as a variant of its own. */
    private static List<Network.Variant> ofOneKind(List<Network.Variant> variants) {
        List<Network.Variant> all = new ArrayList<>();
        for (Network.Variant variant : variants) {
            if (variant.choices().isEmpty()) {
                all.add(variant);
                continue;
            }
            Network.Choice choice = variant.choices().get(0);
            List<Network.Choice> others =
                    variant.choices().subList(1, variant.choices().size());
            for (Network.Kind kind : choice.kinds()) {
                boolean[] allowed = variant.allowed().clone();
                kind.absent().forEach(fault -> allowed[fault] = false);
                all.addAll(ofOneKind(List.of(new Network.Variant(variant.share() * kind.share(), allowed, others))));
            }
        }
        return all;
    }

    /** The summed entropy of the faults that may show one of the signs. */
    static double entropyBits(Network network, List<Observation> signs, List<Observation> known) {
        Enumeration joint = of(network, known);
        double bits = 0;
        for (int i = 0; i < network.faults(); i++) {
            int fault = i;
            boolean concerned =
                    signs.isEmpty() || signs.stream().anyMatch(f -> network.effects()[f.finding()][fault] != null);
            double p = joint.withFault()[i] / joint.known();
            bits += concerned && p > 0 && p < 1 ? -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2) : 0;
        }
        return bits;
    }

    private static double prior(Network network, Network.Variant variant, int faults) {
        double p = 1;
        for (int i = 0; i < network.faults(); i++) {
            double absent = 1 - network.priors()[i];
            for (int cause = 0; network.causes()[i] != null && cause < network.faults(); cause++) {
                absent *= (faults >> cause & 1) == 1 ? 1 - network.causes()[i][cause] : 1;
            }
            absent = variant.allowed()[i] ? absent : 1;
            p *= (faults >> i & 1) == 1 ? 1 - absent : absent;
        }
        return p;
    }

    private static double likelihood(Network network, Observation observation, int faults) {
        double sum = 0;
        double below = 0;
        for (int level = 0; level < observation.likelihoods().length; level++) {
            double upTo = upTo(network.leaks()[observation.finding()], level);
            for (int i = 0; i < network.faults(); i++) {
                double[] effect = network.effects()[observation.finding()][i];
                upTo *= (faults >> i & 1) == 1 && effect != null ? upTo(effect, level) : 1;
            }
            sum += observation.likelihoods()[level] * (upTo - below);
            below = upTo;
        }
        return sum;
    }

    private static double upTo(double[] levels, int level) {
        double sum = 0;
        for (int l = 0; l <= level; l++) {
            sum += levels[l];
        }
        return sum;
    }

    /** A network of up to so many answers a finding; with causes and variants where `deep`. */
    static Network random(Random random, int faults, int findings, int answers, boolean deep) {
        double[][][] effects = new double[findings][faults][];
        double[][] leaks = new double[findings][];
        for (int f = 0; f < findings; f++) {
            int levels = answers == 2 ? 2 : 2 + random.nextInt(answers - 1);
            leaks[f] = levels(random, levels, 0.3);
            for (int i = 0; i < faults; i++) {
                effects[f][i] = random.nextInt(3) == 0 ? null : levels(random, levels, 1);
            }
        }
        double[][] causes = new double[faults][];
        for (int i = 1; deep && i < faults; i++) {
            if (random.nextInt(3) == 0) {
                causes[i] = new double[faults];
                for (int cause = 0; cause < i; cause++) {
                    causes[i][cause] = random.nextInt(2) == 0 ? random.nextDouble() : 0;
                }
            }
        }
        return new Network(
                random.doubles(faults).map(p -> p * p).toArray(),
                leaks,
                effects,
                causes,
                variants(random, faults, deep ? 1 + random.nextInt(3) : 1));
    }

    private static List<Network.Variant> variants(Random random, int faults, int count) {
        List<Network.Variant> variants = new ArrayList<>();
        for (int v = 0; v < count; v++) {
            boolean[] allowed = new boolean[faults];
            for (int i = 0; i < faults; i++) {
                allowed[i] = count == 1 || random.nextInt(4) > 0;
            }
            List<Network.Choice> choices = new ArrayList<>();
            for (int fork = 0; count > 1 && fork < random.nextInt(faults < 4 ? 2 : 3); fork++) {
                choices.add(choice(random, fork, faults));
            }
            variants.add(new Network.Variant(1.0 / count, allowed, choices));
        }
        return variants;
    }

    /** The first fork is of the first faults, the second of the last: nothing else stands between those of one fork. */
    private static Network.Choice choice(Random random, int fork, int faults) {
        int first = fork == 0 ? 0 : faults - 2;
        List<Network.Kind> kinds = new ArrayList<>();
        for (int kind = 0; kind < 2 + random.nextInt(2); kind++) {
            Set<Integer> absent = new TreeSet<>();
            random.ints(2, first, first + 2).forEach(absent::add);
            kinds.add(new Network.Kind(random.nextDouble(), absent));
        }
        return new Network.Choice("fork " + fork, kinds);
    }

    /** Probabilities over the levels; those above the first take at most `most` in all, now and then everything. */
    private static double[] levels(Random random, int count, double most) {
        double[] levels = new double[count];
        double told = most == 1 && random.nextInt(8) == 0 ? 1 : (0.001 + 0.999 * random.nextDouble()) * most;
        double[] weights = random.doubles(count, 0.01, 1).toArray();
        double sum = 0;
        for (int level = 1; level < count; level++) {
            sum += weights[level];
        }
        for (int level = 1; level < count; level++) {
            levels[level] = told * weights[level] / sum;
        }
        levels[0] = 1 - told;
        return levels;
    }
}
