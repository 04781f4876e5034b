package synopta.core.quantity;

import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Sizes told in the other unit too. A tool keeps the name it is bought by, so nothing is replaced: 5/16 in stays, with
 * 7.94 mm behind it. An inch is 25.4 mm exactly (NIST SP 811).
 */
public final class Lengths {
    private static final double MM_PER_INCH = 25.4;
    private static final String NUMBER = "(?:\\d+ )?\\d+/\\d+|\\d+(?:\\.\\d+)?";
    private static final Pattern INCHES =
            Pattern.compile("(?:(%1$s)(,| to| or) )?(%1$s) (?:in|inch|inches)\\b".formatted(NUMBER));
    private static final Pattern MILLIMETRES = Pattern.compile("(?:(%1$s)(,| to| or) )?(%1$s) mm\\b".formatted(NUMBER));

    private Lengths() {}

    /**
     * The text, with lengths told in the other unit behind them.
     *
     * @param metric whether inches are told in millimetres; otherwise millimetres in inches
     */
    public static String told(String text, boolean metric) {
        Matcher sizes = (metric ? INCHES : MILLIMETRES).matcher(text);
        return sizes.replaceAll(size -> Matcher.quoteReplacement(size.group() + behind(size, metric)));
    }

    private static String behind(MatchResult size, boolean metric) {
        String first = size.group(1) == null ? "" : converted(size.group(1), metric) + size.group(2) + " ";
        return " (%s%s %s)".formatted(first, converted(size.group(3), metric), metric ? "mm" : "in");
    }

    private static String converted(String number, boolean metric) {
        double value = 0;
        for (String term : number.split(" ")) {
            String[] fraction = term.split("/");
            value += Double.parseDouble(fraction[0]) / (fraction.length > 1 ? Double.parseDouble(fraction[1]) : 1);
        }
        String told = metric
                ? String.format(Locale.ROOT, "%.2f", value * MM_PER_INCH)
                : String.format(Locale.ROOT, "%.3f", value / MM_PER_INCH);
        return told.replaceAll("\\.?0+$", "");
    }
}
