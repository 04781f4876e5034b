package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.basket.BasketPlan;
import synopta.core.basket.Purchase;
import synopta.core.basket.PurchaseOption;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.RepairPractices;
import synopta.core.sale.OptionalPart;
import synopta.core.sale.QuantityNote;
import synopta.core.sale.RequiredPart;
import synopta.core.sale.SaleOption;

/** What is sold to callers of the scenario, with the packs that ship. */
public class SellingCallersTest {
    private final Catalog catalog = DemoCounter.CATALOG;
    private final List<Pack> packs = DemoCounter.PACKS;
    private final Counter counter = counter(HouseSettings.USUAL);

    private static Counter counter(HouseSettings rules) {
        return new DemoCounter(() -> rules).counter;
    }

    private static CaseInput draft(String line, Set<String> selected, Shopping shopping) {
        return CaseInput.of(line).but().selected(selected).shopping(shopping).input();
    }

    private CaseAssessment work(String line) {
        return counter.work(CaseInput.of(line));
    }

    private static String bought(Purchase purchase) {
        return purchase.lines().stream().map(l -> l.quantity() + " " + l.part()).collect(Collectors.joining(", "));
    }

    private static SaleOption option(CaseAssessment view, PurchaseOption.Kind kind) {
        return view.sale().options().stream()
                .filter(o -> o.option().kinds().contains(kind))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + kind + " in " + view.plan()));
    }

    private static Purchase of(CaseAssessment view, PurchaseOption.Kind kind) {
        return option(view, kind).option().purchase();
    }

    private static double minutes(CaseAssessment view, PurchaseOption.Kind kind) {
        return option(view, kind).work().minutes();
    }

    @Test
    public void aBoxWithItsFuseAndThermostatIsTheBoxAlone() {
        CaseAssessment view = counter.work(draft(
                "th7820w no heat, heater box, cutoff and high limit please",
                Set.of("heater-open", "thermal-cutoff-open", "high-limit-open"),
                Shopping.AS_IT_COMES));
        assertEquals(
                view.needs().stream().map(RequiredPart::partType).collect(Collectors.toSet()),
                Set.of("heater-assembly", "thermal-cutoff", "high-limit-thermostat"));
        Purchase best = view.plan().map(BasketPlan::best).orElseThrow();
        assertEquals(bought(best), "1 QV-2107-2");
        assertEquals(best.lines().get(0).covers().size(), 3, "it brings both");
    }

    /** The caller's words; the part type; pieces asked for, fitted, in force; then each way as pieces for a sum. */
    @DataProvider
    Object[][] quantities() {
        return new Object[][] {
            {"HV-4415-W just the left glide please, scrapes at the front, marks on clothes", "drum-glide", 1, 2, 1},
            {"HV-9143-K one door spring, the door drops", "door-spring", 1, 2, 1},
            {"HV-9143-K both door springs, the door drops", "", 0, 0, 2},
            {"HM-3303-S microwave dead, three fuses please, I go through them", "line-fuse", 3, 1, 1},
            {"th7820w thumps, only one roller please", "drum-roller", 1, 4, 1},
        };
    }

    @Test(dataProvider = "quantities")
    public void aRequestInAnotherQuantityIsMetWithTheRuleAndThePriceOfBothWays(
            String line, String type, int asked, int fitted, int inForce) {
        CaseAssessment view = work(line);
        List<QuantityNote> notes = view.sale().quantities();
        assertEquals(view.needs().get(0).quantity(), inForce, view.needs().toString());
        if (type.isEmpty()) {
            assertEquals(notes, List.of(), "that is how they are fitted");
            return;
        }
        QuantityNote note = notes.get(0);
        assertEquals(note.partType(), type);
        assertEquals(note.asked(), asked);
        assertEquals(note.fitted(), fitted);
        assertFalse(note.rule().isBlank());
        assertEquals(
                note.ways().stream().map(QuantityNote.Way::pieces).toList(),
                List.of(Math.min(asked, fitted), Math.max(asked, fitted)));
        assertTrue(note.ways().get(0).total().compareTo(note.ways().get(1).total()) <= 0);
    }

    @Test
    public void aThumpSellsTheKitAndSaysWhatItLacksAndWhatThePiecesWouldCost() {
        CaseAssessment view = work("th7820w thumps, 8 yrs");
        Purchase best = view.plan().map(BasketPlan::best).orElseThrow();
        assertEquals(bought(best), "1 QV-4410-K");
        Purchase pieces = of(view, PurchaseOption.Kind.IN_PIECES);
        assertTrue(pieces.lines().size() == 2 && pieces.total().compareTo(best.total()) > 0, pieces.toString());
        assertTrue(
                option(view, PurchaseOption.Kind.IN_PIECES).difference().startsWith("Costs $4.70 more, leaves "),
                "" + view.sale().options());
        assertTrue(
                view.sale().options().get(0).bag().stream()
                        .anyMatch(b -> b.text().startsWith("Roller shaft: not in the bag.")),
                view.sale().options().get(0).bag().toString());
        OptionalPart shafts = view.sale().wants().stream()
                .filter(w -> w.partType().equals("roller-shaft"))
                .findFirst()
                .orElseThrow();
        assertEquals(shafts.source(), OptionalPart.Source.JOB);
    }

    @Test
    public void aNineYearOldDryerHasAllThatWearsRenewedOrTheCheapestRepair() {
        CaseAssessment view = work("th7820w thumps, 9 yrs, everything that wears");
        Purchase all = of(view, PurchaseOption.Kind.REPLACE_ALL);
        Purchase least = of(view, PurchaseOption.Kind.CHEAPEST_TODAY);
        assertEquals(all.undone(), List.of());
        assertEquals(bought(least), "1 QV-4410-K");
        assertTrue(all.total().compareTo(least.total()) > 0);
        Purchase best = view.plan().map(BasketPlan::best).orElseThrow();
        assertTrue(best.net().compareTo(all.net()) <= 0 && best.net().compareTo(least.net()) <= 0);
        for (OptionalPart want : view.sale().wants()) {
            boolean isBought = best.undone().stream().noneMatch(u -> u.part().equals(want.supplied()));
            boolean isFree = best.lines().stream().anyMatch(l -> l.covers().size() > 1);
            assertTrue(
                    !isBought || isFree || price(want) <= want.value().cents(),
                    "no want is bought past its worth: " + want);
        }
        assertTrue(minutes(view, PurchaseOption.Kind.REPLACE_ALL) > minutes(view, PurchaseOption.Kind.CHEAPEST_TODAY));
    }

    private long price(OptionalPart want) {
        return catalog.price(want.supplied()).orElseThrow().cents() * want.quantity();
    }

    @Test
    public void withoutAnAgeNothingIsWeighedWhileItIsOpen() {
        assertTrue(work("th7820w thumps").sale().wants().stream()
                .noneMatch(w -> w.source() == OptionalPart.Source.WHILE_OPEN));
    }

    private static Shopping.Adjusted set(
            String part, @Nullable Integer quantity, @Nullable Long value, boolean needed) {
        return new Shopping.Adjusted(new PartNumber(part), quantity, value, needed);
    }

    @Test
    public void theSpecialistLeavesOutRaisesAndPutsIn() {
        String line = "th7820w thumps, 8 yrs";
        CaseAssessment plain = work(line);
        RequiredPart rings = plain.needs().get(1);
        String open = plain.sale().wants().stream()
                .filter(w -> w.source() == OptionalPart.Source.WHILE_OPEN)
                .findFirst()
                .orElseThrow()
                .supplied()
                .written();
        CaseAssessment without = counter.work(draft(
                line,
                Set.of(),
                new Shopping(
                        List.of(
                                set(rings.supplied().written(), 0, null, false),
                                set("QV-8701", null, 9_900L, false),
                                set(open, null, null, true)),
                        null,
                        null)));
        assertEquals(without.needs().get(1).quantity(), 0, "left out, and still there to be put back");
        Purchase best = without.plan().map(BasketPlan::best).orElseThrow();
        assertTrue(bought(best).contains("4 QV-8701"), bought(best));
        Purchase least = of(without, PurchaseOption.Kind.CHEAPEST_TODAY);
        assertTrue(
                least.lines().stream()
                        .anyMatch(
                                l -> l.covers().stream().anyMatch(c -> c.part().equals(new PartNumber(open)))),
                "a want that was put in is a need: " + bought(least));
    }

    @Test
    public void theHouseMayRenewTheFailedOneAlone() {
        HouseSettings one = HouseSettings.USUAL.with(new RepairPractices(false, false, true, true, true, false));
        assertEquals(
                counter(one).work(CaseInput.of("th7820w thumps")).needs().get(0).quantity(), 1);
        assertEquals(work("th7820w thumps").needs().get(0).quantity(), 4);
    }

    /** Pieces that are needed or offered for the job, by part type. */
    private static Map<String, Integer> pieces(CaseAssessment view) {
        Map<String, Integer> pieces = new TreeMap<>();
        view.needs().forEach(need -> pieces.put(need.partType(), need.quantity()));
        view.sale().wants().stream()
                .filter(want -> want.source() == OptionalPart.Source.JOB)
                .forEach(want -> pieces.put(want.partType(), want.quantity()));
        return pieces;
    }

    @Test
    public void oneRollerBringsItsOwnRingsAndItsOwnShaftAsTheLayoutHasIt() {
        HouseSettings one = HouseSettings.USUAL.with(new RepairPractices(false, false, true, true, true, false));
        assertEquals(
                pieces(counter(one).work(CaseInput.of("th7820w thumps"))),
                Map.of("drum-roller", 1, "roller-hardware", 2, "roller-shaft", 1),
                "triangle, roller, triangle");
        assertEquals(
                pieces(counter(one).work(CaseInput.of("mb5739k thumps"))),
                Map.of("drum-roller", 1, "roller-hardware", 1, "roller-shaft", 1),
                "one snap ring");
    }

    @Test
    public void whatIsAtTheBranchNowIsAWayOfItsOwn() {
        Shopping today = new Shopping(List.of(), "Nowhere", 0);
        BasketPlan none =
                counter.work(draft("th7820w thumps", Set.of(), today)).plan().orElseThrow();
        assertTrue(none.best() == null && !none.impossible().isEmpty(), "nothing lies at such a branch");
    }

    /** Every place of every layout is reached by a step, which all places' minutes hang on. */
    @Test
    public void everyPlaceOfEveryLayoutIsReached() {
        for (Pack pack : packs) {
            for (Layout layout : pack.layouts()) {
                Set<String> reached = layout.steps().stream()
                        .flatMap(step -> step.reaches().keySet().stream())
                        .collect(Collectors.toSet());
                assertEquals(
                        reached,
                        layout.places().stream().map(Layout.Place::slot).collect(Collectors.toSet()),
                        pack.appliance() + " " + layout.id());
            }
            assertTrue(pack.replacement() != null);
        }
    }
}
