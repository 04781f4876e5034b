package synopta.core.basket;

import java.util.List;
import java.util.Optional;
import synopta.core.catalog.PartNumber;

/**
 * The best purchase, proven the least: least net, then least total, then fewest lines.
 *
 * @param best empty when some need cannot be met
 * @param others the least purchases that do without one of the best's lines
 * @param impossible which needs cannot be met, and why
 * @param currency of every amount
 */
public record BasketPlan(Optional<Purchase> best, List<Purchase> others, List<Impossible> impossible, String currency) {
    /** Copies. */
    public BasketPlan {
        others = List.copyOf(others);
        impossible = List.copyOf(impossible);
    }

    /** A need that no purchase meets. */
    public record Impossible(PartNumber part, String why) {}
}
