package synopta.core.knowledge;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Fuel;
import synopta.core.quantity.Ordered;

/**
 * One way in which a part type fails.
 *
 * @param id unique in the pack
 * @param partType slug of the part type
 * @param fault the failure in one slug: broken, seized, open
 * @param name in a specialist's words, part first: "Drum belt, broken"
 * @param slot the only place it can be in; null where any place of the part type will do
 * @param fuels machines that can have it
 * @param prior how likely it is in a machine brought to the counter at {@link Pack#REFERENCE_AGE_YEARS} years, of itself;
 *     0 where only a cause brings it about: then it is how that cause shows, and nobody's suspect
 * @param basis where the figure or the words come from
 * @param cure what cures it without a part: nothing is sold for it unasked
 * @param shows findings it brings about
 * @param causedBy other faults that bring it about: it is their consequence
 */
public record Fault(
        String id,
        String partType,
        String fault,
        String name,
        @Nullable String slot,
        Set<Fuel> fuels,
        double prior,
        Basis basis,
        @Nullable String cure,
        List<Link> shows,
        List<Cause> causedBy) {
    /** Copies; refuses a prior outside 0 to 1, both excluded but for 0 where there is a cause. */
    public Fault {
        if (!(prior > 0 && prior < 1 || prior == 0 && !causedBy.isEmpty())) {
            throw new IllegalArgumentException(
                    "Prior (%s) must lie between 0 and 1, both excluded; 0 needs a cause.".formatted(prior));
        }
        fuels = Ordered.set(fuels);
        shows = List.copyOf(shows);
        causedBy = List.copyOf(causedBy);
    }

    /** Whether it is only how another fault shows: never suspected, asked for or sold for. */
    public boolean isMechanism() {
        return prior == 0;
    }

    /**
     * A fault brings about an answer to a finding.
     *
     * @param finding id of the finding
     * @param answer the telling answer; null for the only one, or where the finding has several, for the first
     * @param strength probability that the fault, alone and without a leak, brings the answer about
     * @param basis where the figure or the words come from
     */
    public record Link(String finding, @Nullable String answer, double strength, Basis basis) {
        /** Refuses a strength outside 0 (excluded) to 1. */
        public Link {
            strong(strength);
        }

        /** The answer's place in the finding. */
        public int level(Finding of) {
            return Optional.ofNullable(answer).map(of::level).orElse(1);
        }
    }

    /**
     * Another fault brings this one about.
     *
     * @param fault id of the cause
     * @param strength probability that it does, alone
     * @param basis where the figure or the words come from
     */
    public record Cause(String fault, double strength, Basis basis) {
        /** Refuses a strength outside 0 (excluded) to 1. */
        public Cause {
            strong(strength);
        }
    }

    static void strong(double strength) {
        if (!(strength > 0 && strength <= 1)) {
            throw new IllegalArgumentException("Strength (%s) must lie above 0 and not above 1.".formatted(strength));
        }
    }
}
