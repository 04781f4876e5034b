package synopta.core.fit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static synopta.core.Samples.part;
import static synopta.core.fit.Finders.finder;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Platform;
import synopta.core.catalog.SerialRange;

public class FitFinderTest {
    private static final LocalDate BREAK = LocalDate.of(2018, 7, 1);
    private static final BuildRange BEFORE = new BuildRange(null, BREAK.minusDays(1));
    private static final BuildRange AFTER = new BuildRange(BREAK, null);

    static Shelf machine() {
        return new Shelf().model(Samples.model("TH-7820-W", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 1));
    }

    static FitVerdict judge(Shelf shelf, String part, LocalDate built) {
        return finder(shelf.catalog())
                .judge(
                        new ModelNumber("th7820w"),
                        built == null ? MachineUnit.NOT_KNOWN : MachineUnit.builtOn(built),
                        part(part));
    }

    /** The verdict in one line: its word, what is supplied, the changes. */
    static String said(FitVerdict verdict) {
        return verdict.fold(
                fits -> "fits " + items(fits.supply()) + fits.supply().changes(),
                depends -> "depends on " + depends.ask().slug(),
                not -> "does not fit",
                unknown -> "unknown");
    }

    static Map<String, Integer> items(Supply supply) {
        Map<String, Integer> items = new TreeMap<>();
        supply.items().forEach(i -> items.put(i.part().written(), i.quantity()));
        return items;
    }

    private static final Shelf CHAIN = machine()
            .part("B1", -1)
            .part("B2", -1)
            .part("B3", 1450)
            .part("OTHER", 100)
            .fit("TH-7820-W", "belt", "B1", 1, BuildRange.ALWAYS)
            .replaced("B1", 1, "B2", 1, "")
            .replaced("B2", 1, "B3", 1, "");

    @Test
    public void aListedPartIsSuppliedAsWhatItIsToday() {
        assertEquals(said(judge(CHAIN, "B1", null)), "fits {B3=1}[]");
        assertEquals(
                judge(CHAIN, "b-1", null).reasons(),
                List.of(
                        "TH-7820-W lists B1 at belt, any build",
                        "B1 is superseded by B2, drop-in",
                        "B2 is superseded by B3, drop-in"));
    }

    @Test
    public void aSuccessorOfWhatIsListedFits() {
        assertEquals(said(judge(CHAIN, "B3", null)), "fits {B3=1}[]");
        assertEquals(said(judge(CHAIN, "OTHER", null)), "does not fit");
    }

    @Test
    public void aForerunnerOfWhatIsListedFits() {
        Shelf shelf = machine()
                .part("OLD", -1)
                .part("NEW", 500)
                .fit("TH-7820-W", "heater", "NEW", 1, BuildRange.ALWAYS)
                .replaced("OLD", 1, "NEW", 2, "trim the tab");
        assertEquals(said(judge(shelf, "OLD", null)), "fits {NEW=2}[trim the tab]");
        assertEquals(said(judge(shelf, "NEW", null)), "fits {NEW=1}[]");
    }

    @Test
    public void changesOnTheWayAreAllListed() {
        Shelf shelf = machine()
                .part("H1", -1)
                .part("H2", -1)
                .part("H3", 6350)
                .fit("TH-7820-W", "heater", "H1", 1, BuildRange.ALWAYS)
                .replaced("H1", 1, "H2", 1, "move the bracket")
                .replaced("H2", 1, "H3", 1, "trim the tab");
        assertEquals(said(judge(shelf, "H1", null)), "fits {H3=1}[move the bracket, trim the tab]");
        assertEquals(said(judge(shelf, "H3", null)), "fits {H3=1}[move the bracket, trim the tab]");
    }

    @Test
    public void aBuildRangeIsAskedForUntilItIsKnown() {
        Shelf shelf = machine()
                .part("S1", 100)
                .part("S2", 100)
                .fit("TH-7820-W", "door-switch", "S1", 1, BEFORE)
                .fit("TH-7820-W", "door-switch", "S2", 1, AFTER);
        assertEquals(said(judge(shelf, "S1", null)), "depends on built");
        assertEquals(said(judge(shelf, "S1", BREAK.minusDays(1))), "fits {S1=1}[]", "both ends count");
        assertEquals(said(judge(shelf, "S2", BREAK)), "fits {S2=1}[]");
        FitVerdict late = judge(shelf, "S1", BREAK);
        assertEquals(said(late), "does not fit");
        assertTrue(
                late.reasons().stream().anyMatch(r -> r.contains("takes S2")),
                late.reasons().toString());
    }

    @Test
    public void aSerialRangeIsAskedForAndASpanOfBuildDatesMustHoldWhole() {
        Fit early = new Fit(
                new ModelNumber("TH-7820-W"),
                "motor",
                part("M1"),
                1,
                BuildRange.ALWAYS,
                new SerialRange(null, "4A-500"),
                "");
        Shelf shelf =
                machine().part("M1", 100).fit(early).part("S1", 100).fit("TH-7820-W", "door-switch", "S1", 1, BEFORE);
        FitFinder finder = finder(shelf.catalog());
        ModelNumber model = new ModelNumber("TH-7820-W");
        BuildRange around = new BuildRange(BREAK.minusDays(3), BREAK.plusDays(3));
        assertEquals(said(finder.judge(model, MachineUnit.NOT_KNOWN, part("M1"))), "depends on serial");
        assertEquals(said(finder.judge(model, new MachineUnit("4a500", List.of()), part("M1"))), "fits {M1=1}[]");
        assertEquals(said(finder.judge(model, new MachineUnit("4A501", List.of()), part("M1"))), "does not fit");
        assertEquals(
                said(finder.judge(model, new MachineUnit("9", List.of()), part("M1"))),
                "depends on serial",
                "nobody can tell which of two serials of different length is the earlier");
        assertEquals(said(finder.judge(model, new MachineUnit(null, List.of(around)), part("S1"))), "depends on built");
    }

    @Test
    public void anUnlistedModelTakesWhatAllModelsOfItsPlatformTake() {
        Shelf shelf = machine()
                .model(Samples.model("TH-7830-W", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 1))
                .model(Samples.model("TG-7830-W", "Thistlemoor", Appliance.DRYER, Fuel.LP, 1))
                .part("R1", 100)
                .part("R2", 100)
                .replaced("R1", 1, "R2", 1, "")
                .part("M1", 100)
                .fit("TH-7820-W", "rear", "R1", 2, BuildRange.ALWAYS)
                .fit("TH-7830-W", "rear", "R1", 2, BuildRange.ALWAYS)
                .fit("TH-7830-W", "motor", "M1", 1, BuildRange.ALWAYS);
        PlatformFit electric = new PlatformFit(
                shelf.catalog(),
                finder(shelf.catalog()),
                new Platform("P", Appliance.DRYER, "A", ""),
                EnumSet.of(Fuel.ELECTRIC));
        PlatformFit any = new PlatformFit(
                shelf.catalog(),
                finder(shelf.catalog()),
                new Platform("P", Appliance.DRYER, "A", ""),
                EnumSet.allOf(Fuel.class));
        assertEquals(said(electric.judge(part("R1"))), "fits {R2=1}[]");
        assertEquals(said(electric.judge(part("M1"))), "depends on model");
        assertEquals(said(any.judge(part("R1"))), "depends on model", "the gas model lists none");
        assertEquals(said(any.judge(part("NOWHERE"))), "does not fit");
    }

    @Test
    public void aRangeThatHoldsForEveryBuildOfTheModelNeedsNoQuestion() {
        Model young = new Model(
                new ModelNumber("TH-7820-W"),
                "Thistlemoor",
                Appliance.DRYER,
                Fuel.ELECTRIC,
                240,
                "P",
                new BuildRange(BREAK, BREAK.plusYears(2)),
                1,
                "");
        Shelf shelf = new Shelf().model(young).part("S2", 100).fit("TH-7820-W", "door-switch", "S2", 1, AFTER);
        assertEquals(said(judge(shelf, "S2", null)), "fits {S2=1}[]");
    }

    @Test
    public void anEquivalentFitsOneWayOnly() {
        Shelf shelf = machine()
                .part("F1", 100)
                .part("F2", 100)
                .part("F3", 100)
                .fit("TH-7820-W", "fuse", "F1", 1, BuildRange.ALWAYS)
                .equivalent("F1", "F2")
                .equivalent("F3", "F1");
        assertEquals(said(judge(shelf, "F2", null)), "fits {F2=1}[]");
        assertTrue(judge(shelf, "F2", null).reasons().get(1).startsWith("equivalent"));
        assertEquals(said(judge(shelf, "F3", null)), "does not fit");
    }

    @Test
    public void anUnknownMachineOrPartIsSaidToBe() {
        assertEquals(said(judge(CHAIN, "NOWHERE", null)), "unknown");
        FitVerdict noModel = finder(CHAIN.catalog()).judge(new ModelNumber("ZZ1"), MachineUnit.NOT_KNOWN, part("B1"));
        assertTrue(noModel.reasons().get(0).contains("model ZZ1"));
    }

    @Test
    public void numbersAreEqualWhateverTheirSeparators() {
        assertEquals(new PartNumber("QV-2107-2"), new PartNumber("qv 21072"));
        assertEquals(new PartNumber(" QV-1 ").written(), "QV-1");
        for (String none : new String[] {"", " - ", null}) {
            expectThrows(IllegalArgumentException.class, () -> new PartNumber(none));
        }
    }
}
