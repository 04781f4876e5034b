package synopta.core.catalog;

import java.util.Optional;
import java.util.OptionalInt;
import synopta.core.quantity.Slugged;

/** The serial numbers something holds for; both ends count, an absent end is open. */
public record SerialRange(Optional<String> from, Optional<String> to) {
    /** Every serial. */
    public static final SerialRange ALL = new SerialRange(Optional.empty(), Optional.empty());

    /** Whether a serial is meant. */
    public enum Holds implements Slugged {
        YES,
        NO,
        CANNOT_TELL
    }

    /** Refuses an end without a letter or digit. */
    public SerialRange {
        from = from.map(s -> NumberNormalizer.required("Serial", s));
        to = to.map(s -> NumberNormalizer.required("Serial", s));
    }

    /** Whether no end is set. */
    public boolean isOpen() {
        return from.isEmpty() && to.isEmpty();
    }

    /** Whether that serial is meant, in the order of its brand. */
    public Holds holds(String serial, SerialOrder order) {
        OptionalInt begun = from.map(f -> order.compare(serial, f)).orElse(OptionalInt.of(0));
        OptionalInt ended = to.map(t -> order.compare(t, serial)).orElse(OptionalInt.of(0));
        if (begun.orElse(0) < 0 || ended.orElse(0) < 0) {
            return Holds.NO;
        }
        return begun.isPresent() && ended.isPresent() ? Holds.YES : Holds.CANNOT_TELL;
    }

    /** Whether it ends before it begins, in the order of its brand. */
    public boolean isBackwards(SerialOrder order) {
        return from.isPresent()
                && to.isPresent()
                && order.compare(to.get(), from.get()).orElse(0) < 0;
    }

    /** In words: ", serial from 4A100 to 4A900"; nothing when open. */
    public String words() {
        return isOpen()
                ? ""
                : ", serial" + from.map(f -> " from " + f).orElse("")
                        + to.map(t -> " to " + t).orElse("");
    }
}
