package synopta.core.basket;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.part;

import java.util.List;
import org.testng.annotations.Test;
import synopta.core.Shelf;
import synopta.core.catalog.Part;
import synopta.core.quantity.Money;

public class BasketPlannerTest {
    static BasketQuery.Need need(String part, int quantity) {
        return new BasketQuery.Need(part(part), quantity);
    }

    private static BasketQuery.Want want(String part, int quantity, long cents) {
        return new BasketQuery.Want(part(part), quantity, new Money(cents, "USD"));
    }

    static BasketPlan plan(Shelf shelf, BasketQuery.Need... needs) {
        return plan(shelf, BasketQuery.Policy.ANY, List.of(), needs);
    }

    private static BasketPlan plan(
            Shelf shelf, BasketQuery.Policy policy, List<BasketQuery.Want> wants, BasketQuery.Need... needs) {
        return new BasketPlanner(shelf.catalog(), () -> "USD").plan(new BasketQuery(List.of(needs), wants, policy));
    }

    private static String bought(Purchase purchase) {
        return purchase.lines().stream()
                .map(l -> l.quantity() + "x" + l.part())
                .reduce((a, b) -> a + " " + b)
                .orElse("");
    }

    private static Shelf heaterBox() {
        return new Shelf()
                .part("BOX", 6350)
                .part("FUSE", 690)
                .part("STAT", 1340)
                .kit("BOX", "FUSE", 1)
                .kit("BOX", "STAT", 1);
    }

    @Test
    public void whatAnAssemblyBringsIsNotSoldBesideIt() {
        Purchase box = plan(heaterBox(), need("BOX", 1), need("FUSE", 1)).best();
        assertEquals(bought(box), "1xBOX");
        assertEquals(
                box.lines().get(0).covers(),
                List.of(new Purchase.Pieces(part("BOX"), 1), new Purchase.Pieces(part("FUSE"), 1)));
        assertEquals(box.spare(), List.of(), "what lies in the box stays in it");
        Purchase another = plan(heaterBox(), need("BOX", 1), need("FUSE", 2)).best();
        assertEquals(bought(another), "1xBOX 1xFUSE", "one more than it brings was asked for");
        Purchase two = plan(heaterBox().part("CRATE", 6400).kit("CRATE", "BOX", 2), need("BOX", 1), need("STAT", 1))
                .best();
        assertEquals(bought(two), "1xBOX");
        Shelf crate = new Shelf().part("BOX", -1).part("FUSE", 690).part("CRATE", 6400);
        crate.kit("CRATE", "BOX", 2).kit("BOX", "FUSE", 1);
        Purchase crated = plan(crate, need("BOX", 1), need("FUSE", 1)).best();
        assertEquals(bought(crated), "1xCRATE");
        assertEquals(crated.spare(), List.of(new Purchase.Pieces(part("FUSE"), 1)), "of the other box");
        Purchase both = plan(heaterBox(), need("FUSE", 1), need("STAT", 1)).best();
        assertEquals(bought(both), "1xFUSE 1xSTAT");
        assertEquals(both.total().decimal(), "20.30");
    }

    @Test
    public void aPairIsSoldWholeAndTheTwinIsSpare() {
        Shelf shelf = new Shelf().part("GLIDE", 940, "t", true, Part.Status.CURRENT, 2);
        Purchase best = plan(shelf, need("GLIDE", 3)).best();
        assertEquals(bought(best), "2xGLIDE");
        assertEquals(best.total().decimal(), "18.80");
        assertEquals(best.spare(), List.of(new Purchase.Pieces(part("GLIDE"), 1)));
        assertEquals(best.lines().get(0).covers(), List.of(new Purchase.Pieces(part("GLIDE"), 3)));
    }

    @Test
    public void aKitIsTakenWhenItCostsLessAndTheRunnerUpDoesWithoutIt() {
        Shelf shelf = new Shelf().part("ROLLER", 840).part("BELT", 1450).part("KIT", 4190);
        shelf.kit("KIT", "ROLLER", 4).kit("KIT", "BELT", 1);
        BasketPlan plan = plan(shelf, need("ROLLER", 4), need("BELT", 1));
        assertEquals(bought(plan.best()), "1xKIT");
        assertEquals(bought(plan.others().get(0).purchase()), "1xBELT 4xROLLER");
        assertEquals(plan.others().get(0).purchase().total().decimal(), "48.10");
    }

    @Test
    public void aWantIsBoughtOnlyUpToItsValue() {
        Shelf shelf = new Shelf().part("BELT", 1450).part("IDLER", 1270);
        BasketQuery.Need belt = need("BELT", 1);
        BasketPlan tooDear = plan(shelf, BasketQuery.Policy.ANY, List.of(want("IDLER", 1, 1269)), belt);
        assertEquals(bought(tooDear.best()), "1xBELT");
        Purchase worth = plan(shelf, BasketQuery.Policy.ANY, List.of(want("IDLER", 1, 1271)), belt)
                .best();
        assertEquals(bought(worth), "1xBELT 1xIDLER");
        assertEquals(worth.net().decimal(), "14.49");
        Purchase equal = plan(shelf, BasketQuery.Policy.ANY, List.of(want("IDLER", 1, 1270)), belt)
                .best();
        assertEquals(equal.total().decimal(), "14.50", "of equal nets the least total");
    }

    private static String of(BasketPlan plan, PurchaseOption.Kind kind) {
        return plan.all().stream()
                .filter(option -> option.kinds().contains(kind))
                .map(option -> bought(option.purchase()))
                .findFirst()
                .orElse("none");
    }

    @Test
    public void runnersUpDifferInKindAndEachIsTheLeastOfItsKind() {
        Shelf shelf = new Shelf()
                .part("BELT", 1450)
                .part("ROLLER", 840)
                .part("COPY", 600, "t", false, Part.Status.CURRENT, 1)
                .equivalent("ROLLER", "COPY")
                .part("SHAFT", 500)
                .part("KIT", 2400)
                .kit("KIT", "BELT", 1)
                .kit("KIT", "ROLLER", 1)
                .stock("Staithe", "KIT", 1, 2)
                .stock("Staithe", "SHAFT", 1, 2)
                .stock("Staithe", "BELT", 0, 2);
        BasketPlan plan =
                plan(shelf, BasketQuery.Policy.ANY, List.of(want("SHAFT", 1, 700)), need("BELT", 1), need("ROLLER", 1));
        assertEquals(of(plan, PurchaseOption.Kind.LEAST), "1xBELT 1xCOPY 1xSHAFT");
        assertEquals(of(plan, PurchaseOption.Kind.REPLACE_ALL), "1xBELT 1xCOPY 1xSHAFT", "the best does so, too");
        assertEquals(of(plan, PurchaseOption.Kind.CHEAPEST_TODAY), "1xBELT 1xCOPY");
        assertEquals(
                of(plan, PurchaseOption.Kind.ALL_GENUINE),
                "1xBELT 1xROLLER",
                "22.90 against 24.00, and no renewal beside what is needed");
        assertEquals(of(plan, PurchaseOption.Kind.FEWEST_LINES), "1xKIT");
        assertEquals(of(plan, PurchaseOption.Kind.FROM_STOCK_NOW), "1xKIT");
        assertEquals(of(plan, PurchaseOption.Kind.AS_A_KIT), "1xKIT");
        Purchase today = plan.needsAlone().orElseThrow();
        assertEquals(today.undone(), List.of(new Purchase.Pieces(part("SHAFT"), 1)));
        assertEquals(today.net(), today.total(), "no want is covered");
    }

    /** Each pair of three pieces is sold for 1: two pairs are needed, and fractions alone promise 1.5. */
    private static IntegerProgram pairs() {
        IntegerProgram program = new IntegerProgram();
        for (int pair = 0; pair < 3; pair++) {
            program.column(100, 0, 1);
        }
        program.row(new int[] {1, 1, 0}, 1);
        program.row(new int[] {0, 1, 1}, 1);
        program.row(new int[] {1, 0, 1}, 1);
        return program;
    }

    @Test
    public void pastItsLimitItSaysWhatWasProven() {
        BranchAndBound.Result cut = new BranchAndBound(pairs()).solve(1);
        assertFalse(cut.proven());
        assertEquals(cut.atOnce(), 150);
        assertEquals(cut.atLeast(), 150, "nothing is less, but it may be more");
        BranchAndBound.Result whole = new BranchAndBound(pairs()).solve(100);
        assertTrue(whole.proven());
        assertEquals(whole.atLeast(), 200);
        assertEquals(pairs().worth(whole.best()), 200);
    }

    @Test
    public void theProofNamesPricesThatNoUnitOnSaleBeats() {
        Shelf shelf = new Shelf().part("ROLLER", 840).part("BELT", 1450).part("KIT", 4190);
        shelf.kit("KIT", "ROLLER", 4).kit("KIT", "BELT", 1);
        Proof proof = plan(shelf, need("ROLLER", 4), need("BELT", 1)).proof();
        long roller = proof.shares().get(0).each().cents();
        long belt = proof.shares().get(1).each().cents();
        assertTrue(roller <= 840 && belt <= 1450 && 4 * roller + belt <= 4190, proof.toString());
        assertTrue(4 * roller + belt > 4190 - 5, "to a cent a piece they add up to the best: " + proof);
        assertEquals(proof.atOnce().decimal(), "41.90");
    }

    @Test
    public void amongEqualsTheFewestLinesWin() {
        Shelf shelf = new Shelf()
                .part("A", 100)
                .part("B", 100)
                .part("KIT", 200)
                .kit("KIT", "A", 1)
                .kit("KIT", "B", 1);
        assertEquals(bought(plan(shelf, need("A", 1), need("B", 1)).best()), "1xKIT");
    }

    @Test
    public void aSuccessorServesOnlyWhenItDropsInAndNotTheOtherWayRound() {
        Shelf shelf = new Shelf()
                .part("OLD", -1, "t", true, Part.Status.SUPERSEDED, 1)
                .part("NEW", 500)
                .part("TRIM", 300)
                .replaced("OLD", 1, "NEW", 1, "")
                .replaced("OLD", 2, "TRIM", 1, "trim the tab");
        assertEquals(bought(plan(shelf, need("OLD", 1)).best()), "1xNEW");
        Shelf backwards = new Shelf().part("OLD", 200).part("NEW", -1).replaced("OLD", 1, "NEW", 1, "");
        assertFalse(plan(backwards, need("NEW", 1)).best() != null);
    }

    @Test
    public void thePolicyBoundsWhatMayBeBought() {
        Shelf shelf = new Shelf()
                .part("REAL", 1000)
                .part("COPY", 600, "t", false, Part.Status.CURRENT, 1)
                .equivalent("REAL", "COPY")
                .stock("Staithe", "REAL", 1, 5)
                .stock("Staithe", "COPY", 0, 2);
        BasketQuery.Policy genuine = new BasketQuery.Policy(true, null, null);
        BasketQuery.Policy today = new BasketQuery.Policy(false, "Staithe", 0);
        assertEquals(bought(plan(shelf, need("REAL", 1)).best()), "1xCOPY");
        assertEquals(bought(plan(shelf, genuine, List.of(), need("REAL", 1)).best()), "1xREAL");
        assertEquals(bought(plan(shelf, today, List.of(), need("REAL", 1)).best()), "1xREAL");
        BasketPlan two = plan(shelf, today, List.of(), need("REAL", 2));
        assertFalse(two.best() != null);
        assertTrue(
                two.impossible().get(0).why().contains("Not enough in stock"),
                two.impossible().toString());
    }

    @Test
    public void whatCannotBeMetIsNamed() {
        Shelf shelf = new Shelf()
                .part("KNOB", -1, "t", true, Part.Status.DISCONTINUED, 1)
                .part("BELT", 1450);
        BasketPlan plan = plan(shelf, need("KNOB", 1), need("BELT", 1), need("NOWHERE", 1));
        assertFalse(plan.best() != null);
        assertEquals(plan.impossible().stream().map(i -> i.part().written()).toList(), List.of("KNOB", "NOWHERE"));
        assertEquals(plan(shelf).best().total().decimal(), "0.00", "nothing needed, nothing bought");
    }

    @Test
    public void aBasketThatCannotBeIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> need("A", 0));
        assertThrows(IllegalArgumentException.class, () -> need("A", BasketQuery.MOST_PIECES + 1));
        assertThrows(IllegalArgumentException.class, () -> want("A", 1, -1));
        Shelf shelf = new Shelf().part("A", 100);
        BasketPlanner pounds = new BasketPlanner(shelf.catalog(), () -> "GBP");
        BasketQuery query = new BasketQuery(List.of(need("A", 1)), List.of(), BasketQuery.Policy.ANY);
        assertThrows(IllegalArgumentException.class, () -> pounds.plan(query));
    }
}
