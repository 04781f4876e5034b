package synopta.core.drawing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FigureTest {
    @DataProvider
    Object[][] written() {
        return new Object[][] {
            {"box 10 20 30 40 2", Weight.FINE, new Bounds(10, 20, 40, 60)},
            {"outline round 24 24 20", Weight.OUTLINE, new Bounds(14, 14, 34, 34)},
            {"faint line 5 9 1 2 3 4", Weight.FAINT, new Bounds(1, 2, 5, 9)},
            {"dashed area 0 0 4 0 4 4", Weight.DASHED, new Bounds(0, 0, 4, 4)},
            {"arc 10 10 10 0 90", Weight.FINE, new Bounds(5, 5, 15, 15)},
            {"coil 0 10 20 10 6 4", Weight.FINE, new Bounds(0, 7, 20, 13)},
            {"coil 10 0 10 20 6 4", Weight.FINE, new Bounds(7, 0, 13, 20)},
            {"solid fan 10 10 4 6", Weight.SOLID, new Bounds(8, 8, 12, 12)},
        };
    }

    @Test(dataProvider = "written")
    public void aFigureIsReadAsItIsWrittenAndKnowsWhatItTakesUp(String written, Weight weight, Bounds bounds) {
        Figure figure = Figure.of(written);
        assertEquals(figure.weight(), weight);
        assertEquals(figure.bounds(), bounds);
    }

    @DataProvider
    Object[][] wrong() {
        return new Object[][] {
            {"", "is not a figure"},
            {"outline", "is not a figure"},
            {"square 1 2 3 4", "Use one of box, round, line, area, arc, coil, fan"},
            {"box 1 2 3", "box takes 5 numbers, not 3"},
            {"line 1 2 3", "line takes 4 or more, in pairs, numbers, not 3"},
            {"line 1 2 3 4 5", "in pairs"},
            {"round 1 2 wide", "“wide” is not a number"},
            {"round 1 2 NaN", "finite numbers only"},
        };
    }

    @Test(dataProvider = "wrong")
    public void whatDrawsNothingIsRefusedWithTheReason(String written, String reason) {
        IllegalArgumentException refused = expectThrows(IllegalArgumentException.class, () -> Figure.of(written));
        assertTrue(refused.getMessage().contains(reason), refused.getMessage());
    }

    @Test
    public void aSheetHoldsWhatEndsAtItsEdgeAndNothingBeyond() {
        assertTrue(new Bounds(0, 0, 10, 10).within(10, 10));
        assertFalse(new Bounds(-0.1, 0, 5, 5).within(10, 10));
        assertFalse(new Bounds(0, 0, 5, Double.NaN).within(10, 10));
    }

    @Test
    public void aLeaderEndsOnTheFigureNearestToItsLabel() {
        List<Figure> pair = List.of(Figure.of("round 20 50 10"), Figure.of("round 80 60 10"));
        Drawing.Spot left = new Drawing.Spot("wheel", "drum", "wheel", Drawing.Side.LEFT, pair);
        Drawing.Spot right = new Drawing.Spot("wheel", "drum", "wheel", Drawing.Side.RIGHT, pair);
        assertEquals(left.nearest(), pair.get(0).bounds());
        assertEquals(right.nearest(), pair.get(1).bounds());
        assertEquals(left.bounds(), new Bounds(15, 45, 85, 65));
    }
}
