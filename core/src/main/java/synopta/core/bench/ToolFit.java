package synopta.core.bench;

import java.util.Locale;
import synopta.core.quantity.Slugged;
import synopta.core.reading.CheckInput;

/**
 * Does a wrench fit a head? Its opening less the width across the flats, in millimeters: below 0 it does not go on, up to
 * 0.2 it serves, beyond it slips and rounds the head off. One inch is 25.4 mm exactly; the limit of 0.2 is common practice,
 * no published source.
 */
public final class ToolFit {
    private static final double SERVES_MM = 0.2;

    private ToolFit() {}

    /** How a tool goes on. */
    public enum Grip implements Slugged {
        DOES_NOT_GO_ON,
        SERVES,
        SLIPS
    }

    /**
     * The play in millimeters, and what it means.
     *
     * @param toolMm width of the tool, mm
     * @param headMm width across flats, mm
     * @param clearanceMm difference, mm; below 0 it does not go on
     * @param verdict verdict in one word
     * @param why with the figures
     * @param next what to do now
     * @param source of the limit
     */
    public record Answer(
            double toolMm, double headMm, double clearanceMm, Grip verdict, String why, String next, String source) {}

    /** Judges an opening on a head, both in millimeters. */
    public static Answer judge(double toolMm, double headMm) {
        CheckInput.above0("Tool size", toolMm, 100, "mm", "5/16 in is 7.9375 mm.");
        CheckInput.above0("Width across the flats", headMm, 100, "mm", "5/16 in is 7.9375 mm.");
        double clearance = toolMm - headMm;
        Grip grip = clearance < -1e-9 ? Grip.DOES_NOT_GO_ON : clearance <= SERVES_MM ? Grip.SERVES : Grip.SLIPS;
        return new Answer(
                toolMm,
                headMm,
                clearance,
                grip,
                String.format(Locale.ROOT, "%.2f mm clearance between %.2f and %.2f mm.", clearance, toolMm, headMm),
                next(grip),
                "1 in = 25.4 mm; clearance up to 0.2 mm: common practice");
    }

    private static String next(Grip grip) {
        return switch (grip) {
            case DOES_NOT_GO_ON -> "Too small: use a larger one.";
            case SERVES -> "It fits.";
            case SLIPS -> "Too loose, it rounds the head off: use the right size.";
        };
    }
}
