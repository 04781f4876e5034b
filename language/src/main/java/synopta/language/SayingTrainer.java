package synopta.language;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import synopta.core.knowledge.Saying;

/** Teaches what clauses mean from sayings. Deterministic: the same sayings give the same weights. */
final class SayingTrainer {
    /** Weight of an error against the square of the weights, and of a meaning's own sayings: found by cross-validation. */
    private static final float COST = 15;

    private static final float OWN = 5;
    private static final int STEPS = 45;

    private final Embedder embedder;

    SayingTrainer(Embedder embedder) {
        this.embedder = embedder;
    }

    /** Learns to tell the meanings of sayings apart; the sayings stand in an order of their own. */
    Taught learnt(TrainingSayings sayings) {
        List<Saying> used = sayings.sayings();
        List<String> meanings = used.stream().map(Saying::meaning).distinct().toList();
        Vocabulary vocabulary =
                Vocabulary.learnt(used.stream().map(s -> WordBag.of(s.text())).toList(), sayings.fewest());
        int dimension = (embedder.dimension() + 1 + vocabulary.size()) * meanings.size();
        float[] weights = new Minimizer().least(loss(used, meanings, vocabulary), dimension, STEPS);
        return taught(weights, meanings, vocabulary);
    }

    private OneAgainstAll loss(List<Saying> used, List<String> meanings, Vocabulary vocabulary) {
        return new OneAgainstAll(
                embedder.embed(used.stream().map(Saying::text).toList()),
                used.stream().map(s -> vocabulary.vector(WordBag.of(s.text()))).toList(),
                used.stream().mapToInt(s -> meanings.indexOf(s.meaning())).toArray(),
                meanings.size(),
                COST,
                OWN);
    }

    private Taught taught(float[] weights, List<String> meanings, Vocabulary vocabulary) {
        int constant = embedder.dimension();
        return new Taught(
                meanings,
                vocabulary,
                new ClauseClassifier(
                        rows(weights, 0, constant + 1, meanings.size()),
                        rows(weights, constant + 1, vocabulary.size(), meanings.size())));
    }

    private static float[][] rows(float[] weights, int from, int count, int meanings) {
        return IntStream.range(from, from + count)
                .mapToObj(row -> Arrays.copyOfRange(weights, row * meanings, (row + 1) * meanings))
                .toArray(float[][]::new);
    }
}
