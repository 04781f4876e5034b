package synopta.core.knowledge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.OURS;
import static synopta.core.Samples.drawing;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.layout;
import static synopta.core.Samples.pack;
import static synopta.core.Samples.spot;
import static synopta.core.Samples.type;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.drawing.Drawing;
import synopta.core.drawing.Figure;
import synopta.core.drawing.Picture;
import synopta.core.drawing.Pulley;

public class PackCheckTest {
    private static final List<Fault> FAULTS = List.of(fault("belt", 0.1, Map.of("still", 0.9)));
    private static final List<Finding> FINDINGS = List.of(finding("still", 0.1));

    private static Pack with(List<PartType> types, List<Caution> cautions, List<Layout> layouts) {
        return new Pack(
                Appliance.DRYER,
                Map.of(Fuel.ELECTRIC, 1.0),
                types,
                FAULTS,
                FINDINGS,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                cautions,
                layouts,
                null,
                Identification.NONE);
    }

    private static final List<PartType> BELT = List.of(type("belt", SellingRule.SINGLY));
    private static final Layout SOUND = layout("A", 1, List.of("belt"));

    private static Layout drawn(Drawing drawing) {
        return new Layout("A", "A", 1, "rim", SOUND.fuels(), SOUND.places(), List.of(), drawing, null);
    }

    /** The sound layout with a belt that runs round two discs and an idler, unless they are moved. */
    private static Layout belted(Pulley.Side ribs, Pulley.Side idler, double idlerY, double idlerPushedBy) {
        return new Layout(
                "A",
                "A",
                1,
                "rim",
                SOUND.fuels(),
                SOUND.places(),
                List.of(),
                SOUND.drawing(),
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

    private static PartType pictured(String... figures) {
        PartType plain = type("belt", SellingRule.SINGLY);
        Picture picture = new Picture("", Stream.of(figures).map(Figure::of).toList(), List.of());
        return new PartType(
                "belt",
                "belt",
                plain.life(),
                plain.selling(),
                List.of(),
                List.of(),
                picture,
                false,
                List.of(),
                null,
                Installation.PLAIN);
    }

    private static Finding strangeWord() {
        return Samples.with(finding("still", 0.1), List.of(new Finding.Implied("still", "perhaps")), Set.of());
    }

    /** The pack with causes, circuits and tests besides. */
    private static Pack more(List<Fault> faults, List<MeterTest> tests, List<Circuit> circuits) {
        Pack plain = pack(faults, FINDINGS, tests);
        return new Pack(
                plain.appliance(),
                plain.fuelShares(),
                plain.partTypes(),
                faults,
                FINDINGS,
                tests,
                circuits,
                List.of(),
                List.of(),
                List.of(),
                plain.layouts(),
                null,
                Identification.NONE);
    }

    private static Fault caused(String id, String cause) {
        Fault plain = fault(id, 0.1, Map.of("still", 0.9));
        return new Fault(
                id,
                plain.partType(),
                plain.fault(),
                plain.name(),
                plain.slot(),
                plain.fuels(),
                plain.prior(),
                OURS,
                null,
                plain.shows(),
                List.of(new Fault.Cause(cause, 0.5, OURS)));
    }

    private static Circuit circuit(String answer, String... open) {
        return new Circuit("c", "the circuit", "still", answer, 0.95, List.of(open), OURS);
    }

    @DataProvider
    Object[][] broken() {
        Caution strange = new Caution(Hazard.FIRE, "Mind it.", Set.of("chimney"), Set.of(), OURS);
        SellingRule withStranger = new SellingRule(
                false,
                List.of(new SellingRule.Companion("rings", "squeals", null, "They go with it.", OURS)),
                List.of(),
                null);
        return new Object[][] {
            {pack(FAULTS, List.of(), List.of()), "faults[0].shows[0].finding", "there is no finding still"},
            {pack(FAULTS, List.of(FINDINGS.get(0), FINDINGS.get(0)), List.of()), "findings[1]", "listed twice"},
            {pack(FAULTS, List.of(FINDINGS.get(0), finding("lonely", 0.1)), List.of()), "findings[1]", "no fault causes"
            },
            {
                pack(
                        FAULTS,
                        FINDINGS,
                        List.of(new MeterTest(finding("ohm", 0.1), MeterUnit.OHM, 0, 2, List.of("x"), 0.9, 0.9))),
                "tests[0].finds[0]",
                "there is no fault x"
            },
            {pack(FAULTS, List.of(strangeWord()), List.of()), "findings[0].answers[1].implies[0].answer", "perhaps"},
            {with(List.of(), List.of(), List.of(SOUND)), "faults[0].partType", "there is no part type belt"},
            {with(BELT, List.of(strange), List.of(SOUND)), "cautions[0].partTypes", "chimney"},
            {
                with(List.of(type("belt", withStranger)), List.of(), List.of(SOUND)),
                "partTypes[0].sell.with[0].whenFinding",
                "squeals"
            },
            {with(BELT, List.of(), List.of(layout("A", 0.5, List.of("belt")))), "layouts", "add up to 0.5"},
            {with(BELT, List.of(), List.of(layout("A", 1, List.of()))), "faults[0]", "no layout has a place"},
        };
    }

    @DataProvider(name = "drawings")
    Object[][] drawingsThatDoNotHold() {
        Drawing.Spot inNoLayer =
                new Drawing.Spot("belt", "cellar", "belt", Drawing.Side.LEFT, List.of(Figure.of("round 5 5 2")));
        return new Object[][] {
            {
                with(BELT, List.of(), List.of(drawn(drawing(List.of(spot("belt", 7)))))),
                "layouts[0].drawing.spots[0]",
                "outside the drawing"
            },
            {with(BELT, List.of(), List.of(drawn(drawing(List.of())))), "layouts[0].places[0]", "no spot in the drawing"
            },
            {
                with(BELT, List.of(), List.of(drawn(drawing(List.of(spot("belt", 1), spot("belt", 3)))))),
                "layouts[0].drawing.spots[1]",
                "drawn twice"
            },
            {
                with(BELT, List.of(), List.of(drawn(drawing(List.of(inNoLayer))))),
                "layouts[0].drawing.spots[0].layer",
                "there is no layer cellar"
            },
            {with(List.of(pictured()), List.of(), List.of(SOUND)), "partTypes[0].picture", "has no figure"},
            {
                with(List.of(pictured("round 24 24 60")), List.of(), List.of(SOUND)),
                "partTypes[0].picture.figures[0]",
                "outside the square"
            },
        };
    }

    @Test(dataProvider = "drawings")
    public void whatADrawingLacksOrLeavesOutsideIsNamed(Pack pack, String path, String words) {
        whatDoesNotHoldTogetherIsNamedWithItsPlace(pack, path, words);
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
        whatDoesNotHoldTogetherIsNamedWithItsPlace(with(BELT, List.of(), List.of(layout)), path, words);
    }

    @DataProvider(name = "causes and circuits")
    Object[][] brokenLeads() {
        return new Object[][] {
            {
                more(List.of(caused("a", "b"), caused("b", "a")), List.of(), List.of()),
                "faults[0].causedBy[0].fault",
                "a would be its own cause"
            },
            {more(List.of(caused("a", "soot")), List.of(), List.of()), "faults[0].causedBy[0].fault", "no fault soot"},
            {more(FAULTS, List.of(), List.of(circuit("yes", "belt", "wire"))), "circuits[0].open[1]", "no fault wire"},
            {more(FAULTS, List.of(), List.of(circuit("no", "belt", "belt"))), "circuits[0].answer", "the normal answer"
            },
            {more(FAULTS, List.of(), List.of(circuit("yes", "belt", "belt"))), "faults[0]", "linked to still twice"},
        };
    }

    @Test(dataProvider = "causes and circuits")
    public void whatLeadsNowhereOrRoundIsNamedWithItsPlace(Pack pack, String path, String words) {
        whatDoesNotHoldTogetherIsNamedWithItsPlace(pack, path, words);
    }

    @Test(dataProvider = "broken")
    public void whatDoesNotHoldTogetherIsNamedWithItsPlace(Pack pack, String path, String words) {
        List<PackFault> faults = PackCheck.faultsOf(pack);
        assertTrue(
                faults.stream()
                        .anyMatch(f -> f.path().equals(path) && f.message().contains(words)),
                faults.toString());
    }

    @Test
    public void aSoundPackHasNoFaults() {
        assertEquals(PackCheck.faultsOf(pack(FAULTS, FINDINGS, List.of())), List.of());
        assertEquals(
                PackCheck.faultsOf(with(BELT, List.of(), List.of(drawn(drawing(List.of(spot("belt", 6))))))),
                List.of());
    }

    @Test
    public void figuresOutsideTheirRangeAreRefused() {
        for (double wrong : new double[] {0, 1, -0.1, 1.2, Double.NaN}) {
            assertThrows(IllegalArgumentException.class, () -> fault("belt", wrong, Map.of()));
            assertThrows(IllegalArgumentException.class, () -> finding("still", wrong));
        }
        for (double wrong : new double[] {0, 1.2, Double.NaN}) {
            assertThrows(IllegalArgumentException.class, () -> new Fault.Link("still", null, wrong, OURS));
            assertThrows(IllegalArgumentException.class, () -> new LifeCurve(wrong == 1.2 ? -1 : wrong, 10, OURS));
        }
        assertThrows(IllegalArgumentException.class, () -> new Basis(" "));
        assertThrows(IllegalArgumentException.class, () -> MeterUnit.of("furlong"));
        assertThrows(
                IllegalArgumentException.class,
                () -> new MeterTest(finding("ohm", 0.5), MeterUnit.OHM, 0, 2, List.of(), 0.5, 0.5));
        assertThrows(
                IllegalArgumentException.class,
                () -> new MeterTest(finding("ohm", 0.1), MeterUnit.OHM, 3, 2, List.of(), 0.9, 0.9));
    }

    /** Weibull hazard k/s (t/s)^(k-1): with shape 1 it is the rate 1/s of the exponential law at any age. */
    @Test
    public void aLifeCurveOfShapeOneFailsAtASteadyRate() {
        assertEquals(new LifeCurve(1, 8, OURS).hazardPerYear(3), 0.125, 1e-12);
        assertEquals(new LifeCurve(2, 10, OURS).hazardPerYear(5), 0.1, 1e-12);
    }
}
