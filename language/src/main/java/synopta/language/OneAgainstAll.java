package synopta.language;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * The loss of all units of a clause classifier at once, and its slope: half the square of the weights, plus the cost of
 * each unit's logistic loss on each saying. The units do not depend on one another; together they are computed fast.
 */
final class OneAgainstAll implements Minimizer.Slope {
    /** Parts that are computed side by side and added in one order: more processors change no figure. */
    private static final int PARTS = 4;

    private final List<float[]> vectors;
    private final List<Map<Integer, Float>> bags;
    private final int[] meaningOf;
    private final int meanings;
    private final float cost;
    private final float own;

    /**
     * Of some sayings.
     *
     * @param vectors of the sayings, all of one length
     * @param bags numbers of their words with weights
     * @param meaningOf number of each saying's meaning
     * @param meanings how many there are
     * @param cost of an error against the square of the weights
     * @param own how much more an error on a unit's own saying costs
     */
    OneAgainstAll(
            List<float[]> vectors,
            List<Map<Integer, Float>> bags,
            int[] meaningOf,
            int meanings,
            float cost,
            float own) {
        this.vectors = vectors;
        this.bags = bags;
        this.meaningOf = meaningOf;
        this.meanings = meanings;
        this.cost = cost;
        this.own = own;
    }

    private record Part(double loss, float[] slope) {}

    @Override
    public double at(float[] at, float[] slope) {
        int rows = vectors.size();
        List<Part> parts = IntStream.range(0, PARTS)
                .parallel()
                .mapToObj(p -> part(at, p * rows / PARTS, (p + 1) * rows / PARTS))
                .toList();
        double loss = 0;
        for (int i = 0; i < at.length; i++) {
            loss += 0.5 * at[i] * at[i];
            slope[i] = at[i];
        }
        for (Part part : parts) {
            loss += part.loss;
            for (int i = 0; i < at.length; i++) {
                slope[i] += part.slope[i];
            }
        }
        return loss;
    }

    private Part part(float[] at, int from, int to) {
        float[] slope = new float[at.length];
        double loss = 0;
        for (int row = from; row < to; row++) {
            float[] vector = vectors.get(row);
            float[] scores = new float[meanings];
            System.arraycopy(at, vector.length * meanings, scores, 0, meanings);
            for (int i = 0; i < vector.length; i++) {
                add(scores, 0, at, i * meanings, vector[i]);
            }
            bags.get(row).forEach((word, weight) -> add(scores, 0, at, wordAt(vector, word), weight));
            loss += turn(scores, meaningOf[row]);
            for (int i = 0; i < vector.length; i++) {
                add(slope, i * meanings, scores, 0, vector[i]);
            }
            add(slope, vector.length * meanings, scores, 0, 1);
            bags.get(row).forEach((word, weight) -> add(slope, wordAt(vector, word), scores, 0, weight));
        }
        return new Part(loss, slope);
    }

    private int wordAt(float[] vector, int word) {
        return (vector.length + 1 + word) * meanings;
    }

    /** The loss of a saying's scores, which become the loss's slope by them. */
    private double turn(float[] scores, int meaning) {
        double loss = 0;
        for (int k = 0; k < scores.length; k++) {
            boolean isOwn = k == meaning;
            double score = isOwn ? scores[k] : -scores[k];
            double weight = isOwn ? cost * own : cost;
            double miss = 1 / (1 + Math.exp(score));
            loss -= weight * Math.log(Math.max(1 - miss, 1e-12));
            scores[k] = (float) (isOwn ? -weight * miss : weight * miss);
        }
        return loss;
    }

    private void add(float[] to, int toAt, float[] what, int whatAt, float times) {
        for (int k = 0; k < meanings; k++) {
            to[toAt + k] += times * what[whatAt + k];
        }
    }
}
