package synopta.core.fit;

import java.util.Locale;
import synopta.core.catalog.PartNumber;

/** Something that may do in place of a part that is no longer made; `why` in a sentence. */
public record Suggestion(PartNumber part, Kind kind, String why) {
    /** What speaks for it, the surest first. */
    public enum Kind {
        ALLOWED_EQUIVALENT,
        SAME_SPECIFICATION,
        OTHER_BRAND;

        /** The word of the API. */
        public String slug() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
