package synopta.core.basket;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Part;
import synopta.core.quantity.Money;

/** A seeded little shop with all that can happen, and what the contract says of it, written apart from the planner. */
final class RandomOffers {
    record Sold(String part, long cents, int available, Map<String, Integer> holds) {}

    record Asked(String part, int quantity, long value, boolean needed) {}

    private record Row(String from, int choice, String to, int quantity) {}

    private static final List<String> BASE = List.of("P0", "P1", "P2", "P3", "P4", "P5");
    private final Random random;
    private final Shelf shelf = new Shelf();
    private final Set<String> genuine = new LinkedHashSet<>();
    private final List<Row> dropIns = new ArrayList<>();
    private final List<Row> equivalents = new ArrayList<>();
    private final Map<String, Map<String, Integer>> contents = new TreeMap<>();
    final List<Sold> sold = new ArrayList<>();
    final List<Asked> asked = new ArrayList<>();
    final BasketQuery.Policy policy;

    RandomOffers(long seed) {
        random = new Random(seed);
        boolean genuineOnly = random.nextInt(4) == 0;
        boolean today = random.nextInt(4) == 0;
        policy = new BasketQuery.Policy(genuineOnly, today ? "Staithe" : null, today ? 0 : null);
        succession();
        kit("K", "P" + random.nextInt(3), "P" + (3 + random.nextInt(3)));
        kit("L", "K", "P" + random.nextInt(6));
        List<String> all = new ArrayList<>(BASE);
        all.addAll(List.of("K", "L"));
        int priced = 0;
        for (String part : all) {
            boolean kept = priced < 6 && random.nextInt(8) > 0;
            part(part, kept);
            priced += kept ? 1 : 0;
        }
        for (int i = 0; i < 1 + random.nextInt(3); i++) {
            boolean needed = i == 0 || random.nextBoolean();
            long value = needed ? 0 : random.nextInt(12) * 100L;
            asked.add(new Asked(all.get(random.nextInt(8)), 1 + random.nextInt(2), value, needed));
        }
    }

    /** The same shop, where the caller asks for what was only wanted: one of them at least is fixed in. */
    static RandomOffers requesting(long seed) {
        RandomOffers shop = new RandomOffers(seed);
        shop.asked.replaceAll(a -> new Asked(a.part(), a.quantity(), 0, true));
        return shop;
    }

    private void succession() {
        replaced("P0", 1, "P1", 1 + random.nextInt(2), random.nextInt(3) == 0);
        if (random.nextBoolean()) {
            replaced("P0", 2, "P2", 1, false);
            replaced("P0", 2, "P3", 1 + random.nextInt(2), random.nextInt(4) == 0);
        }
        String to = "P" + (3 + random.nextInt(3));
        equivalents.add(new Row("P1", 0, to, 1));
        shelf.equivalent("P1", to);
        equivalents.add(new Row("P4", 0, "P2", 1));
        shelf.equivalent("P4", "P2");
    }

    private void replaced(String from, int choice, String to, int quantity, boolean changed) {
        shelf.replaced(from, choice, to, quantity, changed ? "trim the tab" : "");
        dropIns.add(new Row(from, changed ? -choice : choice, to, quantity));
    }

    private void kit(String kit, String... inside) {
        contents.put(kit, new TreeMap<>());
        for (String part : inside) {
            int quantity = 1 + random.nextInt(2);
            contents.get(kit).put(part, quantity);
            shelf.kit(kit, part, quantity);
        }
    }

    private void part(String part, boolean priced) {
        boolean isGenuine = random.nextInt(3) > 0;
        int pack = contents.containsKey(part) ? 1 : 1 + random.nextInt(2);
        boolean comes = policy.neededInDays() == null && random.nextInt(4) > 0;
        int onHand = random.nextInt(4);
        long cents = 100 * (1 + random.nextInt(12));
        shelf.part(
                part,
                priced ? cents : -1,
                "t",
                isGenuine,
                comes ? Part.Status.CURRENT : Part.Status.DISCONTINUED,
                pack);
        shelf.stock("Staithe", part, onHand, 3);
        if (isGenuine) {
            genuine.add(part);
        }
        if (priced && (isGenuine || !policy.genuineOnly()) && (comes || onHand > 0)) {
            Map<String, Integer> holds = new TreeMap<>();
            lay(part, pack, holds);
            sold.add(new Sold(part, cents, comes ? 4 : onHand, holds));
        }
    }

    private void lay(String part, int quantity, Map<String, Integer> into) {
        into.merge(part, quantity, Integer::sum);
        contents.getOrDefault(part, Map.of()).forEach((inside, n) -> lay(inside, n * quantity, into));
    }

    /** Every set of pieces that serves as one of a part. */
    Set<Map<String, Integer>> ways(String part, boolean alsoEquivalents) {
        Set<Map<String, Integer>> ways = new LinkedHashSet<>();
        if (!policy.genuineOnly() || genuine.contains(part)) {
            ways.add(Map.of(part, 1));
        }
        for (int choice = 1; choice <= 2; choice++) {
            int wanted = choice;
            List<Row> together = dropIns.stream()
                    .filter(r -> r.from.equals(part) && Math.abs(r.choice) == wanted)
                    .toList();
            if (together.isEmpty() || together.stream().anyMatch(r -> r.choice < 0)) {
                continue;
            }
            ways.addAll(joined(together, alsoEquivalents));
        }
        equivalents.stream()
                .filter(r -> alsoEquivalents && r.from.equals(part))
                .forEach(r -> ways.addAll(ways(r.to, false)));
        return ways;
    }

    private List<Map<String, Integer>> joined(List<Row> together, boolean alsoEquivalents) {
        List<Map<String, Integer>> joined = List.of(Map.of());
        for (Row row : together) {
            List<Map<String, Integer>> longer = new ArrayList<>();
            for (Map<String, Integer> before : joined) {
                for (Map<String, Integer> way : ways(row.to, alsoEquivalents)) {
                    Map<String, Integer> both = new TreeMap<>(before);
                    way.forEach((p, n) -> both.merge(p, n * row.quantity, Integer::sum));
                    longer.add(both);
                }
            }
            joined = longer;
        }
        return joined;
    }

    BasketPlan plan() {
        return new BasketPlanner(shelf.catalog(), () -> "USD")
                .best(new BasketQuery(
                        asked.stream()
                                .filter(Asked::needed)
                                .map(a -> new BasketQuery.Need(Samples.part(a.part), a.quantity))
                                .toList(),
                        asked.stream()
                                .filter(a -> !a.needed)
                                .map(a -> new BasketQuery.Want(
                                        Samples.part(a.part), a.quantity, new Money(a.value, "USD")))
                                .toList(),
                        policy));
    }

    /** The pieces of so many units of each kind. */
    Map<String, Integer> pieces(int[] counts) {
        Map<String, Integer> pieces = new LinkedHashMap<>();
        for (int u = 0; u < counts.length; u++) {
            int count = counts[u];
            sold.get(u).holds.forEach((part, n) -> pieces.merge(part, n * count, Integer::sum));
        }
        return pieces;
    }
}
