package synopta.core.quantity;

/** How large a whole number may be. */
public final class WholeNumbers {
    private WholeNumbers() {}

    /**
     * Refuses a number outside its bounds, which are both allowed.
     *
     * @param what it is, as a person would call it
     */
    public static void between(String what, long value, long least, long most) {
        if (value < least || value > most) {
            throw new IllegalArgumentException(
                    "%s (%d) must lie between %d and %d.".formatted(what, value, least, most));
        }
    }
}
