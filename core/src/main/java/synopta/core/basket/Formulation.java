package synopta.core.basket;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;

/**
 * Needs, wants and sale units as a {@link IntegerProgram}. A column counts each sale unit; an item that may be served in several ways
 * has a column for each way, and a want one for being given up. A row says that an item is served, or that the pieces of
 * a kind suffice for what uses them up.
 *
 * <p>With V the sum of the values of wants, net (V + 1) + total orders purchases by net, then by total, since totals of
 * one net differ by V at most; times the number of units and one, it leaves room for the count of lines.
 */
final class Formulation {
    private final List<Item> items;
    private final Optional<PartNumber> forced;
    private final List<SaleUnit> units;
    private final List<Item> direct;
    private final List<PartNumber> shared;
    private final int[][] brings;
    private final int[] useful;
    private final IntegerProgram program = new IntegerProgram();
    private final List<int[]> wayColumns = new ArrayList<>();
    private final int[] givenUp;
    private final long values;
    private final long lineWeight;

    Formulation(List<Item> items, List<SaleUnit> candidates, Aim aim, @Nullable PartNumber forced) {
        this.items = items;
        this.forced = Optional.ofNullable(forced);
        direct = items.stream().filter(i -> i.isDirect(items)).toList();
        TreeSet<PartNumber> kinds = new TreeSet<>();
        items.stream()
                .filter(i -> !direct.contains(i))
                .forEach(i -> i.ways().forEach(way -> kinds.addAll(way.keySet())));
        shared = List.copyOf(kinds);
        units = undominated(candidates);
        brings = units.stream().map(this::brings).toArray(int[][]::new);
        useful = units.stream()
                .mapToInt(u -> Math.min(u.available(), useful(brings(u))))
                .toArray();
        values = items.stream().mapToLong(Item::value).reduce(0, Math::addExact);
        lineWeight = units.size() + 1L;
        givenUp = new int[items.size()];
        columns(aim);
        rows();
    }

    /** What a unit brings to each row: direct items first, then the kinds that are shared. */
    private int[] brings(SaleUnit unit) {
        int[] row = new int[direct.size() + shared.size()];
        for (int d = 0; d < direct.size(); d++) {
            for (Map<PartNumber, Integer> way : direct.get(d).ways()) {
                row[d] += unit.pieces().getOrDefault(way.keySet().iterator().next(), 0);
            }
        }
        for (int k = 0; k < shared.size(); k++) {
            row[direct.size() + k] = unit.pieces().getOrDefault(shared.get(k), 0);
        }
        return row;
    }

    private int demanded(int row) {
        if (row < direct.size()) {
            return direct.get(row).quantity();
        }
        PartNumber kind = shared.get(row - direct.size());
        return items.stream()
                .filter(i -> !direct.contains(i))
                .mapToInt(i -> i.quantity()
                        * i.ways().stream()
                                .mapToInt(way -> way.getOrDefault(kind, 0))
                                .max()
                                .orElse(0))
                .reduce(0, Math::addExact);
    }

    /** So many of a unit meet all that it can help with. */
    private int useful(int[] row) {
        int most = 0;
        for (int i = 0; i < row.length; i++) {
            most = row[i] > 0 ? Math.max(most, -Math.floorDiv(-demanded(i), row[i])) : most;
        }
        return most;
    }

    /** Without units for which another, no dearer and to be had in any number, brings as much of everything. */
    private List<SaleUnit> undominated(List<SaleUnit> candidates) {
        List<int[]> rows = candidates.stream().map(this::brings).toList();
        int[] most = rows.stream().mapToInt(this::useful).toArray();
        Dominance dominance = new Dominance(candidates, rows, most);
        return IntStream.range(0, candidates.size())
                .filter(u -> !dominance.isNeedless(u)
                        || forced.filter(candidates.get(u).part()::equals).isPresent())
                .mapToObj(candidates::get)
                .toList();
    }

    private void columns(Aim aim) {
        long perCent = Math.addExact(values, values > 0 ? 2 : 1);
        boolean leastNet = aim == Aim.LEAST_NET;
        long weight = leastNet ? lineWeight : 1;
        long charge = 1;
        for (int u = 0; !leastNet && u < units.size(); u++) {
            long dearest = Math.multiplyExact(units.get(u).price().cents(), (long) useful[u]);
            charge = Math.addExact(charge, Math.multiplyExact(perCent, dearest));
        }
        charge = leastNet ? 1 : Math.addExact(charge, Math.multiplyExact(values, values + 1));
        for (int u = 0; u < units.size(); u++) {
            long cost = Math.multiplyExact(perCent, units.get(u).price().cents());
            program.column(Math.multiplyExact(cost, weight), charge, useful[u]);
        }
        for (Item item : items) {
            boolean choosing = !direct.contains(item) && (item.ways().size() > 1 || !item.needed());
            int[] ways = new int[choosing ? item.ways().size() : 0];
            Arrays.setAll(ways, w -> program.column(0, 0, item.quantity()));
            wayColumns.add(ways);
        }
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            long cost = Math.multiplyExact(Math.multiplyExact(item.value(), values + 1), weight);
            givenUp[i] = item.needed() ? -1 : program.column(cost, 0, 1);
        }
    }

    private void rows() {
        for (int r = 0; r < direct.size() + shared.size(); r++) {
            int[] row = new int[program.columns()];
            for (int u = 0; u < units.size(); u++) {
                row[u] = brings[u][r];
            }
            program.row(
                    row,
                    r < direct.size() ? ofItem(row, items.indexOf(direct.get(r))) : ofKind(row, r - direct.size()));
        }
        for (int u = 0; u < units.size(); u++) {
            if (forced.filter(units.get(u).part()::equals).isPresent()) {
                int[] row = new int[program.columns()];
                row[u] = 1;
                program.row(row, 1);
            }
        }
        for (int i = 0; i < items.size(); i++) {
            if (wayColumns.get(i).length > 0
                    || (!direct.contains(items.get(i)) && items.get(i).ways().isEmpty())) {
                int[] row = new int[program.columns()];
                for (int column : wayColumns.get(i)) {
                    row[column] = 1;
                }
                program.row(row, ofItem(row, i));
            }
        }
    }

    private int ofItem(int[] row, int item) {
        if (givenUp[item] >= 0) {
            row[givenUp[item]] = items.get(item).quantity();
        }
        return items.get(item).quantity();
    }

    private int ofKind(int[] row, int kind) {
        int least = 0;
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            int[] columns = wayColumns.get(i);
            for (int w = 0; w < columns.length; w++) {
                row[columns[w]] = -item.ways().get(w).getOrDefault(shared.get(kind), 0);
            }
            if (columns.length == 0 && !direct.contains(item) && !item.ways().isEmpty()) {
                least = Math.addExact(
                        least, item.quantity() * item.ways().get(0).getOrDefault(shared.get(kind), 0));
            }
        }
        return least;
    }

    IntegerProgram program() {
        return program;
    }

    List<SaleUnit> units() {
        return units;
    }

    /** How the items are served by a choice; wants that are given up are left out. */
    List<Item.Served> served(int[] choice) {
        List<Item.Served> served = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean has = givenUp[i] < 0 || choice[givenUp[i]] == 0;
            if (has && direct.contains(item)) {
                directly(item, choice, served);
            } else if (has && wayColumns.get(i).length == 0) {
                served.add(new Item.Served(item, item.ways().get(0), item.quantity()));
            } else if (has) {
                served.addAll(item.servedBy(wayColumns.get(i), choice));
            }
        }
        return served;
    }

    private void directly(Item item, int[] choice, List<Item.Served> served) {
        int left = item.quantity();
        for (Map<PartNumber, Integer> way : item.ways()) {
            PartNumber kind = way.keySet().iterator().next();
            int held = 0;
            for (int u = 0; u < units.size(); u++) {
                held += choice[u] * units.get(u).pieces().getOrDefault(kind, 0);
            }
            int count = Math.min(left, held);
            if (count > 0) {
                served.add(new Item.Served(item, way, count));
                left -= count;
            }
        }
    }

    /**
     * The net, in cents, that a bound on the program's cost with {@link Aim#LEAST_NET} stands for, rounded up: lines are
     * at most the units, and a total is at most its net and V.
     */
    long net(long bound) {
        long withoutLines = -Math.floorDiv(-(bound - units.size()), lineWeight);
        return values > 0 ? -Math.floorDiv(-withoutLines, values + 2) - values : withoutLines;
    }

    /** What a piece of an item counts for at these prices of the program's rows, in whole cents, rounded down. */
    Map<Item, Long> shares(double[] prices) {
        long perCent = Math.multiplyExact(lineWeight, values > 0 ? values + 2 : 1);
        Map<Item, Long> shares = new LinkedHashMap<>();
        for (Item item : items) {
            long least = Long.MAX_VALUE;
            for (Map<PartNumber, Integer> way : item.ways()) {
                long sum = 0;
                for (Map.Entry<PartNumber, Integer> piece : way.entrySet()) {
                    int row = direct.contains(item)
                            ? direct.indexOf(item)
                            : direct.size() + shared.indexOf(piece.getKey());
                    sum = Math.addExact(sum, (long) prices[row] * piece.getValue());
                }
                least = Math.min(least, sum);
            }
            if (least < Long.MAX_VALUE) {
                shares.put(item, least / perCent);
            }
        }
        return shares;
    }
}
