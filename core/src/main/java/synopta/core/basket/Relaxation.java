package synopta.core.basket;

/**
 * The linear relaxation of a {@link IntegerProgram} within bounds, by the dual simplex method for bounded variables on a
 * dense tableau (Lemke 1954; Chvatal 1983, chapter 10). The charge of a column is spread over the most of it. It works in
 * binary fractions and proves nothing: what it returns are prices of rows, of which {@link Bound} makes an exact bound.
 *
 * <p>Every slack starts as basic and every column at its lower bound, which is dual feasible as no cost is negative; a
 * later change of bounds keeps it so, and a branch goes on from where its parent stopped. Cost: rows times columns for
 * a pivot; at most {@value #MOST_PIVOTS} pivots at a time, after which the prices are used as they are.
 */
final class Relaxation {
    private static final int MOST_PIVOTS = 2_000;
    private static final double NEAR = 1e-9;

    private final int columns;
    private final double[][] tableau;
    private final double[] reduced;
    private final int[] basic;
    private final int[] nonbasic;
    private final int[] slot;
    private final double[] value;
    private final double[] low;
    private final double[] high;

    Relaxation(IntegerProgram program) {
        columns = program.columns();
        int rows = program.rows();
        tableau = new double[rows][columns];
        reduced = new double[columns];
        basic = new int[rows];
        nonbasic = new int[columns];
        slot = new int[columns + rows];
        value = new double[columns + rows];
        low = new double[columns + rows];
        high = new double[columns + rows];
        for (int j = 0; j < columns; j++) {
            nonbasic[j] = j;
            slot[j] = j;
            high[j] = program.most(j);
            reduced[j] = program.cost(j) + (program.most(j) > 0 ? program.charge(j) / (double) program.most(j) : 0);
        }
        for (int i = 0; i < rows; i++) {
            basic[i] = columns + i;
            slot[columns + i] = -1 - i;
            value[columns + i] = -program.atLeast(i);
            high[columns + i] = Double.POSITIVE_INFINITY;
            for (int j = 0; j < columns; j++) {
                tableau[i][j] = program.at(i, j);
            }
        }
    }

    private Relaxation(Relaxation other) {
        columns = other.columns;
        tableau = new double[other.tableau.length][];
        for (int i = 0; i < tableau.length; i++) {
            tableau[i] = other.tableau[i].clone();
        }
        reduced = other.reduced.clone();
        basic = other.basic.clone();
        nonbasic = other.nonbasic.clone();
        slot = other.slot.clone();
        value = other.value.clone();
        low = other.low.clone();
        high = other.high.clone();
    }

    Relaxation copy() {
        return new Relaxation(this);
    }

    /** Narrows the bounds of a column. */
    void bound(int column, int least, int most) {
        low[column] = least;
        high[column] = most;
        int at = slot[column];
        if (at >= 0) {
            double moved = (value[column] < least ? least : value[column] > most ? most : value[column]);
            shift(at, moved - value[column]);
        }
    }

    private void shift(int at, double by) {
        if (by != 0) {
            value[nonbasic[at]] += by;
            for (int i = 0; i < basic.length; i++) {
                value[basic[i]] += tableau[i][at] * by;
            }
        }
    }

    /** The row that cannot be mended, or -1 when the bounds and rows are met (or it was given up). */
    int solve() {
        for (int pivots = 0; pivots < MOST_PIVOTS; pivots++) {
            int leaving = worst();
            if (leaving < 0) {
                return -1;
            }
            boolean rises = value[basic[leaving]] < low[basic[leaving]];
            int entering = entering(leaving, rises ? 1 : -1);
            if (entering < 0) {
                return leaving;
            }
            pivot(leaving, entering, rises ? low[basic[leaving]] : high[basic[leaving]]);
        }
        return -1;
    }

    private int worst() {
        int worst = -1;
        double most = NEAR;
        for (int i = 0; i < basic.length; i++) {
            int variable = basic[i];
            double off = Math.max(low[variable] - value[variable], value[variable] - high[variable]);
            if (off > most) {
                most = off;
                worst = i;
            }
        }
        return worst;
    }

    /** The dual ratio test: the column that may move in a direction, 1 or -1, and whose reduced cost gives out first. */
    private int entering(int leaving, int direction) {
        int entering = -1;
        double least = Double.POSITIVE_INFINITY;
        double steepest = 0;
        for (int j = 0; j < columns; j++) {
            double slope = direction * tableau[leaving][j];
            int variable = nonbasic[j];
            if (Math.abs(slope) < NEAR || low[variable] == high[variable]) {
                continue;
            }
            boolean atLow = value[variable] <= low[variable];
            if (atLow ? slope > 0 : slope < 0) {
                double ratio = Math.abs(reduced[j] / slope);
                if (ratio < least - NEAR || (ratio <= least + NEAR && Math.abs(slope) > steepest)) {
                    least = Math.min(least, ratio);
                    steepest = Math.abs(slope);
                    entering = j;
                }
            }
        }
        return entering;
    }

    private void pivot(int row, int column, double target) {
        int out = basic[row];
        int in = nonbasic[column];
        double[] pivoted = tableau[row];
        double pivot = pivoted[column];
        shift(column, (target - value[out]) / pivot);
        value[out] = target;
        for (int j = 0; j < columns; j++) {
            pivoted[j] = j == column ? 1 / pivot : -pivoted[j] / pivot;
        }
        for (int i = 0; i < basic.length; i++) {
            if (i != row) {
                eliminate(tableau[i], pivoted, column);
            }
        }
        eliminate(reduced, pivoted, column);
        basic[row] = in;
        nonbasic[column] = out;
        slot[in] = -1 - row;
        slot[out] = column;
    }

    private static void eliminate(double[] line, double[] pivoted, int column) {
        double factor = line[column];
        if (factor != 0) {
            line[column] = 0;
            for (int j = 0; j < line.length; j++) {
                line[j] += factor * pivoted[j];
            }
        }
    }

    double value(int column) {
        return value[column];
    }

    /** What a unit more of each row would cost. */
    double[] prices() {
        double[] prices = new double[basic.length];
        for (int i = 0; i < prices.length; i++) {
            int at = slot[columns + i];
            prices[i] = at < 0 ? 0 : Math.max(0, reduced[at]);
        }
        return prices;
    }

    /** How the rows add up to one that cannot be met (Farkas 1902), from the row that could not be mended. */
    double[] contradiction(int leaving) {
        double sign = value[basic[leaving]] < low[basic[leaving]] ? -1 : 1;
        double[] weights = new double[basic.length];
        double largest = 0;
        for (int i = 0; i < weights.length; i++) {
            int at = slot[columns + i];
            double weight = at < 0 ? (basic[leaving] == columns + i ? 1 : 0) : sign * tableau[leaving][at];
            weights[i] = Math.max(0, weight);
            largest = Math.max(largest, weights[i]);
        }
        for (int i = 0; i < weights.length; i++) {
            weights[i] /= largest > 0 ? largest : 1;
        }
        return weights;
    }
}
