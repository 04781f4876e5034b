package synopta.core.tag;

import java.util.Map;

/**
 * The costs a reading is weighed with, nats: those of the file, with what was learned over them.
 *
 * <p>Shape: {@link #substitution} knows every pair of the {@value Alphabet#COUNT} signs.
 */
public final class EditCosts {
    /** At most so many characters are lost at a worn end. */
    static final int WORN_AT_MOST = 4;

    /** No slip costs less, nats: a reading could then be anything. */
    private static final double CHEAPEST = 0.05;

    private final double[][] substitutions;
    private final ConfusionTable.Costs costs;

    private EditCosts(double[][] substitutions, ConfusionTable.Costs costs) {
        this.substitutions = substitutions;
        this.costs = costs;
    }

    /** The weights as the file has them. */
    public static EditCosts of(ConfusionTable confusion) {
        double[][] table = new double[Alphabet.COUNT][Alphabet.COUNT];
        for (int typed = 0; typed < Alphabet.COUNT; typed++) {
            for (int shown = 0; shown < Alphabet.COUNT; shown++) {
                table[typed][shown] = confusion.substitution(Alphabet.character(typed), Alphabet.character(shown));
            }
        }
        return new EditCosts(table, confusion.costs());
    }

    /**
     * The same with other chances. A cost is the logarithm of the chance of reading a character right against that of the
     * slip; a slip that concerns no pair costs minus the logarithm of its chance.
     *
     * @param taken of a character being taken for another; pairs that are not named keep theirs
     * @param slips of the other slips; those not named keep theirs
     */
    public EditCosts with(Map<Confusion, Double> taken, Map<EditError, Double> slips) {
        double[][] table = new double[Alphabet.COUNT][Alphabet.COUNT];
        for (int shown = 0; shown < Alphabet.COUNT; shown++) {
            double[] chances = new double[Alphabet.COUNT];
            double wrong = 0;
            for (int typed = 0; typed < Alphabet.COUNT; typed++) {
                Confusion pair = new Confusion(Alphabet.character(shown), Alphabet.character(typed));
                chances[typed] = taken.getOrDefault(pair, chance(pair));
                wrong += typed == shown ? 0 : chances[typed];
            }
            for (int typed = 0; typed < Alphabet.COUNT; typed++) {
                table[typed][shown] = typed == shown ? 0 : nats(chances[typed], 1 - wrong);
            }
        }
        return new EditCosts(
                table,
                new ConfusionTable.Costs(
                        costs.neighborKey(),
                        costs.other(),
                        costs.readAgain(),
                        cost(EditError.SWAPPED, slips),
                        cost(EditError.DROPPED, slips),
                        costs.doubled(),
                        cost(EditError.EXTRA, slips),
                        cost(EditError.WORN_END, slips),
                        cost(EditError.WORN_CHARACTER, slips),
                        costs.disagrees(),
                        costs.unlisted()));
    }

    /** What was learned at different times may add up to more than there is: nothing is likelier than to be read right. */
    private static double nats(double chance, double right) {
        return atLeastSome(Math.log(Math.max(right, chance) / chance));
    }

    private double cost(EditError slip, Map<EditError, Double> slips) {
        return atLeastSome(-Math.log(slips.getOrDefault(slip, chance(slip))));
    }

    private static double atLeastSome(double nats) {
        return Math.max(CHEAPEST, nats);
    }

    /** The chance that a character is taken for another (or for itself) where it is taken for one at all. */
    public double chance(Confusion pair) {
        int shown = Alphabet.of(pair.shown());
        double all = 0;
        for (int typed = 0; typed < Alphabet.COUNT; typed++) {
            all += Math.exp(-substitutions[typed][shown]);
        }
        return Math.exp(-substitutions[Alphabet.of(pair.typed())][shown]) / all;
    }

    /** The chance of a slip. */
    public double chance(EditError slip) {
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
        return substitutions[Alphabet.of(typed)][Alphabet.of(shown)];
    }

    /** Costs of the other slips. */
    public ConfusionTable.Costs costs() {
        return costs;
    }

    /** Costs of every character shown where `typed` was taken down, by sign; not to be changed. */
    double[] shown(char typed) {
        return substitutions[Alphabet.of(typed)];
    }
}
