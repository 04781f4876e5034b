package synopta.core.knowledge;

import static synopta.core.Samples.OURS;
import static synopta.core.Samples.drawing;
import static synopta.core.Samples.layout;
import static synopta.core.Samples.pack;
import static synopta.core.Samples.spot;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.drawing.Drawing;
import synopta.core.drawing.Figure;
import synopta.core.drawing.Pulley;

/** Drawings and belts that cannot be are named with their place. */
public class DrawingFaultsTest {

    static Layout drawn(Drawing drawing) {
        return sound(drawing, null);
    }

    /** The sound layout with this drawing and belt. */
    private static Layout sound(Drawing drawing, @Nullable Belt belt) {
        Layout sound = PackCheckTest.SOUND;
        return new Layout("A", "A", 1, "rim", sound.fuels(), sound.kinds(), sound.places(), List.of(), drawing, belt);
    }

    /** The sound layout with a belt that runs round two discs and an idler, unless they are moved. */
    private static Layout belted(Pulley.Side ribs, Pulley.Side idler, double idlerY, double idlerPushedBy) {
        return sound(
                PackCheckTest.SOUND.drawing(),
                new Belt(
                        Belt.View.REAR,
                        ribs,
                        List.of(
                                station(Belt.Role.DRUM, 0, 0, 600, Pulley.Side.INSIDE, 0),
                                station(Belt.Role.MOTOR, 60, -420, 24, Pulley.Side.INSIDE, 0),
                                station(Belt.Role.IDLER, 0, idlerY, 60, idler, idlerPushedBy)),
                        List.of(new Belt.Rest("wheel", 0, 0, 5)),
                        OURS));
    }

    private static Belt.Station station(
            Belt.Role role, double x, double y, double diameter, Pulley.Side side, double dx) {
        return new Belt.Station(role, null, new Pulley(x, y, diameter, side), dx == 0 ? null : new Belt.Travel(dx, 0));
    }

    private static Pack withSpots(Drawing.Spot... spots) {
        return PackCheckTest.with(PackCheckTest.BELT, List.of(), List.of(drawn(drawing(List.of(spots)))));
    }

    @DataProvider(name = "drawings")
    Object[][] drawingsThatDoNotHold() {
        Drawing.Spot inNoLayer =
                new Drawing.Spot("belt", "cellar", "belt", Drawing.Side.LEFT, List.of(Figure.of("round 5 5 2")));
        return new Object[][] {
            {withSpots(spot("belt", 7)), "layouts[0].drawing.spots[0]", "outside the drawing"},
            {withSpots(), "layouts[0].places[0]", "no spot in the drawing"},
            {withSpots(spot("belt", 1), spot("belt", 3)), "layouts[0].drawing.spots[1]", "drawn twice"},
            {withSpots(inNoLayer), "layouts[0].drawing.spots[0].layer", "there is no layer cellar"},
            {
                PackCheckTest.with(List.of(PackCheckTest.pictured()), List.of(), List.of(PackCheckTest.SOUND)),
                "partTypes[0].picture",
                "has no figure"
            },
            {
                PackCheckTest.with(
                        List.of(PackCheckTest.pictured("round 24 24 60")), List.of(), List.of(PackCheckTest.SOUND)),
                "partTypes[0].picture.figures[0]",
                "outside the square"
            },
        };
    }

    @Test(dataProvider = "drawings")
    public void whatADrawingLacksOrLeavesOutsideIsNamed(Pack pack, String path, String words) {
        PackCheckTest.isNamed(pack, path, words);
    }

    @DataProvider(name = "belts")
    Object[][] beltsThatCannotBe() {
        Pulley.Side in = Pulley.Side.INSIDE;
        Pulley.Side out = Pulley.Side.OUTSIDE;
        return new Object[][] {
            {belted(out, out, -400, 0), "layouts[0].belt.stations[1].side", "ribs on the motor pulley"},
            {belted(in, in, -400, 0), "layouts[0].belt.stations[2].side", "flat face on an idler"},
            {belted(in, out, -290, 0), "layouts[0].belt", "Pulleys 1 and 3 overlap"},
            {belted(in, out, -480, 0), "layouts[0].belt.stations[2]", "does not touch it"},
            {belted(in, out, -400, 50), "layouts[0].belt", "with the idler released: Pulleys 2 and 3 overlap"},
            {belted(in, out, -400, 0), "layouts[0].belt.rests[0].slot", "there is no place wheel"},
        };
    }

    @Test(dataProvider = "belts")
    public void aBeltThatCannotRunOrTurnsTheWrongFaceIsNamed(Layout layout, String path, String words) {
        PackCheckTest.isNamed(PackCheckTest.with(PackCheckTest.BELT, List.of(), List.of(layout)), path, words);
    }
}
