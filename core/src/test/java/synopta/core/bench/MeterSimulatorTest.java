package synopta.core.bench;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.MeterTest;
import synopta.core.reading.Conditions;
import synopta.core.reading.Leads;
import synopta.core.reading.PlainJudging;
import synopta.core.reading.Reading;
import synopta.core.reading.Verdict;

public class MeterSimulatorTest {
    private static MeterTest test(double from, double to) {
        return Samples.ohms(Samples.finding("coil", 0.1), from, to, List.of("x"), 0.9, 0.9);
    }

    private static MeterTest toCase() {
        MeterTest across = test(8, 60);
        return new MeterTest(
                across.finding(),
                across.unit(),
                new Leads(Leads.Place.CASE, null),
                null,
                PlainJudging.TO_CASE,
                across.finds(),
                0.9,
                0.9);
    }

    @Test
    public void aPartToPracticeOnReadsAsItsConditionSaysAndEveryOneIsDrawn() {
        MeterTest coil = test(8, 60);
        MeterSimulator.Terminal one = MeterSimulator.Terminal.ONE;
        MeterSimulator.Terminal two = MeterSimulator.Terminal.of("2");
        MeterSimulator.Terminal casing = MeterSimulator.Terminal.of("casing");
        assertEquals(
                Samples.answer(coil, MeterSimulator.read(coil, MeterSimulator.Condition.GOOD, one, two)),
                MeterTest.GOOD);
        assertEquals(
                Samples.answer(coil, MeterSimulator.read(coil, MeterSimulator.Condition.GROUNDED, two, one)),
                MeterTest.GOOD);
        assertEquals(
                Samples.answer(coil, MeterSimulator.read(coil, MeterSimulator.Condition.OPEN, one, two)),
                MeterTest.BAD);
        assertEquals(
                Samples.answer(coil, MeterSimulator.read(coil, MeterSimulator.Condition.SHORTED, one, two)),
                MeterTest.BAD);
        assertEquals(MeterSimulator.read(coil, MeterSimulator.Condition.GOOD, one, casing), new Reading.Overload());
        assertEquals(
                ElementCheck.toCase(MeterSimulator.read(coil, MeterSimulator.Condition.GROUNDED, casing, two)),
                Verdict.GROUNDED);
        assertEquals(MeterSimulator.read(coil, MeterSimulator.Condition.OPEN, one, one), new Reading.Figure(0));
        assertEquals(drawn(coil), EnumSet.allOf(MeterSimulator.Condition.class));
        assertFalse(drawn(test(0, 2)).contains(MeterSimulator.Condition.SHORTED), "a contact is a short circuit");
        assertFalse(MeterSimulator.serves(toCase()));
        expectThrows(
                IllegalArgumentException.class,
                () -> MeterSimulator.read(toCase(), MeterSimulator.Condition.GOOD, one, two));
        expectThrows(IllegalArgumentException.class, () -> MeterSimulator.Terminal.of("3"));
    }

    private static Set<MeterSimulator.Condition> drawn(MeterTest test) {
        return LongStream.range(0, 100)
                .mapToObj(shuffles -> MeterSimulator.drawn(test, shuffles))
                .collect(Collectors.toSet());
    }

    /** Usual ranges of packs: common practice, no published source. */
    @DataProvider
    Object[][] ranges() {
        return new Object[][] {
            {test(10, 50), 24.0, Verdict.GOOD},
            {test(10, 50), 50.0, Verdict.GOOD},
            {test(10, 50), 51.0, Verdict.OFF_VALUE},
            {test(10, 50), 0.2, Verdict.SHORTED},
            {test(10, 50), 5.0, Verdict.OFF_VALUE},
            {test(0, 2), 0.0, Verdict.GOOD},
        };
    }

    @Test(dataProvider = "ranges")
    public void aPartWithoutAPlateIsJudgedByItsUsualRange(MeterTest test, double ohms, Verdict verdict) {
        assertEquals(test.judge(new Reading.Figure(ohms), Conditions.NONE).verdict(), verdict);
        assertEquals(test.judge(new Reading.Overload(), Conditions.NONE).verdict(), Verdict.OPEN);
    }

    @DataProvider
    Object[][] thermostats() {
        Reading closed = new Reading.Figure(0.3);
        Reading open = new Reading.Overload();
        return new Object[][] {
            {120, 22, closed, Verdict.GOOD, "when cold"},
            {120, 22, open, Verdict.OPEN, "colder than 248 °F (120 °C)"},
            {120, 150, open, Verdict.GOOD, "when hot"},
            {120, 150, closed, Verdict.SHORTED, "hotter than 248 °F (120 °C)"},
            {120, 110.1, open, Verdict.GOOD, "may be open or closed"},
            {120, 109.9, open, Verdict.OPEN, "colder than"},
            {120, 129.9, closed, Verdict.GOOD, "may be open or closed"},
            {120, 130.1, closed, Verdict.SHORTED, "hotter than"},
            {120, 22, new Reading.Figure(40), Verdict.OFF_VALUE, "it is burnt"},
        };
    }

    @Test(dataProvider = "thermostats")
    public void aThermostatConductsWhenColdAndIsOpenWhenHot(
            double opens, double celsius, Reading reading, Verdict verdict, String why) {
        CheckResult judged = ThermostatCheck.judge(opens, celsius, reading);
        assertEquals(judged.verdict(), verdict);
        assertTrue(judged.why().contains(why), judged.why());
        expectThrows(IllegalArgumentException.class, () -> ThermostatCheck.judge(Double.NaN, celsius, reading));
    }

    @Test
    public void aConversionIsBothPiecesForTheGasThatIsThere() {
        assertEquals(
                OrificeCheck.conversionSet(Fuel.NATURAL_GAS), List.of("natural-gas-orifice", "natural-gas-limiter"));
        assertEquals(OrificeCheck.conversionSet(Fuel.LP), List.of("propane-orifice", "propane-blocking-pin"));
        expectThrows(IllegalArgumentException.class, () -> OrificeCheck.conversionSet(Fuel.ELECTRIC));
    }
}
