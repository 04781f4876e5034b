package synopta.server;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.Saying;
import synopta.formats.knowledge.SayingsReader;
import synopta.language.LanguageModel;

/**
 * How callers are heard: by the phrases of the packs, and by what was learnt of meanings where this machine can.
 *
 * @param meanings what was learnt, for each pack
 * @param sayings beside the packs, as they ship
 * @param missing why the phrases alone are heard; null where both are
 */
public record Hearing(
        Function<Pack, MeaningModel> meanings,
        Map<Appliance, List<Saying>> sayings,
        @Nullable String missing) {
    private static final Logger LOG = LoggerFactory.getLogger(Hearing.class);

    /** As well as this machine can; throws IOException when sayings or weights cannot be read. */
    static Hearing of(Path knowledge, Collection<Pack> shipped) throws IOException {
        Map<Appliance, List<Saying>> sayings = new EnumMap<>(Appliance.class);
        for (Appliance appliance : Appliance.values()) {
            sayings.put(appliance, SayingsReader.of(knowledge, appliance));
        }
        try {
            return new Hearing(new LanguageModel(knowledge, shipped), sayings, null);
        } catch (IllegalStateException e) {
            LOG.warn("Callers are heard by the phrases of the packs alone. {}", e.getMessage());
            return new Hearing(MeaningModel.UNTAUGHT, sayings, e.getMessage());
        }
    }
}
