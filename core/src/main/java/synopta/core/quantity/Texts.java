package synopta.core.quantity;

import org.jspecify.annotations.Nullable;

/** How long a text may be. */
public final class Texts {
    private Texts() {}

    /**
     * Refuses a text that is longer than is kept.
     *
     * @param text null where there is none
     * @param what it is, as a person would call it
     * @param most characters
     */
    public static void limited(String what, @Nullable String text, int most) {
        if (text != null && text.length() > most) {
            throw new IllegalArgumentException(
                    "%s has %d characters; the limit is %d. Shorten it.".formatted(what, text.length(), most));
        }
    }
}
