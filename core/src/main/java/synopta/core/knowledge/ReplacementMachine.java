package synopta.core.knowledge;

import java.math.BigDecimal;

/**
 * What a new machine is taken to cost and how long it lasts.
 *
 * @param price typical, in the currency of the house; above 0
 * @param life of a machine from new
 * @param basis where the figure or the words come from
 */
public record ReplacementMachine(BigDecimal price, LifeCurve life, Basis basis) {
    /** Refuses a price that is not above 0. */
    public ReplacementMachine {
        if (price.signum() <= 0) {
            throw new IllegalArgumentException("Price of a new machine (%s) must be above 0.".formatted(price));
        }
    }
}
