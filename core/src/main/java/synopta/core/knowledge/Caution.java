package synopta.core.knowledge;

import java.util.Set;
import synopta.core.catalog.Fuel;
import synopta.core.quantity.Ordered;

/**
 * A precaution of the pack.
 *
 * @param hazard hazard
 * @param text words that are read or printed
 * @param partTypes shown when one of these is handed over or suspected; empty: always
 * @param fuels shown for machines that may burn one of these; empty: for all
 * @param basis where the figure or the words come from
 */
public record Caution(Hazard hazard, String text, Set<String> partTypes, Set<Fuel> fuels, Basis basis) {
    /** Copies the conditions. */
    public Caution {
        partTypes = Ordered.set(partTypes);
        fuels = Ordered.set(fuels);
    }

    /** Whether it is for a machine that may burn one of these fuels. */
    public boolean isFor(Set<Fuel> burnt) {
        return fuels.isEmpty() || fuels.stream().anyMatch(burnt::contains);
    }

    /** Whether it must be shown before parts leave. */
    public boolean isGrave() {
        return hazard.isGrave();
    }
}
