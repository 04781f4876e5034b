package synopta.core.tag;

import java.util.Map;

/**
 * The costs a reading is weighed with, nats: those of the file, with what was learnt over them.
 *
 * <p>Shape: {@link #substitution} knows every pair of the {@value Signs#COUNT} signs.
 */
public final class Weights {
    /** At most so many characters are lost at a worn end. */
    static final int WORN_AT_MOST = 4;

    /** No slip costs less, nats: a reading could then be anything. */
    private static final double CHEAPEST = 0.05;

    private final double[][] substitutions;
    private final Confusion.Costs costs;

    private Weights(double[][] substitutions, Confusion.Costs costs) {
        this.substitutions = substitutions;
        this.costs = costs;
    }

    /** The weights as the file has them. */
    public static Weights of(Confusion confusion) {
        double[][] table = new double[Signs.COUNT][Signs.COUNT];
        for (int typed = 0; typed < Signs.COUNT; typed++) {
            for (int shown = 0; shown < Signs.COUNT; shown++) {
                table[typed][shown] = confusion.substitution(Signs.character(typed), Signs.character(shown));
            }
        }
        return new Weights(table, confusion.costs());
    }

    /**
     * The same with other chances. A cost is the logarithm of the chance of reading a character right against that of the
     * slip; a slip that concerns no pair costs minus the logarithm of its chance.
     *
     * @param taken of a character being taken for another; pairs that are not named keep theirs
     * @param slips of the other slips; those not named keep theirs
     */
    public Weights with(Map<TakenFor, Double> taken, Map<Slip, Double> slips) {
        double[][] table = new double[Signs.COUNT][Signs.COUNT];
        for (int shown = 0; shown < Signs.COUNT; shown++) {
            double[] chances = new double[Signs.COUNT];
            double wrong = 0;
            for (int typed = 0; typed < Signs.COUNT; typed++) {
                TakenFor pair = new TakenFor(Signs.character(shown), Signs.character(typed));
                chances[typed] = taken.getOrDefault(pair, chance(pair));
                wrong += typed == shown ? 0 : chances[typed];
            }
            for (int typed = 0; typed < Signs.COUNT; typed++) {
                table[typed][shown] = typed == shown ? 0 : nats(chances[typed], 1 - wrong);
            }
        }
        return new Weights(
                table,
                new Confusion.Costs(
                        costs.neighbourKey(),
                        costs.other(),
                        costs.readAgain(),
                        cost(Slip.SWAPPED, slips),
                        cost(Slip.DROPPED, slips),
                        costs.doubled(),
                        cost(Slip.EXTRA, slips),
                        cost(Slip.WORN_END, slips),
                        cost(Slip.WORN_CHARACTER, slips),
                        costs.disagrees(),
                        costs.unlisted()));
    }

    /** What was learnt at different times may add up to more than there is: nothing is likelier than to be read right. */
    private static double nats(double chance, double right) {
        return atLeastSome(Math.log(Math.max(right, chance) / chance));
    }

    private double cost(Slip slip, Map<Slip, Double> slips) {
        return atLeastSome(-Math.log(slips.getOrDefault(slip, chance(slip))));
    }

    private static double atLeastSome(double nats) {
        return Math.max(CHEAPEST, nats);
    }

    /** The chance that a character is taken for another (or for itself) where it is taken for one at all. */
    public double chance(TakenFor pair) {
        int shown = Signs.of(pair.shown());
        double all = 0;
        for (int typed = 0; typed < Signs.COUNT; typed++) {
            all += Math.exp(-substitutions[typed][shown]);
        }
        return Math.exp(-substitutions[Signs.of(pair.typed())][shown]) / all;
    }

    /** The chance of a slip. */
    public double chance(Slip slip) {
        return Math.exp(
                -switch (slip) {
                    case SWAPPED -> costs.swapped();
                    case DROPPED -> costs.dropped();
                    case EXTRA -> costs.extra();
                    case WORN_END -> costs.wornEnd();
                    case WORN_CHARACTER -> costs.wornCharacter();
                });
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
