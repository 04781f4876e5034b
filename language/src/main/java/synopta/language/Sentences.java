package synopta.language;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.Saying;

/** Sentences about one appliance as its classifiers see them: what they say of signs, of parts, and what they are after. */
final class Sentences {
    /** How many sayings are told to explain a reading. */
    private static final int NEAREST = 3;

    private final ClauseEncoder encoder;
    private final SayingClassifier signs;
    private final SayingClassifier parts;
    private final SayingClassifier intents;
    private final Taught speech;
    private final Embedder embedder;
    private final PartNames names;
    private final Map<String, Set<String>> signsOf = new HashMap<>();

    /**
     * Looks at sentences.
     *
     * @param sayings of the appliance, whose words others may be a slip of
     * @param house those that were added here, after the model was taught
     * @param signs tells signs apart
     * @param parts tells parts apart
     * @param intents tells apart what callers are after
     * @param speech tells apart in what way a part is spoken of
     */
    Sentences(
            Appliance appliance,
            Embedder embedder,
            List<Saying> sayings,
            Collection<Saying> house,
            SayingClassifier signs,
            SayingClassifier parts,
            SayingClassifier intents,
            Taught speech) {
        this.embedder = embedder;
        this.speech = speech;
        names = new PartNames(sayings);
        house.stream()
                .filter(s -> s.meaning().contains("="))
                .forEach(s -> signsOf.computeIfAbsent(ClauseEncoder.stems(s.text()), t -> new HashSet<>())
                        .add(s.meaning()));
        encoder = new ClauseEncoder(
                appliance,
                embedder,
                new Spelling(sayings.stream().map(Saying::text).toList()));
        this.signs = signs;
        this.parts = parts;
        this.intents = intents;
    }

    /**
     * A sentence, its clauses in one order.
     *
     * @param signs by what they say
     * @param parts by what part they speak of
     * @param intents by what the caller is after
     */
    record Sentence(List<ClauseView> signs, List<ClauseView> parts, List<ClauseView> intents) {}

    /** Looks at a sentence, in which the phrases of the pack are known. */
    Sentence of(String text, ParsedComplaint byWords) {
        List<Clause> clauses = encoder.of(text, TypedPhrases.begun(text, byWords));
        return new Sentence(signs.views(clauses), parts.views(clauses), intents.views(clauses));
    }

    /** The signs that clauses say in the very words of a saying of the house. */
    Set<String> inVeryWords(Sentence sentence) {
        return sentence.signs().stream()
                .map(view -> signsOf.getOrDefault(view.clause().stems(), Set.of()))
                .flatMap(Set::stream)
                .collect(Collectors.toSet());
    }

    /** Why a clause may have a meaning: the nearest sayings, and the words that decide. */
    MeaningModel.Explanation explained(MeaningModel.Reading reading, int meaning, Clause clause) {
        return new MeaningModel.Explanation(
                reading, signs.index().nearest(meaning, clause.bag(), NEAREST), signs.deciding(clause, meaning));
    }

    SignFigures signFigures(Pack pack) {
        return new SignFigures(pack, signs.meanings());
    }

    PartFigures partFigures() {
        return new PartFigures(parts.meanings(), intents.meanings(), names, this::speech);
    }

    private List<float[]> speech(List<String> texts) {
        List<float[]> vectors = embedder.embed(texts);
        return IntStream.range(0, texts.size())
                .mapToObj(i -> hows(speech.classifier()
                        .shares(vectors.get(i), speech.vocabulary().vector(WordBag.of(texts.get(i))))))
                .toList();
    }

    private float[] hows(float[] shares) {
        float[] hows = new float[Judges.HOWS.length];
        for (int i = 0; i < hows.length; i++) {
            hows[i] = shares[speech.meanings().indexOf(PartLines.INTENTS.get(Judges.HOWS[i]))];
        }
        return hows;
    }

    String signMeaning(int number) {
        return signs.meanings().get(number);
    }

    String partMeaning(int number) {
        return parts.meanings().get(number);
    }

    List<String> intentMeanings() {
        return intents.meanings();
    }
}
