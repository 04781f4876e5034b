package synopta.core.basket;

import static org.testng.Assert.assertEquals;
import static synopta.core.basket.BasketPlannerTest.need;
import static synopta.core.basket.BasketPlannerTest.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Shelf;

/** The least cost against textbooks. */
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
    private static final int[][] EDGES = {
        {1, 0, 0, 0, 0, 0, 0, 0},
        {1, 1, 0, 0, 0, 0, 0, 0},
        {0, 1, 1, 1, 0, 0, 0, 0},
        {0, 0, 1, 0, 1, 1, 1, 0},
        {0, 0, 0, 1, 1, 0, 0, 1},
        {0, 0, 0, 0, 0, 1, 0, 1},
        {0, 0, 0, 0, 0, 0, 1, 0}
    };

    @DataProvider(name = "published optima, from memory, and derived ones")
    Object[][] optima() {
        return new Object[][] {
            {"Cormen et al., figure 35.1, vertex cover", new long[] {1, 1, 1, 1, 1, 1, 1}, EDGES, ones(8), 3L},
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
        Purchase best = plan(covering(cents, holds), demand(pieces)).best();
        assertEquals(best.total().cents(), optimum, source);
    }
}
