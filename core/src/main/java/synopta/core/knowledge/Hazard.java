package synopta.core.knowledge;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** What can hurt someone or ruin the job. */
public enum Hazard {
    MAINS,
    GAS,
    WRONG_GAS_SET,
    STORED_CHARGE,
    MICROWAVE_LEAKAGE,
    SHARP_METAL,
    WEIGHT,
    FALLING_PANEL,
    WATER,
    GLASS,
    FIRE,
    FRAGILE;

    /** The word of the API and the packs. */
    public String slug() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether the caution must be shown before parts leave the counter. */
    public boolean isGrave() {
        return this == MAINS || this == GAS || this == STORED_CHARGE;
    }

    /** The hazard of a slug; an unknown one is refused with the words that are known. */
    public static Hazard of(String slug) {
        return Arrays.stream(values())
                .filter(h -> h.slug().equals(slug))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Hazard (%s) must be one of %s."
                        .formatted(
                                slug, Arrays.stream(values()).map(Hazard::slug).collect(Collectors.joining(", ")))));
    }
}
