package synopta.core.basket;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import synopta.core.catalog.PartNumber;

/**
 * A need, or a want with its value.
 *
 * @param value for which it is weighed, in cents; 0 for a need
 * @param worth what it counts for in the net when it is served, in cents
 * @param ways each a set of pieces that serves as one of the part
 */
record Item(
        PartNumber part, int quantity, long value, long worth, boolean needed, List<Map<PartNumber, Integer>> ways) {
    /** So many pieces of an item are served in one way. */
    record Served(Item item, Map<PartNumber, Integer> way, int count) {}

    Item {
        ways = List.copyOf(ways);
    }

    Item asWant(long other) {
        return needed ? this : new Item(part, quantity, other, worth, false, ways);
    }

    Item asNeed() {
        return new Item(part, quantity, 0, worth, true, ways);
    }

    boolean uses(PartNumber kind) {
        return ways.stream().anyMatch(way -> way.containsKey(kind));
    }

    /** Whether each way is one piece of one kind that no other item has use for: the kinds count as one then. */
    boolean isDirect(List<Item> all) {
        return ways.stream().map(Map::entrySet).allMatch(way -> way.equals(Set.of(Map.entry(first(way), 1))))
                && ways.stream()
                        .flatMap(way -> way.keySet().stream())
                        .allMatch(kind -> all.stream().filter(i -> i.uses(kind)).count() == 1);
    }

    /** How many are served in each way, by a choice that counts them in these columns. */
    List<Served> servedBy(int[] columns, int[] choice) {
        List<Served> served = new ArrayList<>();
        int left = quantity;
        for (int w = 0; w < columns.length; w++) {
            int count = Math.min(left, choice[columns[w]]);
            if (count > 0) {
                served.add(new Served(this, ways.get(w), count));
                left -= count;
            }
        }
        return served;
    }

    private static PartNumber first(Set<Map.Entry<PartNumber, Integer>> way) {
        return way.iterator().next().getKey();
    }
}
