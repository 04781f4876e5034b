package synopta.core.quantity;

import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Sizes with the other unit behind them. A tool keeps the name it is bought by, so nothing is replaced: 5/16 in stays,
 * with 7.94 mm behind it. An inch is 25.4 mm exactly (NIST SP 811).
 */
public final class Lengths {
    private static final double MM_PER_INCH = 25.4;
    private static final String NUMBER = "(?:\\d+ )?\\d+/\\d+|\\d+(?:\\.\\d+)?";
    private static final Pattern INCHES =
            Pattern.compile("(?:(%1$s)(,| to| or) )?(%1$s) (?:in|inch|inches)\\b".formatted(NUMBER));
    private static final Pattern MILLIMETERS = Pattern.compile("(?:(%1$s)(,| to| or) )?(%1$s) mm\\b".formatted(NUMBER));

    private Lengths() {}

    /**
     * The text with each length repeated in a unit behind it.
     *
     * @param added the unit that is added behind lengths of the other unit
     */
    public static String withUnit(String text, LengthUnit added) {
        Matcher sizes = (added == LengthUnit.MILLIMETER ? INCHES : MILLIMETERS).matcher(text);
        return sizes.replaceAll(size -> Matcher.quoteReplacement(size.group() + behind(size, added)));
    }

    private static String behind(MatchResult size, LengthUnit added) {
        String first = size.group(1) == null ? "" : converted(size.group(1), added) + size.group(2) + " ";
        return " (%s%s %s)"
                .formatted(first, converted(size.group(3), added), added == LengthUnit.MILLIMETER ? "mm" : "in");
    }

    private static String converted(String number, LengthUnit unit) {
        double value = 0;
        for (String term : number.split(" ")) {
            String[] fraction = term.split("/");
            value += Double.parseDouble(fraction[0]) / (fraction.length > 1 ? Double.parseDouble(fraction[1]) : 1);
        }
        String text = unit == LengthUnit.MILLIMETER
                ? String.format(Locale.ROOT, "%.2f", value * MM_PER_INCH)
                : String.format(Locale.ROOT, "%.3f", value / MM_PER_INCH);
        return text.replaceAll("\\.?0+$", "");
    }
}
