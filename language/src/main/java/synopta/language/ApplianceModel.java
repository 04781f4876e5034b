package synopta.language;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.diagnosis.ParsedComplaint.Named.How;
import synopta.core.knowledge.Pack;

/** What sentences about one appliance say, learnt from its sayings and from labelled sentences. */
final class ApplianceModel implements MeaningModel {
    /** Less is not worth telling. */
    private static final double LEAST = 0.01;

    /** From here on an intent is likelier than all others together. */
    private static final double HALF = 0.5;

    /** Less is not worth explaining. */
    private static final double EXPLAINED = 0.05;

    /** A clause in the very words of a saying of the house says what the house says it does. */
    private static final double IN_VERY_WORDS = 0.9;

    private final Sentences sentences;
    private final SignFigures signs;
    private final PartFigures parts;
    private final Judges judges;
    private final Pack pack;

    /** A model for a pack. */
    ApplianceModel(Pack pack, Sentences sentences, Judges judges) {
        this.pack = pack;
        this.sentences = sentences;
        this.judges = judges;
        signs = sentences.signFigures(pack);
        parts = sentences.partFigures();
    }

    @Override
    public Meanings read(String complaint, ParsedComplaint byWords) {
        Sentences.Sentence sentence = sentences.of(complaint, byWords);
        Set<String> inVeryWords = sentences.inVeryWords(sentence);
        return sentence.signs().isEmpty()
                ? Meanings.NONE
                : new Meanings(
                        signs.of(sentence.signs(), byWords).stream()
                                .map(candidate -> reading(candidate, inVeryWords))
                                .filter(reading -> reading.probability() >= LEAST && isOfPack(reading))
                                .sorted(Comparator.comparingDouble(reading -> -reading.probability()))
                                .toList(),
                        parts.of(new PartFigures.Said(sentence.parts(), sentence.intents(), byWords)).stream()
                                .map(this::partReading)
                                .filter(part -> part.probability() >= LEAST
                                        && pack.partType(part.partType()).isPresent())
                                .sorted(Comparator.comparingDouble(part -> -part.probability()))
                                .toList(),
                        intents(sentence.intents()));
    }

    @Override
    public List<Explanation> explain(String complaint, ParsedComplaint byWords) {
        Sentences.Sentence sentence = sentences.of(complaint, byWords);
        if (sentence.signs().isEmpty()) {
            return List.of();
        }
        Set<String> inVeryWords = sentences.inVeryWords(sentence);
        return signs.of(sentence.signs(), byWords).stream()
                .map(c -> sentences.explained(
                        reading(c, inVeryWords), c.meaning(), c.clause().clause()))
                .filter(e -> e.reading().probability() >= EXPLAINED && isOfPack(e.reading()))
                .sorted(Comparator.comparingDouble(e -> -e.reading().probability()))
                .toList();
    }

    /** What was learnt of a finding or an answer that the pack in force has no more is not told. */
    private boolean isOfPack(Reading reading) {
        return pack.finding(reading.finding())
                .filter(finding -> finding.knows(reading.answer()))
                .isPresent();
    }

    private Reading reading(SignFigures.Candidate candidate, Set<String> inVeryWords) {
        String meaning = sentences.signMeaning(candidate.meaning());
        String[] sign = meaning.split("=", 2);
        Clauses.Span span = candidate.clause().span();
        double judged = judges.signs().probability(candidate.figures());
        double probability = inVeryWords.contains(meaning) ? Math.max(IN_VERY_WORDS, judged) : judged;
        return new Reading(sign[0], sign[1], probability, span.from(), span.to());
    }

    private PartReading partReading(PartFigures.Candidate candidate) {
        Clauses.Span span = candidate.clause().span();
        String partType = sentences.partMeaning(candidate.meaning()).substring(1);
        Map<How, Double> likely = new EnumMap<>(How.class);
        for (How how : Judges.HOWS) {
            likely.put(how, judges.parts().get(how).probability(candidate.figures()));
        }
        double spokenOf = likely.values().stream().mapToDouble(p -> p).sum();
        How how =
                Collections.max(likely.entrySet(), Map.Entry.comparingByValue()).getKey();
        return new PartReading(partType, how, Math.min(1, spokenOf), span.from(), span.to());
    }

    /** Each intent where it is likeliest, if it is likelier there than all else together. */
    private List<Intent> intents(List<ClauseView> clauses) {
        List<Intent> found = new ArrayList<>();
        List<String> names = sentences.intentMeanings();
        for (int i = 0; i < names.size(); i++) {
            int intent = i;
            ClauseView at = clauses.stream()
                    .max(Comparator.comparingDouble(v -> v.shares()[intent]))
                    .orElseThrow();
            if (!names.get(i).equals(TrainingSayings.NONE) && at.shares()[i] >= HALF) {
                found.add(new Intent(
                        names.get(i).substring(1),
                        at.shares()[i],
                        at.span().from(),
                        at.span().to()));
            }
        }
        found.sort(Comparator.comparingDouble(intent -> -intent.probability()));
        return found;
    }
}
