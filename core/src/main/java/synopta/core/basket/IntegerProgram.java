package synopta.core.basket;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * An integer covering program: the least sum of cost_j x_j + charge_j [x_j > 0] with A x at least b, x whole and
 * 0 to most_j. Costs and charges are whole numbers of at least 0, so that a sum is exact.
 *
 * <p>Shapes: c columns, r rows; A is r by c, small whole numbers, negative where a column uses up what others bring.
 */
final class IntegerProgram {
    private record Column(long cost, long charge, int most) {}

    private final List<Column> columns = new ArrayList<>();
    private final List<int[]> rows = new ArrayList<>();
    private final List<Integer> atLeast = new ArrayList<>();

    /** Adds a column and returns its index; columns come before rows. */
    int column(long cost, long charge, int most) {
        columns.add(new Column(cost, charge, most));
        return columns.size() - 1;
    }

    /** Adds a row and returns its index. */
    int row(int[] coefficients, int least) {
        rows.add(coefficients.clone());
        atLeast.add(least);
        return rows.size() - 1;
    }

    int columns() {
        return columns.size();
    }

    int rows() {
        return rows.size();
    }

    int at(int row, int column) {
        return rows.get(row)[column];
    }

    int atLeast(int row) {
        return atLeast.get(row);
    }

    long cost(int column) {
        return columns.get(column).cost;
    }

    long charge(int column) {
        return columns.get(column).charge;
    }

    int most(int column) {
        return columns.get(column).most;
    }

    /** What a choice costs. */
    long worth(int[] x) {
        long sum = 0;
        for (int j = 0; j < x.length; j++) {
            if (x[j] > 0) {
                sum = Math.addExact(sum, Math.addExact(Math.multiplyExact(cost(j), (long) x[j]), charge(j)));
            }
        }
        return sum;
    }

    /** Whether a choice meets every row. */
    boolean holds(int[] x) {
        for (int i = 0; i < rows.size(); i++) {
            if (brought(i, x) < atLeast(i)) {
                return false;
            }
        }
        return true;
    }

    private long brought(int row, int[] x) {
        int[] coefficients = rows.get(row);
        long sum = 0;
        for (int j = 0; j < x.length; j++) {
            sum += (long) coefficients[j] * x[j];
        }
        return sum;
    }

    /** Takes away what is not needed, dearest first; the choice must hold before and holds after. */
    void trim(int[] x) {
        Integer[] dearest = new Integer[x.length];
        Arrays.setAll(dearest, j -> j);
        Arrays.sort(dearest, (a, b) -> Long.compare(cost(b) + charge(b), cost(a) + charge(a)));
        for (int j : dearest) {
            while (x[j] > 0 && cost(j) + charge(j) > 0 && sparable(x, j)) {
                x[j]--;
            }
        }
    }

    private boolean sparable(int[] x, int column) {
        for (int i = 0; i < rows.size(); i++) {
            int each = at(i, column);
            if (each > 0 && brought(i, x) - each < atLeast(i)) {
                return false;
            }
        }
        return true;
    }
}
