package synopta.core.catalog;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Ordered;

/**
 * What a code on a panel means, on machines of one brand or family. A meaning is never carried across brands: the same
 * code means something else there.
 *
 * @param brand brand; empty: of every brand of the family
 * @param family family of brands; empty: of any
 * @param appliance kind of machine
 * @param code as the panel shows it: `F7 E1`, `blink 7-1`
 * @param means what it says, in words
 * @param findings answers that it gives, by finding
 * @param partTypes part types of the circuit it names, the likeliest first
 */
public record FaultCode(
        String brand,
        String family,
        Appliance appliance,
        String code,
        String means,
        Map<String, String> findings,
        List<String> partTypes) {
    /** By brand, family and code. */
    static final Comparator<FaultCode> IN_ORDER = Comparator.comparing(FaultCode::brand)
            .thenComparing(FaultCode::family)
            .thenComparing(code -> key(code.code));

    private static final Pattern BLINKS = Pattern.compile("BLINKS?\\W*(\\d{1,2})(?:\\W+(\\d{1,2}))?");

    /** Copies. */
    public FaultCode {
        findings = Ordered.map(findings);
        partTypes = List.copyOf(partTypes);
    }

    /** What tells codes apart: case, spaces, dashes and the letter O for a zero do not, but blinks keep their pairs. */
    public static String key(String code) {
        String upper = code.toUpperCase(Locale.ROOT);
        Matcher blinks = BLINKS.matcher(upper);
        if (blinks.find()) {
            return "BLINK" + blinks.group(1) + (blinks.group(2) == null ? "" : "-" + blinks.group(2));
        }
        return upper.replaceAll("[^A-Z0-9]", "").replaceAll("(?<=\\d)O|O(?=\\d)", "0");
    }

    /** Whether it is what was written so. */
    public boolean isWritten(String written) {
        return key(code).equals(key(written));
    }

    /** Whether it is of this machine, as far as brand and family are known. */
    public boolean isOf(Appliance machine, @Nullable String ofBrand, @Nullable String ofFamily) {
        return appliance == machine
                && (brand.isEmpty() || brand.equalsIgnoreCase(ofBrand))
                && (family.isEmpty() || family.equalsIgnoreCase(ofFamily));
    }
}
