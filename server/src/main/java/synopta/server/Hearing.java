package synopta.server;

import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.knowledge.Pack;
import synopta.language.LanguageModel;

/**
 * How callers are heard: by the phrases of the packs, and by what was learnt of meanings where this machine can.
 *
 * @param meanings what was learnt, for each pack
 * @param missing why the phrases alone are heard; null where both are
 */
public record Hearing(
        Function<Pack, MeaningModel> meanings, @Nullable String missing) {
    private static final Logger LOG = LoggerFactory.getLogger(Hearing.class);

    /** As well as this machine can; throws IOException when sayings or weights cannot be read. */
    static Hearing of(Path knowledge) throws IOException {
        try {
            return new Hearing(new LanguageModel(knowledge), null);
        } catch (IllegalStateException e) {
            LOG.warn("Callers are heard by the phrases of the packs alone. {}", e.getMessage());
            return new Hearing(MeaningModel.UNTAUGHT, e.getMessage());
        }
    }
}
