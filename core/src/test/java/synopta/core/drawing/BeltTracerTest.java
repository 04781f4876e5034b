package synopta.core.drawing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static synopta.core.drawing.Pulley.Side.INSIDE;
import static synopta.core.drawing.Pulley.Side.OUTSIDE;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BeltTracerTest {
    private static Pulley in(double x, double y, double diameter) {
        return new Pulley(x, y, diameter, INSIDE);
    }

    private static Pulley out(double x, double y, double diameter) {
        return new Pulley(x, y, diameter, OUTSIDE);
    }

    private static BeltRun.Closed closed(Pulley... pulleys) {
        return BeltTracer.trace(List.of(pulleys)).fold(c -> c, wrong -> {
            throw new AssertionError(wrong.reason());
        });
    }

    /** Lengths derived from Shigley, eqs. 17-1 and 17-2, and of hulls of discs. */
    @DataProvider(name = "published lengths")
    Object[][] publishedLengths() {
        return new Object[][] {
            {"open, equal", 914.159265359, new Pulley[] {in(0, 0, 100), in(300, 0, 100)}},
            {"open, tight", 731.046519174, new Pulley[] {in(0, 0, 200), in(150, 0, 50)}},
            {"open, Shigley ex. 17-4, printed as 113.8 in", 113.8, new Pulley[] {in(0, 0, 11), in(42.4104757, 0, 7.4)}},
            {"open, 18 and 6 in at 8 ft", 230.074234057, new Pulley[] {in(0, 0, 18), in(96, 0, 6)}},
            {"crossed", 909.951537396, new Pulley[] {in(0, 0, 120), out(300, 0, 60)}},
            {"three that touch", 6 + 2 * Math.PI, new Pulley[] {in(0, 0, 2), in(1, Math.sqrt(3), 2), in(2, 0, 2)}},
            {"3-4-5", 12 + 2 * Math.PI, new Pulley[] {in(0, 0, 2), in(0, 3, 2), in(4, 0, 2)}},
            {"three unlike", 794.857171484, new Pulley[] {in(0, 0, 60), in(80, 160, 40), in(200, 0, 100)}},
        };
    }

    @Test(dataProvider = "published lengths")
    public void lengthsAreThoseOfTheTextbook(String what, double length, Pulley[] pulleys) {
        double tolerance = what.contains("printed") ? 1e-6 : 1e-9;
        assertEquals(closed(pulleys).lengthMm(), length, tolerance * length);
    }

    @Test
    public void wrapsOfTwoPulleysAreThoseOfShigleysExample() {
        List<BeltRun.Touch> touches = closed(in(0, 0, 6), in(96, 0, 18)).touches();
        assertEquals(Math.toRadians(touches.get(0).wrapDegrees()), 3.01651113, 1e-7);
        assertEquals(touches.get(0).wrapDegrees() + touches.get(1).wrapDegrees(), 360, 1e-9);
    }

    @Test
    public void aBeltRoundTheOutsideIsAsLongAsCauchysIntegralSays() {
        Random random = new Random(5);
        for (int trial = 0; trial < 40; trial++) {
            int count = 3 + random.nextInt(6);
            Pulley[] pulleys = IntStream.range(0, count)
                    .mapToObj(i -> in(
                            500 * Math.cos(-2 * Math.PI * i / count),
                            500 * Math.sin(-2 * Math.PI * i / count),
                            20 + random.nextInt(200)))
                    .toArray(Pulley[]::new);
            assertEquals(closed(pulleys).lengthMm(), cauchy(pulleys), 1e-6);
        }
    }

    /** The perimeter of the hull of discs: the mean of its support function over all directions. */
    private static double cauchy(Pulley... pulleys) {
        int steps = 200_000;
        double sum = 0;
        for (int i = 0; i < steps; i++) {
            double angle = 2 * Math.PI * i / steps;
            double support = Double.NEGATIVE_INFINITY;
            for (Pulley p : pulleys) {
                support = Math.max(support, p.xMm() * Math.cos(angle) + p.yMm() * Math.sin(angle) + p.diameterMm() / 2);
            }
            sum += support;
        }
        return sum * 2 * Math.PI / steps;
    }

    @DataProvider(name = "with idlers")
    Object[][] withIdlers() {
        return new Object[][] {
            {new Pulley[] {in(0, 0, 660), in(60, -455, 24), out(-2, -425, 64)}},
            {new Pulley[] {in(0, 0, 656), out(48, -420, 46), in(0, -460, 24), out(-48, -420, 46)}},
            {new Pulley[] {in(0, 0, 660), out(62, -412, 26), in(-6, -458, 60)}},
        };
    }

    @Test(dataProvider = "with idlers")
    public void aBeltWithAnIdlerIsAsLongAsARubberBandThatShrankOntoThePulleys(Pulley[] pulleys) {
        double length = closed(pulleys).lengthMm();
        assertEquals(rubberBand(pulleys), length, 3e-4 * length);
    }

    /**
     * An independent path: a polygon of many beads that starts a fifth of a radius off every pulley, and shrinks while
     * beads are pushed out of the discs.
     */
    private static double rubberBand(Pulley... pulleys) {
        List<double[]> corners = corners(pulleys);
        int beads = 4 * corners.size();
        double[][] band = new double[beads][];
        for (int i = 0; i < beads; i++) {
            double[] from = corners.get(i / 4);
            double[] to = corners.get((i / 4 + 1) % corners.size());
            double part = i % 4 / 4.0;
            band[i] = new double[] {from[0] + part * (to[0] - from[0]), from[1] + part * (to[1] - from[1])};
        }
        for (int round = 0; round < 60_000; round++) {
            for (int i = round % 2; i < beads; i += 2) {
                double[] before = band[(i + beads - 1) % beads];
                double[] after = band[(i + 1) % beads];
                band[i][0] = (before[0] + after[0]) / 2;
                band[i][1] = (before[1] + after[1]) / 2;
                for (Pulley p : pulleys) {
                    pushOut(band[i], p);
                }
            }
        }
        return IntStream.range(0, beads)
                .mapToDouble(
                        i -> Math.hypot(band[(i + 1) % beads][0] - band[i][0], band[(i + 1) % beads][1] - band[i][1]))
                .sum();
    }

    /** Points around each pulley, a little outside of it, along the run. */
    private static List<double[]> corners(Pulley... pulleys) {
        List<double[]> corners = new ArrayList<>();
        for (BeltRun.Touch touch : closed(pulleys).touches()) {
            Pulley p = touch.pulley();
            double came = Math.atan2(touch.on().yMm() - p.yMm(), touch.on().xMm() - p.xMm());
            double turn = (p.side() == INSIDE ? -1 : 1) * Math.toRadians(touch.wrapDegrees());
            for (int i = 0; i <= 40; i++) {
                corners.add(new double[] {
                    p.xMm() + 0.6 * p.diameterMm() * Math.cos(came + turn * i / 40),
                    p.yMm() + 0.6 * p.diameterMm() * Math.sin(came + turn * i / 40)
                });
            }
        }
        return corners;
    }

    private static void pushOut(double[] bead, Pulley p) {
        double dx = bead[0] - p.xMm();
        double dy = bead[1] - p.yMm();
        double away = Math.hypot(dx, dy);
        if (away < p.diameterMm() / 2) {
            bead[0] = p.xMm() + dx * p.diameterMm() / 2 / away;
            bead[1] = p.yMm() + dy * p.diameterMm() / 2 / away;
        }
    }

    @Test
    public void aPulleyThatTheTautBeltPassesByHasNoWrapAndAddsNothing() {
        BeltRun.Closed with = closed(in(0, 0, 400), in(190, -260, 20), in(0, -500, 100));
        assertTrue(with.touches().get(1).touching());
        BeltRun.Closed inside = closed(in(0, 0, 400), in(60, -290, 40), in(0, -500, 100));
        assertFalse(inside.touches().get(1).touching());
        assertEquals(inside.lengthMm(), closed(in(0, 0, 400), in(0, -500, 100)).lengthMm(), 1e-9);
    }

    @Test
    public void anIdlerShortensWithItsTravelAndTellsOverFromUnder() {
        BeltRun.Closed run = closed(in(0, 0, 660), in(60, -455, 24), out(-2, -425, 64));
        BeltRun.Closed pushed = closed(in(0, 0, 660), in(60, -455, 24), out(-28, -433, 64));
        assertTrue(pushed.lengthMm() < run.lengthMm());
        assertTrue(run.touches().get(2).over(), "the belt lies on the idler");
        assertFalse(run.touches().get(1).over(), "and under the motor's pulley");
    }

    @DataProvider
    Object[][] impossible() {
        return new Object[][] {
            {"Pulleys 1 and 2 overlap", new Pulley[] {in(0, 0, 200), in(120, 0, 100)}},
            {"needs 2 to 50 pulleys", new Pulley[] {in(0, 0, 200)}},
            {
                "Between pulleys 1 and 2 the belt would run through pulley 3",
                new Pulley[] {in(0, 0, 100), in(600, 0, 100), out(300, 50, 60), in(300, -300, 50)}
            },
            {"List the pulleys clockwise", new Pulley[] {in(0, 0, 100), in(400, 0, 100), in(0, 400, 100)}},
            {
                "cross itself after pulley 3 and again after pulley 4",
                new Pulley[] {in(300, 500, 140), in(400, 220, 20), out(0, 360, 100), in(560, 200, 160)}
            },
            {"List the pulleys clockwise", new Pulley[] {out(0, 0, 100), out(400, 0, 100)}},
            {"List the pulleys clockwise", new Pulley[] {in(0, 0, 60), in(400, 400, 60), in(400, 0, 60), in(0, 400, 60)}
            },
            {
                "cross itself",
                new Pulley[] {
                    in(320, 380, 20), in(320, 100, 120), in(220, 760, 60), out(640, 180, 120), out(660, 720, 120)
                }
            },
        };
    }

    @Test(dataProvider = "impossible")
    public void aLayoutThatNoBeltFitsIsRefusedWithTheReason(String reason, Pulley[] pulleys) {
        String told = BeltTracer.trace(List.of(pulleys))
                .fold(c -> "a run of " + c.lengthMm() + " " + c.touches(), BeltRun.Impossible::reason);
        assertTrue(told.contains(reason), told);
    }

    @Test
    public void aPulleyWithoutSizeOrPlaceIsNone() {
        for (double bad : new double[] {0, -1, Double.NaN, Double.POSITIVE_INFINITY}) {
            expectThrows(IllegalArgumentException.class, () -> in(0, 0, bad));
        }
        expectThrows(IllegalArgumentException.class, () -> in(Double.NaN, 0, 10));
    }
}
