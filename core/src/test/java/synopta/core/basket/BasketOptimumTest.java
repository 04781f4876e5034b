package synopta.core.basket;

import static org.testng.Assert.assertEquals;
import static synopta.core.basket.BasketPlannerTest.need;
import static synopta.core.basket.BasketPlannerTest.plan;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples.Shelf;
import synopta.core.catalog.Part;

/** The least cost against textbooks, a general solver and trying everything. */
public class BasketOptimumTest {
    /** A cover: minimise cost over integer x with A x at least b; kits hold the columns of A. */
    private static Shelf covering(long[] cents, int[][] holds) {
        Shelf shelf = new Shelf();
        for (int item = 0; item < holds[0].length; item++) {
            shelf.part("ITEM" + item, -1);
        }
        for (int kit = 0; kit < cents.length; kit++) {
            shelf.part("KIT" + kit, cents[kit]);
            for (int item = 0; item < holds[kit].length; item++) {
                if (holds[kit][item] > 0) {
                    shelf.kit("KIT" + kit, "ITEM" + item, holds[kit][item]);
                }
            }
        }
        return shelf;
    }

    private static BasketQuery.Need[] demand(int... pieces) {
        List<BasketQuery.Need> needs = new ArrayList<>();
        for (int item = 0; item < pieces.length; item++) {
            if (pieces[item] > 0) {
                needs.add(need("ITEM" + item, pieces[item]));
            }
        }
        return needs.toArray(BasketQuery.Need[]::new);
    }

    /** Optima from memory (no document opened) or worked out by brute force elsewhere, as each row says. */
    @DataProvider(name = "published optima, from memory, and derived ones")
    Object[][] optima() {
        int[][] edges = {
            {1, 0, 0, 0, 0, 0, 0, 0},
            {1, 1, 0, 0, 0, 0, 0, 0},
            {0, 1, 1, 1, 0, 0, 0, 0},
            {0, 0, 1, 0, 1, 1, 1, 0},
            {0, 0, 0, 1, 1, 0, 0, 1},
            {0, 0, 0, 0, 0, 1, 0, 1},
            {0, 0, 0, 0, 0, 0, 1, 0}
        };
        return new Object[][] {
            {"Cormen et al., figure 35.1, vertex cover", new long[] {1, 1, 1, 1, 1, 1, 1}, edges, ones(8), 3L},
            {
                "Vazirani, example 2.5, greedy pays 25/12, times 1200",
                new long[] {300, 400, 600, 1200, 1320},
                new int[][] {{1, 0, 0, 0}, {0, 1, 0, 0}, {0, 0, 1, 0}, {0, 0, 0, 1}, {1, 1, 1, 1}},
                ones(4),
                1320L
            },
            {
                "packs of 6, 9 and 20 for 43: 44 by Frobenius",
                new long[] {6, 9, 20},
                column(6, 9, 20),
                new int[] {43},
                44L
            },
            {"coins 1, 3, 4 for 6, derived", new long[] {1, 1, 1}, column(1, 3, 4), new int[] {6}, 2L},
            {"3x+2y, derived", new long[] {3, 2}, new int[][] {{2, 1}, {1, 3}}, new int[] {7, 9}, 12L},
            {"4x+3y+7z, derived", new long[] {4, 3, 7}, new int[][] {{3, 0}, {1, 2}, {0, 5}}, new int[] {10, 12}, 25L},
            {"5x+4y+3z, derived", new long[] {5, 4, 3}, new int[][] {{5, 1}, {2, 3}, {1, 4}}, new int[] {13, 14}, 19L},
        };
    }

    private static int[] ones(int count) {
        return IntStream.generate(() -> 1).limit(count).toArray();
    }

    private static int[][] column(int... values) {
        return Arrays.stream(values).mapToObj(v -> new int[] {v}).toArray(int[][]::new);
    }

    @Test(dataProvider = "published optima, from memory, and derived ones")
    public void theOptimumOfTheTextbookIsFound(String source, long[] cents, int[][] holds, int[] pieces, long optimum) {
        Purchase best = plan(covering(cents, holds), demand(pieces)).best().orElseThrow();
        assertEquals(best.total().cents(), optimum, source);
    }

    @Test
    public void theTotalEqualsThatOfAGeneralSolver() {
        Random random = new Random(17);
        for (int round = 0; round < 60; round++) {
            int items = 1 + random.nextInt(5);
            int units = 1 + random.nextInt(7);
            int[] pieces = random.ints(items, 0, 5).toArray();
            long[] cents = random.longs(units, 50, 2000).toArray();
            int[][] holds = new int[units][];
            for (int u = 0; u < units; u++) {
                holds[u] = random.ints(items, -2, 4).map(n -> Math.max(0, n)).toArray();
            }
            Optional<Purchase> best =
                    plan(covering(cents, holds), demand(pieces)).best();
            Optimisation.Result solved = solved(cents, holds, pieces);
            assertEquals(best.isPresent(), solved.getState().isFeasible(), "round " + round);
            best.ifPresent(b -> assertEquals(b.total().cents(), Math.round(solved.getValue())));
        }
    }

    private static Optimisation.Result solved(long[] cents, int[][] holds, int[] pieces) {
        ExpressionsBasedModel model = new ExpressionsBasedModel();
        List<Variable> counts = new ArrayList<>();
        for (int u = 0; u < cents.length; u++) {
            counts.add(
                    model.newVariable("u" + u).integer(true).lower(0).upper(50).weight(BigDecimal.valueOf(cents[u])));
        }
        for (int item = 0; item < pieces.length; item++) {
            Expression covered = model.newExpression("i" + item).lower(pieces[item]);
            for (int u = 0; u < cents.length; u++) {
                covered.set(counts.get(u), holds[u][item]);
            }
        }
        return model.minimise();
    }

    private static final int MOST = 3;

    /** Buys 0 to 3 of every unit in turn and asks whether the needs are met: slow, and written apart. */
    private static long tried(long[] prices, int[][] holds, int[] pieces, int unit, int[] have, long paid) {
        if (unit == prices.length) {
            for (int i = 0; i < pieces.length; i++) {
                if (have[i] < pieces[i]) {
                    return Long.MAX_VALUE;
                }
            }
            return paid;
        }
        long best = Long.MAX_VALUE;
        for (int count = 0; count <= MOST; count++) {
            int[] more = have.clone();
            for (int i = 0; i < more.length; i++) {
                more[i] += count * holds[unit][i];
            }
            best = Math.min(best, tried(prices, holds, pieces, unit + 1, more, paid + count * prices[unit]));
        }
        return best;
    }

    /** Singles that may be served by an equivalent or a successor of two pieces, beside kits with kits in them. */
    @Test
    public void substitutesAndKitsInKitsEqualTryingEverything() {
        Random random = new Random(23);
        for (int round = 0; round < 60; round++) {
            long[] p = random.longs(6, 100, 900).toArray();
            int need = 1 + random.nextInt(2);
            Shelf shelf = new Shelf()
                    .part("A", p[0])
                    .part("A2", p[1], "t", false, Part.Status.CURRENT, 1)
                    .equivalent("A", "A2")
                    .part("B", -1, "t", true, Part.Status.SUPERSEDED, 1)
                    .part("B1", p[2])
                    .replaced("B", 1, "B1", 2, "")
                    .part("INNER", p[3])
                    .kit("INNER", "A", 1)
                    .kit("INNER", "B1", 1)
                    .part("OUTER", p[4])
                    .kit("OUTER", "INNER", 2)
                    .part("PAIR", p[5], "t", true, Part.Status.CURRENT, 2)
                    .equivalent("A", "PAIR");
            // Pieces: something that serves as A; B1, of which two serve as B.
            long expected = tried(
                    new long[] {p[0], p[1], p[2], p[3], p[4], p[5]},
                    new int[][] {{1, 0}, {1, 0}, {0, 1}, {1, 1}, {2, 2}, {2, 0}},
                    new int[] {need, 2},
                    0,
                    new int[2],
                    0);
            Purchase best = plan(shelf, need("A", need), need("B", 1)).best().orElseThrow();
            assertEquals(best.total().cents(), expected, "round " + round);
        }
    }
}
