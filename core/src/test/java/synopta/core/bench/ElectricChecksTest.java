package synopta.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.quantity.Ohms;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;
import synopta.core.reading.Reading;
import synopta.core.reading.SensorCurve;
import synopta.core.reading.Verdict;

/** Readings of electrical parts against published figures (all from memory) and derived ones. */
public class ElectricChecksTest {
    private static final Reading OL = new Reading.Overload();

    private static Reading ohms(double value) {
        return new Reading.Figure(value);
    }

    /** Joule's law; percentages of power at another voltage as Watlow and Chromalox print them. */
    @DataProvider
    Object[][] elements() {
        return new Object[][] {
            {240, 2500, 23.04, 240, 100},
            {240, 5400, 10.6666667, 208, 75},
            {230, 2000, 26.45, 208, 82},
            {120, 1500, 9.6, 110, 84},
            {230, 1000, 52.9, 240, 109},
            {240, 1000, 57.6, 120, 25},
            {220, 1000, 48.4, 220, 100},
        };
    }

    @Test(dataProvider = "elements")
    public void anElementReadsWhatItsPlateGivesAndYieldsWhatTheSupplyAllows(
            double volts, double watts, double expected, double supply, double percent) {
        ElementCheck.Answer answer =
                ElementCheck.judge(plate(volts, watts), ohms(expected * 0.95), OL, new Volts(supply));
        assertEquals(answer.expectedOhms(), expected, expected * 1e-3);
        assertEquals(100 * answer.wattsAtSupply() / watts, percent, 0.5);
        assertEquals(answer.judged().verdict(), Verdict.GOOD, "cold it reads a little low");
    }

    @Test
    public void openShortedOffAndGroundedElementsAreToldApart() {
        ElementCheck.Plate plate = plate(240, 5400);
        assertEquals(verdict(plate, OL, null), Verdict.OPEN);
        assertEquals(verdict(plate, ohms(0), null), Verdict.SHORTED);
        assertEquals(verdict(plate, ohms(21.4), null), Verdict.OFF_VALUE);
        assertEquals(verdict(plate, ohms(plate.ohms().value() * 0.81), null), Verdict.SUSPECT);
        assertEquals(verdict(plate, ohms(10.7), ohms(40_000)), Verdict.GROUNDED);
        assertEquals(verdict(plate, ohms(10.7), ohms(99_000)), Verdict.GROUNDED, "below 100 kilohms");
        assertEquals(verdict(plate, ohms(10.7), ohms(990_000)), Verdict.SUSPECT, "damp: below a megohm");
        assertEquals(verdict(plate, ohms(10.7), ohms(1.01e6)), Verdict.GOOD);
        assertEquals(verdict(plate, ohms(plate.ohms().value() * 1.1), null), Verdict.GOOD, "the end of the band");
    }

    private static Verdict verdict(ElementCheck.Plate plate, Reading across, @Nullable Reading toCase) {
        return ElementCheck.judge(plate, across, toCase, null).judged().verdict();
    }

    private static ElementCheck.Plate plate(double volts, double watts) {
        return new ElementCheck.Plate(new Volts(volts), new Watts(watts));
    }

    private static CoilsCheck.Coil coil(String from, String to, double watts) {
        return new CoilsCheck.Coil(from, to, new Watts(watts));
    }

    private static final List<CoilsCheck.Coil> TWO = List.of(coil("C", "A", 1000), coil("C", "B", 1400));

    private static CoilsCheck.Read read(String from, String to, Reading reading) {
        return new CoilsCheck.Read(from, to, reading);
    }

    @Test
    public void theThreePairsOfATwoCoilHeaterAreThoseOfItsCoils() {
        CoilsCheck.Answer answer = CoilsCheck.judge(
                new Volts(240),
                TWO,
                List.of(read("C", "A", ohms(57)), read("C", "B", ohms(41)), read("A", "B", ohms(98))),
                List.of(new CoilsCheck.ToCase("A", OL)));
        double[] expected = {57.6, 41.1428571429, 98.7428571429};
        for (int i = 0; i < 3; i++) {
            assertEquals(answer.pairs().get(i).expectedOhms(), expected[i], 1e-9);
        }
        assertEquals(answer.judged().verdict(), Verdict.GOOD);
    }

    @Test
    public void theBrokenOneOfTwoCoilsIsNamedAndALeakGoesBeforeIt() {
        List<CoilsCheck.Read> readings = List.of(read("C", "A", OL), read("C", "B", ohms(41)), read("A", "B", OL));
        CoilsCheck.Answer open = CoilsCheck.judge(new Volts(240), TWO, readings, List.of());
        assertEquals(open.judged().verdict(), Verdict.OPEN);
        assertTrue(
                open.judged().why().contains("coil C–A is open"), open.judged().why());
        assertEquals(open.pairs().get(1).verdict(), Verdict.GOOD);
        CoilsCheck.Answer leak =
                CoilsCheck.judge(new Volts(240), TWO, readings, List.of(new CoilsCheck.ToCase("B", ohms(300))));
        assertEquals(leak.judged().verdict(), Verdict.GROUNDED);
    }

    @Test
    public void coilsInARingAndSideBySideFollowTheirNetwork() {
        double watts = 240 * 240 / 30.0;
        List<CoilsCheck.Coil> ring = List.of(coil("A", "B", watts), coil("B", "C", watts), coil("C", "A", watts));
        assertEquals(expected(ring, "A", "B"), 20, 1e-9);
        List<CoilsCheck.Coil> beside = List.of(coil("A", "B", 800), coil("A", "B", 1200));
        assertEquals(expected(beside, "A", "B"), 28.8, 1e-9);
        List<CoilsCheck.Coil> apart = List.of(coil("A", "B", 800), coil("C", "D", 800));
        CoilsCheck.Answer none = CoilsCheck.judge(new Volts(240), apart, List.of(read("A", "C", OL)), List.of());
        assertTrue(none.pairs().get(0).expectedOhms() == null);
        assertEquals(none.judged().verdict(), Verdict.GOOD);
    }

    private static double expected(List<CoilsCheck.Coil> coils, String from, String to) {
        return CoilsCheck.judge(new Volts(240), coils, List.of(read(from, to, ohms(1))), List.of())
                .pairs()
                .get(0)
                .expectedOhms();
    }

    /** The Beta equation on the figures of a 10 kΩ part and a 50 kΩ one (derived). */
    @DataProvider
    Object[][] beta() {
        return new Object[][] {
            {10_000, 3977, -20, 107094.8682},
            {10_000, 3977, 0, 33900.4208503},
            {10_000, 3977, 25, 10000.0},
            {10_000, 3977, 50, 3563.13193731},
            {10_000, 3977, 100, 684.9387231},
            {50_000, 3950, 85, 5433.35384697},
        };
    }

    @Test(dataProvider = "beta")
    public void aThermistorFollowsItsBeta(double r25, double beta, double celsius, double expected) {
        SensorCurve curve = new SensorCurve.Beta(new Ohms(r25), beta);
        assertEquals(curve.ohms(celsius), expected, 1e-6 * expected);
        assertEquals(curve.celsius(expected), celsius, 1e-6);
        ThermistorCheck.Answer answer = ThermistorCheck.judge(curve, celsius, ohms(expected * 1.09), 10);
        assertEquals(answer.judged().verdict(), Verdict.GOOD);
        assertEquals(
                ThermistorCheck.judge(curve, celsius, ohms(expected * 1.2), 10)
                        .judged()
                        .verdict(),
                Verdict.OFF_VALUE);
        assertEquals(ThermistorCheck.judge(curve, celsius, OL, 10).judged().verdict(), Verdict.OPEN);
        assertEquals(ThermistorCheck.judge(curve, celsius, ohms(0), 10).judged().verdict(), Verdict.SHORTED);
    }

    /** Printed tables of the 44000 series and 10K3A1 (YSI, Omega, BetaTHERM). */
    @DataProvider
    Object[][] steinhart() {
        return new Object[][] {
            {0.001468, 0.0002383, 1.007e-7, 7355, 0},
            {0.001468, 0.0002383, 1.007e-7, 811.3, 50},
            {0.001032, 0.0002387, 1.58e-7, 10_000, 25},
            {0.001129241, 0.0002341077, 8.775468e-8, 32_650, 0},
            {0.001129241, 0.0002341077, 8.775468e-8, 3603, 50},
        };
    }

    @Test(dataProvider = "steinhart")
    public void steinhartAndHartFindThePrintedTemperature(double a, double b, double c, double ohms, double celsius) {
        assertEquals(new SensorCurve.SteinhartHart(a, b, c).celsius(ohms), celsius, 0.05);
        assertEquals(new SensorCurve.SteinhartHart(a, b, c).ohms(celsius), ohms, 0.003 * ohms);
    }

    /** IEC 60751, table 1: Pt100. */
    @DataProvider
    Object[][] platinum() {
        return new Object[][] {{-50, 80.31}, {0, 100}, {25, 109.73}, {100, 138.51}, {200, 175.86}, {400, 247.09}};
    }

    @Test(dataProvider = "platinum")
    public void platinumFollowsItsTable(double celsius, double ohms) {
        assertEquals(new SensorCurve.Platinum(100).ohms(celsius), ohms, 0.006);
        SensorCurve oven = new SensorCurve.Platinum(1000);
        assertEquals(oven.ohms(celsius), 10 * ohms, 0.06);
        assertEquals(oven.celsius(oven.ohms(celsius)), celsius, 1e-6);
    }

    /** µF, V, MΩ, V to fall to, and the joules and seconds of any circuits text (derived). */
    @DataProvider
    Object[][] capacitors() {
        return new Object[][] {
            {1.0, 2100, 10, 60, 2.205, 35.5534806149},
            {1.0, 2100, 10, CapacitorCheck.SAFE.value(), 2.205, 41.2333209910},
            {0.7, 2100, 10, 50, 1.5435, 0.7 * 37.3766961828},
            {1.0, 4000, 10, 60, 8, 41.9970507788},
            {0.8, 2970, 10, 60, 0.5 * 0.8e-6 * 2970 * 2970, 31.2157813566},
            {0.95, 2970, 10, 2970, 4.1899275, 0},
        };
    }

    @Test(dataProvider = "capacitors")
    public void aCapacitorHoldsAndLosesItsCharge(
            double microfarads, double volts, double megohms, double safe, double joules, double seconds) {
        CapacitorCheck.Answer answer = CapacitorCheck.judge(microfarads, new Volts(volts), megohms, new Volts(safe));
        assertEquals(answer.joules(), joules, 1e-9 * joules);
        assertEquals(answer.secondsToSafe(), seconds, 1e-6 * (seconds + 1));
        assertTrue(CapacitorCheck.judge(microfarads, new Volts(volts), null, new Volts(safe))
                        .secondsToSafe()
                == null);
    }

    @Test
    public void whatCannotBeIsRefusedWithItsNameAndTheRemedy() {
        for (double bad : new double[] {Double.NaN, 0, -1, Double.POSITIVE_INFINITY}) {
            refused("Rated voltage", () -> plate(bad, 1000));
            refused("Rated power", () -> plate(240, bad));
            refused("Resistance at 77 °F (25 °C)", () -> new SensorCurve.Beta(new Ohms(bad), 3977));
            refused("Capacitance", () -> CapacitorCheck.judge(bad, new Volts(2100), null, CapacitorCheck.SAFE));
            refused("Safe voltage", () -> CapacitorCheck.judge(1, new Volts(2100), null, new Volts(bad)));
            refused("Power of a coil", () -> coil("A", "B", bad));
            refused(
                    "Nominal voltage",
                    () -> SupplyCheck.judge(new Volts(bad), new Volts(120), SupplyCheck.Point.SERVICE));
        }
        refused("77 °F is 25 °C", () -> new SensorCurve.Beta(new Ohms(10_000), 3977).ohms(-300));
        refused("two different terminals", () -> coil("A", "A", 100));
        refused("No coil ends at terminal X", () -> expected(TWO, "X", "A"));
        refused(
                "one of 120, 208, 230, 240, 400 V",
                () -> SupplyCheck.judge(new Volts(220), new Volts(220), SupplyCheck.Point.SERVICE));
        refused("at least one reading", () -> CoilsCheck.judge(new Volts(240), TWO, List.of(), List.of()));
    }

    private static void refused(String words, org.testng.Assert.ThrowingRunnable doing) {
        String told = expectThrows(IllegalArgumentException.class, doing).getMessage();
        assertTrue(told.contains(words), told);
    }
}
