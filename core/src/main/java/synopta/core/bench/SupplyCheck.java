package synopta.core.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import synopta.core.quantity.Slugged;
import synopta.core.quantity.Volts;
import synopta.core.reading.CheckInput;

/**
 * Is the supply's voltage within its limits? Source: ANSI C84.1, table 1 (edition of 2006 and later), ranges A and B, for
 * 120, 208 and 240 V; IEC 60038 (±10 %) and EN 50160 (−15 %, +10 %) for 230 and 400 V; from memory. Limits are whole volts
 * as printed and count as within.
 */
public final class SupplyCheck {
    /** So far below the nominal voltage one of two legs is missing. */
    private static final double ONE_LEG = 0.55;

    private SupplyCheck() {}

    /** Where it is measured. */
    public enum Point implements Slugged {
        UTILIZATION,
        SERVICE
    }

    /** Within which range a voltage lies. */
    public enum Range implements Slugged {
        NORMAL,
        TOLERABLE,
        OUTSIDE
    }

    /** A row of the tables: least and greatest of the normal and the tolerable range at a point. */
    private record Row(double nominal, Point point, double low, double high, double lowest, double highest) {}

    private static final List<Row> ROWS = List.of(
            new Row(120, Point.SERVICE, 114, 126, 110, 127),
            new Row(208, Point.SERVICE, 197, 218, 191, 220),
            new Row(240, Point.SERVICE, 228, 252, 220, 254),
            new Row(120, Point.UTILIZATION, 108, 126, 104, 127),
            new Row(208, Point.UTILIZATION, 187, 218, 180, 220),
            new Row(240, Point.UTILIZATION, 216, 252, 208, 254),
            new Row(230, Point.SERVICE, 207, 253, 195.5, 253),
            new Row(230, Point.UTILIZATION, 207, 253, 195.5, 253),
            new Row(400, Point.SERVICE, 360, 440, 340, 440),
            new Row(400, Point.UTILIZATION, 360, 440, 340, 440));

    private static final String SOURCE =
            "ANSI C84.1 table 1 (2006 and later); IEC 60038 and EN 50160 for 230 and 400 V; from memory";

    /**
     * The verdict with the limits of the normal range, and of the tolerable one, in volts.
     *
     * @param verdict verdict in one word
     * @param lowVolts lower limit of the normal range, V
     * @param highVolts upper limit of the normal range, V
     * @param lowestVolts lower limit of the acceptable range, V
     * @param highestVolts upper limit of the acceptable range, V
     * @param why with the figures
     * @param next what to do now
     * @param source of the limits
     */
    public record Answer(
            Range verdict,
            double lowVolts,
            double highVolts,
            double lowestVolts,
            double highestVolts,
            String why,
            String next,
            String source) {}

    /** Judges a voltage. */
    public static Answer judge(Volts nominal, Volts measured, Point point) {
        double volts = measured.value();
        Row row = ROWS.stream()
                .filter(r -> r.nominal() == nominal.value() && r.point() == point)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "Nominal voltage (%s V) must be one of %s V.".formatted(nominal.value(), nominals())));
        CheckInput.between("Voltage", volts, 0, 1000, "V", "Enter the meter reading between the two wires.");
        boolean normal = volts >= row.low() && volts <= row.high();
        boolean tolerable = volts >= row.lowest() && volts <= row.highest();
        Range range = normal ? Range.NORMAL : tolerable ? Range.TOLERABLE : Range.OUTSIDE;
        if (isOneLegMissing(nominal, measured)) {
            return answer(
                    range,
                    row,
                    "About half the voltage: one 240 V leg is missing, or the reading was from one leg to neutral.",
                    "Check both breakers or fuses before a part is sold.");
        }
        String limits = "%.1f V; normal is %.0f to %.0f V, acceptable %.1f to %.0f V.";
        return answer(
                range,
                row,
                String.format(Locale.ROOT, limits, volts, row.low(), row.high(), row.lowest(), row.highest()),
                range == Range.OUTSIDE
                        ? "Do not judge the machine at this voltage; the supply is work for a licensed electrician."
                        : "The supply is not the cause.");
    }

    private static Answer answer(Range range, Row row, String why, String next) {
        return new Answer(range, row.low(), row.high(), row.lowest(), row.highest(), why, next, SOURCE);
    }

    /** Whether a voltage is about half of what two legs give. */
    public static boolean isOneLegMissing(Volts nominal, Volts measured) {
        double share = measured.value() / nominal.value();
        return nominal.value() > 200 && share > 0.4 && share < ONE_LEG;
    }

    private static String nominals() {
        return Arrays.stream(ROWS.stream()
                        .mapToDouble(Row::nominal)
                        .distinct()
                        .sorted()
                        .toArray())
                .mapToObj(value -> String.format(Locale.ROOT, "%.0f", value))
                .collect(Collectors.joining(", "));
    }
}
