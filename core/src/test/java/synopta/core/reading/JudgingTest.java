package synopta.core.reading;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.quantity.Ohms;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;

/** Both sides of each limit of every way to judge; figures are common practice of the trade unless a law gives them. */
public class JudgingTest {
    private static final Double OL = null;
    private static final Judging PLATE = new Judging.Nameplate(new Range(7, 30), false);
    private static final Judging BROIL = new Judging.Nameplate(new Range(10, 50), true);
    private static final Judging NTC =
            new Judging.Curve(new SensorCurve.Beta(new Ohms(10_000), 3977), 0.1, new Range(6_000, 20_000));
    private static final Judging PT1000 =
            new Judging.Curve(new SensorCurve.Platinum(1000), 0.02, new Range(1_040, 1_130));
    private static final Judging IGNITER = new KindJudging(List.of(
            new KindJudging.Kind("flat", new Range(3.2, 3.6)), new KindJudging.Kind("round", new Range(2.5, 3.0))));
    private static final Judging COILS = new Judging.Band(
            List.of(new Range(1_200, 1_400), new Range(500, 600)), "coils that are good cold prove nothing");

    private static Conditions plate(double volts, double watts) {
        return new Conditions(null, new Volts(volts), new Watts(watts), null, null);
    }

    private static Conditions room(double celsius) {
        return new Conditions(celsius, null, null, null, null);
    }

    private static Conditions kind(String kind) {
        return new Conditions(null, null, null, null, kind);
    }

    @DataProvider
    Object[][] readings() {
        return Stream.of(contacts(), plates(), sensors()).flatMap(Stream::of).toArray(Object[][]::new);
    }

    private static Object[][] contacts() {
        Conditions none = Conditions.NONE;
        return new Object[][] {
            {PlainJudging.CLOSED_CONTACT, 0.0, none, Verdict.GOOD, null},
            {PlainJudging.CLOSED_CONTACT, 1.0, none, Verdict.GOOD, null},
            {PlainJudging.CLOSED_CONTACT, 3.0, none, Verdict.SUSPECT, null},
            {PlainJudging.CLOSED_CONTACT, 5.0, none, Verdict.SUSPECT, null},
            {PlainJudging.CLOSED_CONTACT, 5.1, none, Verdict.OFF_VALUE, null},
            {PlainJudging.CLOSED_CONTACT, OL, none, Verdict.OPEN, null},
            {PlainJudging.OPEN_CONTACT, OL, none, Verdict.GOOD, null},
            {PlainJudging.OPEN_CONTACT, 0.0, none, Verdict.SHORTED, null},
            {PlainJudging.OPEN_CONTACT, 40_000.0, none, Verdict.OFF_VALUE, null},
            {PlainJudging.TO_CASE, OL, none, Verdict.GOOD, null},
            {PlainJudging.TO_CASE, 1.1e6, none, Verdict.GOOD, null},
            {PlainJudging.TO_CASE, 1e6, none, Verdict.SUSPECT, null},
            {PlainJudging.TO_CASE, 1e5, none, Verdict.SUSPECT, null},
            {PlainJudging.TO_CASE, 99_999.0, none, Verdict.GROUNDED, null},
            {PlainJudging.TO_CASE, 0.0, none, Verdict.GROUNDED, null},
            {PlainJudging.NOTHING, 4_700.0, none, Verdict.NO_VERDICT, null},
            {PlainJudging.NOTHING, OL, none, Verdict.NO_VERDICT, null},
        };
    }

    private static Object[][] plates() {
        Conditions none = Conditions.NONE;
        Conditions dryer = plate(240, 5400);
        return new Object[][] {
            // V²/P: 240 V and 5.4 kW give 10.67 Ω; 10 and 20 % of it.
            {PLATE, 10.7, dryer, Verdict.GOOD, null},
            {PLATE, 9.7, dryer, Verdict.GOOD, null},
            {PLATE, 9.5, dryer, Verdict.SUSPECT, null},
            {PLATE, 12.7, dryer, Verdict.SUSPECT, null},
            {PLATE, 12.9, dryer, Verdict.OFF_VALUE, null},
            {PLATE, 0.3, dryer, Verdict.SHORTED, null},
            {PLATE, OL, dryer, Verdict.OPEN, null},
            {PLATE, 24.0, none, Verdict.PLAUSIBLE, Judgment.Need.WATTS},
            {PLATE, 52.0, none, Verdict.OFF_VALUE, Judgment.Need.WATTS},
            {PLATE, OL, none, Verdict.OPEN, null},
            {PLATE, 0.2, none, Verdict.SHORTED, null},
            {BROIL, 30.0, none, Verdict.GOOD, null},
            {BROIL, 51.0, none, Verdict.OFF_VALUE, Judgment.Need.WATTS},
        };
    }

    private static Object[][] sensors() {
        Conditions none = Conditions.NONE;
        return new Object[][] {
            // 10 kΩ at 25 °C: 12.5 kΩ at 20 °C, 8 kΩ at 30 °C.
            {NTC, 12_500.0, room(20), Verdict.GOOD, null},
            {NTC, 8_050.0, room(30), Verdict.GOOD, null},
            {NTC, 9_000.0, room(20), Verdict.OFF_VALUE, null},
            {NTC, 9_000.0, none, Verdict.PLAUSIBLE, Judgment.Need.CELSIUS},
            {NTC, 5_000.0, none, Verdict.OFF_VALUE, null},
            {NTC, OL, none, Verdict.OPEN, null},
            {NTC, 50_000.0, new Conditions(25.0, null, null, new Ohms(50_000), null), Verdict.GOOD, null},
            // Platinum: 1,078 Ω at 20 °C, 1,666 Ω at 175 °C.
            {PT1000, 1_078.0, room(20), Verdict.GOOD, null},
            {PT1000, 1_666.0, room(175), Verdict.GOOD, null},
            {PT1000, 1_110.0, room(20), Verdict.OFF_VALUE, null},
            {PT1000, 0.0, room(20), Verdict.SHORTED, null},
            {IGNITER, 2.4, none, Verdict.OFF_VALUE, null},
            {IGNITER, 2.5, none, Verdict.NO_VERDICT, Judgment.Need.KIND},
            {IGNITER, 3.1, none, Verdict.NO_VERDICT, Judgment.Need.KIND},
            {IGNITER, 3.2, none, Verdict.GOOD, null},
            {IGNITER, 2.9, kind("flat"), Verdict.OFF_VALUE, null},
            {IGNITER, 2.9, kind("round"), Verdict.GOOD, null},
            {COILS, 1_300.0, none, Verdict.NO_VERDICT, null},
            {COILS, 550.0, none, Verdict.NO_VERDICT, null},
            {COILS, 900.0, none, Verdict.OFF_VALUE, null},
            {COILS, OL, none, Verdict.OPEN, null},
        };
    }

    @Test(dataProvider = "readings")
    public void aReadingMeansWhatItsKindOfTestSays(
            Judging judging, @Nullable Double ohms, Conditions beside, Verdict verdict, Judgment.@Nullable Need need) {
        MeterUnit unit = judging == IGNITER ? MeterUnit.AMPERE : MeterUnit.OHM;
        Reading reading = ohms == null ? new Reading.Overload() : new Reading.Figure(ohms);
        Judgment judged = judging.judge(reading, unit, beside, "here");
        assertEquals(judged.verdict(), verdict, judged.why());
        assertEquals(judged.need(), need);
        assertEquals(judged.choices(), need == Judgment.Need.KIND ? List.of("flat", "round") : List.of());
        assertTrue(judged.source().endsWith("here"), judged.source());
    }

    @Test
    public void whatIsEnteredBesideAReadingComesBeforeTheCatalog() {
        Conditions entered = plate(240, 5400);
        Conditions listed = new Conditions(20.0, new Volts(120), null, new Ohms(50_000), "flat");
        assertEquals(
                entered.or(listed), new Conditions(20.0, new Volts(240), new Watts(5400), new Ohms(50_000), "flat"));
        expectThrows(IllegalArgumentException.class, () -> room(400));
        expectThrows(IllegalArgumentException.class, () -> plate(0, 100));
        expectThrows(IllegalArgumentException.class, () -> new Range(3, 2));
    }
}
