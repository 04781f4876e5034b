package synopta.core.basket;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import org.jspecify.annotations.Nullable;

/**
 * The least choice of a {@link IntegerProgram}, with proof: branch and bound (Land and Doig 1960), depth first, more of a
 * column before less. Binary fractions only say where to look: a branch is closed by an exact {@link Bound} alone, and a
 * choice is taken only when it meets every row in whole numbers. Columns are narrowed by what may still pay.
 *
 * <p>Cost: branches times pivots; the number of branches grows with the gap of the relaxation, in the worst case
 * exponentially. Past `mostBranches` it stops and says what was proven by then. The same program is always searched the same
 * way.
 */
final class BranchAndBound {
    private static final double WHOLE = 1e-6;
    private static final long FINEST = 1024;
    private static final long ROOM = 1L << 60;

    /**
     * What was found.
     *
     * @param best the least choice found; null when there is none, or none was found in time
     * @param atLeast nothing costs less; the cost of `best` when it is proven
     * @param atOnce what the relaxation alone could promise, before any branch
     * @param prices of the rows there, in units of cost
     * @param branches how many were looked at
     * @param proven whether no branch was left open
     */
    record Result(int @Nullable [] best, long atLeast, long atOnce, double[] prices, int branches, boolean proven) {}

    private record Branch(Relaxation relaxation, int[] low, int[] high, long bound) {}

    private final IntegerProgram program;
    private final long scale;
    private final Deque<Branch> open = new ArrayDeque<>();
    private int[] best;
    private long cost = Long.MAX_VALUE;
    private long atOnce;
    private double[] rootPrices;
    private int branches;

    BranchAndBound(IntegerProgram program) {
        this.program = program;
        long largest = 1;
        for (int j = 0; j < program.columns(); j++) {
            largest =
                    Math.addExact(largest, Math.multiplyExact(Math.addExact(program.cost(j), program.charge(j)), (long)
                            Math.max(1, program.most(j))));
        }
        long fine = FINEST;
        while (fine > 1 && largest > ROOM / fine) {
            fine /= 2;
        }
        if (largest > ROOM) {
            throw new ArithmeticException("sums of %d".formatted(largest));
        }
        scale = fine;
        rootPrices = new double[program.rows()];
    }

    Result solve(int mostBranches) {
        int[] low = new int[program.columns()];
        int[] high = new int[program.columns()];
        Arrays.setAll(high, program::most);
        open.push(new Branch(new Relaxation(program), low, high, 0));
        while (!open.isEmpty() && branches < mostBranches) {
            Branch branch = open.pop();
            if (branch.bound < cost) {
                branches++;
                look(branch);
            }
        }
        long atLeast = cost;
        for (Branch left : open) {
            atLeast = Math.min(atLeast, left.bound);
        }
        boolean proven = atLeast == cost;
        return new Result(best, atLeast, atOnce, rootPrices, branches, proven);
    }

    private void look(Branch branch) {
        int stuck = branch.relaxation.solve();
        if (stuck >= 0 && Bound.contradicts(program, branch.relaxation.contradiction(stuck), branch.low, branch.high)) {
            return;
        }
        double[] prices = branch.relaxation.prices();
        Bound bound = new Bound(program, prices, scale, branch.low, branch.high);
        long least = Math.max(branch.bound, bound.value());
        if (branches == 1) {
            atOnce = least;
            rootPrices = prices;
        }
        if (stuck < 0) {
            round(branch);
        }
        if (least >= cost || !narrow(branch, bound)) {
            return;
        }
        branch(new Branch(branch.relaxation, branch.low, branch.high, least));
    }

    /** Tries the relaxed choice rounded up, less what is then too much. */
    private void round(Branch branch) {
        int[] up = new int[program.columns()];
        Arrays.setAll(up, j -> Math.min(branch.high[j], (int) Math.ceil(branch.relaxation.value(j) - WHOLE)));
        if (program.holds(up)) {
            program.trim(up);
            take(up);
        }
    }

    private void take(int[] choice) {
        long worth = program.worth(choice);
        if (worth < cost) {
            cost = worth;
            best = choice;
        }
    }

    /** Cuts from each column what cannot be in a cheaper choice; false when nothing is left of one. */
    private boolean narrow(Branch branch, Bound bound) {
        if (best == null) {
            return true;
        }
        for (int j = 0; j < program.columns(); j++) {
            int least = bound.leastWorthwhile(j, branch.low[j], branch.high[j], cost);
            int most = bound.mostWorthwhile(j, least, branch.high[j], cost);
            if (most < least) {
                return false;
            }
            if (least != branch.low[j] || most != branch.high[j]) {
                branch.low[j] = least;
                branch.high[j] = most;
                branch.relaxation.bound(j, least, most);
            }
        }
        return true;
    }

    private void branch(Branch branch) {
        int column = dividing(branch);
        if (column < 0) {
            if (program.holds(branch.low)) {
                take(branch.low.clone());
            }
            return;
        }
        int low = branch.low[column];
        int high = branch.high[column];
        double value = branch.relaxation.value(column);
        int lower = Math.max(low, Math.min(high - 1, (int) Math.floor(value + WHOLE)));
        boolean isWhole = Math.abs(value - Math.rint(value)) < WHOLE;
        lower = isWhole && lower > low ? lower - 1 : lower;
        Relaxation less = branch.relaxation.copy();
        int[] atMost = branch.high.clone();
        atMost[column] = lower;
        less.bound(column, low, lower);
        open.push(new Branch(less, branch.low.clone(), atMost, branch.bound));
        int[] atLeast = branch.low.clone();
        atLeast[column] = lower + 1;
        branch.relaxation.bound(column, lower + 1, high);
        open.push(new Branch(branch.relaxation, atLeast, branch.high, branch.bound));
    }

    /** The column to divide: the one farthest from whole, else one whose charge is open, else the widest; -1: none. */
    private int dividing(Branch branch) {
        int chosen = -1;
        double most = 0;
        for (int j = 0; j < program.columns(); j++) {
            int room = branch.high[j] - branch.low[j];
            if (room > 0) {
                double value = branch.relaxation.value(j);
                double off = Math.abs(value - Math.rint(value));
                boolean isOpen = branch.low[j] == 0 && value > WHOLE && program.charge(j) > 0;
                double weight = off > WHOLE ? 2 + off : isOpen ? 1 : 1e-3 * room / (1.0 + room);
                if (weight > most) {
                    most = weight;
                    chosen = j;
                }
            }
        }
        return chosen;
    }
}
