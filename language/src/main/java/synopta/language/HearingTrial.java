package synopta.language;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.diagnosis.ParsedComplaint.Named.How;
import synopta.core.knowledge.Pack;

/**
 * How well labelled sentences are heard by what was learnt of others: five-fold cross-validation. The sayings are not
 * split, as none is made from a labelled sentence.
 */
public final class HearingTrial {
    /** Name of the product's score. */
    public static final String LEARNT = "learnt";

    /** Name of the score of the text search. */
    public static final String TEXT_SEARCH = "text search over the sayings";

    private static final int FOLDS = 5;
    private static final int WORDS = 30;
    private static final double NANOS = 1e6;

    private final Training training;
    private final Embedder embedder;
    private final List<SentenceTrainer.Example> examples;
    private final List<SentenceTrainer.Example> made;

    /**
     * Learns the sayings.
     *
     * @param knowledge folder of the packs, with the sayings
     * @param labelled folder of the labelled sentences
     * @param oneIn of how many sayings and sentences one is used: 1 for a trial, more to see that it works
     */
    public HearingTrial(Path knowledge, Path labelled, Embedder embedder, int oneIn) throws IOException {
        this.embedder = embedder;
        training = new Training(knowledge, labelled, embedder, oneIn);
        examples = training.examples();
        made = training.made();
    }

    /** The scores by name: of the product, judged by four fifths of the sentences, and of the baselines. */
    public Map<String, HearingScore> scores() {
        Map<String, HearingScore> scores = new LinkedHashMap<>();
        scores.put(LEARNT, HearingScore.of(crossValidated()));
        scores.put("phrases of the packs", HearingScore.of(heard(pack -> MeaningModel.NONE)));
        NearestSaying nearest = new NearestSaying(training, embedder);
        List<LabelledSentence> sentences = training.trial();
        scores.put(TEXT_SEARCH, HearingScore.best(sentences, nearest.byTextSearch(sentences)));
        scores.put("nearest saying by embedding", HearingScore.best(sentences, nearest.byEmbedding(sentences)));
        return scores;
    }

    /** Milliseconds that it takes to hear lines of thirty words, everything included, rising. */
    public List<Double> milliseconds() {
        Map<Appliance, Diagnoser> diagnosers = new EnumMap<>(Appliance.class);
        Judges judges = SentenceTrainer.learnt(made);
        training.packs()
                .forEach((appliance, pack) ->
                        diagnosers.put(appliance, new Diagnoser(pack, training.model(pack, judges))));
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < examples.size(); i++) {
            StringBuilder line = new StringBuilder();
            for (int j = i; Clauses.words(line.toString()) < WORDS; j++) {
                line.append(examples.get(j % examples.size()).sentence().text()).append(", ");
            }
            List<String> words = List.of(line.toString().split(" "));
            String said = String.join(" ", words.subList(0, Math.min(WORDS, words.size()))) + " " + i;
            long start = System.nanoTime();
            diagnosers.get(examples.get(i).sentence().appliance()).hear(said);
            if (i >= examples.size() / 4) {
                times.add((System.nanoTime() - start) / NANOS);
            }
        }
        return times.stream().sorted().toList();
    }

    /** What is heard of each sentence by judges that were taught by the other folds. */
    List<Heard> crossValidated() {
        List<Heard> heard = new ArrayList<>();
        for (int fold = 0; fold < FOLDS; fold++) {
            int held = fold;
            List<SentenceTrainer.Example> others = new ArrayList<>(made);
            IntStream.range(0, examples.size())
                    .filter(i -> i % FOLDS != held)
                    .forEach(i -> others.add(examples.get(i)));
            Judges judges = SentenceTrainer.learnt(others);
            Map<Appliance, MeaningModel> models = new EnumMap<>(Appliance.class);
            training.packs().forEach((appliance, pack) -> models.put(appliance, training.model(pack, judges)));
            IntStream.range(0, examples.size())
                    .filter(i -> i % FOLDS == held)
                    .forEach(i -> heard.add(heard(
                            examples.get(i).sentence(),
                            models.get(examples.get(i).sentence().appliance()))));
        }
        return heard;
    }

    private List<Heard> heard(Function<Pack, MeaningModel> models) {
        return training.trial().stream()
                .map(sentence -> heard(sentence, models.apply(training.packs().get(sentence.appliance()))))
                .toList();
    }

    /**
     * How well the model as it ships hears sentences that were written after it was taught.
     *
     * @param sentences folder of labelled sentences, a file an appliance
     */
    public HearingScore ofShipped(Path knowledge, Path sentences) throws IOException {
        LanguageModel shipped = new LanguageModel(knowledge, training.packs().values());
        List<Heard> heard = new ArrayList<>();
        for (Pack pack : training.packs().values()) {
            MeaningModel model = shipped.apply(pack);
            LabelledSentence.read(sentences.resolve(pack.appliance().slug() + ".tsv"))
                    .forEach(sentence -> heard.add(heard(sentence, model)));
        }
        return HearingScore.of(heard);
    }

    /**
     * What was heard of a sentence.
     *
     * @param sentence as it is labelled
     * @param signs that are taken as said
     * @param offered signs that may be meant
     * @param parts with their marks
     * @param likely probability of each sign that was thought of
     */
    record Heard(
            LabelledSentence sentence,
            Set<String> signs,
            Set<String> offered,
            Set<String> parts,
            Map<String, Double> likely) {}

    private Heard heard(LabelledSentence sentence, MeaningModel model) {
        Pack pack = training.packs().get(sentence.appliance());
        Map<String, Double> likely = new TreeMap<>();
        Diagnoser diagnoser = new Diagnoser(pack, model);
        ParsedComplaint byWords = diagnoser.phrases(sentence.text());
        model.read(sentence.text(), byWords)
                .readings()
                .forEach(r -> likely.put(r.finding() + "=" + r.answer(), r.probability()));
        ParsedComplaint parsed = diagnoser.heard(sentence.text(), byWords);
        return new Heard(
                sentence,
                parsed.heard().stream()
                        .map(h -> h.evidence().finding() + "=" + h.evidence().answer())
                        .collect(Collectors.toCollection(LinkedHashSet::new)),
                parsed.maybe().stream()
                        .flatMap(m -> m.options().stream())
                        .map(r -> r.finding() + "=" + r.answer())
                        .collect(Collectors.toCollection(LinkedHashSet::new)),
                parsed.named().stream()
                        .filter(n -> n.how() != How.MENTIONED)
                        .flatMap(n -> n.partTypes().stream().map(t -> SentenceTrainer.MARKS.get(n.how()) + t))
                        .collect(Collectors.toCollection(LinkedHashSet::new)),
                likely);
    }
}
