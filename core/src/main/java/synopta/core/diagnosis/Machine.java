package synopta.core.diagnosis;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Fuel;
import synopta.core.quantity.Ordered;

/**
 * What is known of the machine.
 *
 * @param fuels what it may burn; all of them when nothing is known
 * @param layout its construction family, when known
 * @param kinds answers to findings of construction that the catalog gives, by finding
 * @param ageYears its age, when known; at least 0
 */
public record Machine(
        Set<Fuel> fuels,
        @Nullable String layout,
        Map<String, String> kinds,
        @Nullable Double ageYears) {
    /** Copies; refuses no fuel at all and an age outside 0 to 100 years. */
    public Machine {
        if (fuels.isEmpty()) {
            throw new IllegalArgumentException("A machine must have at least one fuel it may burn.");
        }
        fuels = Ordered.set(fuels);
        kinds = Ordered.map(kinds);
        if (ageYears != null && !(ageYears >= 0 && ageYears <= 100)) {
            throw new IllegalArgumentException("Age (%s years) must lie between 0 and 100.".formatted(ageYears));
        }
    }

    /** One of whose kinds the catalog says nothing. */
    public Machine(Set<Fuel> fuels, @Nullable String layout, @Nullable Double ageYears) {
        this(fuels, layout, Map.of(), ageYears);
    }

    /** A machine of which nothing is known. */
    public static Machine unknown() {
        return new Machine(EnumSet.allOf(Fuel.class), null, null);
    }
}
