package synopta.core.sale;

import java.util.List;
import java.util.Optional;
import synopta.core.basket.BasketPlan;
import synopta.core.basket.Purchase;
import synopta.core.basket.PurchaseOption;
import synopta.core.teardown.Work;

/**
 * What to sell in a case.
 *
 * @param needs what must be there; a quantity of 0 was left out by the specialist
 * @param wants what would be nice to have
 * @param quantities requests in another quantity than the trade's
 * @param plan present once there are needs
 * @param differences of the plan's purchases from what the required parts alone come to, in a sentence; empty for that one
 * @param works of the plan's purchases, the best first; empty while the layout is not known
 */
public record SalePlan(
        List<RequiredPart> needs,
        List<OptionalPart> wants,
        List<QuantityNote> quantities,
        Optional<BasketPlan> plan,
        List<String> differences,
        List<Work> works) {
    /** Copies. */
    public SalePlan {
        needs = List.copyOf(needs);
        wants = List.copyOf(wants);
        quantities = List.copyOf(quantities);
        differences = List.copyOf(differences);
        works = List.copyOf(works);
    }

    SalePlan with(List<Work> other) {
        return new SalePlan(needs, wants, quantities, plan, differences, other);
    }

    /** The purchases of the plan, the best first. */
    public List<Purchase> purchases() {
        return plan.stream()
                .flatMap(p -> p.all().stream())
                .map(PurchaseOption::purchase)
                .toList();
    }
}
