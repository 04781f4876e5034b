package synopta.core.basket;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import synopta.core.catalog.Catalog;

/** Which needs cannot be met, and why. */
final class UnmetNeeds {
    private final Catalog catalog;
    private final String currency;

    UnmetNeeds(Catalog catalog, String currency) {
        this.catalog = catalog;
        this.currency = currency;
    }

    List<BasketPlan.Impossible> of(BasketQuery query, Proof proof) {
        List<BasketPlan.Impossible> impossible = new ArrayList<>();
        for (BasketQuery.Need need : query.needs()) {
            if (catalog.part(need.part()).isEmpty()) {
                impossible.add(new BasketPlan.Impossible(
                        need.part(),
                        "The catalogue has no such part: check the number, or look it up by its machine."));
            } else if (!isMet(need, query.policy())) {
                String why = isMet(need, BasketQuery.Policy.ANY)
                        ? "It can be had, but not so many under this policy: allow equivalents, another branch or more days."
                        : "Nothing on sale holds it: it has no price, no drop-in successor, no equivalent and no kit.";
                impossible.add(new BasketPlan.Impossible(need.part(), why));
            }
        }
        if (impossible.isEmpty()) {
            String why = proof.isComplete()
                    ? "Each need can be met alone, but the stock does not meet all of them together."
                    : "Too many ways to weigh: no purchase was found in %d cases. Ask for fewer parts at once."
                            .formatted(proof.branches());
            query.needs().forEach(n -> impossible.add(new BasketPlan.Impossible(n.part(), why)));
        }
        return impossible;
    }

    private boolean isMet(BasketQuery.Need need, BasketQuery.Policy policy) {
        BasketQuery alone = new BasketQuery(List.of(need), List.of(), policy);
        return new PurchaseSearch(new Offers(catalog, policy), alone, currency)
                .best(Formulation.Aim.LEAST_NET, Set.of(), Optional.empty(), BasketPlanner.MOST_BRANCHES)
                .best()
                .isPresent();
    }
}
