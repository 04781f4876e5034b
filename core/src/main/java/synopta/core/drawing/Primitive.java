package synopta.core.drawing;

import java.util.List;
import synopta.core.quantity.Slugged;

/** The kinds of line work that every machine and part is drawn with, each given by a row of numbers. */
public enum Primitive implements Slugged {
    /** A rectangle: left, top, width, height, and the radius of its corners. */
    BOX(5, 5) {
        @Override
        Bounds bounds(List<Double> at) {
            return new Bounds(at.get(0), at.get(1), at.get(0) + at.get(2), at.get(1) + at.get(3));
        }
    },
    /** A circle: center x and y, diameter. */
    ROUND(3, 3) {
        @Override
        Bounds bounds(List<Double> at) {
            return disc(at);
        }
    },
    /** Straight strokes from point to point: x, y, x, y … */
    LINE(4, Integer.MAX_VALUE) {
        @Override
        Bounds bounds(List<Double> at) {
            return Bounds.around(at);
        }
    },
    /** A closed shape of straight sides: x, y, x, y … */
    AREA(6, Integer.MAX_VALUE) {
        @Override
        Bounds bounds(List<Double> at) {
            return Bounds.around(at);
        }
    },
    /** A part of a circle: center x and y, diameter, from and to in degrees, clockwise on the sheet from the right. */
    ARC(5, 5) {
        @Override
        Bounds bounds(List<Double> at) {
            return disc(at);
        }
    },
    /** A zigzag, as of a heating coil or a spring: from x and y to x and y, its breadth, how many turns. */
    COIL(6, 6) {
        @Override
        Bounds bounds(List<Double> at) {
            double dx = at.get(2) - at.get(0);
            double dy = at.get(3) - at.get(1);
            double length = Math.hypot(dx, dy);
            double across = length > 0 ? at.get(4) / 2 * Math.abs(dy) / length : 0;
            double along = length > 0 ? at.get(4) / 2 * Math.abs(dx) / length : 0;
            Bounds ends = Bounds.around(at.subList(0, 4));
            return new Bounds(ends.left() - across, ends.top() - along, ends.right() + across, ends.bottom() + along);
        }
    },
    /** A wheel of blades: center x and y, diameter, how many blades. */
    FAN(4, 4) {
        @Override
        Bounds bounds(List<Double> at) {
            return disc(at);
        }
    };

    private final int least;
    private final int most;

    Primitive(int least, int most) {
        this.least = least;
        this.most = most;
    }

    abstract Bounds bounds(List<Double> at);

    /** Refuses a row of numbers that does not draw this. */
    void check(List<Double> at) {
        boolean pairs = most == Integer.MAX_VALUE;
        if (at.size() < least || at.size() > most || pairs && at.size() % 2 != 0) {
            throw new IllegalArgumentException("%s takes %s numbers, not %d."
                    .formatted(slug(), pairs ? "%d or more, in pairs,".formatted(least) : least, at.size()));
        }
        if (at.stream().anyMatch(number -> !Double.isFinite(number))) {
            throw new IllegalArgumentException("%s takes finite numbers only.".formatted(slug()));
        }
    }

    /** The whole disc, for a part of it too: what is drawn stays within. */
    private static Bounds disc(List<Double> at) {
        double radius = at.get(2) / 2;
        return new Bounds(at.get(0) - radius, at.get(1) - radius, at.get(0) + radius, at.get(1) + radius);
    }
}
