package synopta.core.line;

import java.util.Locale;

/**
 * A piece of the caller's line.
 *
 * @param kind what it was taken for
 * @param from first character in the line
 * @param to after its last
 */
public record LineToken(Kind kind, String text, int from, int to) {
    /** What a piece of a line can be. */
    public enum Kind {
        MODEL,
        SERIAL,
        BRAND,
        APPLIANCE,
        FUEL,
        AGE,
        COMPLAINT,
        PART,
        PART_NUMBER,
        READING,
        NOT_UNDERSTOOD;

        /** The word of the API. */
        public String slug() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
