package synopta.core.quantity;

import java.util.Collection;

/** How much is not known, in bits: H = - sum of p log2 p (Shannon 1948, section 6). */
public final class Entropy {
    private Entropy() {}

    /** The entropy of shares that stand in proportion to these weights, each at least 0; 0 when there are none. */
    public static double bits(Collection<Double> weights) {
        double total = weights.stream().mapToDouble(Double::doubleValue).sum();
        return weights.stream()
                .mapToDouble(w -> w / total)
                .filter(p -> p > 0)
                .map(p -> -p * Math.log(p) / Math.log(2))
                .sum();
    }
}
