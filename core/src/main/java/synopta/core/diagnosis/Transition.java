package synopta.core.diagnosis;

import java.util.Arrays;

/**
 * What a fault does to a vector over states: for each observed finding with several classes the highest class that was
 * brought about so far, and for each consequence under way whether a cause brought it about. One digit stands for each.
 *
 * @param prior that the fault is present of itself
 * @param clear probability that the fault, present, keeps to what is known of findings of one class
 * @param spreads what the fault, present, brings about
 * @param opens digits of two values that are added at the top before the step
 * @param closes stride of the fault's own digit, which is summed out; 0 when the fault has no cause
 * @param barred whether the machine cannot have the fault, whatever its digit says
 */
record Transition(double prior, double clear, Spread[] spreads, int opens, int closes, boolean barred)
        implements FaultStep {
    /** Whether it leaves every vector as it is: nothing that is known hangs on the fault. */
    boolean isIdle() {
        return opens == 0 && closes == 0 && (barred || spreads.length == 0) && either() == 1;
    }

    @Override
    public boolean isBarred() {
        return barred;
    }

    /** The same step where the machine cannot have the fault. */
    Transition outOfBounds() {
        return new Transition(prior, clear, spreads, opens, closes, true);
    }

    /**
     * Raises one digit: to a value with its probability, or leaves it where it is higher.
     *
     * @param stride of the digit in a state's number
     * @param to by value; adds up to 1, or less where the rest is impossible
     */
    record Spread(int stride, double[] to) {
        void apply(double[] v) {
            int radix = to.length;
            for (int block = 0; block < v.length; block += stride * radix) {
                for (int low = block; low < block + stride; low++) {
                    double below = 0;
                    double upTo = 0;
                    for (int value = 0, at = low; value < radix; value++, at += stride) {
                        double was = v[at];
                        upTo += to[value];
                        v[at] = upTo * was + to[value] * below;
                        below += was;
                    }
                }
            }
        }

        /** The adjoint: what a state is worth when the digit is raised and then the rest follows. */
        void applyAdjoint(double[] w) {
            int radix = to.length;
            for (int block = 0; block < w.length; block += stride * radix) {
                for (int low = block; low < block + stride; low++) {
                    double upTo = 0;
                    for (int value = 0; value < radix; value++) {
                        upTo += to[value];
                        double worth = upTo * w[low + value * stride];
                        for (int higher = value + 1; higher < radix; higher++) {
                            worth += to[higher] * w[low + higher * stride];
                        }
                        w[low + value * stride] = worth;
                    }
                }
            }
        }
    }

    @Override
    public double[] apply(double[] before, Part part) {
        double[] v = opened(before);
        if (closes == 0 && (barred || spreads.length == 0)) {
            double absent = barred ? 1 : 1 - prior;
            double present = barred ? 0 : prior * clear;
            return scaled(v, part == Part.BOTH ? either() : part == Part.PRESENT ? present : absent);
        }
        int states = closes == 0 ? v.length : v.length / 2;
        double[] absent = new double[states];
        double[] present = new double[states];
        for (int s = 0; s < states; s++) {
            int low = low(s);
            double brought = closes == 0 ? 0 : v[low + closes];
            absent[s] = barred ? v[low] + brought : (1 - prior) * v[low];
            present[s] = barred ? 0 : clear * (prior * v[low] + brought);
        }
        if (!barred && part != Part.ABSENT) {
            for (Spread spread : spreads) {
                spread.apply(present);
            }
        }
        if (part == Part.PRESENT) {
            return present;
        }
        for (int s = 0; part == Part.BOTH && s < states; s++) {
            absent[s] += present[s];
        }
        return absent;
    }

    @Override
    public double[] applyAdjoint(double[] after) {
        if (closes == 0 && (barred || spreads.length == 0)) {
            double[] scaled = scaled(after, either());
            return opens == 0 ? scaled : Arrays.copyOf(scaled, scaled.length >> opens);
        }
        double[] present = after.clone();
        if (!barred) {
            for (Spread spread : spreads) {
                spread.applyAdjoint(present);
            }
        }
        double[] w = new double[closes == 0 ? after.length : after.length * 2];
        for (int s = 0; s < after.length; s++) {
            int low = low(s);
            w[low] = barred ? after[s] : (1 - prior) * after[s] + prior * clear * present[s];
            if (closes > 0) {
                w[low + closes] = barred ? after[s] : clear * present[s];
            }
        }
        return opens == 0 ? w : Arrays.copyOf(w, w.length >> opens);
    }

    private double[] opened(double[] v) {
        return opens == 0 ? v : Arrays.copyOf(v, v.length << opens);
    }

    /** Probability of what is known of clear findings, the fault present or not. */
    private double either() {
        return barred || clear == 1 ? 1 : 1 - prior + prior * clear;
    }

    private static double[] scaled(double[] v, double by) {
        if (by == 1) {
            return v;
        }
        double[] scaled = new double[v.length];
        for (int s = 0; s < v.length; s++) {
            scaled[s] = by * v[s];
        }
        return scaled;
    }

    /** The state with the fault's own digit at 0 that becomes state s when the digit is summed out. */
    private int low(int s) {
        return closes == 0 ? s : s / closes * closes * 2 + s % closes;
    }
}
