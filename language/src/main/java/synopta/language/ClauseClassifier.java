package synopta.language;

import java.util.Map;

/**
 * How likely a clause has each of several meanings: one linear unit a meaning over the sentence vector, a constant and the
 * words, each trained against all others (logistic regression), brought to a sum of 1 by softmax.
 *
 * @param dense weight of each number of the vector, then of the constant: (dimension + 1) x meanings
 * @param words weight of each word of the vocabulary: words x meanings
 */
record ClauseClassifier(float[][] dense, float[][] words) {
    /** The share of each meaning. */
    float[] shares(float[] vector, Map<Integer, Float> bag) {
        float[] scores = dense[vector.length].clone();
        for (int i = 0; i < vector.length; i++) {
            add(scores, dense[i], vector[i]);
        }
        bag.forEach((word, weight) -> add(scores, words[word], weight));
        float most = Float.NEGATIVE_INFINITY;
        for (float score : scores) {
            most = Math.max(most, score);
        }
        float sum = 0;
        for (int k = 0; k < scores.length; k++) {
            scores[k] = (float) Math.exp(scores[k] - most);
            sum += scores[k];
        }
        for (int k = 0; k < scores.length; k++) {
            scores[k] /= sum;
        }
        return scores;
    }

    private static void add(float[] to, float[] weights, float times) {
        for (int k = 0; k < to.length; k++) {
            to[k] += weights[k] * times;
        }
    }
}
