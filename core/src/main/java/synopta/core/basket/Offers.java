package synopta.core.basket;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.KitContents;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Stock;
import synopta.core.catalog.Supersession;

/** What can serve for a part, and what can be bought that holds it, under a policy. */
final class Offers {
    private final Catalog catalog;
    private final BasketQuery.Policy policy;

    Offers(Catalog catalog, BasketQuery.Policy policy) {
        this.catalog = catalog;
        this.policy = policy;
    }

    /**
     * Every set of pieces that serves as one of the part: itself, what replaces it when that drops in (together with
     * what goes with it), an allowed equivalent.
     */
    List<Map<PartNumber, Integer>> recipes(PartNumber part) {
        return List.copyOf(recipes(part, catalog::equivalentsOf, new HashSet<>()));
    }

    private Set<Map<PartNumber, Integer>> recipes(
            PartNumber part, Function<PartNumber, List<Equivalent>> equivalents, Set<PartNumber> path) {
        Set<Map<PartNumber, Integer>> recipes = new LinkedHashSet<>();
        if (!path.add(part)) {
            return recipes;
        }
        if (allowed(part)) {
            recipes.add(Map.of(part, 1));
        }
        Collection<List<Supersession>> choices = Supersession.choices(catalog.replacementsOf(part));
        for (List<Supersession> rows : choices) {
            if (rows.stream().allMatch(row -> row.change().isBlank())) {
                recipes.addAll(together(rows, equivalents, path));
            }
        }
        for (Equivalent row : equivalents.apply(part)) {
            recipes.addAll(recipes(row.equivalent(), none -> List.of(), path));
        }
        path.remove(part);
        return recipes;
    }

    private Set<Map<PartNumber, Integer>> together(
            List<Supersession> rows, Function<PartNumber, List<Equivalent>> equivalents, Set<PartNumber> path) {
        Set<Map<PartNumber, Integer>> joined = new LinkedHashSet<>(Set.of(Map.of()));
        for (Supersession row : rows) {
            Set<Map<PartNumber, Integer>> longer = new LinkedHashSet<>();
            for (Map<PartNumber, Integer> way : joined) {
                for (Map<PartNumber, Integer> recipe : recipes(row.newPart(), equivalents, path)) {
                    Map<PartNumber, Integer> both = new TreeMap<>(way);
                    recipe.forEach((p, n) -> both.merge(p, Math.multiplyExact(n, row.quantity()), Integer::sum));
                    longer.add(both);
                }
            }
            joined = longer;
        }
        return joined;
    }

    private boolean allowed(PartNumber part) {
        return !policy.genuineOnly() || catalog.part(part).map(Part::genuine).orElse(false);
    }

    /** Every sale unit that holds one of the pieces, by part number. */
    List<SaleUnit> unitsHolding(Set<PartNumber> pieces) {
        Set<PartNumber> parts = new TreeSet<>();
        List<PartNumber> open = new ArrayList<>(pieces);
        while (!open.isEmpty()) {
            PartNumber next = open.remove(open.size() - 1);
            if (parts.add(next)) {
                catalog.kitsHolding(next).forEach(row -> open.add(row.kit()));
            }
        }
        List<SaleUnit> units = new ArrayList<>();
        for (PartNumber number : parts) {
            catalog.part(number)
                    .filter(p -> allowed(p.number()))
                    .ifPresent(part -> catalog.price(number).ifPresent(price -> {
                        int available = available(part);
                        if (available > 0) {
                            Map<PartNumber, Integer> held = new TreeMap<>();
                            holds(number, part.packQuantity(), held);
                            units.add(new SaleUnit(number, price, held, available));
                        }
                    }));
        }
        return units;
    }

    /** Itself and all that lies in it: a box that is needed brings the fuse in it, which is not bought beside it. */
    private void holds(PartNumber part, int quantity, Map<PartNumber, Integer> held) {
        held.merge(part, quantity, Math::addExact);
        for (KitContent row : catalog.contentsOf(part)) {
            holds(row.content(), Math.multiplyExact(quantity, row.quantity()), held);
        }
    }

    /** What lies in a part in the end, kits in it opened; itself where nothing does. */
    Map<PartNumber, Integer> loose(PartNumber part) {
        return KitContents.loose(catalog, part, 1);
    }

    /** What is no longer made can only come from a shelf; what is needed by a day must be there or come in time. */
    private int available(Part part) {
        List<Stock> stock = catalog.stock(part.number()).stream()
                .filter(s -> policy.branch() == null || s.branch().equals(policy.branch()))
                .toList();
        boolean comes = part.status() == Part.Status.CURRENT
                && (policy.neededInDays() == null
                        || stock.stream().anyMatch(s -> s.leadDays() <= policy.neededInDays()));
        return comes
                ? Integer.MAX_VALUE
                : stock.stream().mapToInt(Stock::onHand).sum();
    }
}
