package synopta.core.drawing;

import java.util.List;
import java.util.function.Function;

/** What became of a belt laid round pulleys. */
public sealed interface BeltRun {
    /**
     * It closes.
     *
     * @param lengthMm of the line that touches the pulleys
     * @param touches one for each pulley, in their order
     */
    record Closed(double lengthMm, List<Touch> touches) implements BeltRun {
        /** Copies. */
        public Closed {
            touches = List.copyOf(touches);
        }

        @Override
        public <R> R fold(Function<Closed, R> closed, Function<Impossible, R> impossible) {
            return closed.apply(this);
        }
    }

    /**
     * No belt runs so, and why.
     *
     * @param reason why the belt cannot run
     */
    record Impossible(String reason) implements BeltRun {
        @Override
        public <R> R fold(Function<Closed, R> closed, Function<Impossible, R> impossible) {
            return impossible.apply(this);
        }
    }

    /** What the run is, case by case. */
    <R> R fold(Function<Closed, R> closed, Function<Impossible, R> impossible);

    /**
     * A point in the plane of the pulleys, y upwards.
     *
     * @param xMm to the right, mm
     * @param yMm down, mm
     */
    record Point(double xMm, double yMm) {}

    /**
     * Where the belt lies on a pulley.
     *
     * @param pulley the pulley
     * @param wrapDegrees how far round; 0 when it passes by without touching
     * @param on where it comes on; for a pulley that is passed by, the center
     * @param off where it leaves
     */
    record Touch(Pulley pulley, double wrapDegrees, Point on, Point off) {
        /** Whether the belt touches the pulley at all. */
        public boolean touching() {
            return wrapDegrees > 0;
        }

        /** Whether the middle of the wrap lies above the center of the pulley: the belt runs over it, not under it. */
        public boolean over() {
            double came = Math.atan2(on.yMm - pulley.yMm(), on.xMm - pulley.xMm());
            return Math.sin(came - pulley.sense() * Math.toRadians(wrapDegrees) / 2) > 0;
        }
    }
}
