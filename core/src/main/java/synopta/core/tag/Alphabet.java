package synopta.core.tag;

/** The characters of a normalized number: the digits, then the capital letters. */
final class Alphabet {
    static final int COUNT = 36;

    private Alphabet() {}

    static char character(int sign) {
        return (char) (sign < 10 ? '0' + sign : 'A' + sign - 10);
    }

    /** The place of a digit or capital letter among the signs. */
    static int of(char c) {
        return c <= '9' ? c - '0' : c - 'A' + 10;
    }

    static boolean isSign(char c) {
        return c >= '0' && c <= '9' || c >= 'A' && c <= 'Z';
    }
}
