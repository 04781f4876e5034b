package synopta.core.basket;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;

/** One search for the best purchase; some sale units may be forbidden. */
final class Search {
    /** A need, or a want with its value, and the ways of serving one piece of it. */
    private record Item(
            PartNumber part, int quantity, long value, boolean needed, List<Map<PartNumber, Integer>> ways) {}

    /** So many pieces of an item are served in one way. */
    private record Served(Item item, Map<PartNumber, Integer> way, int count) {}

    private record Found(long net, long total, int lines, int[] demand, List<Served> served) {
        boolean beats(Found other) {
            if (other == null || net != other.net) {
                return other == null || net < other.net;
            }
            return total != other.total ? total < other.total : lines < other.lines;
        }
    }

    private final Shop shop;
    private final String currency;
    private final List<Item> items = new ArrayList<>();
    private final List<PartNumber> kinds;
    private final List<SaleUnit> units;
    private final Covering covering;
    private Found best;

    Search(Shop shop, BasketQuery query, Set<PartNumber> forbidden, String currency) {
        this.shop = shop;
        this.currency = currency;
        query.needs().forEach(n -> items.add(new Item(n.part(), n.quantity(), 0, true, shop.recipes(n.part()))));
        query.wants()
                .forEach(w -> items.add(new Item(
                        w.part(), w.quantity(), sameCurrency(w.value()).cents(), false, shop.recipes(w.part()))));
        Set<PartNumber> pieces = new TreeSet<>();
        items.forEach(item -> item.ways.forEach(way -> pieces.addAll(way.keySet())));
        kinds = List.copyOf(pieces);
        units = shop.unitsHolding(pieces).stream()
                .filter(u -> !forbidden.contains(u.part()))
                .toList();
        units.forEach(u -> sameCurrency(u.price()));
        covering = new Covering(units, kinds);
    }

    private Money sameCurrency(Money money) {
        return BasketPlanner.nothing(currency).plus(money);
    }

    Optional<Purchase> best() {
        serve(0, new int[kinds.size()], 0, new ArrayList<>());
        return Optional.ofNullable(best).map(this::purchase);
    }

    private void serve(int index, int[] demand, long gained, List<Served> served) {
        Covering.Cost cost = covering.cost(demand);
        long stillToGain = items.subList(index, items.size()).stream()
                .mapToLong(Item::value)
                .sum();
        if (!cost.isPossible() || (best != null && cost.cents() - gained - stillToGain > best.net)) {
            return;
        }
        if (index == items.size()) {
            Found found =
                    new Found(cost.cents() - gained, cost.cents(), cost.lines(), demand.clone(), List.copyOf(served));
            best = found.beats(best) ? found : best;
            return;
        }
        Item item = items.get(index);
        share(index, 0, item.quantity, demand, gained, served);
        if (!item.needed) {
            serve(index + 1, demand, gained, served);
        }
    }

    /** Shares what is left of an item among its ways from `way` on. */
    private void share(int index, int way, int left, int[] demand, long gained, List<Served> served) {
        Item item = items.get(index);
        if (left == 0) {
            serve(index + 1, demand, gained + item.value, served);
            return;
        }
        if (way == item.ways.size()) {
            return;
        }
        for (int count = left; count >= 0; count--) {
            int[] more = demand.clone();
            List<Served> longer = new ArrayList<>(served);
            if (count > 0) {
                for (Map.Entry<PartNumber, Integer> piece : item.ways.get(way).entrySet()) {
                    more[kinds.indexOf(piece.getKey())] += count * piece.getValue();
                }
                longer.add(new Served(item, item.ways.get(way), count));
            }
            share(index, way + 1, left - count, more, gained, longer);
        }
    }

    private Purchase purchase(Found found) {
        List<Integer> counts = covering.counts(found.demand);
        Map<PartNumber, Integer> spare = new TreeMap<>();
        Map<PartNumber, Map<PartNumber, Integer>> covers = new TreeMap<>();
        Map<PartNumber, Integer> bought = new TreeMap<>();
        int[] open = found.demand.clone();
        for (int u = 0; u < units.size(); u++) {
            int count = counts.get(u);
            if (count == 0) {
                continue;
            }
            PartNumber unit = units.get(u).part();
            bought.merge(unit, count, Integer::sum);
            Map<PartNumber, Integer> taken = new TreeMap<>();
            for (Map.Entry<PartNumber, Integer> piece : units.get(u).pieces().entrySet()) {
                int held = Math.multiplyExact(piece.getValue(), count);
                int kind = kinds.indexOf(piece.getKey());
                int used = kind < 0 ? 0 : Math.min(held, open[kind]);
                if (used > 0) {
                    open[kind] -= used;
                    taken.put(piece.getKey(), used);
                }
            }
            covers.put(unit, taken);
            leftOver(units.get(u), count, taken).forEach((part, left) -> spare.merge(part, left, Integer::sum));
        }
        return new Purchase(
                lines(bought, covers, found),
                new Money(found.total, currency),
                new Money(found.net, currency),
                pieces(spare));
    }

    private List<Purchase.Line> lines(
            Map<PartNumber, Integer> bought, Map<PartNumber, Map<PartNumber, Integer>> covers, Found found) {
        Map<PartNumber, Integer> asked = new LinkedHashMap<>();
        List<Purchase.Line> lines = new ArrayList<>();
        List<Served> open = new ArrayList<>(found.served);
        for (Map.Entry<PartNumber, Integer> line : bought.entrySet()) {
            asked.clear();
            Map<PartNumber, Integer> held = new TreeMap<>(covers.getOrDefault(line.getKey(), Map.of()));
            open.replaceAll(served -> taken(served, held, asked));
            Money price = units.stream()
                    .filter(u -> u.part().equals(line.getKey()))
                    .findFirst()
                    .orElseThrow()
                    .price();
            lines.add(new Purchase.Line(line.getKey(), line.getValue(), price, pieces(asked)));
        }
        return lines;
    }

    /** Takes what a line holds for an item, says so in the item's own part number, and returns what is still open. */
    private static Served taken(Served served, Map<PartNumber, Integer> held, Map<PartNumber, Integer> asked) {
        PartNumber lead = new TreeSet<>(served.way.keySet()).first();
        int each = served.way.get(lead);
        int count = Math.min(served.count, held.getOrDefault(lead, 0) / each);
        if (count > 0) {
            held.merge(lead, -count * each, Integer::sum);
            asked.merge(served.item.part, count, Integer::sum);
        }
        return new Served(served.item, served.way, served.count - count);
    }

    /** What lies loose in the bag in the end; what lies in something that is used whole goes with it. */
    private Map<PartNumber, Integer> leftOver(SaleUnit unit, int count, Map<PartNumber, Integer> taken) {
        Map<PartNumber, Integer> within = new TreeMap<>();
        taken.forEach((part, used) -> shop.loose(part).forEach((piece, held) -> {
            if (!piece.equals(part)) {
                within.merge(piece, Math.multiplyExact(used, held), Integer::sum);
            }
        }));
        Map<PartNumber, Integer> left = new TreeMap<>();
        int bought = Math.multiplyExact(count, unit.pieces().get(unit.part()));
        shop.loose(unit.part()).forEach((piece, held) -> {
            int used = Math.max(within.getOrDefault(piece, 0), taken.getOrDefault(piece, 0));
            if (Math.multiplyExact(bought, held) > used) {
                left.put(piece, bought * held - used);
            }
        });
        return left;
    }

    private static List<Purchase.Pieces> pieces(Map<PartNumber, Integer> counts) {
        return counts.entrySet().stream()
                .map(e -> new Purchase.Pieces(e.getKey(), e.getValue()))
                .toList();
    }
}
