package synopta.core.casefile;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Ordered;
import synopta.core.quantity.Slugged;

/**
 * A part asked for by its name.
 *
 * @param partTypes what the word may mean; several until one is chosen
 * @param pieces how many; null where nothing was said
 * @param all whether all of the kind are asked for: "drum rollers", "a set of"
 * @param places which of several; none where nothing was said
 * @param reason why; null where nothing was said
 * @param phrase words of the complaint it came from
 */
public record PartRequest(
        List<String> partTypes,
        @Nullable Integer pieces,
        boolean all,
        Set<Place> places,
        @Nullable Reason reason,
        String phrase) {
    /** Copies. */
    public PartRequest {
        partTypes = List.copyOf(partTypes);
        places = Ordered.set(places);
    }

    /** The same of fewer meanings. */
    public PartRequest of(List<String> fewer) {
        return new PartRequest(fewer, pieces, all, places, reason, phrase);
    }

    /** Which of several parts of a kind. */
    public enum Place implements Slugged {
        FRONT,
        REAR,
        LEFT,
        RIGHT,
        UPPER,
        LOWER
    }

    /** Why a part is asked for. */
    public enum Reason implements Slugged {
        WORN,
        BROKEN,
        LOST,
        PREVENTIVE,
        CONVERSION,
        INSTALLATION
    }
}
