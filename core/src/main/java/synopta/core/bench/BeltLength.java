package synopta.core.bench;

import java.util.List;
import java.util.Locale;
import synopta.core.drawing.BeltRun;

/**
 * The length of a belt around pulleys, for the test bench.
 *
 * @param lengthMm length around the pulleys, mm
 * @param wraps of each pulley, in their order
 * @param verdict always {@code runs}
 * @param why with the figures
 * @param next what to do now
 * @param source of the geometry
 */
public record BeltLength(double lengthMm, List<Wrap> wraps, String verdict, String why, String next, String source) {
    /** Copies. */
    public BeltLength {
        wraps = List.copyOf(wraps);
    }

    /**
     * How far the belt goes around a pulley.
     *
     * @param degrees angle of contact, degrees
     */
    public record Wrap(double degrees) {}

    /** What a traced run comes to. */
    public static BeltLength of(BeltRun.Closed run) {
        return new BeltLength(
                run.lengthMm(),
                run.touches().stream().map(t -> new Wrap(t.wrapDegrees())).toList(),
                "runs",
                String.format(
                        Locale.ROOT,
                        "%.1f mm around the pulleys (%.2f in).",
                        run.lengthMm(),
                        run.lengthMm() / MeasureParser.INCH_MM),
                "Belts are listed by their own length: use the belt listed for the model.",
                "Tangents of circles (Shigley, eqs. 17-1 and 17-2)");
    }
}
