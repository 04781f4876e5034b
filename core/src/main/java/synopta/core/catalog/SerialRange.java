package synopta.core.catalog;

import java.util.Optional;

/**
 * The serial numbers something holds for; both ends count, an absent end is open. Serials are compared by their letters
 * and digits, a shorter one first (a counter that grew a digit is later), then character by character.
 */
public record SerialRange(Optional<String> from, Optional<String> to) {
    /** Every serial. */
    public static final SerialRange ALL = new SerialRange(Optional.empty(), Optional.empty());

    /** Refuses an end without a letter or digit, and a range that ends before it begins. */
    public SerialRange {
        from = from.map(s -> Written.required("Serial", s));
        to = to.map(s -> Written.required("Serial", s));
        if (from.isPresent() && to.isPresent() && compare(to.get(), from.get()) < 0) {
            throw new IllegalArgumentException(
                    "Serial range (%s to %s) must not end before it begins.".formatted(from.get(), to.get()));
        }
    }

    /** Whether no end is set. */
    public boolean isOpen() {
        return from.isEmpty() && to.isEmpty();
    }

    /** Whether that serial is meant. */
    public boolean holds(String serial) {
        return from.map(f -> compare(serial, f) >= 0).orElse(true)
                && to.map(t -> compare(serial, t) <= 0).orElse(true);
    }

    private static int compare(String a, String b) {
        String left = Written.key(a);
        String right = Written.key(b);
        return left.length() == right.length() ? left.compareTo(right) : Integer.compare(left.length(), right.length());
    }

    /** In words: ", serial from 4A100 to 4A900"; nothing when open. */
    public String words() {
        return isOpen()
                ? ""
                : ", serial" + from.map(f -> " from " + f).orElse("")
                        + to.map(t -> " to " + t).orElse("");
    }
}
