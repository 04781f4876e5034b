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
        return Optional.ofNullable(from).map(f -> !built.isBefore(f)).orElse(true)
                && Optional.ofNullable(to).map(t -> !built.isAfter(t)).orElse(true);
    }

    /** Whether it holds for every build date that the other range allows. */
    public boolean covers(BuildRange other) {
        boolean startsBefore = from == null
                || Optional.ofNullable(other.from).map(f -> !f.isBefore(from)).orElse(false);
        boolean endsAfter = to == null
                || Optional.ofNullable(other.to).map(t -> !t.isAfter(to)).orElse(false);
        return startsBefore && endsAfter;
    }

    /** Whether there is a day that both hold. */
    public boolean meets(BuildRange other) {
        return Optional.ofNullable(from)
                        .flatMap(f -> Optional.ofNullable(other.to).map(t -> !t.isBefore(f)))
                        .orElse(true)
                && Optional.ofNullable(to)
                        .flatMap(t -> Optional.ofNullable(other.from).map(f -> !f.isAfter(t)))
                        .orElse(true);
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
        boolean begins = from != null
                && Optional.ofNullable(span.from).map(f -> from.isAfter(f)).orElse(true);
        boolean ends = to != null
                && Optional.ofNullable(span.to).map(t -> to.isBefore(t)).orElse(true);
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
