package synopta.core.knowledge;

import static org.testng.Assert.assertEquals;
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
import synopta.core.drawing.Figure;
import synopta.core.drawing.Picture;

public class PackCheckTest {
    private static final List<Fault> FAULTS = List.of(fault("belt", 0.1, Map.of("still", 0.9)));
    private static final List<Finding> FINDINGS = List.of(finding("still", 0.1));

    static Pack with(List<PartType> types, List<Caution> cautions, List<Layout> layouts) {
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
                Identification.NONE,
                List.of());
    }

    static final List<PartType> BELT = List.of(type("belt", SellingRule.SINGLY));
    static final Layout SOUND = layout("A", 1, List.of("belt"));

    static PartType pictured(String... figures) {
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
                false,
                List.of(),
                null,
                Installation.PLAIN,
                List.of());
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
                Identification.NONE,
                List.of());
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

    private static final Caution STRANGE = new Caution(Hazard.FIRE, "Mind it.", Set.of("chimney"), Set.of(), OURS);
    private static final SellingRule WITH_STRANGER = new SellingRule(
            false,
            List.of(new SellingRule.Companion("rings", "squeals", null, "They go with it.", OURS)),
            List.of(),
            null);

    @DataProvider
    Object[][] broken() {
        return new Object[][] {
            {pack(FAULTS, List.of(), List.of()), "faults[0].shows[0].finding", "there is no finding still"},
            {pack(FAULTS, List.of(FINDINGS.get(0), FINDINGS.get(0)), List.of()), "findings[1]", "listed twice"},
            {pack(FAULTS, List.of(FINDINGS.get(0), finding("lonely", 0.1)), List.of()), "findings[1]", "no fault causes"
            },
            {
                pack(FAULTS, FINDINGS, List.of(Samples.ohms(finding("ohm", 0.1), 0, 2, List.of("x"), 0.9, 0.9))),
                "tests[0].finds[0]",
                "there is no fault x"
            },
            {pack(FAULTS, List.of(strangeWord()), List.of()), "findings[0].answers[1].implies[0].answer", "perhaps"},
            {with(List.of(), List.of(), List.of(SOUND)), "faults[0].partType", "there is no part type belt"},
            {with(BELT, List.of(STRANGE), List.of(SOUND)), "cautions[0].partTypes", "chimney"},
            {
                with(List.of(type("belt", WITH_STRANGER)), List.of(), List.of(SOUND)),
                "partTypes[0].sell.with[0].whenFinding",
                "squeals"
            },
            {with(BELT, List.of(), List.of(layout("A", 0.5, List.of("belt")))), "layouts", "add up to 0.5"},
            {with(BELT, List.of(), List.of(layout("A", 1, List.of()))), "faults[0]", "no layout has a place"},
        };
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
        isNamed(pack, path, words);
    }

    @Test(dataProvider = "broken")
    public void whatDoesNotHoldTogetherIsNamedWithItsPlace(Pack pack, String path, String words) {
        isNamed(pack, path, words);
    }

    static void isNamed(Pack pack, String path, String words) {
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
                PackCheck.faultsOf(with(
                        BELT, List.of(), List.of(DrawingFaultsTest.drawn(drawing(List.of(spot("belt", 6))))))),
                List.of());
    }
}
