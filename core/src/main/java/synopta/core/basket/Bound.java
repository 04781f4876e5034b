package synopta.core.basket;

/**
 * An exact lower bound on a {@link IntegerProgram} within bounds, for any prices y of its rows: the Lagrangian
 * b y + sum over columns of the least of (cost_j - (y A)_j) x + charge_j [x > 0] for whole x within the column's bounds
 * (Geoffrion 1974). Prices are whole multiples of a fraction of the cost's unit, so that every figure here is a whole
 * number and no rounding can spoil the proof.
 */
final class Bound {
    private final long scale;
    private final long[] slopes;
    private final long[] leasts;
    private final IntegerProgram program;
    private long sum;

    /**
     * The bound at these prices.
     *
     * @param scale into how many parts the unit of cost is divided
     */
    Bound(IntegerProgram program, double[] prices, long scale, int[] low, int[] high) {
        this.program = program;
        this.scale = scale;
        slopes = new long[program.columns()];
        leasts = new long[program.columns()];
        for (int j = 0; j < slopes.length; j++) {
            slopes[j] = Math.multiplyExact(program.cost(j), scale);
        }
        for (int i = 0; i < prices.length; i++) {
            long price = Math.round(prices[i] * scale);
            if (price > 0) {
                sum = Math.addExact(sum, Math.multiplyExact(price, (long) program.atLeast(i)));
                for (int j = 0; j < slopes.length; j++) {
                    int each = program.at(i, j);
                    if (each != 0) {
                        slopes[j] = Math.subtractExact(slopes[j], Math.multiplyExact(price, (long) each));
                    }
                }
            }
        }
        for (int j = 0; j < slopes.length; j++) {
            leasts[j] = least(j, low[j], high[j]);
            sum = Math.addExact(sum, leasts[j]);
        }
    }

    private long least(int column, int low, int high) {
        long charge = Math.multiplyExact(program.charge(column), scale);
        long atHigh = Math.multiplyExact(slopes[column], (long) high) + (high > 0 ? charge : 0);
        if (low > 0) {
            return Math.min(Math.multiplyExact(slopes[column], (long) low) + charge, atHigh);
        }
        return high == 0 ? 0 : Math.min(0, Math.min(slopes[column] + charge, atHigh));
    }

    /** No choice within the bounds costs less: the bound, rounded up to a whole number. */
    long value() {
        return -Math.floorDiv(-sum, scale);
    }

    /** The most of a column, from `low` to `high`, that may still come to less than `best`; `low` - 1 when none may. */
    int mostWorthwhile(int column, int low, int high, long best) {
        int most = high;
        while (most >= low && beyond(column, most, most, best)) {
            most--;
        }
        return most;
    }

    /** The least of a column that may still come to less than `best`; `high` + 1 when none may. */
    int leastWorthwhile(int column, int low, int high, long best) {
        int least = low;
        while (least <= high && beyond(column, least, least, best)) {
            least++;
        }
        return least;
    }

    private boolean beyond(int column, int low, int high, long best) {
        long with = Math.addExact(sum - leasts[column], least(column, low, high));
        return -Math.floorDiv(-with, scale) >= best;
    }

    /** Whether these weights add the rows up to one that nothing within the bounds can meet. */
    static boolean contradicts(IntegerProgram program, double[] weights, int[] low, int[] high) {
        long fine = 1 << 20;
        long demanded = 0;
        long[] brings = new long[program.columns()];
        for (int i = 0; i < weights.length; i++) {
            long weight = Math.round(weights[i] * fine);
            if (weight > 0) {
                demanded += weight * program.atLeast(i);
                for (int j = 0; j < brings.length; j++) {
                    brings[j] += weight * program.at(i, j);
                }
            }
        }
        long most = 0;
        for (int j = 0; j < brings.length; j++) {
            most += brings[j] * (brings[j] > 0 ? high[j] : low[j]);
        }
        return most < demanded;
    }
}
