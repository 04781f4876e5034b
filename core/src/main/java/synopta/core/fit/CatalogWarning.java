package synopta.core.fit;

import synopta.core.quantity.Slugged;

/**
 * Something in the catalog that is probably not meant.
 *
 * @param kind kind of the likely mistake
 * @param subject the part, model or platform it is about, as written
 * @param message what was found, and what to do about it
 */
public record CatalogWarning(Kind kind, String subject, String message) {
    /** What is looked for. */
    public enum Kind implements Slugged {
        PART_UNUSED,
        SLOT_WITHOUT_PART,
        FIT_AT_NO_PLACE,
        SUCCESSION_CYCLE,
        DEAD_END,
        KIT_UNKNOWN,
        SLIP,
        CODE_UNUSED;
    }
}
