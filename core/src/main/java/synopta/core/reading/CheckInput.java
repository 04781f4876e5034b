package synopta.core.reading;

import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;

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

    /** Volts of a nameplate, when they are plausible. */
    public static Volts rated(Volts volts) {
        above0("Rated voltage", volts.value(), 1000, "V", "Enter volts from the nameplate, such as 240.");
        return volts;
    }

    /** Watts of a nameplate, when they are plausible. */
    public static Watts rated(Watts watts) {
        above0("Rated power", watts.value(), 50_000, "W", "Enter watts from the nameplate: 5.4 kW is 5400.");
        return watts;
    }

    /** A figure without a point where it needs none. */
    public static String plain(double value) {
        return value == Math.rint(value) ? "%.0f".formatted(value) : String.valueOf(value);
    }
}
