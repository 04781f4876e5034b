package synopta.core.fit;

import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Slugged;

/**
 * Something that may do in place of a part that is no longer made; `why` in a sentence.
 *
 * @param part part that is suggested
 * @param kind kind, from a closed list
 * @param why the reason, in a sentence
 */
public record Suggestion(PartNumber part, Kind kind, String why) {
    /** What speaks for it, the surest first. */
    public enum Kind implements Slugged {
        ALLOWED_EQUIVALENT,
        SAME_SPECIFICATION,
        OTHER_BRAND;
    }
}
