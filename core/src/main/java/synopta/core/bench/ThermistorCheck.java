package synopta.core.bench;

import synopta.core.quantity.Temperatures;
import synopta.core.reading.CheckInput;
import synopta.core.reading.Conditions;
import synopta.core.reading.Judging;
import synopta.core.reading.Judgment;
import synopta.core.reading.MeterUnit;
import synopta.core.reading.Range;
import synopta.core.reading.Reading;
import synopta.core.reading.SensorCurve;

/**
 * Is a sensor good at the temperature it has? What it should read comes from its {@link SensorCurve}; a sensor of a household
 * machine within a tenth of it is good (common practice, no published source).
 */
public final class ThermistorCheck {
    /** When nobody says how near it must be: a sensor of a household machine within a tenth (common practice). */
    public static final double USUAL_TOLERANCE_PERCENT = 10;

    private static final String SOURCE = "Curve of the sensor; tolerance: common practice";

    private ThermistorCheck() {}

    /**
     * What it should read, the band, and the verdict.
     *
     * @param expectedOhms expected resistance, ohms
     * @param lowOhms lower limit of a sound one, ohms
     * @param highOhms upper limit of a sound one, ohms
     * @param judged verdict, reason, next step and source
     */
    public record Answer(double expectedOhms, double lowOhms, double highOhms, CheckResult judged) {}

    /** Judges a reading at a temperature. */
    public static Answer judge(SensorCurve curve, double celsius, Reading reading, double tolerancePercent) {
        CheckInput.between("Temperature", celsius, -40, 300, "°C", "Enter degrees Celsius: 77 °F is 25 °C.");
        CheckInput.between("Tolerance", tolerancePercent, 0.1, 50, "%", "Leave it empty for 10.");
        double expected = curve.ohms(celsius);
        double band = tolerancePercent / 100;
        Judgment judged = new Judging.Curve(curve, band, new Range(expected, expected))
                .judge(reading, MeterUnit.OHM, new Conditions(celsius, null, null, null, null), SOURCE);
        String why = "At %s expected %.0f Ω; it reads %s%s."
                .formatted(
                        Temperatures.inBoth(celsius), expected, ElementCheck.shown(reading), asWarmth(curve, reading));
        return new Answer(
                expected,
                expected * (1 - band),
                expected * (1 + band),
                new CheckResult(judged.verdict(), why, judged.next(), SOURCE));
    }

    /** What temperature a reading would be of; nothing for one that is of none. */
    private static String asWarmth(SensorCurve curve, Reading reading) {
        return reading.fold(
                ohms -> ohms > 0 ? ", as at " + Temperatures.inBoth(curve.celsius(ohms)) : "", overload -> "");
    }
}
