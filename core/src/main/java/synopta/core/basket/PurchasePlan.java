package synopta.core.basket;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;

/** Writes out what was chosen: lines, what each covers, what is left over, what was given up. */
final class PurchasePlan {
    private final Offers shop;
    private final List<Item> items;
    private final List<Item.Served> served;
    private final Money nothing;

    PurchasePlan(Offers shop, List<Item> items, List<Item.Served> served, String currency) {
        this.shop = shop;
        this.items = items;
        this.served = served;
        nothing = BasketPlanner.nothing(currency);
    }

    /** The purchase of so many of each unit. */
    Purchase of(List<SaleUnit> units, int[] counts) {
        Map<PartNumber, Integer> open = new TreeMap<>();
        served.forEach(s -> s.way().forEach((kind, n) -> open.merge(kind, n * s.count(), Integer::sum)));
        Map<PartNumber, Integer> spare = new TreeMap<>();
        List<Item.Served> waiting = new ArrayList<>(served);
        List<Purchase.Line> lines = new ArrayList<>();
        Money total = nothing;
        for (int u = 0; u < units.size(); u++) {
            if (counts[u] > 0) {
                SaleUnit unit = units.get(u);
                Map<PartNumber, Integer> taken = taken(unit, counts[u], open);
                leftOver(unit, counts[u], taken).forEach((part, left) -> spare.merge(part, left, Integer::sum));
                Map<PartNumber, Integer> asked = new LinkedHashMap<>();
                waiting.replaceAll(s -> coveredBy(s, taken, asked));
                lines.add(new Purchase.Line(unit.part(), counts[u], unit.price(), pieces(asked)));
                total = total.plus(unit.price().times(counts[u]));
            }
        }
        long gained = 0;
        Map<PartNumber, Integer> undone = new TreeMap<>();
        for (Item item : items) {
            boolean has = served.stream().anyMatch(s -> s.item() == item);
            gained += has ? item.worth() : 0;
            if (!has) {
                undone.merge(item.part(), item.quantity(), Integer::sum);
            }
        }
        Money net = total.plus(new Money(-gained, total.currency()));
        return new Purchase(lines, total, net, pieces(spare), pieces(undone));
    }

    private static Map<PartNumber, Integer> taken(SaleUnit unit, int count, Map<PartNumber, Integer> open) {
        Map<PartNumber, Integer> taken = new TreeMap<>();
        unit.pieces().forEach((kind, each) -> {
            int used = Math.min(Math.multiplyExact(each, count), open.getOrDefault(kind, 0));
            if (used > 0) {
                open.merge(kind, -used, Integer::sum);
                taken.put(kind, used);
            }
        });
        return taken;
    }

    /** Takes what a line holds for an item, says so in the item's own part number, and returns what is still open. */
    private static Item.Served coveredBy(
            Item.Served served, Map<PartNumber, Integer> held, Map<PartNumber, Integer> asked) {
        PartNumber lead = new TreeSet<>(served.way().keySet()).first();
        int each = served.way().get(lead);
        int count = Math.min(served.count(), held.getOrDefault(lead, 0) / each);
        if (count > 0) {
            held.merge(lead, -count * each, Integer::sum);
            asked.merge(served.item().part(), count, Integer::sum);
        }
        return new Item.Served(served.item(), served.way(), served.count() - count);
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
