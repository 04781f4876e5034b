package synopta.core.diagnosis;

import java.util.Arrays;

/**
 * What is known of a finding: how likely what was said is at each of its levels. Levels of one likelihood in a row are
 * one class; levels at the top that are impossible are in none.
 *
 * @param finding by index
 * @param likelihoods by level, not all 0
 */
record Observation(int finding, double[] likelihoods) {
    /** Refuses what is impossible at every level. */
    Observation {
        double sum = 0;
        for (double likelihood : likelihoods) {
            sum += likelihood;
        }
        if (!(sum > 0)) {
            throw new IllegalArgumentException(
                    "The answers to one question contradict each other. Remove one of them.");
        }
    }

    /** A level that is certain. */
    static Observation at(int finding, int levels, int level) {
        double[] likelihoods = new double[levels];
        likelihoods[level] = 1;
        return new Observation(finding, likelihoods);
    }

    /** A level or a lower one, which is certain. */
    static Observation upTo(int finding, int levels, int level) {
        double[] likelihoods = new double[levels];
        Arrays.fill(likelihoods, 0, level + 1, 1);
        return new Observation(finding, likelihoods);
    }

    /** Both, of one finding. */
    Observation and(Observation other) {
        double[] both = likelihoods.clone();
        for (int level = 0; level < both.length; level++) {
            both[level] *= other.likelihoods[level];
        }
        return new Observation(finding, both);
    }

    /** The class of each level that is possible, from 0. */
    int[] classOf() {
        int[] classOf = new int[possible()];
        for (int level = 1; level < classOf.length; level++) {
            classOf[level] = classOf[level - 1] + (likelihoods[level] != likelihoods[level - 1] ? 1 : 0);
        }
        return classOf;
    }

    /** The likelihood of each class. */
    double[] classes() {
        int[] classOf = classOf();
        double[] classes = new double[classOf[classOf.length - 1] + 1];
        for (int level = 0; level < classOf.length; level++) {
            classes[classOf[level]] = likelihoods[level];
        }
        return classes;
    }

    private int possible() {
        int possible = likelihoods.length;
        while (likelihoods[possible - 1] == 0) {
            possible--;
        }
        return possible;
    }
}
