package synopta.core.fit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;
import synopta.core.quantity.Money;

/**
 * What a part is supplied as today. Rows of one choice go together with multiplied quantities, choices are
 * alternatives: drop-in first, then the fewest changes, the fewest pieces, the least price, the part numbers. A choice
 * that is not in effect yet is left out. A cycle is refused with its path, and so are more than {@link #MOST_PIECES}.
 *
 * <p>Changes, pieces and price of a way are sums of those of its parts, so the first {@link FitFinder#MOST_OPTIONS} ways
 * of a part need no more than the first ways of each of its replacements: the best is the best. Cost: that many at every
 * part of the lineage.
 */
final class SupersessionResolver {
    private static final int MOST_PIECES = 1_000_000;

    private final Catalog catalog;
    private final SupersessionChain chain;
    private final LocalDate today;
    private final Map<PartNumber, List<Way>> known = new LinkedHashMap<>();
    private final Map<PartNumber, Long> prices = new HashMap<>();
    private final Comparator<Way> order = Comparator.comparingInt((Way w) -> w.changes)
            .thenComparingInt(Way::pieces)
            .thenComparingLong(this::cents)
            .thenComparing(w -> w.items.toString());

    /**
     * A way of supplying a part.
     *
     * @param changes on all the roads to its items; a row that lies on two of them counts twice
     * @param steps the choices gone through, each once
     */
    private record Way(Map<PartNumber, Integer> items, int changes, Set<List<Supersession>> steps) {
        int pieces() {
            return items.values().stream().mapToInt(n -> n).sum();
        }
    }

    SupersessionResolver(Catalog catalog, SupersessionChain chain, LocalDate today) {
        this.catalog = catalog;
        this.chain = chain;
        this.today = today;
    }

    /** Every way of supplying the part of the lineage, best first; the part itself when nothing replaces it. */
    List<Supply> supplies() {
        return today(chain.part(), new LinkedHashSet<>()).stream()
                .map(SupersessionResolver::supply)
                .toList();
    }

    private List<Way> today(PartNumber part, Set<PartNumber> path) {
        List<Way> before = known.get(part);
        if (before != null) {
            return before;
        }
        if (!path.add(part)) {
            throw new IllegalStateException(
                    "Part %s supersedes itself (%s). Two rows of supersessions.csv may be swapped."
                            .formatted(part, path));
        }
        List<Way> ways = new ArrayList<>();
        Collection<List<Supersession>> choices = Supersession.choices(chain.replacementsOf(part));
        for (List<Supersession> rows : choices) {
            if (rows.stream().allMatch(this::isInEffect)) {
                ways.addAll(together(rows, path));
            }
        }
        if (ways.isEmpty()) {
            ways.add(new Way(Map.of(part, 1), 0, Set.of()));
        }
        path.remove(part);
        List<Way> best = best(ways);
        known.put(part, best);
        return best;
    }

    private boolean isInEffect(Supersession row) {
        return Optional.ofNullable(row.effective())
                .map(from -> !from.isAfter(today))
                .orElse(true);
    }

    /** The first ways in their order, each set of items once. */
    private List<Way> best(List<Way> ways) {
        Set<Map<PartNumber, Integer>> seen = new HashSet<>();
        return ways.stream()
                .sorted(order)
                .filter(way -> seen.add(way.items))
                .limit(FitFinder.MOST_OPTIONS)
                .toList();
    }

    private List<Way> together(List<Supersession> rows, Set<PartNumber> path) {
        List<Way> ways = List.of(new Way(Map.of(), 0, Set.of(rows)));
        for (Supersession row : rows) {
            List<Way> longer = new ArrayList<>();
            for (Way way : ways) {
                for (Way next : today(row.newPart(), path)) {
                    longer.add(joined(way, row, next));
                }
            }
            ways = best(longer);
        }
        return ways;
    }

    private static Way joined(Way way, Supersession row, Way next) {
        Map<PartNumber, Integer> items = new TreeMap<>(way.items);
        next.items.forEach((part, count) -> items.merge(part, times(row, count), (a, b) -> pieces(row, (long) a + b)));
        Set<List<Supersession>> steps = new LinkedHashSet<>(way.steps);
        steps.addAll(next.steps);
        return new Way(items, way.changes + next.changes + (row.isDropIn() ? 0 : 1), steps);
    }

    private static int times(Supersession row, int count) {
        return pieces(row, (long) count * row.quantity());
    }

    private static int pieces(Supersession row, long pieces) {
        if (pieces > MOST_PIECES) {
            throw new IllegalArgumentException(
                    "Part %s would become more than %d pieces. Check the quantities of its supersessions."
                            .formatted(row.oldPart(), MOST_PIECES));
        }
        return (int) pieces;
    }

    private static Supply supply(Way way) {
        return new Supply(
                way.items.entrySet().stream()
                        .map(e -> new Supply.Item(e.getKey(), e.getValue()))
                        .toList(),
                Supersession.changes(way.steps.stream().flatMap(List::stream).toList()),
                way.steps.stream().map(Supersession::said).toList());
    }

    private long cents(Way way) {
        return way.items.entrySet().stream()
                .mapToLong(e -> Math.multiplyExact(price(e.getKey()), (long) e.getValue()))
                .sum();
    }

    /** What has no price comes last. */
    private long price(PartNumber part) {
        return prices.computeIfAbsent(
                part, p -> catalog.price(p).map(Money::cents).orElse(Long.MAX_VALUE / MOST_PIECES / 1000));
    }
}
