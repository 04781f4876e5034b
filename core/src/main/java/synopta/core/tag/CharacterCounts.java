package synopta.core.tag;

/** Counts of signs in a context (a place, or the sign before), column by column, so that groups lie side by side. */
final class CharacterCounts {
    private final int[][] counts;
    private final int[][] totals;
    private final int[][] kinds;
    private final double[] mostShare;
    private final int groups;

    CharacterCounts(int contexts, int groups) {
        this.groups = groups;
        counts = new int[contexts * Alphabet.COUNT][];
        totals = new int[contexts][];
        kinds = new int[contexts][];
        mostShare = new double[contexts * Alphabet.COUNT];
    }

    /** Notes the greatest share of every sign in any group, once all is counted. */
    void counted() {
        for (int column = 0; column < counts.length; column++) {
            int[] total = totals[column / Alphabet.COUNT];
            for (int g = 0; counts[column] != null && g < groups; g++) {
                if (total[g] > 0) {
                    mostShare[column] = Math.max(mostShare[column], (double) counts[column][g] / total[g]);
                }
            }
        }
    }

    /** No group's chance is greater than this or `otherwise`, for it lies between its own share and that. */
    double most(int context, int[] signs, double[] seenAs, double otherwise) {
        double seen = 0;
        for (int j = 0; j < signs.length; j++) {
            seen += mostShare[context * Alphabet.COUNT + signs[j]] * seenAs[j];
        }
        return Math.max(seen, otherwise);
    }

    void count(int group, int context, int sign) {
        int column = context * Alphabet.COUNT + sign;
        if (totals[context] == null) {
            totals[context] = new int[groups];
            kinds[context] = new int[groups];
        }
        if (counts[column] == null) {
            counts[column] = new int[groups];
        }
        kinds[context][group] += counts[column][group] == 0 ? 1 : 0;
        counts[column][group]++;
        totals[context][group]++;
    }

    /** The columns of a sign seen so in a context: those that any group has. */
    Context in(int context, int[] signs, double[] seenAs) {
        int[][] columns = new int[signs.length][];
        double[] weights = new double[signs.length];
        int some = 0;
        for (int j = 0; j < signs.length; j++) {
            int[] column = counts[context * Alphabet.COUNT + signs[j]];
            if (column != null) {
                columns[some] = column;
                weights[some++] = seenAs[j];
            }
        }
        return new Context(some, columns, weights, totals[context], kinds[context]);
    }

    /** One character's columns in one context; `totals` is null where no group has the context. */
    static final class Context {
        static final Context NOWHERE = new Context(0, null, null, null, null);

        private final int some;
        private final int[][] columns;
        private final double[] seenAs;
        private final int[] totals;
        private final int[] kinds;

        Context(int some, int[][] columns, double[] seenAs, int[] totals, int[] kinds) {
            this.some = some;
            this.columns = columns;
            this.seenAs = seenAs;
            this.totals = totals;
            this.kinds = kinds;
        }

        /** The chance in a group, where `otherwise` is the chance without the context. */
        double chance(int group, double otherwise) {
            if (totals == null || totals[group] == 0) {
                return otherwise;
            }
            double seen = 0;
            for (int j = 0; j < some; j++) {
                seen += columns[j][group] * seenAs[j];
            }
            double different = kinds[group];
            return (seen + different * otherwise) / (totals[group] + different);
        }
    }
}
