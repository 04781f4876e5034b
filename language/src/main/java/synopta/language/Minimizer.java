package synopta.language;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.Iterator;

/**
 * Walks downhill on a smooth function of many numbers: limited-memory BFGS (Nocedal 1980; Nocedal and Wright, Numerical
 * Optimization, algorithm 7.5) with a step that is halved until it pays. Deterministic.
 */
final class Minimizer {
    private static final int MEMORY = 6;

    /** How much of the promised descent a step must bring (Armijo). */
    private static final double PAYS = 1e-4;

    private static final int HALVINGS = 20;

    private final Deque<float[][]> pairs = new ArrayDeque<>();

    /** A function with its slope. */
    interface Slope {
        /**
         * Its value.
         *
         * @param at where
         * @param slope is set to the slope there
         */
        double at(float[] at, float[] slope);
    }

    /** Where the function is least, as near as so many steps come from 0. */
    float[] least(Slope function, int dimension, int steps) {
        float[] at = new float[dimension];
        float[] slope = new float[dimension];
        double value = function.at(at, slope);
        for (int step = 0; step < steps; step++) {
            float[] way = way(slope);
            double descent = dot(way, slope);
            double length = pairs.isEmpty() ? 1 / Math.sqrt(dot(slope, slope)) : 1;
            float[] next = new float[dimension];
            float[] nextSlope = new float[dimension];
            double nextValue = Double.POSITIVE_INFINITY;
            for (int half = 0; half < HALVINGS && !(nextValue <= value + PAYS * length * descent); half++) {
                length = half == 0 ? length : length / 2;
                for (int i = 0; i < dimension; i++) {
                    next[i] = (float) (at[i] + length * way[i]);
                }
                nextValue = function.at(next, nextSlope);
            }
            if (!(nextValue < value)) {
                return at;
            }
            remember(minus(next, at), minus(nextSlope, slope));
            at = next;
            slope = nextSlope;
            value = nextValue;
        }
        return at;
    }

    private void remember(float[] moved, float[] turned) {
        if (dot(moved, turned) > 0) {
            pairs.addLast(new float[][] {moved, turned});
            if (pairs.size() > MEMORY) {
                pairs.removeFirst();
            }
        }
    }

    /** Downhill, as the last few steps show the ground to bend. */
    private float[] way(float[] slope) {
        float[] way = slope.clone();
        double[] along = new double[pairs.size()];
        int i = pairs.size();
        for (Iterator<float[][]> back = pairs.descendingIterator(); back.hasNext(); ) {
            float[][] pair = back.next();
            along[--i] = dot(pair[0], way) / dot(pair[0], pair[1]);
            add(way, pair[1], -along[i]);
        }
        if (!pairs.isEmpty()) {
            float[][] last = pairs.getLast();
            scale(way, dot(last[0], last[1]) / dot(last[1], last[1]));
        }
        for (float[][] pair : pairs) {
            add(way, pair[0], along[i++] - dot(pair[1], way) / dot(pair[0], pair[1]));
        }
        scale(way, -1);
        return way;
    }

    private static float[] minus(float[] a, float[] b) {
        float[] difference = a.clone();
        add(difference, b, -1);
        return difference;
    }

    private static void add(float[] to, float[] what, double times) {
        float factor = (float) times;
        for (int i = 0; i < to.length; i++) {
            to[i] += factor * what[i];
        }
    }

    private static void scale(float[] what, double times) {
        add(what, what.clone(), times - 1);
    }

    private static double dot(float[] a, float[] b) {
        double[] parts = new double[8];
        for (int i = 0; i + 8 <= a.length; i += 8) {
            for (int j = 0; j < 8; j++) {
                parts[j] += (double) a[i + j] * b[i + j];
            }
        }
        double sum = Arrays.stream(parts).sum();
        for (int i = a.length - a.length % 8; i < a.length; i++) {
            sum += (double) a[i] * b[i];
        }
        return sum;
    }
}
