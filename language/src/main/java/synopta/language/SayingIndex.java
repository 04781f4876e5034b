package synopta.language;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import synopta.core.knowledge.Saying;

/** Sayings by their words: how near the words of a clause come to those of the sayings of each meaning. */
final class SayingIndex {
    /** A meaning is as near as its nearest few sayings are on average. */
    static final int FEW = 4;

    private final Vocabulary vocabulary;
    private final List<String> meanings;
    private final int[] meaningOf;
    private final List<String> texts;
    private final List<List<Entry>> sayingsWith = new ArrayList<>();

    /** A saying that holds a word. */
    private record Entry(int saying, float weight) {}

    /**
     * Indexes sayings.
     *
     * @param meanings every meaning once; those of the sayings are among them
     */
    SayingIndex(List<Saying> sayings, List<String> meanings, Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
        this.meanings = List.copyOf(meanings);
        texts = sayings.stream().map(Saying::text).toList();
        meaningOf =
                sayings.stream().mapToInt(s -> meanings.indexOf(s.meaning())).toArray();
        for (int word = 0; word < vocabulary.size(); word++) {
            sayingsWith.add(new ArrayList<>());
        }
        for (int i = 0; i < sayings.size(); i++) {
            int saying = i;
            vocabulary
                    .vector(WordBag.of(sayings.get(i).text()))
                    .forEach((word, weight) -> sayingsWith.get(word).add(new Entry(saying, weight)));
        }
    }

    /**
     * How near a clause comes to sayings.
     *
     * @param nearest of each meaning, the cosine with the nearest
     * @param few of each meaning, the mean over the nearest {@value #FEW}
     * @param contained of each meaning, the largest part of a saying's words, by weight, that stand in the clause
     */
    record Nearness(float[] nearest, float[] few, float[] contained) {}

    /** The sayings of a meaning whose words come nearest to a clause, the nearest first; none that share no word. */
    List<String> nearest(int meaning, List<String> bag, int most) {
        float[] cosines = cosines(bag, new float[meaningOf.length]);
        return IntStream.range(0, meaningOf.length)
                .filter(i -> meaningOf[i] == meaning && cosines[i] > 0)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> -cosines[i]))
                .limit(most)
                .map(texts::get)
                .toList();
    }

    /** The cosine of a clause with each saying; the parts of a saying that stand in the clause are added. */
    private float[] cosines(List<String> bag, float[] parts) {
        float[] cosines = new float[meaningOf.length];
        for (Map.Entry<Integer, Float> word : vocabulary.vector(bag).entrySet()) {
            for (Entry entry : sayingsWith.get(word.getKey())) {
                cosines[entry.saying] += word.getValue() * entry.weight;
                parts[entry.saying] += entry.weight * entry.weight;
            }
        }
        return cosines;
    }

    /** How near the words of a clause come to each meaning. */
    Nearness of(List<String> bag) {
        float[] parts = new float[meaningOf.length];
        float[] cosines = cosines(bag, parts);
        float[][] best = new float[meanings.size()][FEW];
        float[] contained = new float[meanings.size()];
        for (int i = 0; i < cosines.length; i++) {
            if (cosines[i] > 0) {
                insert(best[meaningOf[i]], cosines[i]);
                contained[meaningOf[i]] = Math.max(contained[meaningOf[i]], parts[i]);
            }
        }
        float[] nearest = new float[meanings.size()];
        float[] few = new float[meanings.size()];
        for (int meaning = 0; meaning < nearest.length; meaning++) {
            nearest[meaning] = best[meaning][0];
            for (float cosine : best[meaning]) {
                few[meaning] += cosine / FEW;
            }
        }
        return new Nearness(nearest, few, contained);
    }

    /** Keeps the largest, in falling order. */
    private static void insert(float[] best, float cosine) {
        for (int i = 0; i < best.length; i++) {
            if (cosine > best[i]) {
                System.arraycopy(best, i, best, i + 1, best.length - i - 1);
                best[i] = cosine;
                return;
            }
        }
    }
}
