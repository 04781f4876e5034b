package synopta.core.basket;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Which sale units no least purchase needs: those for which another, no dearer and to be had in any number, brings as
 * much of everything.
 */
final class Dominance {
    private final List<SaleUnit> units;
    private final List<int[]> rows;
    private final int[] most;

    /**
     * Compares these units.
     *
     * @param rows what each brings to each row of the program
     * @param most so many of each meet all that it can help with
     */
    Dominance(List<SaleUnit> units, List<int[]> rows, int[] most) {
        this.units = units;
        this.rows = rows;
        this.most = most;
    }

    boolean isNeedless(int unit) {
        return most[unit] == 0
                || IntStream.range(0, units.size())
                        .anyMatch(v -> v != unit && units.get(v).available() >= most[v] && serves(v, unit));
    }

    private boolean serves(int better, int worse) {
        long cheaper = units.get(better).price().cents();
        long dearer = units.get(worse).price().cents();
        boolean isSame = cheaper == dearer && Arrays.equals(rows.get(better), rows.get(worse));
        boolean asMuch = true;
        for (int i = 0; i < rows.get(worse).length; i++) {
            asMuch = asMuch && rows.get(better)[i] >= rows.get(worse)[i];
        }
        return cheaper <= dearer && asMuch && (!isSame || better < worse);
    }
}
