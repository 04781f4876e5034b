package synopta.core.catalog;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** The four kinds of machine; ovens and cookers are ranges. */
public enum Appliance {
    DRYER,
    RANGE,
    DISHWASHER,
    MICROWAVE;

    /** The word of the catalogue format. */
    public String slug() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether a machine of this kind may burn gas. */
    public boolean mayBurnGas() {
        return this == DRYER || this == RANGE;
    }

    /** The appliance of a slug; an unknown one is refused with the words that are known. */
    public static Appliance of(String slug) {
        return Arrays.stream(values())
                .filter(a -> a.slug().equals(slug))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Appliance (%s) must be one of %s."
                        .formatted(
                                slug,
                                Arrays.stream(values()).map(Appliance::slug).collect(Collectors.joining(", ")))));
    }
}
