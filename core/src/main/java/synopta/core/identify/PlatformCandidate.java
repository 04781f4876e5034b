package synopta.core.identify;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Platform;
import synopta.core.knowledge.Layout;
import synopta.core.quantity.Ordered;
import synopta.core.quantity.Probability;

/**
 * A platform that a machine in no catalog row may be of.
 *
 * @param platform the platform
 * @param probability given that the machine is unlisted, and what was looked at since
 * @param brands whose numbers look so, likeliest first
 * @param fuels that its models burn
 * @param layout as the knowledge draws it, where it knows it
 */
public record PlatformCandidate(
        Platform platform,
        Probability probability,
        List<String> brands,
        Set<Fuel> fuels,
        @Nullable Layout layout) {
    /** Copies the lists. */
    public PlatformCandidate {
        brands = List.copyOf(brands);
        fuels = Ordered.set(fuels);
    }
}
