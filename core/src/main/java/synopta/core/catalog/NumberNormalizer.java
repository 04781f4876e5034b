package synopta.core.catalog;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** How a written number is compared: upper-case letters and digits only, so that separators and case never count. */
public final class NumberNormalizer {
    private NumberNormalizer() {}

    /** "dg7-40b2 w" becomes "DG740B2W"; full-width forms are folded first (Unicode NFKC). */
    public static String key(String written) {
        StringBuilder key = new StringBuilder(written.length());
        String folded = isPlain(written)
                ? written
                : Normalizer.normalize(written, Normalizer.Form.NFKC).toUpperCase(Locale.ROOT);
        for (int i = 0; i < folded.length(); i++) {
            char c = Character.toUpperCase(folded.charAt(i));
            if ((c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9')) {
                key.append(c);
            }
        }
        return key.toString();
    }

    /** Asked for every number of every row that is read: no streams. */
    private static boolean isPlain(String written) {
        for (int i = 0; i < written.length(); i++) {
            if (written.charAt(i) >= 128) {
                return false;
            }
        }
        return true;
    }

    /** Pairs as one cell, by name: "length-mm=2337;ribs=4". */
    public static String pairs(Map<String, ?> pairs) {
        return new TreeMap<>(pairs)
                .entrySet().stream().map(e -> e.getKey() + "=" + e.getValue()).collect(Collectors.joining(";"));
    }

    /** The pairs that were written so; what has no `=` is left out. */
    public static Map<String, String> pairsOf(String written) {
        Map<String, String> pairs = new TreeMap<>();
        for (String pair : written.split(";")) {
            int equals = pair.indexOf('=');
            if (equals > 0) {
                pairs.put(pair.substring(0, equals), pair.substring(equals + 1));
            }
        }
        return pairs;
    }

    /** The key of a number that must have one. */
    static String required(String what, String written) {
        String key = written == null ? "" : key(written);
        if (key.isEmpty()) {
            throw new IllegalArgumentException(
                    "%s (%s) must contain at least one letter or digit.".formatted(what, written));
        }
        return key;
    }
}
