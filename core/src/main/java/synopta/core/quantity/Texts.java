package synopta.core.quantity;

import java.util.Optional;

/** How long a text may be. */
public final class Texts {
    private Texts() {}

    /**
     * Refuses a text that is longer than is kept.
     *
     * @param what it is, as a person would call it
     * @param most characters
     */
    public static void limited(String what, String text, int most) {
        if (text.length() > most) {
            throw new IllegalArgumentException(
                    "%s has %d characters; the limit is %d. Shorten it.".formatted(what, text.length(), most));
        }
    }

    /** The same, where there may be none. */
    public static void limited(String what, Optional<String> text, int most) {
        text.ifPresent(words -> limited(what, words, most));
    }
}
