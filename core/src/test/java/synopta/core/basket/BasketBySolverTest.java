package synopta.core.basket;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;
import org.ojalgo.optimisation.integer.IntegerStrategy;
import org.testng.annotations.Test;

/** The planner against ojAlgo 57.1 and against trying every purchase, on seeded shops with all that can happen. */
public class BasketBySolverTest {
    private static final int SHOPS = 400;
    /** Its cuts lose the optimum of one of these shops, so it branches alone. */
    private static final IntegerStrategy WITHOUT_CUTS = IntegerStrategy.DEFAULT.withGMICutConfiguration(
            new IntegerStrategy.GMICutConfiguration().withFractionality(1));

    private static final long NONE = Long.MAX_VALUE;

    @Test
    public void theBestPurchaseEqualsThatOfAGeneralSolverAndOfTryingEveryOneToTheCent() {
        int possible = 0;
        int substituted = 0;
        for (int seed = 0; seed < SHOPS; seed++) {
            RandomOffers shop = new RandomOffers(seed);
            BasketPlan plan = shop.plan();
            Tried tried = new Tried(shop);
            assertEquals(plan.best() != null, tried.net != NONE, "seed " + seed);
            assertTrue(plan.proof().isComplete(), "seed " + seed);
            OptionalLong solved = solved(shop);
            assertEquals(solved.isPresent(), plan.best() != null, "seed " + seed);
            if (plan.best() != null) {
                Purchase best = plan.best();
                possible++;
                substituted += best.lines().stream()
                                .anyMatch(l -> l.covers().stream()
                                        .noneMatch(c -> c.part().equals(l.part())))
                        ? 1
                        : 0;
                assertEquals(best.net().cents(), tried.net, "seed " + seed);
                assertEquals(best.total().cents(), tried.total, "seed " + seed);
                assertEquals(best.lines().size(), tried.lines, "seed " + seed);
                assertEquals(solved.getAsLong(), tried.net, "seed " + seed);
                assertEquals(plan.proof().atLeast(), best.net(), "seed " + seed);
                assertTrue(plan.proof().atOnce().cents() <= best.net().cents(), "seed " + seed);
            }
        }
        assertTrue(possible > 200 && substituted > 50, possible + " possible, " + substituted + " by something else");
    }

    @Test
    public void whatIsRequestedIsFixedInAndTheRestStaysTheCheapestThatHoldsIt() {
        int dearer = 0;
        for (int seed = 0; seed < SHOPS; seed++) {
            RandomOffers shop = new RandomOffers(seed);
            if (shop.asked.stream().allMatch(RandomOffers.Asked::needed)) {
                continue;
            }
            RandomOffers requesting = RandomOffers.requesting(seed);
            BasketPlan plan = requesting.plan();
            OptionalLong solved = solved(requesting);
            assertEquals(plan.best() != null, solved.isPresent(), "seed " + seed);
            if (solved.isPresent()) {
                assertEquals(plan.best().total().cents(), solved.getAsLong(), "seed " + seed);
                assertEquals(plan.proof().atLeast(), plan.best().net(), "seed " + seed);
                Purchase free = shop.plan().best();
                dearer += plan.best().total().cents() > free.total().cents() ? 1 : 0;
                assertTrue(plan.best().total().cents() >= free.total().cents() - values(shop), "seed " + seed);
            }
        }
        assertTrue(dearer > 20, dearer + " cost more for what was requested");
    }

    private static long values(RandomOffers shop) {
        return shop.asked.stream().mapToLong(RandomOffers.Asked::value).sum();
    }

    /** Every purchase of up to four of each unit. */
    private static final class Tried {
        private final RandomOffers shop;
        private final List<List<Map<String, Integer>>> ways;
        private final int[] counts;
        private long net = NONE;
        private long total = NONE;
        private int lines;

        Tried(RandomOffers shop) {
            this.shop = shop;
            ways = shop.asked.stream()
                    .map(a -> List.copyOf(shop.ways(a.part(), true)))
                    .toList();
            counts = new int[shop.sold.size()];
            buy(0, 0);
        }

        private void buy(int unit, long paid) {
            if (unit == counts.length) {
                judge(paid);
                return;
            }
            for (int n = 0; n <= shop.sold.get(unit).available(); n++) {
                counts[unit] = n;
                buy(unit + 1, paid + n * shop.sold.get(unit).cents());
            }
            counts[unit] = 0;
        }

        private void judge(long paid) {
            long values =
                    shop.asked.stream().mapToLong(RandomOffers.Asked::value).sum();
            int used = (int) Arrays.stream(counts).filter(n -> n > 0).count();
            if (paid - values > net) {
                return;
            }
            long gained = most(0, new HashMap<>(shop.pieces(counts)));
            if (gained < 0) {
                return;
            }
            long has = paid - gained;
            boolean isTie = has == net;
            if (has < net || (isTie && (paid < total || (paid == total && used < lines)))) {
                net = has;
                total = paid;
                lines = used;
            }
        }

        /** The most value that these pieces serve from this item on; below 0 when a need is left. */
        private long most(int item, Map<String, Integer> left) {
            if (item == shop.asked.size()) {
                return 0;
            }
            RandomOffers.Asked asked = shop.asked.get(item);
            long best = asked.needed() ? -1 : most(item + 1, left);
            return Math.max(best, serve(item, 0, asked.quantity(), left));
        }

        private long serve(int item, int way, int pieces, Map<String, Integer> left) {
            if (pieces == 0) {
                long rest = most(item + 1, left);
                return rest < 0 ? rest : rest + shop.asked.get(item).value();
            }
            if (way == ways.get(item).size()) {
                return -1;
            }
            long best = serve(item, way + 1, pieces, left);
            Map<String, Integer> less = new HashMap<>(left);
            ways.get(item).get(way).forEach((part, n) -> less.merge(part, -n, Integer::sum));
            boolean has = ways.get(item).get(way).keySet().stream().allMatch(p -> less.getOrDefault(p, -1) >= 0);
            return has ? Math.max(best, serve(item, way, pieces - 1, less)) : best;
        }
    }

    /** The same as a model of ojAlgo: units, ways and served wants are whole, pieces suffice, items are served. */
    private static OptionalLong solved(RandomOffers shop) {
        ExpressionsBasedModel model = new ExpressionsBasedModel();
        List<Variable> units = shop.sold.stream()
                .map(unit -> counted(model, unit.part(), unit.available()).weight(BigDecimal.valueOf(unit.cents())))
                .toList();
        Map<String, Map<Variable, Integer>> usedUp = new HashMap<>();
        for (int i = 0; i < shop.asked.size(); i++) {
            RandomOffers.Asked asked = shop.asked.get(i);
            Expression whole = model.newExpression("item" + i).level(asked.needed() ? asked.quantity() : 0);
            if (!asked.needed()) {
                Variable served = counted(model, "served" + i, 1).weight(BigDecimal.valueOf(-asked.value()));
                whole.set(served, -asked.quantity());
            }
            int w = 0;
            for (Map<String, Integer> way : shop.ways(asked.part(), true)) {
                Variable count = counted(model, "way%d-%d".formatted(i, w++), asked.quantity());
                whole.set(count, 1);
                way.forEach((part, n) ->
                        usedUp.computeIfAbsent(part, p -> new HashMap<>()).put(count, n));
            }
        }
        usedUp.forEach((part, ways) -> suffices(shop, units, model.newExpression("pieces " + part), part, ways));
        model.options.integer(WITHOUT_CUTS);
        Optimisation.Result result = model.minimise();
        return result.getState().isFeasible() ? OptionalLong.of(Math.round(result.getValue())) : OptionalLong.empty();
    }

    private static void suffices(
            RandomOffers shop, List<Variable> units, Expression pieces, String part, Map<Variable, Integer> ways) {
        pieces.lower(0);
        ways.forEach((way, n) -> pieces.set(way, -n));
        for (int u = 0; u < units.size(); u++) {
            pieces.set(units.get(u), shop.sold.get(u).holds().getOrDefault(part, 0));
        }
    }

    private static Variable counted(ExpressionsBasedModel model, String name, int most) {
        return model.newVariable(name).integer(true).lower(0).upper(most);
    }
}
