package synopta.core.basket;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;

/** One search for the best purchase; some sale units may be forbidden. */
final class PurchaseSearch {
    /** Columns times rows up to which a search may take all its branches: some 30 items; our judgment, two seconds. */
    private static final double FULLY_SEARCHED = 2_500;

    private static final int FEWEST_BRANCHES = 50;

    /** The best purchase, if there is one, and what is proven of it. */
    record Found(@Nullable Purchase best, Proof proof) {}

    private final Offers shop;
    private final String currency;
    private final List<Item> items;
    private final List<SaleUnit> units;

    PurchaseSearch(Offers shop, BasketQuery query, String currency) {
        this.shop = shop;
        this.currency = currency;
        List<Item> asked = new ArrayList<>();
        query.needs().forEach(n -> asked.add(new Item(n.part(), n.quantity(), 0, 0, true, shop.recipes(n.part()))));
        for (BasketQuery.Want want : query.wants()) {
            long value = sameCurrency(want.value()).cents();
            asked.add(new Item(want.part(), want.quantity(), value, value, false, shop.recipes(want.part())));
        }
        items = List.copyOf(asked);
        Set<PartNumber> kinds = new TreeSet<>();
        items.forEach(item -> item.ways().forEach(way -> kinds.addAll(way.keySet())));
        units = shop.unitsHolding(kinds);
    }

    /** The same items, weighed otherwise: what may be bought for them stays the same. */
    private PurchaseSearch(PurchaseSearch other, List<Item> items) {
        this.shop = other.shop;
        this.currency = other.currency;
        this.items = List.copyOf(items);
        this.units = other.units;
    }

    /** The same with wants that are bought only where they cost nothing more. */
    PurchaseSearch withWantsWorthNothing() {
        return new PurchaseSearch(this, items.stream().map(i -> i.asWant(0)).toList());
    }

    /** The same with wants as needs. */
    PurchaseSearch withWantsNeeded() {
        return new PurchaseSearch(this, items.stream().map(Item::asNeed).toList());
    }

    private Money sameCurrency(Money money) {
        return BasketPlanner.nothing(currency).plus(money);
    }

    /** What holds several kinds and is asked for by nobody: kits and assemblies that may serve. */
    Set<PartNumber> kits() {
        Set<PartNumber> kits = new TreeSet<>();
        for (SaleUnit unit : units) {
            boolean isAsked = items.stream().anyMatch(item -> item.uses(unit.part()));
            if (unit.pieces().size() > 1 && !isAsked) {
                kits.add(unit.part());
            }
        }
        return kits;
    }

    /** The best purchase without some units, and with one that must be in it. */
    Found best(Aim aim, Set<PartNumber> forbidden, @Nullable PartNumber forced, int mostBranches) {
        List<SaleUnit> allowed =
                units.stream().filter(u -> !forbidden.contains(u.part())).toList();
        allowed.forEach(u -> sameCurrency(u.price()));
        try {
            Formulation formulation = new Formulation(items, allowed, aim, forced);
            IntegerProgram program = formulation.program();
            BranchAndBound.Result result = new BranchAndBound(program).solve(affordable(program, mostBranches));
            return new Found(
                    Optional.ofNullable(result.best())
                            .map(x -> purchase(formulation, x))
                            .orElse(null),
                    proof(formulation, result));
        } catch (ArithmeticException e) {
            throw new IllegalArgumentException(
                    "Prices, values and quantities are too large to add up exactly. Ask for fewer pieces at once.", e);
        }
    }

    /** A branch costs time by the size of the program; a large one is searched less far, and its proof says how far. */
    private static int affordable(IntegerProgram program, int mostBranches) {
        double size = (double) program.columns() * program.rows();
        return (int) Math.max(FEWEST_BRANCHES, mostBranches * Math.min(1, FULLY_SEARCHED / size));
    }

    private Purchase purchase(Formulation formulation, int[] choice) {
        return new PurchasePlan(shop, items, formulation.served(choice), currency).of(formulation.units(), choice);
    }

    private Proof proof(Formulation formulation, BranchAndBound.Result result) {
        List<Proof.Share> shares = new ArrayList<>();
        Map<Item, Long> prices = formulation.shares(result.prices());
        items.forEach(item -> {
            long each = prices.getOrDefault(item, 0L);
            if (each > 0) {
                shares.add(new Proof.Share(item.part(), new Money(each, currency)));
            }
        });
        boolean isNone = result.best() == null && result.proven();
        Money atLeast = new Money(isNone ? 0 : formulation.net(result.atLeast()), currency);
        Money atOnce = new Money(formulation.net(result.atOnce()), currency);
        return new Proof(result.proven(), atLeast, atOnce, shares, result.branches());
    }
}
