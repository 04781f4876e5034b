package synopta.core.casefile;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.knowledge.RequestReason;
import synopta.core.quantity.Ordered;
import synopta.core.quantity.Slugged;

/**
 * A part asked for by its name, or as part of a job.
 *
 * @param partTypes what the word may mean; several until one is chosen
 * @param pieces how many; null where nothing was said
 * @param all whether all of the kind are asked for: "drum rollers", "a set of"
 * @param places which of several; none where nothing was said
 * @param reason why; null where nothing was said
 * @param by who says that it is needed
 * @param phrase words of the complaint it came from
 * @param job what it is for, in a sentence, where a job asks for it; null where it was named
 */
public record PartRequest(
        List<String> partTypes,
        @Nullable Integer pieces,
        boolean all,
        Set<Place> places,
        @Nullable RequestReason reason,
        Source by,
        String phrase,
        @Nullable String job) {
    /** Copies. */
    public PartRequest {
        partTypes = List.copyOf(partTypes);
        places = Ordered.set(places);
    }

    /** All of a kind that a job takes. */
    public static PartRequest ofJob(String partType, @Nullable RequestReason reason, String phrase, String job) {
        return new PartRequest(List.of(partType), null, true, Set.of(), reason, Source.CALLER, phrase, job);
    }

    /** One of a kind that was picked by hand. */
    public static PartRequest picked(String partType, String name) {
        return new PartRequest(List.of(partType), null, false, Set.of(), null, Source.CALLER, name, null);
    }

    /** The same of fewer meanings. */
    public PartRequest of(List<String> fewer) {
        return new PartRequest(fewer, pieces, all, places, reason, by, phrase, job);
    }

    /** All of a part type that a kit holds, asked for as the kit was. */
    public PartRequest held(String partType) {
        return new PartRequest(List.of(partType), null, true, places, reason, by, phrase, job);
    }

    /** Which of several parts of a kind. */
    public enum Place implements Slugged {
        FRONT,
        REAR,
        LEFT,
        RIGHT,
        UPPER,
        LOWER;

        /** The other end of the same direction. */
        public Place opposite() {
            return switch (this) {
                case FRONT -> REAR;
                case REAR -> FRONT;
                case LEFT -> RIGHT;
                case RIGHT -> LEFT;
                case UPPER -> LOWER;
                case LOWER -> UPPER;
            };
        }
    }

    /** Who says that a part is needed. */
    public enum Source implements Slugged {
        CALLER,
        TECHNICIAN,
        /** A relative, a neighbor, a video. */
        SOMEBODY_ELSE
    }
}
