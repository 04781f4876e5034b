package synopta.core.knowledge;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** How a school of the trade does what another does otherwise. */
public enum RepairPractice {
    RINGS_RENEWED,
    RINGS_REUSED,
    SHAFT_OILED,
    SHAFT_DRY;

    /** The word of the packs. */
    public String slug() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The school of a word; another is refused with those that are known. */
    public static RepairPractice of(String slug) {
        return Arrays.stream(values())
                .filter(s -> s.slug().equals(slug))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("School (%s) must be one of %s."
                        .formatted(
                                slug,
                                Arrays.stream(values())
                                        .map(RepairPractice::slug)
                                        .collect(Collectors.joining(", ")))));
    }
}
