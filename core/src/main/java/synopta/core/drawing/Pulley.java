package synopta.core.drawing;

import synopta.core.quantity.Slugged;

/**
 * A disc that a belt runs on.
 *
 * @param xMm center, to the right
 * @param yMm center, upwards
 * @param diameterMm above 0
 * @param side face of the belt that touches it
 */
public record Pulley(double xMm, double yMm, double diameterMm, Side side) {
    /** Refuses what is not finite, and a diameter that is not above 0. */
    public Pulley {
        if (!(Double.isFinite(xMm) && Double.isFinite(yMm) && diameterMm > 0 && Double.isFinite(diameterMm))) {
            throw new IllegalArgumentException(
                    "A pulley needs a finite place and a diameter above 0 mm, not %s, %s and %s."
                            .formatted(xMm, yMm, diameterMm));
        }
    }

    /** On which side of the pulley the belt has its inside. */
    public enum Side implements Slugged {
        /** The belt runs round it. */
        INSIDE,
        /** It presses on the belt from outside, as an idler does. */
        OUTSIDE
    }

    /** +1 where the belt turns clockwise, -1 where it turns the other way. */
    public double sense() {
        return side == Side.INSIDE ? 1 : -1;
    }

    double radiusMm() {
        return diameterMm / 2;
    }

    double distanceTo(Pulley other) {
        return Math.hypot(other.xMm - xMm, other.yMm - yMm);
    }
}
