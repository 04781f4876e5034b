package synopta.core.catalog;

import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The build dates something holds for; both ends count, an absent end is open.
 *
 * @param from first day; null: from the beginning
 * @param to last day; null: without end
 */
public record BuildRange(@Nullable LocalDate from, @Nullable LocalDate to) {
    /** Every date. */
    public static final BuildRange ALWAYS = new BuildRange(null, null);

    /** Refuses a range that ends before it begins. */
    public BuildRange {
        if (from != null && to != null && to.isBefore(from)) {
            throw new IllegalArgumentException(
                    "Build range (%s to %s) must not end before it begins.".formatted(from, to));
        }
    }

    /** Whether a machine built on that day is meant. */
    public boolean holds(LocalDate built) {
        return (from == null || !built.isBefore(from)) && (to == null || !built.isAfter(to));
    }

    /** Whether it holds for every build date that the other range allows. */
    public boolean covers(BuildRange other) {
        boolean startsBefore = from == null || (other.from != null && !other.from.isBefore(from));
        boolean endsAfter = to == null || (other.to != null && !other.to.isAfter(to));
        return startsBefore && endsAfter;
    }

    /** Whether there is a day that both hold. */
    public boolean meets(BuildRange other) {
        return (from == null || other.to == null || !other.to.isBefore(from))
                && (to == null || other.from == null || !other.from.isAfter(to));
    }

    /** The dates that both hold, where they meet. */
    public BuildRange common(BuildRange other) {
        return new BuildRange(
                Stream.concat(Stream.ofNullable(from), Stream.ofNullable(other.from))
                        .max(LocalDate::compareTo)
                        .orElse(null),
                Stream.concat(Stream.ofNullable(to), Stream.ofNullable(other.to))
                        .min(LocalDate::compareTo)
                        .orElse(null));
    }

    /** What is left of it within a span that it meets; the whole of the span is every date. */
    public BuildRange within(BuildRange span) {
        boolean begins = from != null && (span.from == null || from.isAfter(span.from));
        boolean ends = to != null && (span.to == null || to.isBefore(span.to));
        return new BuildRange(begins ? from : null, ends ? to : null);
    }

    /** In words: "built to 2018-06-30", "any build". */
    public String words() {
        if (from == null && to == null) {
            return "any build";
        }
        return "built"
                + Optional.ofNullable(from).map(f -> " from " + f).orElse("")
                + Optional.ofNullable(to).map(t -> " to " + t).orElse("");
    }
}
