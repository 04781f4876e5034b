package synopta.core.line;

import java.util.List;
import synopta.core.quantity.Slugged;

/**
 * A piece of the caller's line.
 *
 * @param kind what it was taken for
 * @param text words of the line
 * @param from first character in the line
 * @param to after its last
 */
public record LineToken(Kind kind, String text, int from, int to) {
    /** Whether none of these pieces stands in a stretch of the line. */
    static boolean isFree(List<LineToken> taken, int from, int to) {
        return taken.stream().noneMatch(piece -> piece.from < to && from < piece.to);
    }

    /** What a piece of a line can be. */
    public enum Kind implements Slugged {
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
        CODE,
        /** Said besides: a phone number, a date, a price, an address. */
        BESIDE,
        NOT_UNDERSTOOD;
    }
}
