package synopta.core.catalog;

import org.jspecify.annotations.Nullable;

/**
 * A model as its tag names it.
 *
 * @param number model number
 * @param brand brand of the machine
 * @param appliance kind of machine
 * @param fuel null where the machine has no choice of it (a microwave)
 * @param volts nominal supply, V; null when nobody wrote it down
 * @param platform name of the platform
 * @param built build dates
 * @param popularity how often it is met relative to others; above 0
 * @param note remark of the catalog, empty when there is none
 */
public record Model(
        ModelNumber number,
        String brand,
        Appliance appliance,
        @Nullable Fuel fuel,
        @Nullable Integer volts,
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
