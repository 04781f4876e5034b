package synopta.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.bench.FuseCheck.Fuse;
import synopta.core.bench.FuseCheck.Speed;
import synopta.core.bench.FuseCheck.Standard;
import synopta.core.quantity.Amperes;
import synopta.core.quantity.Volts;

public class FuseCheckTest {
    private static Fuse fuse(double amps, double volts, Speed speed, double breaking, String size) {
        return new Fuse(new Amperes(amps), new Volts(volts), speed, breaking == 0 ? null : breaking, null, size);
    }

    /** Breaking capacities of IEC 60127-2: low is the greater of 35 A and ten times the current, high 1500 A. */
    @DataProvider
    Object[][] fuses() {
        Fuse low = fuse(3.15, 250, Speed.TIME_LAG, 35, "5x20-mm");
        Fuse high = fuse(3.15, 250, Speed.TIME_LAG, 1500, "5x20-mm");
        Fuse oven = fuse(20, 250, Speed.QUICK, 0, "6x32-mm");
        return new Object[][] {
            {low, high, true, "capacity is sufficient"},
            {high, low, false, "too low: 35 A"},
            {low, fuse(3.15, 250, Speed.QUICK, 35, "5x20-mm"), false, "Different speed"},
            {fuse(3.15, 125, Speed.TIME_LAG, 35, "5x20-mm"), low, true, "Same size"},
            {low, fuse(3.15, 125, Speed.TIME_LAG, 35, "5x20-mm"), false, "Voltage too low"},
            {oven, fuse(15, 250, Speed.QUICK, 0, "6x32-mm"), false, "Different current"},
            {low, fuse(3.15, 250, Speed.TIME_LAG, 35, "6x32-mm"), false, "Different size"},
            {low, fuse(3.15, 250, Speed.TIME_LAG, 0, "5x20-mm"), false, "not known"},
            {oven, fuse(20, 250, Speed.QUICK, 0, "6X32 mm"), true, "ceramic for ceramic"},
            {oven, fuse(15, 125, Speed.TIME_LAG, 0, "5x20-mm"), false, "Different speed"},
        };
    }

    @Test
    public void theSameFiguresByAnotherStandardAreAnotherFuse() {
        Fuse iec = new Fuse(new Amperes(2), new Volts(250), Speed.TIME_LAG, null, Standard.IEC, "5x20-mm");
        Fuse ul = new Fuse(new Amperes(2), new Volts(250), Speed.TIME_LAG, null, Standard.of("ul"), "5x20-mm");
        assertFalse(FuseCheck.judge(iec, ul).acceptable());
        assertTrue(FuseCheck.judge(iec, iec).acceptable());
    }

    @Test(dataProvider = "fuses")
    public void aFuseStandsInForItsEqualOnly(Fuse original, Fuse candidate, boolean taken, String reason) {
        FuseCheck.Answer answer = FuseCheck.judge(original, candidate);
        assertEquals(answer.acceptable(), taken);
        assertTrue(answer.reasons().stream().anyMatch(r -> r.contains(reason)), answer.toString());
    }

    @Test
    public void everySpeedIsKnownByItsLetterAndByAWord() {
        assertEquals(
                Stream.of("FF", "f", "M", "slow", "TT", "Slow blow", "fast-acting")
                        .map(Speed::of)
                        .toList(),
                List.of(
                        Speed.VERY_QUICK,
                        Speed.QUICK,
                        Speed.MEDIUM,
                        Speed.TIME_LAG,
                        Speed.LONG_TIME_LAG,
                        Speed.TIME_LAG,
                        Speed.QUICK));
    }

    @Test
    public void aMarkingThatNoFuseBearsIsRefusedWithTheRemedy() {
        for (double bad : new double[] {Double.NaN, 0, -1, Double.POSITIVE_INFINITY}) {
            refused("315 mA is 0.315", () -> fuse(bad, 250, Speed.QUICK, 0, "6x32-mm"));
            refused("Enter volts from the cap", () -> fuse(20, bad, Speed.QUICK, 0, "6x32-mm"));
        }
        refused("Size is missing", () -> fuse(20, 250, Speed.QUICK, 0, " "));
        refused("Speed (swift)", () -> Speed.of("swift"));
        refused("Use IEC or UL", () -> Standard.of("DIN"));
    }

    private static void refused(String words, org.testng.Assert.ThrowingRunnable doing) {
        String told = expectThrows(IllegalArgumentException.class, doing).getMessage();
        assertTrue(told.contains(words), told);
    }
}
