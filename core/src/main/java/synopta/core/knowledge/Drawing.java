package synopta.core.knowledge;

import java.util.List;

/**
 * A machine in section as line work.
 *
 * @param width of the drawing, in its own units
 * @param height of the drawing
 * @param lines what is only drawn
 * @param texts lettering that names no place: front, rear, drum
 * @param spots where the places are
 */
public record Drawing(int width, int height, List<Line> lines, List<Label> texts, List<Spot> spots) {
    /** Copies. */
    public Drawing {
        lines = List.copyOf(lines);
        texts = List.copyOf(texts);
        spots = List.copyOf(spots);
    }

    /**
     * A stroke.
     *
     * @param path in the drawing's units, as an SVG path
     * @param weight `outline`, `inner`, `faint`, `dashed` or `solid`
     */
    public record Line(String path, String weight) {}

    /**
     * Where a place is: its box, and how it is drawn.
     *
     * @param shape `box` or `round`
     */
    public record Spot(String slot, String shape, double x, double y, double width, double height, Label label) {}

    /** A lettering: where it stands and how it is set: `start`, `middle` or `end`. */
    public record Label(String text, double x, double y, String anchor) {}
}
