package synopta.language;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.IntStream;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.Saying;
import synopta.formats.knowledge.PackReader;
import synopta.formats.knowledge.SayingsReader;

/** What training goes by: packs, sayings and labelled sentences, and what the sayings teach. */
final class Training {
    private static final int SPLIT = 7;

    private final Map<Appliance, Pack> packs = new TreeMap<>();
    private final Map<Appliance, List<Saying>> sayings = new TreeMap<>();
    private final List<LabelledSentence> trial = new ArrayList<>();
    private final List<LabelledSentence> own = new ArrayList<>();
    private final SayingTrainer trainer;
    private final Embedder embedder;
    private final SayingClassifier intents;
    private final Taught speech;
    private final List<PartLines.Way> ways;
    private final Map<Appliance, Sentences> sentences = new TreeMap<>();
    private final Map<Appliance, ModelFile.ApplianceTaught> taught = new TreeMap<>();
    private final int oneIn;

    /**
     * Learns the sayings; refuses one whose meaning no pack knows.
     *
     * @param knowledge folder of the packs, with the sayings
     * @param labelled folder of the labelled sentences and of the ways of speaking of parts
     */
    Training(Path knowledge, Path labelled, Embedder embedder) throws IOException {
        this(knowledge, labelled, embedder, 1);
    }

    /** The same of one saying in so many, and one sentence, to see that it works. */
    Training(Path knowledge, Path labelled, Embedder embedder, int oneIn) throws IOException {
        this.embedder = embedder;
        this.oneIn = oneIn;
        trainer = new SayingTrainer(embedder);
        List<Saying> all = new ArrayList<>();
        for (Pack pack : PackReader.folder(knowledge).packs()) {
            String file = pack.appliance().slug() + ".tsv";
            packs.put(pack.appliance(), pack);
            sayings.put(pack.appliance(), some(sayings(knowledge, pack)));
            all.addAll(sayings.get(pack.appliance()));
            trial.addAll(some(LabelledSentence.read(labelled.resolve(file))));
            own.addAll(some(LabelledSentence.read(labelled.resolve("more").resolve(file))));
        }
        Collections.shuffle(trial, new Random(SPLIT));
        intents = SayingClassifier.ofShares(trainer.learnt(TrainingSayings.ofIntents(all)));
        ways = some(PartLines.read(labelled.resolve("parts.txt")));
        speech = trainer.learnt(TrainingSayings.ofSpeech(all, ways));
        packs.keySet().forEach(this::learn);
    }

    private void learn(Appliance appliance) {
        List<Saying> used = sayings.get(appliance);
        TrainingSayings said = TrainingSayings.ofSigns(used);
        SayingClassifier signs = SayingClassifier.of(trainer.learnt(said), said);
        TrainingSayings names = TrainingSayings.ofParts(used);
        SayingClassifier parts = SayingClassifier.of(trainer.learnt(names.spoken(ways)), names);
        taught.put(appliance, new ModelFile.ApplianceTaught(signs.taught(), parts.taught()));
        sentences.put(appliance, new Sentences(appliance, embedder, used, List.of(), signs, parts, intents, speech));
    }

    private <T> List<T> some(List<T> of) {
        return IntStream.range(0, of.size())
                .filter(i -> i % oneIn == 0
                        || of.get(i) instanceof Saying s && s.meaning().startsWith(Saying.INTENT))
                .mapToObj(of::get)
                .toList();
    }

    private static List<Saying> sayings(Path knowledge, Pack pack) throws IOException {
        List<Saying> sayings = new ArrayList<>(Saying.of(pack));
        sayings.addAll(SayingsReader.of(knowledge, pack.appliance()));
        sayings.addAll(SayingsReader.intents(knowledge));
        for (Saying saying : sayings) {
            if (!saying.isOf(pack)) {
                throw new IllegalArgumentException("The saying “%s” means %s, which the pack of the %s does not know."
                        .formatted(
                                saying.text(),
                                saying.meaning(),
                                pack.appliance().slug()));
            }
        }
        return sayings;
    }

    Map<Appliance, Pack> packs() {
        return packs;
    }

    List<Saying> sayings(Appliance appliance) {
        return sayings.get(appliance);
    }

    /** The labelled sentences that trials are made with, shuffled. */
    List<LabelledSentence> trial() {
        return trial;
    }

    /** The same, looked at. */
    List<SentenceTrainer.Example> examples() {
        return examples(trial);
    }

    /** What no trial is made with: labelled sentences of our own, lines as specialists type them, of signs, and of parts. */
    List<SentenceTrainer.Example> made() {
        List<SentenceTrainer.Example> made = new ArrayList<>(examples(own));
        List<LabelledSentence> typed = some(packs.values().stream()
                .flatMap(pack -> TypedLines.of(pack).stream())
                .toList());
        examples(typed).forEach(example -> made.add(example.ofSigns()));
        packs.keySet().stream()
                .flatMap(appliance -> examples(PartLines.of(ways, appliance, sayings.get(appliance))).stream())
                .forEach(example -> made.add(example.ofParts()));
        return made;
    }

    private List<SentenceTrainer.Example> examples(List<LabelledSentence> labelled) {
        SentenceTrainer seen = new SentenceTrainer(packs, sentences);
        return labelled.stream().map(seen::example).toList();
    }

    /** A model of a pack by these judges. */
    MeaningModel model(Pack pack, Judges judges) {
        return new ApplianceModel(pack, sentences.get(pack.appliance()), judges);
    }

    /** All that was learnt, with the judges that these examples teach. */
    ModelFile.Content content(List<SentenceTrainer.Example> examples) {
        return new ModelFile.Content(taught, intents.taught(), speech, SentenceTrainer.learnt(examples));
    }
}
