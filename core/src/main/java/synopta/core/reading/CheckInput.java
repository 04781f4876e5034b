package synopta.core.reading;

/** Refuses figures that cannot be, with their name, value and unit. */
public final class CheckInput {
    private CheckInput() {}

    /** The value, when it is above 0 and not above the most that is plausible. */
    public static double above0(String name, double value, double most, String unit, String remedy) {
        if (!(value > 0 && value <= most)) {
            throw new IllegalArgumentException("%s (%s %s) must be above 0 and not above %s %s. %s"
                    .formatted(name, value, unit, plain(most), unit, remedy));
        }
        return value;
    }

    /** The value, when it lies between the two, ends included. */
    public static double between(String name, double value, double least, double most, String unit, String remedy) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException("%s (%s %s) must lie between %s and %s %s. %s"
                    .formatted(name, value, unit, plain(least), plain(most), unit, remedy));
        }
        return value;
    }

    /** A figure without a point where it needs none. */
    public static String plain(double value) {
        return value == Math.rint(value) ? "%.0f".formatted(value) : String.valueOf(value);
    }
}
