package synopta.language;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import synopta.core.knowledge.Saying;

/**
 * What clauses mean, and how near their words come to sayings.
 *
 * @param taught by the sayings
 * @param index of the sayings by their words
 */
record SayingClassifier(Taught taught, SayingIndex index) {
    private static final int DECIDING = 4;

    /** For those who ask for shares alone: the sayings are not looked at. */
    static SayingClassifier ofShares(Taught taught) {
        return new SayingClassifier(taught, new SayingIndex(List.of(), taught.meanings(), taught.vocabulary()));
    }

    /** With the sayings of today whose meaning was taught. */
    static SayingClassifier of(Taught taught, TrainingSayings today) {
        List<Saying> known = today.sayings().stream()
                .filter(s -> taught.meanings().contains(s.meaning()))
                .toList();
        return new SayingClassifier(taught, new SayingIndex(known, taught.meanings(), taught.vocabulary()));
    }

    List<String> meanings() {
        return taught.meanings();
    }

    /** Clauses as they are seen. */
    List<ClauseView> views(List<Clause> clauses) {
        return clauses.stream().map(this::view).toList();
    }

    /**
     * The words of a clause that speak most for a meaning and most against it, those with a minus sign; pairs with a
     * space, those behind a negation with "not".
     */
    List<String> deciding(Clause clause, int meaning) {
        Map<String, Float> weights = new TreeMap<>();
        taught.vocabulary()
                .vector(clause.bag())
                .forEach((word, weight) -> weights.put(
                        taught.vocabulary().word(word),
                        weight * taught.classifier().words()[word][meaning]));
        return weights.entrySet().stream()
                .sorted(Comparator.comparingDouble(e -> -Math.abs(e.getValue())))
                .limit(DECIDING)
                .map(e -> (e.getValue() < 0 ? "−" : "") + e.getKey().replace('_', ' '))
                .toList();
    }

    private ClauseView view(Clause clause) {
        Map<Integer, Float> words = taught.vocabulary().vector(clause.bag());
        return new ClauseView(clause, taught.classifier().shares(clause.vector(), words), index.of(clause.bag()));
    }
}
