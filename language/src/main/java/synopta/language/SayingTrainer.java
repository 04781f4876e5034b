package synopta.language;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import synopta.core.knowledge.Saying;

/** Teaches what clauses mean from sayings. Deterministic: the same sayings give the same weights. */
final class SayingTrainer {
    /** Weight of an error against the square of the weights, and of a meaning's own sayings: found by cross-validation. */
    private static final float COST = 15;

    private static final float OWN = 5;
    private static final int STEPS = 45;

    /** A name of a part of fewer words says little of what else it is not. */
    private static final int DESCRIBING = 3;

    private final Embedder embedder;

    SayingTrainer(Embedder embedder) {
        this.embedder = embedder;
    }

    /** Learns from sayings of signs; those of parts and of nothing in particular are what a sign is told from. */
    ApplianceModel.SayingClassifier learnt(List<Saying> sayings) {
        List<Saying> used = signs(sayings);
        List<String> meanings = used.stream().map(Saying::meaning).distinct().toList();
        List<List<String>> bags = used.stream().map(s -> WordBag.of(s.text())).toList();
        Vocabulary vocabulary = Vocabulary.learnt(bags);
        List<Map<Integer, Float>> words = bags.stream().map(vocabulary::vector).toList();
        List<float[]> vectors = used.stream().map(s -> embedder.embed(s.text())).toList();
        int[] meaningOf =
                used.stream().mapToInt(s -> meanings.indexOf(s.meaning())).toArray();
        int constant = embedder.dimension();
        float[] weights = new Minimizer()
                .least(
                        new OneAgainstAll(vectors, words, meaningOf, meanings.size(), COST, OWN),
                        (constant + 1 + vocabulary.size()) * meanings.size(),
                        STEPS);
        ClauseClassifier classifier = new ClauseClassifier(
                rows(weights, 0, constant + 1, meanings.size()),
                rows(weights, constant + 1, vocabulary.size(), meanings.size()));
        return new ApplianceModel.SayingClassifier(
                meanings, vocabulary, classifier, new SayingIndex(used, meanings, vocabulary));
    }

    /** Sayings as the classifier of signs has them: all that is no sign means one thing. In an order of their own. */
    static List<Saying> signs(List<Saying> sayings) {
        return sayings.stream()
                .filter(s -> !s.meaning().startsWith(Saying.PART) || Clauses.words(s.text()) >= DESCRIBING)
                .map(s -> s.meaning().contains("=") ? s : new Saying(SignFigures.NONE, s.text()))
                .distinct()
                .sorted(Comparator.comparing(Saying::meaning).thenComparing(Saying::text))
                .toList();
    }

    private static float[][] rows(float[] weights, int from, int count, int meanings) {
        return IntStream.range(from, from + count)
                .mapToObj(row -> Arrays.copyOfRange(weights, row * meanings, (row + 1) * meanings))
                .toArray(float[][]::new);
    }
}
