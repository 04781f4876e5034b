package synopta.language;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
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
    private final Map<Appliance, Set<Saying>> shipped = new TreeMap<>();
    private final List<Saying> intents;

    /**
     * Loads it.
     *
     * @param knowledge folder of the packs, with the sayings
     * @param packs as they ship
     * @throws IOException when the sayings or the weights cannot be read
     * @throws IllegalStateException when the native library does not load on this machine
     */
    public LanguageModel(Path knowledge, Collection<Pack> packs) throws IOException {
        try (InputStream in = LanguageModel.class.getResourceAsStream(FILE)) {
            if (in == null) {
                throw new IOException("The model of meanings is missing: build it with ./synopta train.");
            }
            taught = ModelFile.read(in);
        }
        packs.forEach(pack -> shipped.put(pack.appliance(), Set.copyOf(Saying.of(pack))));
        intents = SayingsReader.intents(knowledge);
        for (Appliance appliance : taught.appliances().keySet()) {
            sayings.put(appliance, SayingsReader.of(knowledge, appliance));
        }
        embedder = new OnnxEmbedder();
    }

    @Override
    public MeaningModel apply(Pack pack) {
        ModelFile.ApplianceTaught of = taught.appliances().get(pack.appliance());
        if (of == null) {
            return MeaningModel.NONE;
        }
        List<Saying> used = new ArrayList<>(Saying.of(pack));
        used.addAll(sayings.get(pack.appliance()));
        used.addAll(intents);
        return new ApplianceModel(
                pack,
                new Sentences(
                        pack.appliance(),
                        embedder,
                        used,
                        house(pack),
                        SayingClassifier.of(of.signs(), TrainingSayings.ofSigns(used)),
                        SayingClassifier.of(of.parts(), TrainingSayings.ofParts(used)),
                        SayingClassifier.ofShares(taught.intents()),
                        taught.speech()),
                taught.judges());
    }

    /** What a pack says that the pack as it ships does not. */
    private Set<Saying> house(Pack pack) {
        Set<Saying> house = new LinkedHashSet<>(Saying.of(pack));
        shipped.getOrDefault(pack.appliance(), Set.of()).forEach(house::remove);
        return house;
    }
}
