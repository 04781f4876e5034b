package synopta.core.basket;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import synopta.core.catalog.Catalog;
import synopta.core.quantity.Money;

/**
 * The least-cost purchase, exactly. Every way of serving the needs and wants (each piece by the part, a drop-in
 * successor or an equivalent) is a demand for pieces, and {@link Covering} finds the cheapest units for it; the ways
 * are gone through with the cost of what is demanded so far as a lower bound, since more demand never costs less.
 */
public final class BasketPlanner {
    /** Past so many states of the covering an exact answer is refused. */
    public static final int MOST_STATES = 2_000_000;

    private static final int MOST_OTHERS = 3;

    private final Catalog catalog;
    private final String currency;

    /**
     * Plans with the prices of this catalogue.
     *
     * @param currency in which an empty basket is counted
     */
    public BasketPlanner(Catalog catalog, String currency) {
        this.catalog = catalog;
        this.currency = currency;
    }

    /** The plan; refuses two currencies, and what is too large to prove. */
    public BasketPlan plan(BasketQuery query) {
        Shop shop = new Shop(catalog, query.policy());
        Optional<Purchase> best = new Search(shop, query, Set.of(), currency).best();
        if (best.isEmpty()) {
            return new BasketPlan(best, List.of(), impossible(shop, query), currency);
        }
        Set<Purchase> others = new LinkedHashSet<>();
        for (Purchase.Line line : best.get().lines()) {
            new Search(shop, query, Set.of(line.part()), currency).best().ifPresent(others::add);
        }
        List<Purchase> runnersUp = new ArrayList<>(others);
        runnersUp.sort(Comparator.comparing(Purchase::net).thenComparing(Purchase::total));
        return new BasketPlan(best, runnersUp.subList(0, Math.min(MOST_OTHERS, runnersUp.size())), List.of(), currency);
    }

    private List<BasketPlan.Impossible> impossible(Shop shop, BasketQuery query) {
        List<BasketPlan.Impossible> impossible = new ArrayList<>();
        for (BasketQuery.Need need : query.needs()) {
            if (catalog.part(need.part()).isEmpty()) {
                impossible.add(new BasketPlan.Impossible(
                        need.part(),
                        "The catalogue has no such part: check the number, or look it up by its machine."));
                continue;
            }
            BasketQuery alone = new BasketQuery(List.of(need), List.of(), query.policy());
            if (new Search(shop, alone, Set.of(), currency).best().isEmpty()) {
                boolean atAll = new Search(
                                new Shop(catalog, BasketQuery.Policy.ANY),
                                new BasketQuery(List.of(need), List.of(), BasketQuery.Policy.ANY),
                                Set.of(),
                                currency)
                        .best()
                        .isPresent();
                impossible.add(
                        new BasketPlan.Impossible(
                                need.part(),
                                atAll
                                        ? "It can be had, but not so many under this policy: allow equivalents, another branch or more days."
                                        : "Nothing on sale holds it: it has no price, no drop-in successor, no equivalent and no kit."));
            }
        }
        if (impossible.isEmpty()) {
            query.needs()
                    .forEach(n -> impossible.add(new BasketPlan.Impossible(
                            n.part(),
                            "Each need can be met alone, but the stock does not meet all of them together.")));
        }
        return impossible;
    }

    /** The amount of nothing. */
    static Money nothing(String currency) {
        return new Money(0, currency);
    }
}
