package synopta.core.catalog;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.testng.annotations.Test;

public class CycleFinderTest {
    private static PartNumber part(int number) {
        return new PartNumber("P" + number);
    }

    /** Whether a walk from a part comes back to it: every walk is tried, apart from the code under test. */
    private static boolean comesBack(Map<PartNumber, List<PartNumber>> steps, PartNumber start) {
        Set<PartNumber> reached = new HashSet<>();
        List<PartNumber> open = new ArrayList<>(steps.getOrDefault(start, List.of()));
        while (!open.isEmpty()) {
            PartNumber here = open.remove(0);
            if (here.equals(start)) {
                return true;
            }
            if (reached.add(here)) {
                open.addAll(steps.getOrDefault(here, List.of()));
            }
        }
        return false;
    }

    @Test
    public void aCycleIsFoundJustWhenAWalkComesBackAndEveryOneIsAWalk() {
        Random random = new Random(4);
        int circular = 0;
        for (int graph = 0; graph < 400; graph++) {
            Map<PartNumber, List<PartNumber>> steps = new TreeMap<>();
            for (int edge = 0; edge < 1 + random.nextInt(8); edge++) {
                steps.computeIfAbsent(part(random.nextInt(7)), p -> new ArrayList<>())
                        .add(part(random.nextInt(7)));
            }
            boolean any = steps.keySet().stream().anyMatch(p -> comesBack(steps, p));
            List<List<PartNumber>> cycles = CycleFinder.of(steps);
            assertEquals(!cycles.isEmpty(), any, steps.toString());
            circular += any ? 1 : 0;
            for (List<PartNumber> cycle : cycles) {
                assertEquals(cycle.get(0), cycle.get(cycle.size() - 1));
                for (int i = 0; i + 1 < cycle.size(); i++) {
                    assertTrue(steps.get(cycle.get(i)).contains(cycle.get(i + 1)), cycle + " in " + steps);
                }
            }
        }
        assertTrue(circular > 50 && circular < 350, circular + " of 400 had a cycle");
    }

    @Test
    public void aChainOfTensOfThousandsNeedsNoDeepStack() {
        Map<PartNumber, List<PartNumber>> steps = new TreeMap<>();
        for (int i = 0; i < 50_000; i++) {
            steps.put(part(i), List.of(part(i + 1)));
        }
        assertTrue(CycleFinder.of(steps).isEmpty());
        steps.put(part(50_000), List.of(part(0)));
        assertEquals(CycleFinder.of(steps).get(0).size(), 50_002);
    }
}
