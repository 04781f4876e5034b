package synopta.core.tag;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.quantity.Ordered;

/**
 * What was read, and what is known besides.
 *
 * @param text the reading as typed, with whatever words stand round it
 * @param brand brand, if known; else null
 * @param appliance kind of machine, if known; else null
 * @param fuels what the machine may burn; empty when nothing is known of it
 * @param rechecked characters that were checked on the tag
 * @param limit most rows, at least 1
 */
public record TagQuery(
        String text,
        @Nullable String brand,
        @Nullable Appliance appliance,
        Set<Fuel> fuels,
        List<Recheck> rechecked,
        int limit) {
    /** The longest reading that is looked at, in characters of its normalized form. */
    public static final int LONGEST = 40;

    /** Copies; refuses a limit below 1. */
    public TagQuery {
        fuels = Ordered.set(fuels);
        rechecked = List.copyOf(rechecked);
        if (limit < 1) {
            throw new IllegalArgumentException("Limit (%d) must be at least 1.".formatted(limit));
        }
    }

    /** A reading with nothing else known. */
    public static TagQuery of(String text, int limit) {
        return new TagQuery(text, null, null, Set.of(), List.of(), limit);
    }

    /** Whether brand, appliance or fuel is known. */
    boolean isNarrowed() {
        return brand != null || appliance != null || !fuels.isEmpty();
    }
}
