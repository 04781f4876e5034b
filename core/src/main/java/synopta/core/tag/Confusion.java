package synopta.core.tag;

import java.util.List;

/**
 * What it costs, in nats (minus the natural logarithm of a probability), that a character of the tag reached us as
 * another.
 *
 * <p>Which glyphs are confused: 0/O, 1/I/L from Crockford's Base 32 and RFC 4648 section 6, I, O, Q from ISO 3779, 2/Z
 * from the ISMP list of error-prone symbols (all from memory); 5/S, 8/B, 6/G, U/V and the sounds over a telephone are
 * common practice with no published source. The costs themselves are our judgement, not a measurement.
 *
 * @param lookAlike another glyph of the same looks
 * @param soundAlike another letter of the same sound
 * @param neighbourKey the key beside it
 * @param other any other character
 * @param readAgain more for a character that was read twice: eyes err about once in a thousand
 * @param swapped two neighbours the wrong way round
 * @param dropped a character left out
 * @param doubled one of two equal neighbours left out, or typed twice
 * @param extra a character too many
 * @param wornEnd the end is worn off, once
 * @param wornCharacter and for each character lost there
 */
record Confusion(
        double lookAlike,
        double soundAlike,
        double neighbourKey,
        double other,
        double readAgain,
        double swapped,
        double dropped,
        double doubled,
        double extra,
        double wornEnd,
        double wornCharacter) {
    /** At most so many characters are lost at a worn end. */
    static final int WORN_AT_MOST = 4;

    /** What we judge for the readings of a counter. */
    static final Confusion AT_THE_COUNTER = new Confusion(2.3, 3.0, 4.2, 6.5, 6.9, 4.2, 4.6, 3.6, 5.2, 2.2, 0.7);

    private static final List<String> LOOKS = List.of("0ODQ", "1IL", "5S", "8B", "2Z", "6G", "UV", "CG", "EF", "17");
    private static final List<String> SOUNDS = List.of("BDPTEVCG3", "MN", "FSX", "59", "AJK8", "QU", "IY");
    private static final List<String> KEYS = List.of("1234567890", "QWERTYUIOP", "ASDFGHJKL", "ZXCVBNM");

    /** Cost that `shown` on the tag was taken down as `typed`; 0 when they are the same. */
    double substitution(char typed, char shown) {
        if (typed == shown) {
            return 0;
        }
        if (together(LOOKS, typed, shown)) {
            return lookAlike;
        }
        if (together(SOUNDS, typed, shown)) {
            return soundAlike;
        }
        boolean neighbours = KEYS.stream().anyMatch(row -> {
            int a = row.indexOf(typed);
            int b = row.indexOf(shown);
            return a >= 0 && b >= 0 && Math.abs(a - b) == 1;
        });
        return neighbours ? neighbourKey : other;
    }

    /** All substitutions: what was taken down by row, what was shown by column, in the order of {@link Naming#sign}. */
    double[][] table() {
        double[][] table = new double[Naming.SIGNS][Naming.SIGNS];
        for (int typed = 0; typed < Naming.SIGNS; typed++) {
            for (int shown = 0; shown < Naming.SIGNS; shown++) {
                table[typed][shown] = substitution(Naming.character(typed), Naming.character(shown));
            }
        }
        return table;
    }

    private static boolean together(List<String> groups, char a, char b) {
        return groups.stream().anyMatch(group -> group.indexOf(a) >= 0 && group.indexOf(b) >= 0);
    }
}
