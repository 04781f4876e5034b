package synopta.core.knowledge;

import static org.testng.Assert.assertEquals;
import static synopta.core.Samples.OURS;
import static synopta.core.Samples.drawing;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.spot;
import static synopta.core.Samples.type;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;

/** What cannot be of places, pieces and kinds is refused, each with its place. */
public class PlaceCheckTest {
    private static final Finding DOOR = new Finding(
            "door",
            "Which door?",
            null,
            List.of(Finding.Answer.plain("side", "Side", 0), Finding.Answer.plain("down", "Down", 0)),
            0.5,
            Finding.Who.CUSTOMER,
            null,
            Set.of(),
            OURS,
            List.of());

    private static Layout.Place place(
            String slot, String type, int pieces, Layout.@Nullable Kind kind, Map<String, Integer> brings) {
        return new Layout.Place(slot, type, slot, pieces, "inside", EnumSet.allOf(Fuel.class), kind, brings, null);
    }

    private static Layout.Kind door(String answer) {
        return new Layout.Kind("door", Set.of(answer));
    }

    private static OpeningStep step(String id, Layout.@Nullable Kind kind, String... slots) {
        Map<String, Double> reaches = new java.util.TreeMap<>();
        List.of(slots).forEach(slot -> reaches.put(slot, 1.0));
        return new OpeningStep(id, id, 1, List.of(), reaches, kind, WorkStep.NONE, OURS);
    }

    private static Pack pack(Map<String, Double> doors, List<Layout.Place> places, OpeningStep... steps) {
        Layout layout = new Layout(
                "A",
                "A",
                1,
                "rim",
                EnumSet.allOf(Fuel.class),
                doors.isEmpty() ? Map.of() : Map.of("door", doors),
                places,
                List.of(steps),
                drawing(places.stream().map(p -> spot(p.slot(), 1)).toList()),
                null);
        return new Pack(
                Appliance.DRYER,
                Map.of(Fuel.ELECTRIC, 1.0),
                List.of(type("roller", SellingRule.SINGLY), type("ring", SellingRule.SINGLY)),
                List.of(fault("roller", 0.1, Map.of("thumps", 0.9)), fault("ring", 0.1, Map.of("thumps", 0.5))),
                doors.isEmpty() ? List.of(finding("thumps", 0.1)) : List.of(finding("thumps", 0.1), DOOR),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(layout),
                null,
                Identification.NONE,
                List.of());
    }

    private static final OpeningStep BOTH = step("open", null, "roller", "ring");
    private static final Map<String, Double> DOORS = Map.of("side", 0.7, "down", 0.3);

    private static List<Layout.Place> places(int rings, Layout.@Nullable Kind ofRings) {
        return List.of(
                place("roller", "roller", 2, null, Map.of("ring", 2)), place("ring", "ring", rings, ofRings, Map.of()));
    }

    @DataProvider
    Object[][] broken() {
        return new Object[][] {
            {
                pack(Map.of(), places(4, null), step("open", null, "roller")),
                "layouts[0].places[1]",
                "no step reaches ring"
            },
            {
                pack(Map.of(), places(8, null), BOTH),
                "layouts[0].places",
                "ring has 8 pieces, but what brings it comes to 4"
            },
            {pack(Map.of(), List.of(places(4, null).get(0)), BOTH), "partTypes[1]", "no layout has a place for a ring"},
            {pack(Map.of("side", 0.7), places(4, null), BOTH), "layouts[0].kinds", "they must add up to 1"},
            {pack(DOORS, places(4, door("up")), BOTH), "layouts[0].places[1].kind", "up is not an answer"},
            {
                pack(Map.of("side", 1.0), places(4, door("down")), BOTH),
                "layouts[0].places[1].kind",
                "no machine of A answers down to door"
            },
            {
                pack(DOORS, places(4, null), BOTH, step("again", door("down"), "ring")),
                "layouts[0].steps[1].reaches",
                "ring is reached by two steps"
            },
        };
    }

    @Test(dataProvider = "broken")
    public void whatCannotBeIsNamedWithItsPlace(Pack pack, String path, String words) {
        PackCheckTest.isNamed(pack, path, words);
    }

    @Test
    public void aPlaceOfOneKindMayBeReachedInTwoWaysThatExcludeEachOther() {
        Pack sound = pack(
                DOORS,
                places(4, door("down")),
                step("roller", null, "roller"),
                step("side", door("side"), "ring"),
                step("down", door("down"), "ring"));
        assertEquals(PackCheck.faultsOf(sound), List.of());
        Layout down = sound.layouts().get(0).of(Map.of("door", "down"));
        assertEquals(down.usualSteps().stream().map(OpeningStep::id).toList(), List.of("roller", "down"));
        assertEquals(
                sound.layouts().get(0).of(Map.of("door", "side")).place("ring").isPresent(), false);
        assertEquals(sound.layouts().get(0).chanceToHave(sound.fault("ring").orElseThrow(), Fuel.ELECTRIC), 0.3);
    }

    @Test
    public void theReportNamesWhatNoFindingTellsApartAndWhatIsNeverAsked() {
        PackReport report = PackReport.of(pack(Map.of(), places(4, null), step("open", null, "roller", "ring")))
                .get(0);
        assertEquals(report.alike().size(), 1, report.toString());
        assertEquals(report.soundParts(), List.of());
        assertEquals(report.authoredLinks().size(), 2);
    }
}
