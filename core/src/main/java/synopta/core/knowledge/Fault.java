package synopta.core.knowledge;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import synopta.core.catalog.Fuel;

/**
 * One way in which a part type fails.
 *
 * @param id unique in the pack
 * @param fault the failure in one slug: broken, seized, open
 * @param name in a specialist's words, part first: "Drum belt, broken"
 * @param slot the only place it can be in; empty where any place of the part type will do
 * @param fuels machines that can have it
 * @param prior how likely it is in a machine brought to the counter at {@link Pack#REFERENCE_AGE_YEARS} years
 */
public record Fault(
        String id,
        String partType,
        String fault,
        String name,
        Optional<String> slot,
        Set<Fuel> fuels,
        double prior,
        Basis basis,
        List<Link> shows) {
    /** Copies; refuses a prior outside 0 to 1, both excluded. */
    public Fault {
        if (!(prior > 0 && prior < 1)) {
            throw new IllegalArgumentException("Prior (%s) must lie between 0 and 1, both excluded.".formatted(prior));
        }
        fuels = Set.copyOf(fuels);
        shows = List.copyOf(shows);
    }

    /**
     * A fault causes a finding's telling answer.
     *
     * @param strength probability that the fault, alone and without a leak, brings the telling answer about
     */
    public record Link(String finding, double strength, Basis basis) {
        /** Refuses a strength outside 0 (excluded) to 1. */
        public Link {
            if (!(strength > 0 && strength <= 1)) {
                throw new IllegalArgumentException(
                        "Strength (%s) must lie above 0 and not above 1.".formatted(strength));
            }
        }
    }
}
