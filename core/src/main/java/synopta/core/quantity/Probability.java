package synopta.core.quantity;

/**
 * How likely something is: a number from 0 to 1, both included; NaN is refused.
 *
 * @param value 0 to 1
 */
public record Probability(double value) implements Comparable<Probability> {
    /** Refuses what lies outside 0 to 1. */
    public Probability {
        if (!(value >= 0 && value <= 1)) {
            throw new IllegalArgumentException("Probability (%s) must lie between 0 and 1.".formatted(value));
        }
        value += 0.0; // -0.0 and 0.0 must be one value to equals()
    }

    /** The value, with an excess of rounding (below 1e-9) cut off; anything further outside is refused. */
    public static Probability rounded(double value) {
        return new Probability(value > 1 && value < 1 + 1e-9 ? 1 : value < 0 && value > -1e-9 ? 0 : value);
    }

    @Override
    public int compareTo(Probability other) {
        return Double.compare(value, other.value);
    }
}
