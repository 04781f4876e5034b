package synopta.core.drawing;

import java.util.List;

/**
 * The upright box that something takes up, in the units of its drawing; y grows downwards.
 *
 * @param left left edge
 * @param top upper edge
 * @param right cases that were right first time
 * @param bottom lower edge
 */
public record Bounds(double left, double top, double right, double bottom) {
    /** The box round points, given as x, y, x, y; at least one. */
    static Bounds around(List<Double> points) {
        Bounds all = new Bounds(points.get(0), points.get(1), points.get(0), points.get(1));
        for (int i = 2; i < points.size(); i += 2) {
            all = all.and(new Bounds(points.get(i), points.get(i + 1), points.get(i), points.get(i + 1)));
        }
        return all;
    }

    /** The box round both. */
    public Bounds and(Bounds other) {
        return new Bounds(
                Math.min(left, other.left),
                Math.min(top, other.top),
                Math.max(right, other.right),
                Math.max(bottom, other.bottom));
    }

    /** Whether nothing of it lies outside a sheet of that size whose corner is at 0, 0; what is not a number does. */
    public boolean within(double width, double height) {
        return left >= 0 && top >= 0 && right <= width && bottom <= height;
    }
}
