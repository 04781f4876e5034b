package synopta.language;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.Saying;
import synopta.formats.knowledge.PackReader;
import synopta.formats.knowledge.SayingsReader;

/** Trains the model of meanings anew from the packs, the sayings beside them and the labelled sentences. */
public final class Train {
    private Train() {}

    /**
     * Trains and writes.
     *
     * @param args folder of the packs, folder of the labelled sentences, file to write
     */
    public static void main(String[] args) throws IOException {
        Path knowledge = Path.of(args[0]);
        Training training = training(knowledge, Path.of(args[1]), new OnnxEmbedder());
        Map<Appliance, ModelFile.Taught> taught = new TreeMap<>();
        training.sayings()
                .forEach((appliance, of) ->
                        taught.put(appliance, new ModelFile.Taught(of.meanings(), of.vocabulary(), of.classifier())));
        LogisticModel judge = SentenceTrainer.learnt(training.sentences().rows(training.labelled()));
        try (OutputStream out = Files.newOutputStream(Path.of(args[2]))) {
            ModelFile.write(new ModelFile.Content(taught, judge), out);
        }
    }

    /**
     * What training goes by.
     *
     * @param packs by appliance
     * @param sayings what was learnt of them
     * @param labelled sentences
     * @param sentences teaches from sentences
     */
    record Training(
            Map<Appliance, Pack> packs,
            Map<Appliance, ApplianceModel.SayingClassifier> sayings,
            List<LabelledSentence> labelled,
            SentenceTrainer sentences) {}

    /** Learns the sayings; refuses one whose meaning no pack knows. */
    static Training training(Path knowledge, Path labelled, Embedder embedder) throws IOException {
        Map<Appliance, Pack> packs = new TreeMap<>();
        Map<Appliance, ApplianceModel.SayingClassifier> sayings = new TreeMap<>();
        List<LabelledSentence> sentences = new ArrayList<>();
        for (Pack pack : PackReader.folder(knowledge).packs()) {
            packs.put(pack.appliance(), pack);
            sayings.put(pack.appliance(), new SayingTrainer(embedder).learnt(sayings(knowledge, pack)));
            sentences.addAll(TypedLines.of(pack));
            sentences.addAll(
                    LabelledSentence.read(labelled.resolve(pack.appliance().slug() + ".tsv")));
        }
        return new Training(packs, sayings, sentences, new SentenceTrainer(embedder, packs, sayings));
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
}
