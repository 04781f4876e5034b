package synopta.core.catalog;

import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Slugged;

/**
 * The serial numbers something holds for; both ends count, an absent end is open.
 *
 * @param from first serial number; null: from the beginning
 * @param to last serial number; null: without end
 */
public record SerialRange(@Nullable String from, @Nullable String to) {
    /** Every serial. */
    public static final SerialRange ALL = new SerialRange(null, null);

    /** Whether a serial is meant. */
    public enum Holds implements Slugged {
        YES,
        NO,
        CANNOT_TELL
    }

    /** Refuses an end without a letter or digit. */
    public SerialRange {
        from = checked(from);
        to = checked(to);
    }

    private static @Nullable String checked(@Nullable String end) {
        if (end == null) {
            return null;
        }
        NumberNormalizer.required("Serial", end);
        return end.strip();
    }

    /** Whether no end is set. */
    public boolean isOpen() {
        return from == null && to == null;
    }

    /** Whether that serial is meant, in the order of its brand. */
    public Holds holds(String serial, SerialOrder order) {
        OptionalInt begun =
                Optional.ofNullable(from).map(f -> order.compare(serial, f)).orElse(OptionalInt.of(0));
        OptionalInt ended =
                Optional.ofNullable(to).map(t -> order.compare(t, serial)).orElse(OptionalInt.of(0));
        if (begun.orElse(0) < 0 || ended.orElse(0) < 0) {
            return Holds.NO;
        }
        return begun.isPresent() && ended.isPresent() ? Holds.YES : Holds.CANNOT_TELL;
    }

    /** Whether it ends before it begins, in the order of its brand. */
    public boolean isBackwards(SerialOrder order) {
        return from != null && to != null && order.compare(to, from).orElse(0) < 0;
    }

    /** In words: ", serial from 4A100 to 4A900"; nothing when open. */
    public String words() {
        return isOpen()
                ? ""
                : ", serial" + Optional.ofNullable(from).map(f -> " from " + f).orElse("")
                        + Optional.ofNullable(to).map(t -> " to " + t).orElse("");
    }
}
