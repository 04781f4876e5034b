package synopta.core.catalog;

import java.util.Arrays;
import java.util.stream.Collectors;

/** What heats the machine. */
public enum Fuel {
    ELECTRIC("electric"),
    NATURAL_GAS("natural-gas"),
    LP("lp");

    private final String slug;

    Fuel(String slug) {
        this.slug = slug;
    }

    /** The word of the catalogue format. */
    public String slug() {
        return slug;
    }

    /** Whether it is mains or bottled gas. */
    public boolean isGas() {
        return this != ELECTRIC;
    }

    /** The fuel of a slug; an unknown one is refused with the words that are known. */
    public static Fuel of(String slug) {
        return Arrays.stream(values())
                .filter(f -> f.slug.equals(slug))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Fuel (%s) must be one of %s."
                        .formatted(slug, Arrays.stream(values()).map(Fuel::slug).collect(Collectors.joining(", ")))));
    }
}
