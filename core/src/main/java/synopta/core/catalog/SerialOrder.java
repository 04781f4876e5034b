package synopta.core.catalog;

import java.math.BigInteger;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * In which order the serial numbers of a brand were given out. Where its scheme has a running number (the last run of
 * `N` in the pattern), that number decides, whatever year or plant stands before it; a shorter figure of digits only is
 * the running number itself. Without a scheme, or where one of the two does not have its shape, two serials are compared
 * as text when they are of equal length, and not at all when they are not.
 */
public final class SerialOrder {
    /** Without a scheme. */
    public static final SerialOrder AS_TEXT = new SerialOrder(null);

    private final Optional<SerialScheme> scheme;

    private SerialOrder(@Nullable SerialScheme scheme) {
        this.scheme = Optional.ofNullable(scheme);
    }

    /** The order of a scheme; as text without one. */
    public static SerialOrder of(@Nullable SerialScheme scheme) {
        return scheme != null ? new SerialOrder(scheme) : AS_TEXT;
    }

    /** The order of a brand's serials. */
    public static SerialOrder of(String brand, Catalog catalog) {
        Optional<String> name = catalog.brands().stream()
                .filter(b -> b.brand().equals(brand))
                .findFirst()
                .map(Brand::serialScheme);
        return of(name.flatMap(n -> catalog.serialSchemes().stream()
                        .filter(s -> s.scheme().equals(n))
                        .findFirst())
                .orElse(null));
    }

    /** Below 0 when the first is the earlier; empty when nobody can tell. */
    public OptionalInt compare(String first, String second) {
        String left = NumberNormalizer.key(first);
        String right = NumberNormalizer.key(second);
        Optional<BigInteger> a = running(left);
        Optional<BigInteger> b = running(right);
        if (a.isPresent() && b.isPresent()) {
            return OptionalInt.of(a.get().compareTo(b.get()));
        }
        return left.length() == right.length() ? OptionalInt.of(left.compareTo(right)) : OptionalInt.empty();
    }

    private Optional<BigInteger> running(String key) {
        String pattern = scheme.map(SerialScheme::pattern).orElse("");
        int to = pattern.lastIndexOf('N') + 1;
        int from = to;
        while (from > 0 && pattern.charAt(from - 1) == 'N') {
            from--;
        }
        boolean whole = key.length() == pattern.length();
        String digits = whole ? key.substring(from, to) : key;
        boolean read = to > from && digits.length() <= to - from && digits.matches("[0-9]+");
        return read ? Optional.of(new BigInteger(digits)) : Optional.empty();
    }
}
