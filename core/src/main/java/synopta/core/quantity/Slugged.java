package synopta.core.quantity;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * A constant of a closed set that has a word in the packs, the API, the store and the catalog format: its name in lower
 * case with hyphens. An enum that implements this needs no word of its own anywhere.
 */
public interface Slugged {
    /** The name of the constant, as {@link Enum#name()} gives it. */
    String name();

    /** The word of the packs and the API, as in `natural-gas`. */
    default String slug() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * The constant of a word.
     *
     * @param what is named in the message, as in "Fuel"
     * @throws IllegalArgumentException when there is none, naming the words there are
     */
    static <E extends Enum<E> & Slugged> E of(Class<E> type, String what, String slug) {
        return Arrays.stream(type.getEnumConstants())
                .filter(constant -> constant.slug().equals(slug))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("%s (%s) must be one of %s."
                        .formatted(
                                what,
                                slug,
                                Arrays.stream(type.getEnumConstants())
                                        .map(Slugged::slug)
                                        .collect(Collectors.joining(", ")))));
    }
}
