package synopta.formats.print;

import com.lowagie.text.pdf.PdfContentByte;
import java.awt.Color;
import java.util.List;
import synopta.core.drawing.Figure;
import synopta.core.drawing.Weight;

/** Draws the line work of packs onto a page, black on white. On a drawing y grows downwards, on a page upwards. */
public final class PdfCanvas {
    private static final Color GREY = new Color(0x77, 0x77, 0x77);
    private static final double BLADE_START = 0.16;
    private static final double BLADE_BEND = 0.36;
    private static final double BLADE_END = 0.46;

    private final PdfContentByte page;
    private final double left;
    private final double top;
    private final double scale;

    /**
     * Draws with the drawing's corner at a point of the page.
     *
     * @param scale points to a unit of the drawing
     */
    public PdfCanvas(PdfContentByte page, double left, double top, double scale) {
        this.page = page;
        this.left = left;
        this.top = top;
        this.scale = scale;
    }

    /** Where a point of the drawing lies on the page. */
    public float x(double x) {
        return (float) (left + x * scale);
    }

    /** Where a point of the drawing lies on the page. */
    public float y(double y) {
        return (float) (top - y * scale);
    }

    /** Draws a figure. */
    public void draw(Figure figure) {
        draw(figure, figure.weight() == Weight.FAINT ? GREY : Color.BLACK, width(figure.weight()));
    }

    /** Draws a figure that the reader looks for: in bold lines. */
    public void drawBold(Figure figure) {
        draw(figure, Color.BLACK, 1.8f);
    }

    private void draw(Figure figure, Color color, float width) {
        page.saveState();
        page.setColorStroke(color);
        page.setLineWidth(width);
        if (figure.weight() == Weight.DASHED) {
            page.setLineDash(2, 2, 0);
        }
        path(figure);
        if (figure.weight() == Weight.SOLID) {
            page.setColorFill(Color.BLACK);
            page.fillStroke();
        } else {
            page.stroke();
        }
        page.restoreState();
    }

    private static float width(Weight weight) {
        return weight == Weight.OUTLINE ? 0.9f : weight == Weight.FAINT ? 0.3f : 0.5f;
    }

    private void path(Figure figure) {
        List<Double> at = figure.at();
        switch (figure.primitive()) {
            case BOX ->
                page.roundRectangle(
                        x(at.get(0)),
                        y(at.get(1) + at.get(3)),
                        length(at.get(2)),
                        length(at.get(3)),
                        length(at.get(4)));
            case ROUND -> page.circle(x(at.get(0)), y(at.get(1)), length(at.get(2) / 2));
            case LINE -> strokes(at);
            case AREA -> {
                strokes(at);
                page.closePath();
            }
            case ARC -> arc(at);
            case COIL -> coil(at);
            case FAN -> fan(at);
            default -> throw new IllegalStateException("Nothing draws " + figure.primitive());
        }
    }

    private float length(double units) {
        return (float) (units * scale);
    }

    private void strokes(List<Double> at) {
        page.moveTo(x(at.get(0)), y(at.get(1)));
        for (int i = 2; i + 1 < at.size(); i += 2) {
            page.lineTo(x(at.get(i)), y(at.get(i + 1)));
        }
    }

    /** Angles are clockwise on the drawing, and the other way round on the page. */
    private void arc(List<Double> at) {
        double radius = at.get(2) / 2;
        page.arc(
                x(at.get(0) - radius),
                y(at.get(1) + radius),
                x(at.get(0) + radius),
                y(at.get(1) - radius),
                (float) -at.get(3),
                (float) -(at.get(4) - at.get(3)));
    }

    private void coil(List<Double> at) {
        double dx = at.get(2) - at.get(0);
        double dy = at.get(3) - at.get(1);
        double length = Math.max(1e-9, Math.hypot(dx, dy));
        int strokes = 2 * (int) Math.round(at.get(5));
        page.moveTo(x(at.get(0)), y(at.get(1)));
        for (int i = 0; i < strokes; i++) {
            double part = (i + 0.5) / strokes;
            double across = (i % 2 == 0 ? 1 : -1) * at.get(4) / 2 / length;
            page.lineTo(x(at.get(0) + dx * part - dy * across), y(at.get(1) + dy * part + dx * across));
        }
        page.lineTo(x(at.get(2)), y(at.get(3)));
    }

    private void fan(List<Double> at) {
        double diameter = at.get(2);
        page.circle(x(at.get(0)), y(at.get(1)), length(diameter / 2));
        int blades = (int) Math.round(at.get(3));
        for (int i = 0; i < blades; i++) {
            double angle = i * 360.0 / blades;
            double[] inner = onCircle(at, diameter * BLADE_START, angle);
            double[] bend = onCircle(at, diameter * BLADE_BEND, angle + 8);
            double[] end = onCircle(at, diameter * BLADE_END, angle + 34);
            page.moveTo(x(inner[0]), y(inner[1]));
            page.curveTo(x(bend[0]), y(bend[1]), x(end[0]), y(end[1]));
        }
    }

    private static double[] onCircle(List<Double> at, double radius, double degrees) {
        double angle = Math.toRadians(degrees);
        return new double[] {at.get(0) + radius * Math.cos(angle), at.get(1) + radius * Math.sin(angle)};
    }
}
