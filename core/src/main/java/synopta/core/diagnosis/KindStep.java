package synopta.core.diagnosis;

import java.util.Arrays;

/**
 * The step of a fault that only some kinds of a machine can have. A machine is of exactly one of the kinds; while the
 * faults that depend on it are gone through, a vector holds the states of each kind, one after another.
 *
 * @param byKind the step by kind: out of bounds where the kind cannot have the fault
 * @param shares by kind, with the probability of what is known of the kind in them
 * @param opens whether it is the first fault that depends on the kind: the vector is split by shares
 * @param closes whether it is the last: the kinds are added up
 */
record KindStep(Transition[] byKind, double[] shares, boolean opens, boolean closes) implements FaultStep {
    @Override
    public double[] apply(double[] before, Part part) {
        if (part == Part.BOTH && isIdle()) {
            return before;
        }
        double[][] after = new double[byKind.length][];
        for (int kind = 0; kind < byKind.length; kind++) {
            after[kind] = byKind[kind].apply(opens ? scaled(before, shares[kind]) : slice(before, kind), part);
        }
        return closes ? sum(after) : joined(after);
    }

    @Override
    public double[] applyAdjoint(double[] after) {
        if (isIdle()) {
            return after;
        }
        double[][] before = new double[byKind.length][];
        for (int kind = 0; kind < byKind.length; kind++) {
            double[] worth = byKind[kind].applyAdjoint(closes ? after : slice(after, kind));
            before[kind] = opens ? scaled(worth, shares[kind]) : worth;
        }
        return opens ? sum(before) : joined(before);
    }

    private boolean isIdle() {
        if (opens || closes) {
            return false;
        }
        for (Transition step : byKind) {
            if (!step.isIdle()) {
                return false;
            }
        }
        return true;
    }

    @Override
    public boolean isBarred() {
        for (Transition step : byKind) {
            if (!step.barred()) {
                return false;
            }
        }
        return true;
    }

    private double[] slice(double[] all, int kind) {
        int states = all.length / byKind.length;
        return Arrays.copyOfRange(all, kind * states, (kind + 1) * states);
    }

    private static double[] scaled(double[] v, double by) {
        double[] scaled = new double[v.length];
        for (int s = 0; s < v.length; s++) {
            scaled[s] = by * v[s];
        }
        return scaled;
    }

    private static double[] sum(double[][] kinds) {
        double[] sum = new double[kinds[0].length];
        for (double[] kind : kinds) {
            for (int s = 0; s < sum.length; s++) {
                sum[s] += kind[s];
            }
        }
        return sum;
    }

    private static double[] joined(double[][] kinds) {
        double[] joined = new double[kinds.length * kinds[0].length];
        for (int kind = 0; kind < kinds.length; kind++) {
            System.arraycopy(kinds[kind], 0, joined, kind * kinds[0].length, kinds[0].length);
        }
        return joined;
    }
}
