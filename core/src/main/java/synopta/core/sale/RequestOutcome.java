package synopta.core.sale;

import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Slugged;

/**
 * What became of a request.
 *
 * @param partType slug of the part type; the first of several while it is open which
 * @param phrase words it came from; the number where it was asked for by number
 * @param status what became of it
 * @param why why, in a sentence, and what settles it where something is open
 * @param closest parts that may be meant, where a number is no part's
 * @param places places of which one is to be chosen, where the machine takes different numbers at them
 * @param symptoms what the symptoms say about it; null where nothing
 */
public record RequestOutcome(
        String partType,
        String phrase,
        Status status,
        String why,
        List<PartNumber> closest,
        List<OpenPlace> places,
        @Nullable String symptoms) {
    /** Copies. */
    public RequestOutcome {
        closest = List.copyOf(closest);
        places = List.copyOf(places);
    }

    RequestOutcome(String partType, String phrase, Status status, String why) {
        this(partType, phrase, status, why, List.of(), List.of(), null);
    }

    /** The same, where one of the places is to be chosen. */
    RequestOutcome at(List<OpenPlace> open) {
        return new RequestOutcome(partType, phrase, status, why, closest, open, symptoms);
    }

    /** The same, with what the symptoms say about it. */
    public RequestOutcome with(@Nullable String said) {
        return new RequestOutcome(partType, phrase, status, why, closest, places, said);
    }

    /**
     * A place that may be meant.
     *
     * @param slot id of the place
     * @param name what the place is called
     * @param words what to say in place of the request's phrase to mean this place
     */
    public record OpenPlace(String slot, String name, String words) {}

    /** What may become of a request. */
    public enum Status implements Slugged {
        /** It is in the bag. */
        IN_BAG,
        /** The word means several parts, or the machine takes different ones: one question decides. */
        WHICH_ONE,
        /** The machine has no such part. */
        NOT_ON_THIS_MACHINE,
        /** Which machine it is for is not known, so no number is. */
        NO_NUMBER,
        /** Not sold to whoever does the work. */
        NOT_TO_THIS_PERSON
    }
}
