package synopta.core.bench;

import synopta.core.quantity.Temperatures;
import synopta.core.reading.CheckInput;
import synopta.core.reading.Reading;
import synopta.core.reading.Verdict;

/**
 * Is a thermostat or thermal fuse as it should be at the temperature it has? Below the temperature stamped on it, it conducts;
 * above, it is open. Within 10 °C of it neither is certain: stamped temperatures hold to about 5 °C, and a thermostat comes
 * back lower than it opens (common practice, no published source). A thermal fuse that opened does not come back.
 */
public final class ThermostatCheck {
    private static final double UNSURE_C = 10;
    /** A sound contact reads next to nothing, in ohms. */
    private static final double CONTACT_OHMS = 2;

    private static final String SOURCE =
            "Stamped temperature; within 18 °F (10 °C) of it the state is not certain: common practice";

    private ThermostatCheck() {}

    /** Judges a reading across it. */
    public static CheckResult judge(double opensCelsius, double celsius, Reading reading) {
        CheckInput.between("Stamped temperature", opensCelsius, 30, 400, "°C", "See the disc: L140 is 140 °F (60 °C).");
        CheckInput.between("Temperature", celsius, -40, 400, "°C", "Enter degrees Celsius.");
        boolean open = reading.fold(ohms -> ohms > 1000, overload -> true);
        if (!open && reading.fold(ohms -> ohms > CONTACT_OHMS, overload -> false)) {
            return new CheckResult(
                    Verdict.OFF_VALUE,
                    "%s is too high for a closed contact: it is burnt.".formatted(ElementCheck.shown(reading)),
                    "Replace it, and find what overheated it.",
                    SOURCE);
        }
        if (Math.abs(celsius - opensCelsius) < UNSURE_C) {
            return new CheckResult(
                    Verdict.GOOD,
                    "This close to %s it may be open or closed.".formatted(Temperatures.inBoth(opensCelsius)),
                    "Test it again when it is cold.",
                    SOURCE);
        }
        return judged(opensCelsius, celsius < opensCelsius, open);
    }

    /** Whether it is closed when cold and open when hot, as it should be. */
    private static CheckResult judged(double opensCelsius, boolean cold, boolean open) {
        if (cold == open) {
            String what = cold
                    ? "It is open although it is colder than %s."
                    : "It is still closed although it is hotter than %s.";
            return new CheckResult(
                    cold ? Verdict.OPEN : Verdict.SHORTED,
                    what.formatted(Temperatures.inBoth(opensCelsius)),
                    "Replace it. A fuse or limit that opened has a cause: check the vent and lint first.",
                    SOURCE);
        }
        return new CheckResult(
                Verdict.GOOD,
                cold ? "It is closed, as it should be when cold." : "It is open, as it should be when hot.",
                "The part tests good; do not sell it on this reading.",
                SOURCE);
    }
}
