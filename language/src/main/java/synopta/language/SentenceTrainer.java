package synopta.language;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.diagnosis.ParsedComplaint.Named.How;
import synopta.core.knowledge.Pack;

/** Teaches from labelled sentences when a sentence says what a clause of it may mean. One judge serves all appliances. */
final class SentenceTrainer {
    /** How labels mark the ways of speaking of a part. */
    static final Map<How, String> MARKS = Map.of(How.ASKED, "+", How.DENIED, "-", How.RENEWED, "~");

    private final Map<Appliance, Sentences> sentences;
    private final Map<Appliance, Diagnoser> phrases = new TreeMap<>();
    private final Map<Appliance, SignFigures> signs = new TreeMap<>();

    SentenceTrainer(Map<Appliance, Pack> packs, Map<Appliance, Sentences> sentences) {
        this.sentences = new TreeMap<>(sentences);
        packs.forEach((appliance, pack) -> {
            signs.put(appliance, sentences.get(appliance).signFigures(pack));
            phrases.put(appliance, new Diagnoser(pack));
        });
    }

    /**
     * A sentence, and what it may mean; what may be left out without fault is not among it.
     *
     * @param sentence as it is labelled
     * @param signs that it may say
     * @param parts that it may speak of
     */
    record Example(LabelledSentence sentence, List<Row> signs, List<Row> parts) {
        /** The same, which teaches nothing of parts: what is wrong with one may be all that is said. */
        Example ofSigns() {
            return new Example(sentence, signs, List.of());
        }

        /** The same, which teaches nothing of signs. */
        Example ofParts() {
            return new Example(sentence, List.of(), parts);
        }
    }

    /**
     * A meaning that a sentence may have.
     *
     * @param meaning `finding=answer`, or `+` and a part type
     * @param figures what is judged by
     */
    record Row(String meaning, double[] figures) {}

    /** A sentence, looked at; nothing where all of it is about another appliance. */
    Example example(LabelledSentence sentence) {
        Sentences known = sentences.get(sentence.appliance());
        ParsedComplaint byWords = phrases.get(sentence.appliance()).hear(sentence.text());
        Sentences.Sentence seen = known.of(sentence.text(), byWords);
        if (seen.signs().isEmpty()) {
            return new Example(sentence, List.of(), List.of());
        }
        Stream<Row> of = signs.get(sentence.appliance()).of(seen.signs(), byWords).stream()
                .map(c -> new Row(known.signMeaning(c.meaning()), c.figures()));
        Stream<Row> parts = known.partFigures().of(new PartFigures.Said(seen.parts(), seen.intents(), byWords)).stream()
                .map(c -> new Row(known.partMeaning(c.meaning()), c.figures()));
        return new Example(
                sentence,
                of.filter(row -> !sentence.also().contains(row.meaning)).toList(),
                parts.toList());
    }

    /** Learns from examples. */
    static Judges learnt(List<Example> examples) {
        LogisticModel signs = LogisticModel.learnt(
                examples.stream()
                        .flatMap(e -> e.signs.stream()
                                .map(row -> new LogisticModel.Row(
                                        row.figures, e.sentence.signs().contains(row.meaning))))
                        .toList(),
                SignFigures.PRODUCTS);
        Map<How, LogisticModel> parts = new EnumMap<>(How.class);
        for (How how : Judges.HOWS) {
            parts.put(
                    how,
                    LogisticModel.learnt(
                            examples.stream()
                                    .flatMap(e -> e.parts.stream()
                                            .filter(row -> isCertain(e.sentence, row, how))
                                            .map(row -> new LogisticModel.Row(
                                                    row.figures, isSaid(e.sentence.parts(), row, how))))
                                    .toList(),
                            PartFigures.PRODUCTS));
        }
        return new Judges(signs, parts);
    }

    private static boolean isSaid(Set<String> labels, Row row, How how) {
        return labels.contains(MARKS.get(how) + row.meaning.substring(1));
    }

    private static boolean isCertain(LabelledSentence sentence, Row row, How how) {
        return !isSaid(sentence.also(), row, how);
    }
}
