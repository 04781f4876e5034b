package synopta.core.basket;

import java.util.ArrayList;
import java.util.List;
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
                        need.part(), "The part is not in the catalog. Check the number, or look it up by model."));
            } else if (!isMet(need, query.policy())) {
                String why = isMet(need, BasketQuery.Policy.ANY)
                        ? "Not enough in stock for these conditions. Allow equivalents, another branch or a later date."
                        : "It cannot be bought: no price, no drop-in replacement, no equivalent and no kit. Import a price, or choose another part.";
                impossible.add(new BasketPlan.Impossible(need.part(), why));
            }
        }
        if (impossible.isEmpty()) {
            String why = proof.isComplete()
                    ? "Each part is available alone, but stock does not cover all of them together. Allow another branch or a later date."
                    : "No purchase was found in %d combinations. Ask for fewer parts at once."
                            .formatted(proof.branches());
            query.needs().forEach(n -> impossible.add(new BasketPlan.Impossible(n.part(), why)));
        }
        return impossible;
    }

    private boolean isMet(BasketQuery.Need need, BasketQuery.Policy policy) {
        BasketQuery alone = new BasketQuery(List.of(need), List.of(), policy);
        return new PurchaseSearch(new Offers(catalog, policy), alone, currency)
                        .best(Aim.LEAST_NET, Set.of(), null, BasketPlanner.MOST_BRANCHES)
                        .best()
                != null;
    }
}
