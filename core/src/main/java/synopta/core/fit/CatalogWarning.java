package synopta.core.fit;

import java.util.Locale;

/**
 * Something in the catalogue that is probably not meant.
 *
 * @param subject the part, model or platform it is about, as written
 * @param message what was found, and what to do about it
 */
public record CatalogWarning(Kind kind, String subject, String message) {
    /** What is looked for. */
    public enum Kind {
        PART_UNUSED,
        SLOT_WITHOUT_PART,
        FIT_AT_NO_PLACE,
        SUCCESSION_CYCLE,
        DEAD_END,
        KIT_UNKNOWN,
        SLIP;

        /** The word of the API. */
        public String slug() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
