package synopta.core.fit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.Function;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;

/**
 * What a part replaced and what replaces it, step by step to both ends. Cost: one question to the catalog a
 * generation, and O(rows log rows) for the ways.
 */
public final class SupersessionChain {
    private final Catalog catalog;
    private final PartNumber part;
    private final Map<PartNumber, List<Supersession>> later = new LinkedHashMap<>();
    private final Map<PartNumber, Supersession> earlier;
    private final Map<PartNumber, Supersession> onward;

    /** How far a walk has come: fewest changes, then fewest steps, then the number. */
    private record Reached(PartNumber part, int changes, int steps) {
        static final Comparator<Reached> NEAREST = Comparator.comparingInt(Reached::changes)
                .thenComparingInt(Reached::steps)
                .thenComparing(Reached::part);
    }

    private SupersessionChain(Catalog catalog, PartNumber part) {
        this.catalog = catalog;
        this.part = part;
        Map<PartNumber, List<Supersession>> before = new LinkedHashMap<>();
        gather(catalog::predecessorsOf, Supersession::newPart, Supersession::oldPart, before);
        gather(catalog::replacementsOf, Supersession::oldPart, Supersession::newPart, later);
        earlier = walked(before, Supersession::oldPart);
        onward = walked(later, Supersession::newPart);
    }

    /** The lineage of a part. */
    public static SupersessionChain of(Catalog catalog, PartNumber part) {
        return new SupersessionChain(catalog, part);
    }

    private void gather(
            Function<Collection<PartNumber>, List<Supersession>> rows,
            Function<Supersession, PartNumber> from,
            Function<Supersession, PartNumber> to,
            Map<PartNumber, List<Supersession>> into) {
        Set<PartNumber> seen = new HashSet<>(Set.of(part));
        Set<PartNumber> generation = new LinkedHashSet<>(seen);
        while (!generation.isEmpty()) {
            Set<PartNumber> next = new LinkedHashSet<>();
            for (Supersession row : rows.apply(generation)) {
                into.computeIfAbsent(from.apply(row), p -> new ArrayList<>()).add(row);
                if (seen.add(to.apply(row))) {
                    next.add(to.apply(row));
                }
            }
            generation = next;
        }
    }

    /** For every part that can be reached, the last row of the way with the fewest changes (Dijkstra 1959). */
    private Map<PartNumber, Supersession> walked(
            Map<PartNumber, List<Supersession>> rows, Function<Supersession, PartNumber> to) {
        Map<PartNumber, Supersession> last = new LinkedHashMap<>();
        Map<PartNumber, Reached> best = new LinkedHashMap<>();
        PriorityQueue<Reached> open = new PriorityQueue<>(Reached.NEAREST);
        open.add(new Reached(part, 0, 0));
        Set<PartNumber> done = new HashSet<>();
        while (!open.isEmpty()) {
            Reached here = open.poll();
            if (!done.add(here.part)) {
                continue;
            }
            for (Supersession row : rows.getOrDefault(here.part, List.of())) {
                Reached there = new Reached(to.apply(row), here.changes + (row.isDropIn() ? 0 : 1), here.steps + 1);
                Reached before = best.get(there.part);
                if (!done.contains(there.part) && (before == null || Reached.NEAREST.compare(there, before) < 0)) {
                    best.put(there.part, there);
                    last.put(there.part, row);
                    open.add(there);
                }
            }
        }
        return last;
    }

    /** The part it is the lineage of. */
    public PartNumber part() {
        return part;
    }

    /** Every part that it replaced, nearest first; not itself. */
    public Set<PartNumber> predecessors() {
        return earlier.keySet();
    }

    /** Every part that replaces it, nearest first; not itself. */
    public Set<PartNumber> successors() {
        return onward.keySet();
    }

    /** What replaces a part of the lineage, itself or a successor. */
    List<Supersession> replacementsOf(PartNumber number) {
        return later.getOrDefault(number, List.of());
    }

    /** The rows from a forerunner to the part, oldest first; the way with the fewest changes. */
    Optional<List<Supersession>> since(PartNumber predecessor) {
        if (!earlier.containsKey(predecessor)) {
            return Optional.empty();
        }
        List<Supersession> way = new ArrayList<>();
        for (PartNumber here = predecessor;
                !here.equals(part);
                here = way.get(way.size() - 1).newPart()) {
            way.add(earlier.get(here));
        }
        return Optional.of(way);
    }

    /** All rows of the choices that lead to the part and away from it, siblings too, each once. */
    public List<Supersession> rows() {
        Set<Supersession> rows = new LinkedHashSet<>();
        if (!earlier.isEmpty()) {
            Set<String> leading = new HashSet<>();
            List<Supersession> before = catalog.replacementsOf(earlier.keySet());
            Set<PartNumber> line = new HashSet<>(earlier.keySet());
            line.add(part);
            before.stream().filter(r -> line.contains(r.newPart())).forEach(r -> leading.add(choice(r)));
            before.stream().filter(r -> leading.contains(choice(r))).forEach(rows::add);
        }
        later.values().forEach(rows::addAll);
        return List.copyOf(rows);
    }

    private static String choice(Supersession row) {
        return row.oldPart().key() + "/" + row.choice();
    }
}
