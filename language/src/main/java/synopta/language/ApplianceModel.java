package synopta.language;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.knowledge.Pack;

/** What sentences about one appliance say, learnt from its sayings and from labelled sentences. */
final class ApplianceModel implements MeaningModel {
    /** Less is not worth telling. */
    private static final double LEAST = 0.01;

    private final Embedder embedder;
    private final SayingClassifier sayings;
    private final SignFigures figures;
    private final LogisticModel judge;
    private final Pack pack;

    /**
     * A model.
     *
     * @param sayings what clauses mean
     * @param judge whether a sentence says what a clause of it may mean
     */
    ApplianceModel(Pack pack, Embedder embedder, SayingClassifier sayings, LogisticModel judge) {
        this.pack = pack;
        this.embedder = embedder;
        this.sayings = sayings;
        this.judge = judge;
        figures = new SignFigures(pack, sayings.meanings());
    }

    /**
     * What the sayings of an appliance teach of clauses.
     *
     * @param meanings every meaning once, {@link SignFigures#NONE} among them
     * @param vocabulary words of the sayings
     * @param classifier over vector and words
     * @param index of the sayings by their words
     */
    record SayingClassifier(
            List<String> meanings, Vocabulary vocabulary, ClauseClassifier classifier, SayingIndex index) {
        /** The machine itself, said at the head of a clause: the sayings have "it". An oven is a part of a range. */
        private static final Pattern MACHINE = Pattern.compile(
                "^\\s*(?:(?:my|the|our|this|an?)\\s+)?(?:(?:gas|electric|tumble)\\s+)?"
                        + "(?:dryer|drier|dish\\s?washer|microwave|micro|range|stove|cooker)\\b[\\s,:]*(?=\\p{L})",
                Pattern.CASE_INSENSITIVE);

        /** A sentence's clauses as they are seen. */
        List<ClauseView> views(String text, Embedder embedder) {
            return Clauses.of(text).stream().map(span -> view(span, embedder)).toList();
        }

        private ClauseView view(Clauses.Span span, Embedder embedder) {
            String text = MACHINE.matcher(span.text()).replaceFirst("it ");
            List<String> bag = WordBag.of(text);
            Map<Integer, Float> words = vocabulary.vector(bag);
            return new ClauseView(
                    span, classifier.shares(embedder.embed(text), words), index.of(bag), WordBag.negations(text));
        }
    }

    @Override
    public List<Reading> read(String complaint, ParsedComplaint byWords) {
        List<ClauseView> clauses = sayings.views(complaint, embedder);
        return clauses.isEmpty()
                ? List.of()
                : figures.of(clauses, byWords).stream()
                        .map(candidate -> reading(candidate, judge.probability(candidate.figures())))
                        .filter(reading -> reading.probability() >= LEAST && isOfPack(reading))
                        .sorted(Comparator.comparingDouble(reading -> -reading.probability()))
                        .toList();
    }

    /** What was learnt of a finding or an answer that the pack in force has no more is not told. */
    private boolean isOfPack(Reading reading) {
        return pack.finding(reading.finding())
                .filter(finding -> finding.knows(reading.answer()))
                .isPresent();
    }

    private Reading reading(SignFigures.Candidate candidate, double probability) {
        String[] sign = sayings.meanings().get(candidate.meaning()).split("=", 2);
        Clauses.Span span = candidate.clause().span();
        return new Reading(sign[0], sign[1], probability, span.from(), span.to());
    }
}
