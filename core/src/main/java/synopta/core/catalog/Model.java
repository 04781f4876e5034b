package synopta.core.catalog;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * A model as its tag names it.
 *
 * @param fuel empty where the machine has no choice of it (a microwave)
 * @param volts nominal supply, V; empty when nobody wrote it down
 * @param popularity how often it is met relative to others; above 0
 */
public record Model(
        ModelNumber number,
        String brand,
        Appliance appliance,
        Optional<Fuel> fuel,
        OptionalInt volts,
        String platform,
        BuildRange built,
        double popularity,
        String note) {
    /** Refuses a popularity that is not above 0. */
    public Model {
        if (!(popularity > 0 && popularity < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException(
                    "Model %s: popularity (%s) must be a number above 0.".formatted(number, popularity));
        }
    }
}
