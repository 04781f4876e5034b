package synopta.core.tag;

import java.util.List;

/**
 * What it costs, in nats (minus the natural logarithm of a probability), that a character of the tag reached us as
 * another.
 *
 * <p>Which glyphs are confused: 0/O, 1/I/L from Crockford's Base 32 and RFC 4648 section 6, I, O, Q from ISO 3779, 2/Z
 * from the ISMP list of error-prone symbols (all from memory); 5/S, 8/B, 6/G, U/V and the sounds over a telephone are
 * common practice with no published source. The costs themselves are our judgement, not a measurement.
 */
final class Confusion {
    static final double LOOK_ALIKE = 2.3;
    static final double SOUND_ALIKE = 3.0;
    static final double NEIGHBOUR_KEY = 4.2;
    static final double OTHER = 6.5;
    /** A character read again: our own eyes err about once in a thousand. */
    static final double READ_AGAIN = 6.9;

    static final double SWAPPED = 4.2;
    static final double DROPPED = 4.6;
    static final double DOUBLED = 3.6;
    static final double EXTRA = 5.2;
    /** The end is worn off: once, then for each character lost. */
    static final double WORN_END = 2.2;

    static final double WORN_CHARACTER = 0.7;
    static final int WORN_AT_MOST = 4;

    private static final List<String> LOOKS = List.of("0ODQ", "1IL", "5S", "8B", "2Z", "6G", "UV", "CG", "EF", "17");
    private static final List<String> SOUNDS = List.of("BDPTEVCG3", "MN", "FSX", "59", "AJK8", "QU", "IY");
    private static final List<String> KEYS = List.of("1234567890", "QWERTYUIOP", "ASDFGHJKL", "ZXCVBNM");

    private Confusion() {}

    /** Cost that `shown` on the tag was taken down as `typed`; 0 when they are the same. */
    static double substitution(char typed, char shown) {
        if (typed == shown) {
            return 0;
        }
        if (together(LOOKS, typed, shown)) {
            return LOOK_ALIKE;
        }
        if (together(SOUNDS, typed, shown)) {
            return SOUND_ALIKE;
        }
        boolean neighbours = KEYS.stream().anyMatch(row -> {
            int a = row.indexOf(typed);
            int b = row.indexOf(shown);
            return a >= 0 && b >= 0 && Math.abs(a - b) == 1;
        });
        return neighbours ? NEIGHBOUR_KEY : OTHER;
    }

    private static boolean together(List<String> groups, char a, char b) {
        return groups.stream().anyMatch(group -> group.indexOf(a) >= 0 && group.indexOf(b) >= 0);
    }
}
