package synopta.core.catalog;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Finds what leads back to itself, each cycle once: a depth-first search with a stack of its own (Tarjan 1972). */
public final class CycleFinder {
    private CycleFinder() {}

    /** The cycles, each as the parts along it, the first one repeated at the end. Cost O(parts + steps). */
    public static List<List<PartNumber>> of(Map<PartNumber, ? extends Collection<PartNumber>> steps) {
        List<List<PartNumber>> cycles = new ArrayList<>();
        Set<PartNumber> done = new HashSet<>();
        for (PartNumber start : steps.keySet()) {
            if (!done.contains(start)) {
                walk(start, steps, done, cycles);
            }
        }
        return cycles;
    }

    private static void walk(
            PartNumber start,
            Map<PartNumber, ? extends Collection<PartNumber>> steps,
            Set<PartNumber> done,
            List<List<PartNumber>> cycles) {
        List<PartNumber> path = new ArrayList<>(List.of(start));
        Map<PartNumber, Integer> onPath = new HashMap<>(Map.of(start, 0));
        Deque<Iterator<PartNumber>> open =
                new ArrayDeque<>(List.of(steps.get(start).iterator()));
        while (!open.isEmpty()) {
            if (!open.peek().hasNext()) {
                open.pop();
                PartNumber left = path.remove(path.size() - 1);
                onPath.remove(left);
                done.add(left);
                continue;
            }
            PartNumber next = open.peek().next();
            Integer at = onPath.get(next);
            if (at != null) {
                List<PartNumber> cycle = new ArrayList<>(path.subList(at, path.size()));
                cycle.add(next);
                cycles.add(cycle);
            } else if (!done.contains(next)) {
                onPath.put(next, path.size());
                path.add(next);
                Collection<PartNumber> onward = steps.containsKey(next) ? steps.get(next) : List.of();
                open.push(onward.iterator());
            }
        }
    }
}
