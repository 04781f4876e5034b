package synopta.language;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.Saying;
import synopta.formats.knowledge.SayingsReader;

/** What was learnt of meanings, as it ships, for the pack of each appliance. */
public final class LanguageModel implements Function<Pack, MeaningModel> {
    static final String FILE = "meanings.bin";

    private final Embedder embedder;
    private final ModelFile.Content taught;
    private final Map<Appliance, List<Saying>> sayings = new TreeMap<>();

    /**
     * Loads it.
     *
     * @param knowledge folder of the packs, with the sayings
     * @throws IOException when the sayings or the weights cannot be read
     * @throws IllegalStateException when the native library does not load on this machine
     */
    public LanguageModel(Path knowledge) throws IOException {
        try (InputStream in = LanguageModel.class.getResourceAsStream(FILE)) {
            if (in == null) {
                throw new IOException("The model of meanings is missing: build it with ./synopta train.");
            }
            taught = ModelFile.read(in);
        }
        List<Saying> intents = SayingsReader.intents(knowledge);
        for (Appliance appliance : taught.appliances().keySet()) {
            List<Saying> all = new ArrayList<>(SayingsReader.of(knowledge, appliance));
            all.addAll(intents);
            sayings.put(appliance, all);
        }
        embedder = new OnnxEmbedder();
    }

    @Override
    public MeaningModel apply(Pack pack) {
        ModelFile.Taught of = taught.appliances().get(pack.appliance());
        if (of == null) {
            return MeaningModel.NONE;
        }
        List<Saying> used = new ArrayList<>(Saying.of(pack));
        used.addAll(sayings.get(pack.appliance()));
        List<Saying> known = SayingTrainer.signs(used).stream()
                .filter(s -> of.meanings().contains(s.meaning()))
                .toList();
        SayingIndex index = new SayingIndex(known, of.meanings(), of.vocabulary());
        return new ApplianceModel(
                pack,
                embedder,
                new ApplianceModel.SayingClassifier(of.meanings(), of.vocabulary(), of.classifier(), index),
                taught.judge());
    }
}
