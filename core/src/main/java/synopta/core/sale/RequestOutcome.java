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
 * @param symptoms what the symptoms say about it; null where nothing
 */
public record RequestOutcome(
        String partType,
        String phrase,
        Status status,
        String why,
        List<PartNumber> closest,
        @Nullable String symptoms) {
    /** Copies. */
    public RequestOutcome {
        closest = List.copyOf(closest);
    }

    RequestOutcome(String partType, String phrase, Status status, String why) {
        this(partType, phrase, status, why, List.of(), null);
    }

    /** The same, with what the symptoms say about it. */
    public RequestOutcome with(@Nullable String said) {
        return new RequestOutcome(partType, phrase, status, why, closest, said);
    }

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
