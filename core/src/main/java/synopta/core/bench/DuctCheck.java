package synopta.core.bench;

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

    /** The length with elbows, against the limit. */
    public record Answer(double equivalentFt, double limitFt, boolean over) {}

    /** Judges a duct; the limit counts as within. */
    public static Answer judge(double straightFt, int elbows90, int elbows45, double limitFt) {
        CheckInput.between("Straight length", straightFt, 0, 200, "ft", "Enter feet: 1 m is 3.28 ft.");
        CheckInput.between("90° elbows", elbows90, 0, 50, "", "Count them.");
        CheckInput.between("45° elbows", elbows45, 0, 50, "", "Count them.");
        CheckInput.above0("Limit", limitFt, 200, "ft", "Leave it empty for 35.");
        double length = straightFt + ELBOW_90_FT * elbows90 + ELBOW_45_FT * elbows45;
        return new Answer(length, limitFt, length > limitFt);
    }
}
