package synopta.core.line;

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
