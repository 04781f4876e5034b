package synopta.core.basket;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;

/**
 * The least-cost purchase, exactly, and the runners-up that differ in kind. What is asked for becomes an integer
 * covering program ({@link Formulation}) that {@link BranchAndBound} solves with proof. Past {@value #MOST_BRANCHES}
 * branches the answer says how far it is proven.
 */
public final class BasketPlanner {
    /** At most so many branches are looked at for one purchase. */
    public static final int MOST_BRANCHES = 100_000;

    private static final int FEW_BRANCHES = 2_000;
    /** A kit of which more than half would lie idle is not worth showing. */
    private static final int MOST_TIMES = 2;

    private final Catalog catalog;
    private final Supplier<String> currency;

    /**
     * Plans with the prices of this catalog.
     *
     * @param currency that amounts are in, asked for at each plan
     */
    public BasketPlanner(Catalog catalog, Supplier<String> currency) {
        this.catalog = catalog;
        this.currency = currency;
    }

    /** The best purchase and the runners-up; refuses two currencies, and sums too large to be exact. */
    public BasketPlan plan(BasketQuery query) {
        PurchaseSearch asked = search(new Offers(catalog, query.policy()), query);
        BasketPlan best = best(query, asked);
        if (best.best() == null) {
            return best;
        }
        Purchase least = best.best();
        Set<PurchaseOption.Kind> also = EnumSet.noneOf(PurchaseOption.Kind.class);
        List<PurchaseOption> others = new ArrayList<>();
        runnersUp(query, asked, least).forEach((kind, purchase) -> {
            if (purchase.lines().equals(least.lines())) {
                also.add(kind);
            } else {
                add(others, kind, purchase);
            }
        });
        others.sort(PurchaseOption.CHEAPEST_FIRST);
        return new BasketPlan(best.best(), also, others, List.of(), best.proof(), currency.get());
    }

    /** The best purchase alone. */
    public BasketPlan best(BasketQuery query) {
        return best(query, search(new Offers(catalog, query.policy()), query));
    }

    private BasketPlan best(BasketQuery query, PurchaseSearch asked) {
        PurchaseSearch.Found found = asked.best(Aim.LEAST_NET, Set.of(), null, MOST_BRANCHES);
        List<BasketPlan.Impossible> impossible =
                found.best() != null ? List.of() : new UnmetNeeds(catalog, currency.get()).of(query, found.proof());
        return new BasketPlan(found.best(), Set.of(), List.of(), impossible, found.proof(), currency.get());
    }

    private PurchaseSearch search(Offers shop, BasketQuery query) {
        return new PurchaseSearch(shop, query, currency.get());
    }

    private static void add(List<PurchaseOption> options, PurchaseOption.Kind kind, Purchase purchase) {
        for (int i = 0; i < options.size(); i++) {
            PurchaseOption same = options.get(i);
            if (same.purchase().lines().equals(purchase.lines())) {
                Set<PurchaseOption.Kind> kinds = EnumSet.copyOf(same.kinds());
                kinds.add(kind);
                options.set(i, new PurchaseOption(kinds, same.purchase()));
                return;
            }
        }
        options.add(new PurchaseOption(EnumSet.of(kind), purchase));
    }

    /** All hold what the required parts alone come to, so that their prices compare; only the last adds renewals. */
    private Map<PurchaseOption.Kind, Purchase> runnersUp(BasketQuery query, PurchaseSearch asked, Purchase least) {
        Map<PurchaseOption.Kind, Purchase> found = new EnumMap<>(PurchaseOption.Kind.class);
        BasketQuery.Policy policy = query.policy();
        PurchaseSearch alone = asked.withWantsWorthNothing();
        keep(found, PurchaseOption.Kind.FEWEST_LINES, alone, Aim.FEWEST_LINES);
        if (!policy.genuineOnly()) {
            Offers genuine = new Offers(catalog, new BasketQuery.Policy(true, policy.branch(), policy.neededInDays()));
            keep(found, PurchaseOption.Kind.ALL_GENUINE, search(genuine, query).withWantsWorthNothing(), Aim.LEAST_NET);
        }
        Offers now = new Offers(catalog, new BasketQuery.Policy(policy.genuineOnly(), policy.branch(), 0));
        keep(found, PurchaseOption.Kind.FROM_STOCK_NOW, search(now, query).withWantsWorthNothing(), Aim.LEAST_NET);
        if (query.wants().isEmpty()) {
            kits(alone, least, found);
            return found;
        }
        keep(found, PurchaseOption.Kind.CHEAPEST_TODAY, alone, Aim.LEAST_NET);
        kits(alone, found.getOrDefault(PurchaseOption.Kind.CHEAPEST_TODAY, least), found);
        keep(found, PurchaseOption.Kind.REPLACE_ALL, asked.withWantsNeeded(), Aim.LEAST_NET);
        return found;
    }

    /** Kits against pieces: the one way when the best goes the other. */
    private static void kits(PurchaseSearch asked, Purchase least, Map<PurchaseOption.Kind, Purchase> found) {
        Set<PartNumber> kits = asked.kits();
        if (least.lines().stream().map(Purchase.Line::part).anyMatch(kits::contains)) {
            PurchaseSearch.Found inPieces = asked.best(Aim.LEAST_NET, kits, null, FEW_BRANCHES);
            Optional.ofNullable(inPieces.best())
                    .filter(p -> inPieces.proof().isComplete())
                    .ifPresent(p -> found.put(PurchaseOption.Kind.IN_PIECES, p));
            return;
        }
        kits.stream()
                .map(kit -> asked.best(Aim.LEAST_NET, Set.of(), kit, FEW_BRANCHES))
                .filter(with -> with.proof().isComplete())
                .flatMap(with -> Stream.ofNullable(with.best()))
                .map(purchase -> new PurchaseOption(Set.of(PurchaseOption.Kind.AS_A_KIT), purchase))
                .min(PurchaseOption.CHEAPEST_FIRST)
                .map(PurchaseOption::purchase)
                .filter(p -> p.total().cents() <= MOST_TIMES * least.total().cents())
                .ifPresent(p -> found.put(PurchaseOption.Kind.AS_A_KIT, p));
    }

    /** Keeps what is proven; a runner-up of which that cannot be said is left out. */
    private static void keep(
            Map<PurchaseOption.Kind, Purchase> found, PurchaseOption.Kind kind, PurchaseSearch search, Aim aim) {
        PurchaseSearch.Found best = search.best(aim, Set.of(), null, FEW_BRANCHES);
        Optional.ofNullable(best.best())
                .filter(purchase -> best.proof().isComplete())
                .ifPresent(purchase -> found.put(kind, purchase));
    }

    /** The amount of nothing. */
    static Money nothing(String currency) {
        return new Money(0, currency);
    }
}
