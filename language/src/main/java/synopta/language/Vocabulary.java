package synopta.language;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;

/** Words of some texts, weighted by how few of the texts they stand in (tf-idf, length 1). */
final class Vocabulary {
    private final Map<String, Integer> index = new LinkedHashMap<>();
    private final float[] weights;
    private final List<String> words;

    private Vocabulary(Map<String, Float> words) {
        weights = new float[words.size()];
        words.forEach((word, weight) -> {
            weights[index.size()] = weight;
            index.put(word, index.size());
        });
        this.words = List.copyOf(index.keySet());
    }

    /** Words with their weights, in their order. */
    static Vocabulary of(Map<String, Float> words) {
        return new Vocabulary(words);
    }

    /**
     * Learns the weights from texts.
     *
     * @param bags words of each text
     * @param fewest texts that a word stands in, to be learnt
     */
    static Vocabulary learnt(Collection<List<String>> bags, int fewest) {
        Map<String, Integer> in = new TreeMap<>();
        bags.forEach(bag -> new HashSet<>(bag).forEach(word -> in.merge(word, 1, Integer::sum)));
        Map<String, Float> words = new LinkedHashMap<>();
        in.forEach((word, n) -> {
            if (n >= fewest) {
                words.put(word, (float) Math.log(1 + bags.size() / (1.0 + n)));
            }
        });
        return new Vocabulary(words);
    }

    /** The word of a number. */
    String word(int number) {
        return words.get(number);
    }

    int size() {
        return weights.length;
    }

    /** Words with their weights, in the order of their numbers. */
    Map<String, Float> words() {
        Map<String, Float> words = new LinkedHashMap<>();
        index.forEach((word, i) -> words.put(word, weights[i]));
        return words;
    }

    /** The numbers of the known words of a bag with their weights; the sum of squares is 1. */
    Map<Integer, Float> vector(List<String> bag) {
        Map<Integer, Float> vector = new HashMap<>();
        double square = 0;
        for (String word : new TreeSet<>(bag)) {
            Integer number = index.get(word);
            if (number != null) {
                vector.put(number, weights[number]);
                square += weights[number] * weights[number];
            }
        }
        float length = (float) Math.sqrt(square);
        vector.replaceAll((number, weight) -> weight / length);
        return vector;
    }
}
