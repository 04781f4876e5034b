package synopta.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.Fuel;
import synopta.core.quantity.LengthUnit;
import synopta.core.reading.Reading;

/** Gas, air and sizes against published tables (from memory) and derived figures. */
public class GasAirAndSizesTest {
    /** NFPA 54, table E.1.1(a): natural gas of 0.60, coefficient 0.90, at 3.5 and 4.0 inches. */
    @DataProvider(name = "natural gas")
    Object[][] naturalGas() {
        return new Object[][] {
            {"80", 3.5, 0.52},
            {"70", 3.5, 2.22},
            {"60", 3.5, 4.55},
            {"54", 3.5, 8.59},
            {"50", 3.5, 13.92},
            {"45", 3.5, 19.15},
            {"40", 3.5, 27.03},
            {"76", 4.0, 1.21},
            {"56", 4.0, 6.58},
            {"42", 4.0, 26.5},
        };
    }

    @Test(dataProvider = "natural gas")
    public void theFlowOfMainsGasIsThatOfTheFuelGasCode(String drill, double pressure, double flow) {
        OrificeCheck.Gas gas = new OrificeCheck.Gas(pressure, 1000, 0.60);
        assertEquals(OrificeCheck.flowFt3PerHour(gas, DrillSize.of(drill).inches(), 0.9), flow, 0.015 * flow);
    }

    /** NFPA 54, table E.1.1(b): propane of 2516 Btu and 1.52 at 11 inches, in Btu an hour. */
    @DataProvider(name = "LP (propane)")
    Object[][] bottledGas() {
        return new Object[][] {{"80", 1480}, {"72", 5081}, {"60", 13008}, {"54", 24630}, {"45", 54641}, {"40", 78029}};
    }

    @Test(dataProvider = "LP (propane)")
    public void theInputOfBottledGasIsThatOfTheFuelGasCode(String drill, double input) {
        OrificeCheck.Gas propane = new OrificeCheck.Gas(11, 2516, 1.52);
        double flow = OrificeCheck.flowFt3PerHour(propane, DrillSize.of(drill).inches(), 0.9);
        assertEquals(flow * 2516, input, 0.02 * input);
    }

    @Test
    public void theHoleForAnInputIsInvertedExactlyAndRoundedDownToADrill() {
        OrificeCheck.Answer answer = OrificeCheck.size(Fuel.NATURAL_GAS, OrificeCheck.Gas.NATURAL, 18_000, 0.9, 0);
        assertEquals(answer.diameterInch(), 0.0768078218818, 1e-12);
        assertEquals(answer.flowFt3PerHour(), 18, 1e-9);
        assertEquals(new DrillSize(answer.drill(), answer.drillDiameterInch()), new DrillSize("48", 0.0760));
        for (String drill : new String[] {"80", "54", "1"}) {
            double inches = DrillSize.of(drill).inches();
            double input = OrificeCheck.flowFt3PerHour(OrificeCheck.Gas.NATURAL, inches, 0.9) * 1000;
            assertEquals(
                    OrificeCheck.size(Fuel.NATURAL_GAS, OrificeCheck.Gas.NATURAL, input, 0.9, 0)
                            .drill(),
                    drill);
        }
        assertEquals(DrillSize.notLargerThan(0.2339).orElseThrow().name(), "1");
        assertEquals(DrillSize.notLargerThan(0.234).orElseThrow().name(), "A");
        assertTrue(DrillSize.notLargerThan(0.0134).isEmpty());
    }

    /** ASME B94.11M, number sizes from 80 to 1 in thousandths of an inch, then A to Z (from memory). */
    private static final String DRILLS = "13.5 14.5 16 18 20 21 22.5 24 25 26 28 29.2 31 32 33 35 36 37 38 39 40 41 42"
            + " 43 46.5 52 55 59.5 63.5 67 70 73 76 78.5 81 82 86 89 93.5 96 98 99.5 101.5 104 106.5 110 111 113 116 120"
            + " 128.5 136 140.5 144 147 149.5 152 154 157 159 161 166 169.5 173 177 180 182 185 189 191 193.5 196 199 201"
            + " 204 205.5 209 213 221 228 234 238 242 246 250 257 261 266 272 277 281 290 295 302 316 323 332 339 348 358"
            + " 368 377 386 397 404 413";

    @Test
    public void everyDrillIsAsTheStandardPrintsIt() {
        String[] thousandths = DRILLS.split(" ");
        for (int i = 0; i < thousandths.length; i++) {
            String name = i < 80 ? "" + (80 - i) : "" + (char) ('A' + i - 80);
            assertEquals(DrillSize.of(name).inches(), Double.parseDouble(thousandths[i]) / 1000, 1e-12, name);
        }
    }

    /** NFPA 54, 11.1.2: 4 % a thousand feet above the sea, from 2,000 ft on. */
    @DataProvider
    Object[][] altitudes() {
        return new Object[][] {{-282, 10_000}, {1500, 10_000}, {2000, 10_000}, {2500, 9000}, {5000, 8000}, {7000, 7200}
        };
    }

    @Test(dataProvider = "altitudes")
    public void inputFallsWithAltitudeFromTwoThousandFeetOn(double feet, double input) {
        assertEquals(OrificeCheck.atAltitude(10_000, feet), input, 1e-6);
    }

    /** Table M1502.4: straight feet that are left of 35, and of 25 in the edition of 2006. */
    @DataProvider
    Object[][] ducts() {
        return new Object[][] {
            {35, 0, 0, 35, 35, false},
            {25, 2, 0, 35, 35, false},
            {22.5, 2, 1, 35, 35, false},
            {10, 3, 0, 25, 25, false},
            {0, 7, 0, 35, 35, false},
            {0, 8, 0, 35, 40, true},
        };
    }

    @Test(dataProvider = "ducts")
    public void anElbowIsSoManyFeetOfDuct(
            double straight, int elbows90, int elbows45, double limit, double equivalent, boolean over) {
        DuctCheck.Answer answer = DuctCheck.judge(straight, elbows90, elbows45, limit);
        assertEquals(answer.equivalentFt(), equivalent, 1e-12);
        assertEquals(answer.verdict() == DuctCheck.Length.OVER, over);
    }

    /** An inch is 25.4 mm; clearances derived. */
    @DataProvider
    Object[][] tools() {
        return new Object[][] {
            {"8 mm", "5/16 in", 0.0625, ToolFit.Grip.SERVES},
            {"16 mm", "5/8", 0.125, ToolFit.Grip.SERVES},
            {"13 mm", "1/2 in", 0.3, ToolFit.Grip.SLIPS},
            {"11 mm", "7/16 in", -0.1125, ToolFit.Grip.DOES_NOT_GO_ON},
            {"5/16 in", "8 mm", -0.0625, ToolFit.Grip.DOES_NOT_GO_ON},
            {"1/4", "1/4 in", 0, ToolFit.Grip.SERVES},
            {"7 mm", "1/4\"", 0.65, ToolFit.Grip.SLIPS},
        };
    }

    @Test(dataProvider = "tools")
    public void aToolServesOnlyWithAlmostNoPlay(String tool, String head, double clearance, ToolFit.Grip grip) {
        ToolFit.Answer answer = ToolFit.judge(
                MeasureParser.millimeters(tool, LengthUnit.MILLIMETER),
                MeasureParser.millimeters(head, LengthUnit.MILLIMETER));
        assertEquals(answer.clearanceMm(), clearance, 1e-9);
        assertEquals(answer.verdict(), grip);
    }

    @DataProvider
    Object[][] said() {
        return new Object[][] {
            {"24", 24.0},
            {"24R", 24.0},
            {"24 ohms", 24.0},
            {"21,5 Ω", 21.5},
            {"1.2k", 1200.0},
            {"1.2 kΩ", 1200.0},
            {"4k7", 4700.0},
            {"2R2", 2.2},
            {"3 meg", 3e6},
            {"beeps", 0.0},
            {"it beeps", 0.0},
            {"OL", -1.0},
            {"O.L.", -1.0},
            {"no reading", -1.0},
            {"nothing at all", -1.0},
            {"open", -1.0},
        };
    }

    @Test(dataProvider = "said")
    public void aReadingIsUnderstoodAsItIsSaid(String words, double ohms) {
        double read = MeasureParser.ohms(words).fold(figure -> figure, (Reading.Overload open) -> -1.0);
        assertEquals(read, ohms, 1e-9);
    }

    @DataProvider
    Object[][] lengths() {
        return new Object[][] {
            {"92 1/4 in", 92.25 * 25.4},
            {"92-1/4\"", 92.25 * 25.4},
            {"92.25 in", 92.25 * 25.4},
            {"2343 mm", 2343},
            {"234,3 cm", 2343},
            {"2.343 m", 2343},
            {"2343", 2343},
            {"5/16", 7.9375},
        };
    }

    @Test(dataProvider = "lengths")
    public void aLengthIsUnderstoodInInchesFractionsAndMillimeters(String words, double millimeters) {
        assertEquals(MeasureParser.millimeters(words, LengthUnit.MILLIMETER), millimeters, 1e-9);
        assertEquals(MeasureParser.millimeters("92", LengthUnit.INCH), 92 * 25.4, 1e-9);
    }

    @Test
    public void aLengthGoesToInchesAndBackExactlyToTheLastPlaceShown() {
        for (int sixteenths = 0; sixteenths <= 1600; sixteenths++) {
            String shown = MeasureParser.inches(sixteenths * 25.4 / 16);
            assertEquals(MeasureParser.inches(MeasureParser.millimeters(shown, LengthUnit.MILLIMETER)), shown);
            assertEquals(MeasureParser.millimeters(shown, LengthUnit.MILLIMETER), sixteenths * 25.4 / 16, 1e-9);
        }
        assertEquals(MeasureParser.inches(92.25 * 25.4), "92 1/4 in");
        assertEquals(MeasureParser.inches(7.9375), "5/16 in");
        assertEquals(MeasureParser.inches(25.4), "1 in");
    }

    @Test
    public void whatIsNotUnderstoodOrCannotBeIsRefusedWithTheRemedy() {
        refused("Enter ohms as", () -> MeasureParser.ohms("lots"));
        refused("Enter ohms as", () -> MeasureParser.ohms(""));
        refused("92 1/4 in", () -> MeasureParser.millimeters("long", LengthUnit.MILLIMETER));
        refused("divides by 0", () -> MeasureParser.millimeters("1/0", LengthUnit.MILLIMETER));
        refused(
                "not a drill number or millimeters",
                () -> OrificeCheck.flowFt3PerHour(OrificeCheck.Gas.NATURAL, 54, 0.9));
        refused("80 to 1 or A to Z", () -> DrillSize.of("81"));
        refused("7 in w.c. is 0.25 psi", () -> new OrificeCheck.Gas(1740, 1000, 0.6));
        refused("that no burner has", () -> OrificeCheck.size(Fuel.NATURAL_GAS, OrificeCheck.Gas.NATURAL, 10, 0.9, 0));
        for (double bad : new double[] {Double.NaN, -1, Double.POSITIVE_INFINITY, 0}) {
            refused("Input", () -> OrificeCheck.size(Fuel.NATURAL_GAS, OrificeCheck.Gas.NATURAL, bad, 0.9, 0));
            refused("Specific gravity", () -> new OrificeCheck.Gas(4, 1000, bad));
            refused("Tool size", () -> ToolFit.judge(bad, 8));
        }
        refused("1 m is 3.28 ft", () -> DuctCheck.judge(10_668, 0, 0, 35));
        refused("90° elbows", () -> DuctCheck.judge(10, -1, 0, 35));
        refused("1000 m is 3281 ft", () -> OrificeCheck.atAltitude(1000, 20_000));
    }

    private static void refused(String words, org.testng.Assert.ThrowingRunnable doing) {
        String told = expectThrows(IllegalArgumentException.class, doing).getMessage();
        assertTrue(told.contains(words), told);
    }
}
