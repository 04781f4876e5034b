package synopta.core.sale;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import synopta.core.basket.BasketPlan;
import synopta.core.basket.BasketPlanner;
import synopta.core.basket.BasketQuery;
import synopta.core.basket.Purchase;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.handover.HandoverPlanner;
import synopta.core.teardown.Work;

/** Plans the purchase of needs and wants, and tells its options apart. */
record BasketPlans(Catalog catalog, BasketPlanner planner, BasketQuery.Policy policy) {
    Optional<BasketPlan> plan(List<RequiredPart> needs, List<OptionalPart> wants) {
        Map<PartNumber, Integer> pieces = new LinkedHashMap<>();
        needs.stream()
                .filter(n -> n.quantity() > 0)
                .forEach(n ->
                        Optional.ofNullable(n.supplied()).ifPresent(p -> pieces.merge(p, n.quantity(), Integer::sum)));
        List<BasketQuery.Want> nice = wants.stream()
                .filter(w -> w.quantity() > 0)
                .map(w -> new BasketQuery.Want(w.supplied(), w.quantity(), w.value()))
                .toList();
        return pieces.isEmpty()
                ? Optional.empty()
                : Optional.of(planner.plan(new BasketQuery(
                        pieces.entrySet().stream()
                                .map(e -> new BasketQuery.Need(e.getKey(), e.getValue()))
                                .toList(),
                        nice,
                        policy)));
    }

    List<SaleOption> options(
            @Nullable BasketPlan plan,
            List<OptionalPart> wants,
            Function<Purchase, Optional<Work>> work,
            Function<Purchase, List<HandoverPlanner.BagEntry>> bag) {
        OptionDifference compared = new OptionDifference(
                wants,
                number -> catalog.part(new PartNumber(number)).map(Part::name).orElse(number));
        Optional<Purchase> base = Optional.ofNullable(plan).flatMap(BasketPlan::needsAlone);
        return Optional.ofNullable(plan).map(BasketPlan::all).orElse(List.of()).stream()
                .map(option -> {
                    Purchase purchase = option.purchase();
                    String difference = base.filter(alone -> alone != purchase)
                            .map(alone -> compared.said(purchase, alone))
                            .orElse("");
                    return new SaleOption(
                            option, difference, work.apply(purchase).orElse(null), bag.apply(purchase));
                })
                .toList();
    }
}
