package synopta.core.bench;

import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Ohms;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;
import synopta.core.reading.CheckInput;
import synopta.core.reading.Conditions;
import synopta.core.reading.Judging;
import synopta.core.reading.MeterUnit;
import synopta.core.reading.PlainJudging;
import synopta.core.reading.Reading;
import synopta.core.reading.Verdict;

/**
 * Is a heating element good? R = V²/P with V volts and P watts of the plate, R ohms when hot. Source: Joule's law; a
 * good one reads within a tenth of it (common practice, no published source), cold a few percent low, as nickel-chrome
 * rises by 5 to 7 % when hot (Kanthal handbook, from memory). From a terminal to the casing a sound one reads more than a
 * million ohms. At another voltage it gives P(V₂/V)² (Watlow's and Chromalox's tables, from memory).
 */
public final class ElementCheck {
    /** By how much of its value a good element may differ. */
    private static final double TOLERANCE = 0.10;

    static final String SOURCE = "R = V²/P (Joule's law); within 10%, and over 1 MΩ to the case: common practice";

    private ElementCheck() {}

    /**
     * What the plate says: volts and watts, both above 0.
     *
     * @param volts rated voltage
     * @param watts rated power
     */
    public record Plate(Volts volts, Watts watts) {
        /** Refuses what no plate says. */
        public Plate {
            CheckInput.rated(volts);
            CheckInput.rated(watts);
        }

        /** What it has when hot. */
        public Ohms ohms() {
            return Ohms.of(volts, watts);
        }
    }

    /**
     * What an element should read at its rated voltage, and what its reading means.
     *
     * @param expectedOhms expected resistance, ohms
     * @param lowOhms lower limit of a sound one, ohms
     * @param highOhms upper limit of a sound one, ohms
     * @param wattsAtSupply what it gives at the voltage that is there
     * @param judged verdict, reason, next step and source
     */
    public record Answer(
            double expectedOhms, double lowOhms, double highOhms, double wattsAtSupply, CheckResult judged) {}

    /** Judges a reading across the terminals, and to the casing where that was read. */
    public static Answer judge(Plate plate, Reading across, @Nullable Reading toCase, @Nullable Volts supply) {
        double expected = plate.ohms().value();
        Volts at = Objects.requireNonNullElse(supply, plate.volts());
        CheckInput.above0("Supply voltage", at.value(), 1000, "V", "Measure it at the terminal block.");
        Verdict verdict = graver(Judging.Nameplate.verdict(plate.ohms(), across), toCase);
        return new Answer(
                expected,
                expected * (1 - TOLERANCE),
                expected * (1 + TOLERANCE),
                plate.watts().at(at, plate.volts()).value(),
                new CheckResult(verdict, why(verdict, expected, across), next(verdict), SOURCE));
    }

    /** The verdict across the terminals, or what a reading to the case makes of it where that is worse. */
    private static Verdict graver(Verdict across, @Nullable Reading toCase) {
        return toCase == null || toCase(toCase).compareTo(across) < 0 ? across : toCase(toCase);
    }

    /** What a reading from a terminal to the case tells. */
    static Verdict toCase(Reading reading) {
        return PlainJudging.TO_CASE
                .judge(reading, MeterUnit.OHM, Conditions.NONE, SOURCE)
                .verdict();
    }

    private static String why(Verdict verdict, double expected, Reading across) {
        String read = shown(across);
        String should = String.format(Locale.ROOT, "%.1f Ω", expected);
        return switch (verdict) {
            case GOOD -> "%s is within 10%% of the expected %s.".formatted(read, should);
            case OPEN -> "No continuity: the coil is open. Expected %s.".formatted(should);
            case SHORTED -> "%s is a short; expected %s.".formatted(read, should);
            case GROUNDED ->
                "It reads to the case, so it is grounded, whatever it reads across its terminals (%s).".formatted(read);
            case NO_VERDICT, PLAUSIBLE, SUSPECT, OFF_VALUE ->
                across.fold(
                        ohms -> "%s is not close to the expected %s: %s."
                                .formatted(
                                        read,
                                        should,
                                        ohms > expected
                                                ? "one of two coils may be open, or it is the wrong element"
                                                : "another circuit may still be connected, or it is the wrong element"),
                        overload -> read);
        };
    }

    static String shown(Reading reading) {
        return Judging.shown(reading, MeterUnit.OHM);
    }

    static String next(Verdict verdict) {
        return switch (verdict) {
            case GOOD -> "Test the rest of the heat circuit; do not sell an element.";
            case OPEN -> "Replace it.";
            case SHORTED -> "Disconnect both wires and test again; replace it if the reading stays.";
            case GROUNDED -> "Replace it; do not run the machine until then.";
            case NO_VERDICT, PLAUSIBLE, SUSPECT, OFF_VALUE ->
                "Check the nameplate, disconnect both wires and test again before selling.";
        };
    }
}
