package synopta.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import synopta.core.drawing.BeltRun.Closed;
import synopta.core.drawing.BeltRun.Impossible;
import synopta.core.drawing.BeltRun.Point;
import synopta.core.drawing.BeltRun.Touch;

/**
 * How does a taut belt run round its pulleys, and how long is it? Each straight stretch is the common tangent of two
 * circles. With the senses s = ±1 of the turns, radii r and center distance c, its unit normal n makes n·d = (s₁r₁ −
 * s₂r₂)/c with the direction d of the centers; its length is √(c² − (s₁r₁ − s₂r₂)²). The length of the belt is the sum
 * of the stretches and of r times the wrap.
 *
 * <p>Input: two to {@link #MOST} pulleys in the order in which the belt meets them, clockwise with y upwards. Source:
 * Shigley, Mechanical Engineering Design, eqs. 17-1 and 17-2 (open and crossed belt), here with signed radii for any
 * number of pulleys. Cost: O(n²) for n pulleys. Accuracy: rounding only. Limits: a pulley that the taut belt passes by
 * is left with a wrap of 0; pulleys that overlap, and orders that no belt can follow, are told with the reason.
 */
public final class BeltTracer {
    /** The most pulleys that are followed. */
    public static final int MOST = 50;

    private static final double TURN = 2 * Math.PI;
    /** Relative to the sizes at hand: what is nearer than this touches. */
    private static final double NEAR = 1e-9;

    private static final String ORDER = " List the pulleys clockwise, y up, and check which ones press from outside.";

    private final List<Pulley> pulleys;
    /** Places in the list of the pulleys that the belt touches. */
    private final List<Integer> met = new ArrayList<>();

    private BeltTracer(List<Pulley> pulleys) {
        this.pulleys = pulleys;
    }

    /** The run round these pulleys. */
    public static BeltRun trace(List<Pulley> pulleys) {
        if (pulleys.size() < 2 || pulleys.size() > MOST) {
            return new Impossible("A belt needs 2 to %d pulleys, not %d.".formatted(MOST, pulleys.size()));
        }
        BeltTracer tracer = new BeltTracer(List.copyOf(pulleys));
        return tracer.overlap().map(BeltRun.class::cast).orElseGet(tracer::run);
    }

    private Optional<Impossible> overlap() {
        for (int i = 0; i < pulleys.size(); i++) {
            for (int j = i + 1; j < pulleys.size(); j++) {
                double apart = pulleys.get(i).distanceTo(pulleys.get(j));
                double needed = pulleys.get(i).radiusMm() + pulleys.get(j).radiusMm();
                if (apart < needed * (1 - NEAR)) {
                    return Optional.of(new Impossible(String.format(
                            Locale.ROOT,
                            "Pulleys %d and %d overlap: their centers are %.1f mm apart and need %.1f mm. Move them apart.",
                            i + 1,
                            j + 1,
                            apart,
                            needed)));
                }
            }
        }
        return Optional.empty();
    }

    private BeltRun run() {
        for (int i = 0; i < pulleys.size(); i++) {
            met.add(i);
        }
        while (met.size() > 2) {
            Optional<Integer> free = met.stream().filter(this::isPassedBy).findFirst();
            if (free.isEmpty()) {
                break;
            }
            met.remove(free.get());
        }
        List<Stretch> stretches = new ArrayList<>();
        for (int k = 0; k < met.size(); k++) {
            stretches.add(Stretch.between(at(k), at(k + 1)));
        }
        return blocked(stretches)
                .or(() -> crossing(stretches))
                .map(BeltRun.class::cast)
                .orElseGet(() -> closed(stretches));
    }

    private Pulley at(int k) {
        return pulleys.get(met.get(Math.floorMod(k, met.size())));
    }

    /** Whether the belt, taut from the pulley before to the one after, leaves this one on its own side. */
    private boolean isPassedBy(int index) {
        int k = met.indexOf(index);
        Pulley pulley = pulleys.get(index);
        Stretch without = Stretch.between(at(k - 1), at(k + 1));
        return without.rightOf(pulley) * pulley.sense() >= pulley.radiusMm() * (1 - NEAR);
    }

    /** A pulley in the way of a stretch that neither begins nor ends on it. */
    private Optional<Impossible> blocked(List<Stretch> stretches) {
        for (int k = 0; k < stretches.size(); k++) {
            for (int i = 0; i < pulleys.size(); i++) {
                Pulley pulley = pulleys.get(i);
                boolean own = pulley.equals(at(k)) || pulley.equals(at(k + 1));
                if (!own && stretches.get(k).distanceTo(pulley) < pulley.radiusMm() * (1 - NEAR)) {
                    return Optional.of(new Impossible(
                            "Between pulleys %d and %d the belt would run through pulley %d. Check the order and the sides."
                                    .formatted(met.get(k) + 1, met.get((k + 1) % met.size()) + 1, i + 1)));
                }
            }
        }
        return Optional.empty();
    }

    /** Two stretches that cross; only a belt on two pulleys may be laid crosswise. */
    private Optional<Impossible> crossing(List<Stretch> stretches) {
        for (int k = 0; pulleys.size() > 2 && k < stretches.size(); k++) {
            for (int m = k + 1; m < stretches.size(); m++) {
                if (stretches.get(k).crosses(stretches.get(m))) {
                    return Optional.of(
                            new Impossible("The belt would cross itself after pulley %d and again after pulley %d."
                                            .formatted(met.get(k) + 1, met.get(m) + 1)
                                    + ORDER));
                }
            }
        }
        return Optional.empty();
    }

    private BeltRun closed(List<Stretch> stretches) {
        double length = 0;
        double turned = 0;
        List<Touch> touches = new ArrayList<>();
        pulleys.forEach(p -> touches.add(new Touch(p, 0, center(p), center(p))));
        for (int k = 0; k < met.size(); k++) {
            Stretch before = stretches.get(Math.floorMod(k - 1, stretches.size()));
            Stretch after = stretches.get(k);
            Pulley pulley = at(k);
            double wrap = wrap(before, after, pulley.sense());
            length += after.length() + pulley.radiusMm() * wrap;
            turned += pulley.sense() * wrap;
            touches.set(met.get(k), new Touch(pulley, Math.toDegrees(wrap), before.to(), after.from()));
        }
        if (IntStream.range(0, pulleys.size()).anyMatch(i -> !met.contains(i) && isOnTheWrongSide(i, touches))) {
            return new Impossible("A belt cannot meet these pulleys in this order." + ORDER);
        }
        boolean crossed = pulleys.size() == 2 && at(0).side() != at(1).side();
        if (!crossed && Math.abs(turned - TURN) > NEAR * TURN) {
            return new Impossible("A belt cannot meet these pulleys in this order and close." + ORDER);
        }
        return new Closed(length, touches);
    }

    /**
     * Whether a pulley that was passed by lies outside of the loop though the belt should run round it, or inside though
     * it should press from outside. As it overlaps no other, the polygon of the touching points tells.
     */
    private boolean isOnTheWrongSide(int index, List<Touch> touches) {
        List<Point> corners = met.stream()
                .flatMap(i -> Stream.of(touches.get(i).on(), touches.get(i).off()))
                .toList();
        Pulley pulley = pulleys.get(index);
        boolean inside = false;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            boolean spans = a.yMm() > pulley.yMm() != b.yMm() > pulley.yMm();
            double across = spans ? a.xMm() + (pulley.yMm() - a.yMm()) / (b.yMm() - a.yMm()) * (b.xMm() - a.xMm()) : 0;
            inside ^= spans && pulley.xMm() < across;
        }
        return inside != (pulley.side() == Pulley.Side.INSIDE);
    }

    /** How far the belt turns on a pulley, in its sense: at least 0 and below a whole turn. */
    private static double wrap(Stretch before, Stretch after, double sense) {
        double turn = sense * (before.heading() - after.heading());
        double wrap = turn - TURN * Math.floor(turn / TURN);
        return TURN - wrap < NEAR ? 0 : wrap;
    }

    private static Point center(Pulley pulley) {
        return new Point(pulley.xMm(), pulley.yMm());
    }

    /** A straight stretch of belt. */
    private record Stretch(Point from, Point to, double dx, double dy) {
        /** The common tangent: the belt turns clockwise with its inside, so that the center lies on its right. */
        static Stretch between(Pulley first, Pulley second) {
            double distance = first.distanceTo(second);
            double across = (first.sense() * first.radiusMm() - second.sense() * second.radiusMm()) / distance;
            double along = Math.sqrt(Math.max(0, 1 - across * across));
            double dx = (second.xMm() - first.xMm()) / distance;
            double dy = (second.yMm() - first.yMm()) / distance;
            // The normal to the left of the run; the inside of the belt is on its right.
            double nx = across * dx - along * dy;
            double ny = across * dy + along * dx;
            return new Stretch(touch(first, nx, ny), touch(second, nx, ny), ny, -nx);
        }

        private static Point touch(Pulley pulley, double nx, double ny) {
            double out = pulley.sense() * pulley.radiusMm();
            return new Point(pulley.xMm() + out * nx, pulley.yMm() + out * ny);
        }

        double length() {
            return Math.hypot(to.xMm() - from.xMm(), to.yMm() - from.yMm());
        }

        double heading() {
            return Math.atan2(dy, dx);
        }

        /** How far the center of a pulley lies to the right of the run, in millimeters. */
        double rightOf(Pulley pulley) {
            return side(center(pulley));
        }

        /** Whether the two stretches meet between their ends. */
        boolean crosses(Stretch other) {
            return parts(other.from, other.to) && other.parts(from, to);
        }

        private boolean parts(Point one, Point two) {
            double tiny = NEAR * length();
            return Math.min(side(one), side(two)) < -tiny && Math.max(side(one), side(two)) > tiny;
        }

        private double side(Point point) {
            return (point.xMm() - from.xMm()) * dy - (point.yMm() - from.yMm()) * dx;
        }

        double distanceTo(Pulley pulley) {
            double along = (pulley.xMm() - from.xMm()) * dx + (pulley.yMm() - from.yMm()) * dy;
            double at = Math.max(0, Math.min(length(), along));
            return Math.hypot(from.xMm() + at * dx - pulley.xMm(), from.yMm() + at * dy - pulley.yMm());
        }
    }
}
