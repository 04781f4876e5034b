package synopta.core.fit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static synopta.core.Samples.part;
import static synopta.core.fit.FitFinderTest.items;
import static synopta.core.fit.FitFinderTest.judge;
import static synopta.core.fit.FitFinderTest.machine;
import static synopta.core.fit.FitFinderTest.said;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.testng.annotations.Test;
import synopta.core.Shelf;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Part;

/** What is supplied where a number was split, chained or replaced by several. */
public class SupplyChoiceTest {
    @Test
    public void ofSeveralChoicesTheDropInComesFirstThenFewestPiecesThenLeastPrice() {
        Shelf shelf = machine()
                .part("X", -1)
                .part("CHEAP", 100)
                .part("DROPIN", 900)
                .part("TWO", 50)
                .part("DEAR", 901)
                .fit("TH-7820-W", "x", "X", 1, BuildRange.ALWAYS)
                .replaced("X", 1, "CHEAP", 1, "drill a hole")
                .replaced("X", 2, "TWO", 2, "")
                .replaced("X", 3, "DEAR", 1, "")
                .replaced("X", 4, "DROPIN", 1, "");
        FitVerdict.Fits fits = (FitVerdict.Fits) judge(shelf, "X", null);
        List<Map<String, Integer>> order = new ArrayList<>(List.of(items(fits.supply())));
        fits.alternatives().forEach(s -> order.add(items(s)));
        assertEquals(order, List.of(Map.of("DROPIN", 1), Map.of("DEAR", 1), Map.of("TWO", 2), Map.of("CHEAP", 1)));
    }

    @Test
    public void aCycleIsNamedNotFollowedForEver() {
        Shelf shelf = machine()
                .part("A", 1)
                .part("B", 1)
                .fit("TH-7820-W", "x", "A", 1, BuildRange.ALWAYS)
                .replaced("A", 1, "B", 1, "")
                .replaced("B", 1, "A", 1, "");
        IllegalStateException cycle = expectThrows(IllegalStateException.class, () -> judge(shelf, "A", null));
        assertTrue(cycle.getMessage().contains("supersedes itself"), cycle.getMessage());
    }

    /** What a part is today, by walking rows with no memory: slow, and written apart from the code under test. */
    private static Map<String, Integer> today(Map<String, Map<String, Integer>> rows, String part) {
        if (!rows.containsKey(part)) {
            return Map.of(part, 1);
        }
        Map<String, Integer> pieces = new TreeMap<>();
        rows.get(part)
                .forEach(
                        (next, count) -> today(rows, next).forEach((p, n) -> pieces.merge(p, n * count, Integer::sum)));
        return pieces;
    }

    @Test
    public void splitsAndLongChainsMultiplyOut() {
        Random random = new Random(31);
        for (int round = 0; round < 100; round++) {
            Map<String, Map<String, Integer>> rows = new TreeMap<>();
            Shelf shelf = machine();
            int parts = 8 + random.nextInt(43);
            for (int i = 0; i < parts; i++) {
                shelf.part("P" + i, 100, "t", true, Part.Status.CURRENT, 1);
            }
            for (int i = 0; i < parts - 1; i++) {
                Map<String, Integer> together = new TreeMap<>(Map.of("P" + (i + 1), 1));
                if (random.nextInt(12) == 0 && i + 2 < parts) {
                    together.put("P" + (i + 2 + random.nextInt(parts - i - 2)), 1 + random.nextInt(2));
                }
                rows.put("P" + i, together);
                int from = i;
                together.forEach((to, count) -> shelf.replaced("P" + from, 1, to, count, ""));
            }
            shelf.fit("TH-7820-W", "x", "P0", 1, BuildRange.ALWAYS);
            FitVerdict verdict = judge(shelf, "P0", null);
            assertEquals(said(verdict), "fits " + today(rows, "P0") + "[]", "round " + round);
        }
    }
}
