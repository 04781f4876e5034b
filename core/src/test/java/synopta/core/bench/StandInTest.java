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
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.MeterUnit;
import synopta.core.knowledge.Reading;

public class StandInTest {
    private static MeterTest test(double from, double to) {
        return new MeterTest(Samples.finding("coil", 0.1), MeterUnit.OHM, from, to, List.of("x"), 0.9, 0.9);
    }

    @Test
    public void aPartToPractiseOnReadsAsItsConditionSaysAndEveryOneIsDrawn() {
        MeterTest coil = test(8, 60);
        StandIn.Terminal one = StandIn.Terminal.ONE;
        StandIn.Terminal two = StandIn.Terminal.of("2");
        StandIn.Terminal casing = StandIn.Terminal.of("casing");
        assertEquals(coil.answer(StandIn.read(coil, StandIn.Condition.GOOD, one, two)), MeterTest.GOOD);
        assertEquals(coil.answer(StandIn.read(coil, StandIn.Condition.GROUNDED, two, one)), MeterTest.GOOD);
        assertEquals(coil.answer(StandIn.read(coil, StandIn.Condition.OPEN, one, two)), MeterTest.BAD);
        assertEquals(coil.answer(StandIn.read(coil, StandIn.Condition.SHORTED, one, two)), MeterTest.BAD);
        assertEquals(StandIn.read(coil, StandIn.Condition.GOOD, one, casing), new Reading.Overload());
        assertTrue(ElementCheck.leaks(StandIn.read(coil, StandIn.Condition.GROUNDED, casing, two)));
        assertEquals(StandIn.read(coil, StandIn.Condition.OPEN, one, one), new Reading.Figure(0));
        assertEquals(drawn(coil), EnumSet.allOf(StandIn.Condition.class));
        assertFalse(drawn(test(0, 2)).contains(StandIn.Condition.SHORTED), "a contact is a short circuit");
        assertFalse(StandIn.serves(test(900, 1e6)));
        expectThrows(
                IllegalArgumentException.class, () -> StandIn.read(test(900, 1e6), StandIn.Condition.GOOD, one, two));
        expectThrows(IllegalArgumentException.class, () -> StandIn.Terminal.of("3"));
    }

    private static Set<StandIn.Condition> drawn(MeterTest test) {
        return LongStream.range(0, 100)
                .mapToObj(shuffles -> StandIn.drawn(test, shuffles))
                .collect(Collectors.toSet());
    }
}
