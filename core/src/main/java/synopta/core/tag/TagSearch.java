package synopta.core.tag;

import java.util.Arrays;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;

/**
 * Finds every model whose cost (alignment, prior, disagreement) is at most a limit, walking the tree of numbers with
 * the rows of {@link Alignment}'s table that the common beginning of the numbers shares.
 *
 * <p>Exact by this bound: whatever a number goes on with, its alignment passes one of the cells of the present row, or
 * jumps it in a swap that begins in the row before, or ends in a worn end that has begun at most
 * {@value EditCosts#WORN_AT_MOST} rows before; each adds at least what the difference in length between what is left of
 * the reading and of the numbers must cost, and the prior of the most popular number below. A branch whose least such
 * sum is over the limit holds no model within it.
 *
 * <p>Shapes: n characters read, row d of the table in `rows` from d (n + 1). Cost O(n) a node visited.
 */
final class TagSearch {
    private static final int DEEPEST = 130;
    /** exp(-q / 4). */
    private static final double[] DECAY =
            IntStream.range(0, 400).mapToDouble(q -> Math.exp(-q / 4.0)).toArray();

    private final TagIndex index;
    private final ConfusionTable.Costs costs;
    private final IntToDoubleFunction disagreeing;
    private final int n;
    private final char[] typed;
    private final boolean[] again;
    private final double[][] shown;
    private final double[] extra;
    private final double[] lengthens;
    private final double[] shortens;
    private final double[] rows;
    private final char[] path = new char[DEEPEST];

    private double limit;
    private int[] found = new int[64];
    private double[] cost = new double[64];
    private int count;
    private double leftOut;

    /** Prepares to find; `disagreeing` says what a model costs for not being what is known besides. */
    TagSearch(TagIndex index, EditCosts weights, List<ObservedCharacter> read, IntToDoubleFunction disagreeing) {
        this.index = index;
        this.disagreeing = disagreeing;
        costs = weights.costs();
        n = read.size();
        typed = new char[n];
        again = new boolean[n];
        shown = new double[n][];
        extra = new double[n];
        rows = new double[(DEEPEST + 1) * (n + 1)];
        for (int i = 0; i < n; i++) {
            ObservedCharacter seen = read.get(i);
            typed[i] = seen.character();
            again[i] = seen.readAgain();
            shown[i] = weights.shown(seen.character()).clone();
            if (again[i]) {
                for (int sign = 0; sign < shown[i].length; sign++) {
                    shown[i][sign] += shown[i][sign] > 0 ? costs.readAgain() : 0;
                }
            }
            extra[i] = (i > 0 && typed[i] == typed[i - 1] ? costs.doubled() : costs.extra())
                    + (again[i] ? costs.readAgain() : 0);
            rows[i + 1] = rows[i] + extra[i];
        }
        lengthens = new double[n + 1];
        for (int r = 1; r <= n; r++) {
            lengthens[r] = r * Math.min(costs.extra(), costs.doubled());
        }
        shortens = shortening();
    }

    /** The least that it costs to lose so many characters. */
    private double[] shortening() {
        double each = Math.min(costs.dropped(), costs.doubled());
        double[] least = new double[DEEPEST];
        for (int lost = 1; lost < DEEPEST; lost++) {
            least[lost] = lost * each;
            for (int worn = 1; worn <= Math.min(lost, EditCosts.WORN_AT_MOST); worn++) {
                least[lost] =
                        Math.min(least[lost], costs.wornEnd() + worn * costs.wornCharacter() + (lost - worn) * each);
            }
        }
        return least;
    }

    /** Finds all models that cost at most so much, nats. */
    void within(double most) {
        limit = most;
        count = 0;
        leftOut = 0;
        if (index.size() > 0) {
            below(0, 0);
        }
    }

    int count() {
        return count;
    }

    /** The sum of exp(best - cost) over all that were found. */
    double sum(double best) {
        return IntStream.range(0, count())
                .mapToDouble(i -> Math.exp(best - cost(i)))
                .sum();
    }

    int model(int i) {
        return found[i];
    }

    double cost(int i) {
        return cost[i];
    }

    /** An upper bound of the weight of all models that were left out: their shares times exp(-bound). */
    double leftOut() {
        return leftOut;
    }

    private void below(int node, int depth) {
        int key = index.firstKey(node);
        if (index.isLeaf(node)) {
            tail(node, key, depth);
            return;
        }
        if (index.length(key) == depth) {
            ends(key, depth);
        }
        int last = index.afterLastChild(node);
        for (int child = index.firstChild(node); child < last; child++) {
            double least = step(
                    index.label(child), depth + 1, index.shortest(child) - depth - 1, index.longest(child) - depth - 1);
            if (least + index.leastPrior(child) <= limit) {
                below(child, depth + 1);
            } else {
                leaveOut(index.share(child), least);
            }
        }
    }

    /** Counts a share of popularity that costs at least so much; rounded up by steps of a quarter nat, for speed. */
    private void leaveOut(double share, double least) {
        int quarters = Math.min(DECAY.length - 1, (int) (4 * least));
        leftOut += share * DECAY[quarters];
    }

    /** Spells the rest of the only number there. */
    private void tail(int node, int key, int depth) {
        int length = index.length(key);
        double prior = index.prior(key);
        for (int d = depth; d < length; d++) {
            double least = step(index.character(key, d), d + 1, length - d - 1, length - d - 1);
            if (least + prior > limit) {
                leaveOut(index.share(node), least);
                return;
            }
        }
        ends(key, length);
    }

    private void ends(int key, int depth) {
        double least = rows[depth * (n + 1) + n];
        for (int worn = 1; worn <= Math.min(depth, EditCosts.WORN_AT_MOST); worn++) {
            least = Math.min(
                    least, rows[(depth - worn) * (n + 1) + n] + (costs.wornEnd() + worn * costs.wornCharacter()));
        }
        double total = least + index.prior(key) + disagreeing.applyAsDouble(key);
        if (total > limit) {
            leftOut += Math.exp(-total);
            return;
        }
        if (count == found.length) {
            found = Arrays.copyOf(found, count * 2);
            cost = Arrays.copyOf(cost, count * 2);
        }
        found[count] = key;
        cost[count++] = total;
    }

    /** Computes row d, for the character c; the least that any number can cost which goes on with a to b characters. */
    private double step(char c, int d, int a, int b) {
        int sign = Alphabet.of(c);
        boolean twin = d > 1 && path[d - 2] == c;
        path[d - 1] = c;
        double lost = twin ? costs.doubled() : costs.dropped();
        int here = d * (n + 1);
        int before = here - n - 1;
        int second = before - n - 1;
        double cell = rows[before] + lost;
        rows[here] = cell;
        double least = cell + rest(n, a, b);
        for (int i = 1; i <= n; i++) {
            double next = Math.min(rows[before + i - 1] + shown[i - 1][sign], rows[before + i] + lost);
            next = Math.min(next, cell + extra[i - 1]);
            if (d > 1 && i > 1 && swaps(i - 2, path[d - 2], c)) {
                next = Math.min(next, rows[second + i - 2] + costs.swapped());
            }
            rows[here + i] = next;
            cell = next;
            least = Math.min(least, next + rest(n - i, a, b));
        }
        return Math.min(least, Math.min(swapBegun(c, before, a, b), wornBegun(d, a)));
    }

    /** Whether the characters read from i on are these two the wrong way round. */
    private boolean swaps(int i, char first, char second) {
        return first != second && typed[i] == second && typed[i + 1] == first && !again[i] && !again[i + 1];
    }

    /** The least that is left: r characters read against a to b of the numbers. */
    private double rest(int r, int a, int b) {
        return r > b ? lengthens[r - b] : r < a ? shortens[a - r] : 0;
    }

    private double swapBegun(char c, int before, int a, int b) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < n && a + b > 0; i++) {
            if (typed[i + 1] == c && typed[i] != c && !again[i] && !again[i + 1]) {
                least = Math.min(
                        least,
                        rows[before + i] + costs.swapped() + rest(n - i - 2, Math.max(0, a - 1), Math.max(0, b - 1)));
            }
        }
        return least;
    }

    private double wornBegun(int d, int a) {
        double least = Double.POSITIVE_INFINITY;
        for (int worn = 1; worn <= d && worn + a <= EditCosts.WORN_AT_MOST; worn++) {
            least = Math.min(
                    least, rows[(d - worn) * (n + 1) + n] + (costs.wornEnd() + (worn + a) * costs.wornCharacter()));
        }
        return least;
    }
}
