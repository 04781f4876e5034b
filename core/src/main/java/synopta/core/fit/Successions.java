package synopta.core.fit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;
import synopta.core.quantity.Money;

/**
 * What a part is supplied as today. Rows of one choice go together with multiplied quantities, choices are
 * alternatives: drop-in first, then the fewest changes, the fewest pieces, the least price, the part numbers. A cycle
 * is refused with its path. Cost: the number of options, at most {@link FitFinder#MOST_OPTIONS} at every part.
 */
final class Successions {
    private final Catalog catalog;
    private final Map<PartNumber, List<Supply>> known = new LinkedHashMap<>();

    Successions(Catalog catalog) {
        this.catalog = catalog;
    }

    /** Every way, best first; the part itself when nothing replaces it. */
    List<Supply> today(PartNumber part) {
        return today(part, new LinkedHashSet<>());
    }

    private List<Supply> today(PartNumber part, Set<PartNumber> path) {
        List<Supply> before = known.get(part);
        if (before != null) {
            return before;
        }
        if (!path.add(part)) {
            throw new IllegalStateException(
                    "Part %s replaces itself (%s). Maybe two rows of supersessions.csv were swapped."
                            .formatted(part, path));
        }
        Collection<List<Supersession>> choices = Supersession.choices(catalog.replacementsOf(part));
        List<Supply> ways = new ArrayList<>();
        if (choices.isEmpty()) {
            ways.add(new Supply(List.of(new Supply.Item(part, 1)), List.of(), List.of()));
        }
        choices.forEach(rows -> ways.addAll(together(part, rows, path)));
        ways.sort(Comparator.comparingInt((Supply s) -> s.changes().size())
                .thenComparingInt(Supply::pieces)
                .thenComparingLong(this::cents)
                .thenComparing(s -> s.items().toString()));
        path.remove(part);
        List<Supply> best = List.copyOf(ways.subList(0, Math.min(ways.size(), FitFinder.MOST_OPTIONS)));
        known.put(part, best);
        return best;
    }

    private List<Supply> together(PartNumber old, List<Supersession> rows, Set<PartNumber> path) {
        List<Supply> ways = List.of(new Supply(List.of(), List.of(), List.of()));
        for (Supersession row : rows) {
            List<Supply> longer = new ArrayList<>();
            for (Supply way : ways) {
                for (Supply next : today(row.newPart(), path)) {
                    longer.add(joined(old, way, row, next));
                }
            }
            ways = longer.subList(0, Math.min(longer.size(), FitFinder.MOST_OPTIONS));
        }
        return ways;
    }

    private static Supply joined(PartNumber old, Supply way, Supersession row, Supply next) {
        Map<PartNumber, Integer> items = new TreeMap<>();
        way.items().forEach(i -> items.merge(i.part(), i.quantity(), Integer::sum));
        next.items()
                .forEach(i -> items.merge(i.part(), Math.multiplyExact(i.quantity(), row.quantity()), Integer::sum));
        List<String> changes = new ArrayList<>(way.changes());
        List<String> chain = new ArrayList<>(way.chain());
        if (!row.change().isBlank()) {
            changes.add(row.change());
        }
        chain.add("%s is replaced by %s%s"
                .formatted(
                        old,
                        row.quantity() > 1 ? row.quantity() + " x " + row.newPart() : row.newPart(),
                        row.change().isBlank() ? ", drops in" : ": " + row.change()));
        changes.addAll(next.changes());
        chain.addAll(next.chain());
        return new Supply(
                items.entrySet().stream()
                        .map(e -> new Supply.Item(e.getKey(), e.getValue()))
                        .toList(),
                changes,
                chain);
    }

    private long cents(Supply supply) {
        return supply.items().stream()
                .mapToLong(i -> catalog.price(i.part())
                        .map(Money::cents)
                        .map(c -> Math.multiplyExact(c, (long) i.quantity()))
                        .orElse(Long.MAX_VALUE / 1000))
                .sum();
    }
}
