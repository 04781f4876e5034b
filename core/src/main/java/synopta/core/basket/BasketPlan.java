package synopta.core.basket;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Ordered;

/**
 * The best purchase: least net, then least total, then fewest lines.
 *
 * @param best null when some need cannot be met
 * @param also what else the best is the least of
 * @param others the runners-up, cheapest first
 * @param impossible which needs cannot be met, and why
 * @param proof of the best
 * @param currency of every amount
 */
public record BasketPlan(
        @Nullable Purchase best,
        Set<PurchaseOption.Kind> also,
        List<PurchaseOption> others,
        List<Impossible> impossible,
        Proof proof,
        String currency) {
    /** Copies. */
    public BasketPlan {
        also = Ordered.set(also);
        others = List.copyOf(others);
        impossible = List.copyOf(impossible);
    }

    /** The best purchase with all that it is the least of; empty when some need cannot be met. */
    public Optional<PurchaseOption> bestOption() {
        return Optional.ofNullable(best).map(purchase -> {
            Set<PurchaseOption.Kind> kinds = new HashSet<>(also);
            kinds.add(PurchaseOption.Kind.LEAST);
            return new PurchaseOption(kinds, purchase);
        });
    }

    /** Every purchase, the best first. */
    public List<PurchaseOption> all() {
        return Stream.concat(bestOption().stream(), others.stream()).toList();
    }

    /** What the required parts alone come to: the purchase that pays least today. */
    public Optional<Purchase> needsAlone() {
        return all().stream()
                .filter(option -> option.kinds().contains(PurchaseOption.Kind.CHEAPEST_TODAY))
                .map(PurchaseOption::purchase)
                .findFirst()
                .or(() -> Optional.ofNullable(best));
    }

    /**
     * A need that no purchase meets.
     *
     * @param part part that cannot be bought
     * @param why the reason, in a sentence
     */
    public record Impossible(PartNumber part, String why) {}
}
