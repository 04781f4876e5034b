package synopta.core.catalog;

import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;

/** The build dates something holds for; both ends count, an absent end is open. */
public record BuildRange(Optional<LocalDate> from, Optional<LocalDate> to) {
    /** Every date. */
    public static final BuildRange ALWAYS = new BuildRange(Optional.empty(), Optional.empty());

    /** Refuses a range that ends before it begins. */
    public BuildRange {
        if (from.isPresent() && to.isPresent() && to.get().isBefore(from.get())) {
            throw new IllegalArgumentException(
                    "Build range (%s to %s) must not end before it begins.".formatted(from.get(), to.get()));
        }
    }

    /** Whether a machine built on that day is meant. */
    public boolean holds(LocalDate built) {
        return from.map(f -> !built.isBefore(f)).orElse(true)
                && to.map(t -> !built.isAfter(t)).orElse(true);
    }

    /** Whether it holds for every build date that the other range allows. */
    public boolean covers(BuildRange other) {
        boolean startsBefore =
                from.isEmpty() || other.from.map(f -> !f.isBefore(from.get())).orElse(false);
        boolean endsAfter =
                to.isEmpty() || other.to.map(t -> !t.isAfter(to.get())).orElse(false);
        return startsBefore && endsAfter;
    }

    /** Whether there is a day that both hold. */
    public boolean meets(BuildRange other) {
        return from.flatMap(f -> other.to.map(t -> !t.isBefore(f))).orElse(true)
                && to.flatMap(t -> other.from.map(f -> !f.isAfter(t))).orElse(true);
    }

    /** The dates that both hold, where they meet. */
    public BuildRange common(BuildRange other) {
        return new BuildRange(
                Stream.concat(from.stream(), other.from.stream()).max(LocalDate::compareTo),
                Stream.concat(to.stream(), other.to.stream()).min(LocalDate::compareTo));
    }

    /** What is left of it within a span that it meets; the whole of the span is every date. */
    public BuildRange within(BuildRange span) {
        boolean begins =
                from.isPresent() && span.from.map(f -> from.get().isAfter(f)).orElse(true);
        boolean ends = to.isPresent() && span.to.map(t -> to.get().isBefore(t)).orElse(true);
        return new BuildRange(begins ? from : Optional.empty(), ends ? to : Optional.empty());
    }

    /** In words: "built to 2018-06-30", "any build". */
    public String words() {
        if (from.isEmpty() && to.isEmpty()) {
            return "any build";
        }
        return "built"
                + from.map(f -> " from " + f).orElse("")
                + to.map(t -> " to " + t).orElse("");
    }
}
