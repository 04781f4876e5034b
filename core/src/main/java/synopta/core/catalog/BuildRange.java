package synopta.core.catalog;

import java.time.LocalDate;
import java.util.Optional;

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
