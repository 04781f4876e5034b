package synopta.core.fit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Part;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Identification;
import synopta.core.knowledge.Installation;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.SellingRule;
import synopta.core.knowledge.SpecRule;

/** What may stand in for what by its specifications. Common practice, no published source. */
public class SpecificationsTest {
    private static final List<SpecRule> FUSE = List.of(
            rule("amps", SpecRule.Rule.EQUAL, 0),
            rule("volts", SpecRule.Rule.MAY_EXCEED, 0),
            rule("ohms", SpecRule.Rule.EQUAL, 5),
            rule("color", SpecRule.Rule.FREE, 0));

    private static SpecRule rule(String spec, SpecRule.Rule rule, double within) {
        return new SpecRule(spec, rule, within, "because", Samples.OURS);
    }

    private static Specifications specifications(@Nullable String safety) {
        return new Specifications(new CurrentPacks(List.of(pack(safety))));
    }

    private static PartType fuse(@Nullable String safety) {
        PartType plain = Samples.type("fuse", SellingRule.SINGLY);
        return new PartType(
                "fuse",
                "fuse",
                plain.life(),
                plain.selling(),
                List.of(),
                List.of(),
                plain.picture(),
                false,
                false,
                FUSE,
                safety,
                Installation.PLAIN,
                List.of());
    }

    private static Pack pack(@Nullable String safety) {
        Pack pack = Samples.pack(List.of(), List.of(), List.of());
        return new Pack(
                pack.appliance(),
                pack.fuelShares(),
                List.of(fuse(safety)),
                pack.faults(),
                pack.findings(),
                pack.tests(),
                pack.circuits(),
                pack.sameWords(),
                pack.rights(),
                pack.cautions(),
                pack.layouts(),
                null,
                Identification.NONE,
                List.of());
    }

    private static Part part(String number, String type, Map<String, String> specs) {
        return new Part(Samples.part(number), "m", type, "n", true, Part.Status.CURRENT, 1, true, specs);
    }

    private static final Map<String, String> ORIGINAL =
            Map.of("amps", "15", "volts", "125", "ohms", "20", "color", "white");

    @DataProvider
    Object[][] candidates() {
        return new Object[][] {
            {"the same", Map.of("amps", "15", "volts", "125", "ohms", "20", "color", "white"), true, true},
            {"another color", Map.of("amps", "15.0", "volts", "125", "ohms", "20", "color", "red"), true, true},
            {"more volts", Map.of("amps", "15", "volts", "250", "ohms", "20"), true, true},
            {"fewer volts", Map.of("amps", "15", "volts", "32", "ohms", "20"), false, false},
            {"more amps", Map.of("amps", "20", "volts", "125", "ohms", "20"), false, false},
            {"just within five per cent", Map.of("amps", "15", "volts", "125", "ohms", "21"), true, true},
            {"just outside", Map.of("amps", "15", "volts", "125", "ohms", "21.01"), false, false},
            {"not listed for it", Map.of("amps", "15", "volts", "125"), false, false},
            {
                "a spec nobody made a rule for",
                Map.of("amps", "15", "volts", "125", "ohms", "20", "size", "5"),
                true,
                false
            },
        };
    }

    @Test(dataProvider = "candidates")
    public void aPartMayStandInWhenItsSpecificationsAllow(
            String what, Map<String, String> specs, boolean usually, boolean forSafety) {
        Part original = part("A", "fuse", ORIGINAL);
        Part other = part("B", "fuse", specs);
        assertEquals(specifications(null).compare(original, other).interchangeable(), usually);
        assertEquals(
                specifications("it burns").compare(original, other).interchangeable(),
                forSafety,
                "what is not known counts against a part that matters for safety");
    }

    @Test
    public void anUpdateOfThePacksIsSeenAtTheNextComparison() {
        CurrentPacks packs = new CurrentPacks(List.of(pack(null)));
        Specifications with = new Specifications(packs);
        assertEquals(with.safety("fuse"), Optional.empty());
        packs.replace(List.of(pack("it burns")));
        assertEquals(with.safety("fuse"), Optional.of("it burns"));
    }

    @Test
    public void partsOfAnotherTypeOrWithNothingListedAreNeverTheSame() {
        Specifications with = specifications(null);
        assertEquals(
                with.compare(part("A", "fuse", ORIGINAL), part("B", "belt", ORIGINAL))
                        .interchangeable(),
                false);
        assertEquals(
                with.compare(part("A", "fuse", Map.of()), part("B", "fuse", Map.of()))
                        .interchangeable(),
                false);
        assertEquals(
                with.compare(part("A", "fuse", ORIGINAL), part("B", "fuse", Map.of("amps", "15", "volts", "250")))
                        .words(),
                "same amps 15; volts 250 for 125; ohms not listed for both");
        for (double within : new double[] {-1, 50, Double.NaN}) {
            expectThrows(IllegalArgumentException.class, () -> rule("x", SpecRule.Rule.EQUAL, within));
        }
        expectThrows(IllegalArgumentException.class, () -> rule("x", SpecRule.Rule.FREE, 1));
    }

    @Test
    public void whatIsListedAsEquivalentComesBeforeWhatOnlyLooksTheSame() {
        Catalog catalog = new Shelf()
                .part(part("A", "fuse", ORIGINAL))
                .part(part("LISTED", "fuse", Map.of("amps", "15")))
                .part(part("ALIKE", "fuse", ORIGINAL))
                .part(part("OTHER", "fuse", Map.of("amps", "20")))
                .equivalent("A", "LISTED")
                .catalog();
        PartDetails book = new PartDetails(catalog, specifications("it burns"), () -> HouseSettings.USUAL);
        List<PartDetails.StandIn> standIns = book.standIns(part("A", "fuse", ORIGINAL));
        assertEquals(
                standIns.stream()
                        .map(s -> s.part().number() + " " + s.allowed())
                        .toList(),
                List.of("LISTED true", "ALIKE false"));
        assertEquals(book.safety(standIns.get(0).part()), "it burns");
    }

    @Test
    public void sideBySideSaysWhatEachBagHoldsAndHowTheyAreJoined() {
        Catalog catalog = new Shelf()
                .part("OLD", 1)
                .part("MID", 1)
                .part("NEW", 1)
                .part("NUT", 1)
                .kit("OLD", "NUT", 2)
                .kit("NEW", "MID", 1)
                .kit("MID", "NUT", 3)
                .replaced("OLD", 1, "NEW", 1, "trim it")
                .catalog();
        PartDetails book = new PartDetails(catalog, specifications(null), () -> HouseSettings.USUAL);
        PartComparison compared = book.compare(
                catalog.part(Samples.part("NEW")).orElseThrow(),
                catalog.part(Samples.part("OLD")).orElseThrow());
        assertEquals(compared.related(), List.of("OLD is superseded by NEW: trim it"));
        assertEquals(compared.bag(), List.of(new PartComparison.Held(Samples.part("NUT"), 3, 2)));
    }
}
