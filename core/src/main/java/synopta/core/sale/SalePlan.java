package synopta.core.sale;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.basket.BasketPlan;
import synopta.core.catalog.PartNumber;
import synopta.core.teardown.Work;

/**
 * What to sell in a case.
 *
 * @param needs what must be there; a quantity of 0 was left out by the specialist
 * @param wants what would be nice to have
 * @param withheld what is not sold to whoever does the work
 * @param quantities requests in another quantity than the trade's
 * @param requests what became of each request
 * @param jobs work that is asked for as a whole
 * @param likely the numbers that parts may have, while the model is not known
 * @param plan present once there are needs
 * @param options the ways to buy, the best first; none while there is no plan
 * @param work of fitting what is needed; null while the layout is not known
 */
public record SalePlan(
        List<RequiredPart> needs,
        List<OptionalPart> wants,
        List<WithheldPart> withheld,
        List<QuantityNote> quantities,
        List<RequestOutcome> requests,
        List<JobPlan> jobs,
        List<LikelyNumber> likely,
        @Nullable BasketPlan plan,
        List<SaleOption> options,
        @Nullable Work work) {
    /** Nothing is sold. */
    public static final SalePlan NOTHING = new SalePlan(
            List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), null, List.of(), null);

    /** Copies. */
    public SalePlan {
        needs = List.copyOf(needs);
        wants = List.copyOf(wants);
        withheld = List.copyOf(withheld);
        quantities = List.copyOf(quantities);
        requests = List.copyOf(requests);
        jobs = List.copyOf(jobs);
        likely = List.copyOf(likely);
        options = List.copyOf(options);
    }

    /** The same with other words about requests. */
    public SalePlan with(List<RequestOutcome> told) {
        return new SalePlan(needs, wants, withheld, quantities, told, jobs, likely, plan, options, work);
    }

    /** The work of the best option, of the needs where nothing can be bought yet; empty while the layout is not known. */
    public Optional<Work> bestWork() {
        return options.stream().findFirst().map(SaleOption::work).or(() -> Optional.ofNullable(work));
    }

    /** What is handed over for the needs, in pieces. */
    public List<BagPiece> bag() {
        List<BagPiece> bag = new ArrayList<>();
        for (RequiredPart need : needs) {
            if (need.quantity() > 0 && need.supplied() != null) {
                bag.add(new BagPiece(need.partType(), need.supplied(), need.quantity(), need.source(), need.why()));
            }
        }
        return bag;
    }

    /** Every part that is spoken of: bought, left over or wanted, each once. */
    public Set<PartNumber> parts() {
        Set<PartNumber> parts = new LinkedHashSet<>();
        options.forEach(o -> {
            o.option().purchase().lines().forEach(line -> parts.add(line.part()));
            o.option().purchase().spare().forEach(spare -> parts.add(spare.part()));
        });
        wants.forEach(want -> parts.add(want.supplied()));
        likely.forEach(number -> parts.add(number.part()));
        needs.forEach(need -> Optional.ofNullable(need.supplied()).ifPresent(parts::add));
        return parts;
    }
}
