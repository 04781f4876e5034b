package synopta.core.bench;

import java.util.Locale;
import synopta.core.quantity.Slugged;
import synopta.core.reading.CheckInput;

/**
 * Is a dryer's duct too long? Straight feet and, for each mitered elbow of 4 inches, 5 feet at 90° and 2.5 at 45°, against
 * 35 feet. Source: International Residential Code, table M1502.4, editions of 2012 to 2021, from memory; what the maker of
 * the dryer says goes before it.
 */
public final class DuctCheck {
    /** What the code allows where the maker says nothing else. */
    public static final double LIMIT_FT = 35;

    private static final double ELBOW_90_FT = 5;
    private static final double ELBOW_45_FT = 2.5;

    private DuctCheck() {}

    /** Whether a duct keeps to its limit. */
    public enum Length implements Slugged {
        WITHIN,
        OVER
    }

    /**
     * The length with elbows, against the limit, in feet.
     *
     * @param equivalentFt straight length plus that of the elbows, ft
     * @param limitFt longest allowed, ft
     * @param verdict verdict in one word
     * @param why with the figures
     * @param next what to do now
     * @param source of the limit
     */
    public record Answer(double equivalentFt, double limitFt, Length verdict, String why, String next, String source) {}

    /** Judges a duct; the limit counts as within. */
    public static Answer judge(double straightFt, int elbows90, int elbows45, double limitFt) {
        CheckInput.between("Straight length", straightFt, 0, 200, "ft", "Enter feet: 1 m is 3.28 ft.");
        CheckInput.between("90° elbows", elbows90, 0, 50, "", "Count them.");
        CheckInput.between("45° elbows", elbows45, 0, 50, "", "Count them.");
        CheckInput.above0("Limit", limitFt, 200, "ft", "Leave it empty for 35.");
        double length = straightFt + ELBOW_90_FT * elbows90 + ELBOW_45_FT * elbows45;
        boolean over = length > limitFt;
        return new Answer(
                length,
                limitFt,
                over ? Length.OVER : Length.WITHIN,
                over
                        ? String.format(Locale.ROOT, "%.1f ft over the %.0f ft allowed.", length - limitFt, limitFt)
                        : String.format(Locale.ROOT, "%.1f ft below the %.0f ft allowed.", limitFt - length, limitFt),
                over
                        ? "A vent that is too long blows thermal fuses and thermostats: shorten it before a part is sold."
                        : "Check that it is free of lint and its flap opens.",
                "International Residential Code, table M1502.4 (2012 to 2021), from memory; the manufacturer's limit takes"
                        + " precedence");
    }
}
