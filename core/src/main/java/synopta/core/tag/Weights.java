package synopta.core.tag;

/**
 * The costs a reading is weighed with, nats: those of the file, or those learnt from confirmed readings.
 *
 * <p>Shape: {@link #substitution} knows every pair of the {@value Signs#COUNT} signs.
 */
public final class Weights {
    /** At most so many characters are lost at a worn end. */
    static final int WORN_AT_MOST = 4;

    private final double[][] substitutions;
    private final Confusion.Costs costs;
    private final int confirmed;

    private Weights(double[][] substitutions, Confusion.Costs costs, int confirmed) {
        this.substitutions = substitutions;
        this.costs = costs;
        this.confirmed = confirmed;
    }

    /** The weights as the file has them. */
    public static Weights of(Confusion confusion) {
        double[][] table = new double[Signs.COUNT][Signs.COUNT];
        for (int typed = 0; typed < Signs.COUNT; typed++) {
            for (int shown = 0; shown < Signs.COUNT; shown++) {
                table[typed][shown] = confusion.substitution(Signs.character(typed), Signs.character(shown));
            }
        }
        return new Weights(table, confusion.costs(), 0);
    }

    /** The same with other costs; takes the table over. */
    Weights learnt(double[][] table, Confusion.Costs other, int from) {
        return new Weights(table, other, from);
    }

    /** How many confirmed readings they were learnt from; 0 when they are those of the file. */
    public int confirmed() {
        return confirmed;
    }

    /** Cost that `shown` was taken down as `typed`. */
    public double substitution(char typed, char shown) {
        return substitutions[Signs.of(typed)][Signs.of(shown)];
    }

    /** Costs of the other slips. */
    public Confusion.Costs costs() {
        return costs;
    }

    /** Costs of every character shown where `typed` was taken down, by sign; not to be changed. */
    double[] shown(char typed) {
        return substitutions[Signs.of(typed)];
    }
}
