package synopta.core.basket;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import synopta.core.catalog.PartNumber;

/**
 * The cheapest set of sale units that holds at least the demanded pieces: an integer covering problem, solved exactly
 * by dynamic programming over (unit, pieces still uncovered), least cost first, then fewest lines.
 *
 * <p>Shapes: u units, t kinds of pieces, d_i pieces demanded of kind i. States at most u prod(d_i + 1), kept from one
 * demand to the next; past {@link BasketPlanner#MOST_STATES} the question is refused, never guessed.
 */
final class Covering {
    /** How a demand is met best: total in cents, lines, and how many of the unit at hand. */
    record Cost(long cents, int lines, int count) {
        static final Cost IMPOSSIBLE = new Cost(Long.MAX_VALUE, Integer.MAX_VALUE, 0);

        boolean isPossible() {
            return cents != Long.MAX_VALUE;
        }

        private boolean beats(Cost other) {
            return cents != other.cents ? cents < other.cents : lines < other.lines;
        }
    }

    private record State(int unit, List<Integer> demand) {}

    private final List<SaleUnit> units;
    private final int[][] holds;
    private final Map<State, Cost> known = new HashMap<>();

    Covering(List<SaleUnit> units, List<PartNumber> kinds) {
        this.units = units;
        holds = new int[units.size()][kinds.size()];
        for (int u = 0; u < units.size(); u++) {
            for (int k = 0; k < kinds.size(); k++) {
                holds[u][k] = units.get(u).pieces().getOrDefault(kinds.get(k), 0);
            }
        }
    }

    Cost cost(int[] demand) {
        return cost(0, demand);
    }

    private Cost cost(int unit, int[] demand) {
        if (Arrays.stream(demand).allMatch(d -> d == 0)) {
            return new Cost(0, 0, 0);
        }
        if (unit == units.size()) {
            return Cost.IMPOSSIBLE;
        }
        State state = new State(unit, Arrays.stream(demand).boxed().toList());
        Cost before = known.get(state);
        if (before != null) {
            return before;
        }
        if (known.size() >= BasketPlanner.MOST_STATES) {
            throw new IllegalArgumentException(
                    "So many needs and ways of meeting them (over %d states) cannot be weighed exactly. Ask for fewer needs at once."
                            .formatted(BasketPlanner.MOST_STATES));
        }
        Cost best = Cost.IMPOSSIBLE;
        int most = Math.min(mostUseful(unit, demand), units.get(unit).available());
        for (int count = 0; count <= most; count++) {
            Cost rest = cost(unit + 1, less(demand, unit, count));
            if (rest.isPossible()) {
                long cents = Math.addExact(
                        rest.cents, Math.multiplyExact(units.get(unit).price().cents(), (long) count));
                Cost whole = new Cost(cents, rest.lines + (count > 0 ? 1 : 0), count);
                best = whole.beats(best) ? whole : best;
            }
        }
        known.put(state, best);
        return best;
    }

    private int mostUseful(int unit, int[] demand) {
        int most = 0;
        for (int k = 0; k < demand.length; k++) {
            most = holds[unit][k] > 0 ? Math.max(most, -Math.floorDiv(-demand[k], holds[unit][k])) : most;
        }
        return most;
    }

    private int[] less(int[] demand, int unit, int count) {
        int[] rest = demand.clone();
        for (int k = 0; k < rest.length; k++) {
            rest[k] = (int) Math.max(0, rest[k] - (long) count * holds[unit][k]);
        }
        return rest;
    }

    /** How many of each unit the best cover of a demand buys. */
    List<Integer> counts(int[] demand) {
        List<Integer> counts = new ArrayList<>();
        int[] rest = demand;
        for (int unit = 0; unit < units.size(); unit++) {
            int count = cost(unit, rest).count;
            counts.add(count);
            rest = less(rest, unit, count);
        }
        return counts;
    }
}
