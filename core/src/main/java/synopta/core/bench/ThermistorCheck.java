package synopta.core.bench;

import synopta.core.knowledge.Reading;

/**
 * Is a thermistor good at the warmth it has? R(T) = R₂₅ exp(B(1/T − 1/298.15)), T in kelvin (Beta equation), or, with a
 * table's coefficients, 1/T = A + B ln R + C (ln R)³ (Steinhart and Hart, Deep-Sea Research 15, 1968, 497). Platinum: R =
 * R₀(1 + At + Bt²), and below 0 °C + C(t − 100)t³ (IEC 60751, from memory). Accuracy of Beta against a real table: 2.5 %
 * from 10 to 100 °C, 5 % at 0 °C, 12 % at −20 °C; the band is never narrower than asked for.
 */
public final class ThermistorCheck {
    /** When nobody says how near it must be: a sensor of a household machine within a tenth (common practice). */
    public static final double USUAL_TOLERANCE_PERCENT = 10;

    private static final double ZERO_CELSIUS = 273.15;
    private static final double ROOM_KELVIN = 298.15;
    private static final double SHORT = 0.02;
    private static final double OPEN = 50;
    private static final double PT_A = 3.9083e-3;
    private static final double PT_B = -5.775e-7;
    private static final double PT_C = -4.183e-12;

    private ThermistorCheck() {}

    /** What it should read, the band, and the verdict. */
    public record Answer(double expectedOhms, double lowOhms, double highOhms, Judged judged) {}

    /** Judges a reading at a temperature. */
    public static Answer judge(
            double r25Ohms, double betaKelvin, double celsius, Reading reading, double tolerancePercent) {
        Given.between("Tolerance", tolerancePercent, 0.1, 50, "%", "Leave it out for 10.");
        double expected = ohms(r25Ohms, betaKelvin, celsius);
        double band = tolerancePercent / 100;
        Verdict verdict = reading.fold(
                ohms -> ohms < SHORT * expected
                        ? Verdict.SHORTED
                        : ohms > OPEN * expected
                                ? Verdict.OPEN
                                : Math.abs(ohms - expected) <= band * expected * (1 + 1e-12)
                                        ? Verdict.GOOD
                                        : Verdict.OFF_VALUE,
                overload -> Verdict.OPEN);
        String why = "At %.1f °C it should read %.0f Ω; it reads %s."
                .formatted(celsius, expected, ElementCheck.shown(reading));
        return new Answer(
                expected,
                expected * (1 - band),
                expected * (1 + band),
                new Judged(verdict, why, next(verdict), "Beta equation; tolerance: common practice"));
    }

    private static String next(Verdict verdict) {
        return switch (verdict) {
            case GOOD -> "Warm it in the hand: it must fall steadily. If it does, look elsewhere.";
            case OPEN -> "Look at its plug and wires first; if they are whole, it is to be replaced.";
            case SHORTED, GROUNDED -> "Unplug it and read again; if it stays, it is to be replaced.";
            case OFF_VALUE -> "Measure the warmth beside it and read again; if it stays, it is to be replaced.";
        };
    }

    /** Ohms by the Beta equation. */
    public static double ohms(double r25Ohms, double betaKelvin, double celsius) {
        Given.above0("Resistance at 25 °C", r25Ohms, 10e6, "Ω", "10 kΩ is 10000.");
        Given.between("Beta", betaKelvin, 500, 10_000, "K", "It stands in the data sheet, as 3977.");
        Given.between("Temperature", celsius, -40, 300, "°C", "Give it in Celsius: 77 °F is 25 °C.");
        return r25Ohms * Math.exp(betaKelvin * (1 / (celsius + ZERO_CELSIUS) - 1 / ROOM_KELVIN));
    }

    /** The temperature by the Steinhart–Hart equation, in Celsius. */
    public static double celsius(double a, double b, double c, double ohms) {
        Given.above0("Resistance", ohms, 1e9, "Ω", "0 is a shorted sensor, OL an open one: neither has a temperature.");
        double log = Math.log(ohms);
        return 1 / (a + b * log + c * log * log * log) - ZERO_CELSIUS;
    }

    /** Ohms of a platinum sensor that has so many at 0 °C. */
    public static double platinumOhms(double ohmsAtZero, double celsius) {
        Given.above0("Resistance at 0 °C", ohmsAtZero, 10_000, "Ω", "1000 for an oven's sensor.");
        Given.between("Temperature", celsius, -200, 850, "°C", "Give it in Celsius.");
        double t = celsius;
        double below = t < 0 ? PT_C * (t - 100) * t * t * t : 0;
        return ohmsAtZero * (1 + PT_A * t + PT_B * t * t + below);
    }
}
