package synopta.benchmark;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;
import synopta.core.basket.BasketPlan;
import synopta.core.basket.BasketPlanner;
import synopta.core.basket.BasketQuery;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.PartPrice;
import synopta.core.quantity.Money;

/**
 * Twelve needs and 60 sale units: singles and pairs, equivalents, kits of two to six kinds, kits of kits, prices that make
 * none of them an easy choice. The baseline is ojAlgo's integer solver as it comes, on the same instances.
 */
final class BasketBenchmark {
    private static final int NEEDS = 12;
    private static final int EQUIVALENTS = 12;
    private static final int KITS = 28;
    private static final int UNITS = 60;
    private static final int WARM_UP = 60;
    private static final int INSTANCES = 300;
    private static final String CURRENCY = "USD";

    private final Random random;
    private final List<Map<Integer, Integer>> holds = new ArrayList<>();
    private final long[] cents = new long[UNITS];
    private final int[] pieces = new int[NEEDS];
    private final CatalogTables tables;

    private BasketBenchmark(long seed) {
        random = new Random(seed);
        List<KitContent> contents = new ArrayList<>();
        List<Equivalent> equivalents = new ArrayList<>();
        long[] each = new long[NEEDS];
        for (int u = 0; u < UNITS; u++) {
            Map<Integer, Integer> held = new TreeMap<>();
            holds.add(held);
            if (u < NEEDS) {
                each[u] = 300 + random.nextInt(3000);
                pieces[u] = 1 + random.nextInt(4);
                held.put(u, pack(u));
                cents[u] = each[u] * pack(u);
            } else if (u < NEEDS + EQUIVALENTS) {
                int need = u - NEEDS;
                held.put(need, 1);
                cents[u] = each[need] * (75 + random.nextInt(35)) / 100;
                equivalents.add(new Equivalent(number(need), number(u), "same rating"));
            } else {
                kit(u, held, each, contents);
            }
        }
        tables = tables(contents, equivalents);
    }

    private int pack(int unit) {
        return unit % 4 == 1 ? 2 : 1;
    }

    /** Kits hold kinds; the last ones hold a kit and kinds. The price is a part of what lies in it. */
    private void kit(int unit, Map<Integer, Integer> held, long[] each, List<KitContent> contents) {
        boolean isOfKits = unit >= NEEDS + EQUIVALENTS + KITS;
        int kinds = 2 + random.nextInt(isOfKits ? 2 : 5);
        for (int k = 0; k < kinds; k++) {
            held.merge(random.nextInt(NEEDS), 1 + random.nextInt(3), Integer::max);
        }
        held.forEach((need, n) -> contents.add(new KitContent(number(unit), number(need), n)));
        if (isOfKits) {
            int inner = NEEDS + EQUIVALENTS + random.nextInt(KITS);
            contents.add(new KitContent(number(unit), number(inner), 1));
            holds.get(inner).forEach((need, n) -> held.merge(need, n, Integer::sum));
        }
        long sum = held.entrySet().stream()
                .mapToLong(e -> each[e.getKey()] * e.getValue())
                .sum();
        cents[unit] = sum * (45 + random.nextInt(40)) / 100;
    }

    private static PartNumber number(int unit) {
        return new PartNumber("U" + unit);
    }

    private CatalogTables tables(List<KitContent> contents, List<Equivalent> equivalents) {
        List<Part> parts = new ArrayList<>();
        List<PartPrice> prices = new ArrayList<>();
        for (int u = 0; u < UNITS; u++) {
            int pack = u < NEEDS ? pack(u) : 1;
            boolean isGenuine = u < NEEDS || u >= NEEDS + EQUIVALENTS;
            parts.add(new Part(number(u), "m", "t", "n", isGenuine, Part.Status.CURRENT, pack, true, Map.of()));
            prices.add(new PartPrice(number(u), new Money(cents[u], CURRENCY)));
        }
        return new CatalogTables(
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                parts,
                List.of(),
                List.of(),
                contents,
                equivalents,
                prices,
                List.of(),
                List.of());
    }

    private BasketQuery query() {
        List<BasketQuery.Need> needs = new ArrayList<>();
        for (int n = 0; n < NEEDS; n++) {
            needs.add(new BasketQuery.Need(number(n), pieces[n]));
        }
        return new BasketQuery(needs, List.of(), BasketQuery.Policy.ANY);
    }

    /** The general solver on the same covering problem. */
    private Optimisation.Result solved() {
        ExpressionsBasedModel model = new ExpressionsBasedModel();
        List<Variable> counts = new ArrayList<>();
        for (int u = 0; u < UNITS; u++) {
            counts.add(
                    model.newVariable("u" + u).integer(true).lower(0).upper(4).weight(BigDecimal.valueOf(cents[u])));
        }
        for (int n = 0; n < NEEDS; n++) {
            Expression covered = model.newExpression("n" + n).lower(pieces[n]);
            for (int u = 0; u < UNITS; u++) {
                covered.set(counts.get(u), holds.get(u).getOrDefault(n, 0));
            }
        }
        return model.minimise();
    }

    private static double millis(Runnable work) {
        long start = System.nanoTime();
        work.run();
        return (System.nanoTime() - start) / 1e6;
    }

    static void run(Scale scale) {
        int instances = scale.of(INSTANCES);
        double[] best = new double[instances];
        double[] whole = new double[instances];
        double[] solver = new double[instances];
        int[] branches = new int[instances];
        Map<String, Integer> counts = new HashMap<>();
        for (int i = -scale.of(WARM_UP); i < instances; i++) {
            BasketBenchmark bench = new BasketBenchmark(1000 + i);
            BasketPlanner planner = new BasketPlanner(new InMemoryCatalog(bench.tables), () -> CURRENCY);
            List<BasketPlan> plans = new ArrayList<>();
            List<Optimisation.Result> results = new ArrayList<>();
            double ours = millis(() -> plans.add(planner.best(bench.query())));
            double theirs = millis(() -> results.add(bench.solved()));
            double all = millis(() -> plans.add(planner.plan(bench.query())));
            if (i >= 0) {
                best[i] = ours;
                solver[i] = theirs;
                whole[i] = all;
                branches[i] = plans.get(0).proof().branches();
                long least = plans.get(0).best().total().cents();
                long found = Math.round(results.get(0).getValue());
                counts.merge(found == least ? "same" : found > least ? "dearer" : "cheaper", 1, Integer::sum);
                counts.merge(plans.get(0).proof().isComplete() ? "proven" : "open", 1, Integer::sum);
            }
        }
        say(best, whole, solver, branches, counts);
    }

    private static void say(
            double[] best, double[] whole, double[] solver, int[] branches, Map<String, Integer> counts) {
        Arrays.sort(branches);
        System.out.printf(
                Locale.ROOT,
                "%nbasket: %d needs, %d sale units, %d instances%n"
                        + "  the optimum     median %.2f ms, 99th percentile %.1f ms; %d branches at the median, %d at most; proven in %d%n"
                        + "  with runners-up median %.2f ms, 99th percentile %.1f ms%n"
                        + "  ojAlgo          median %.2f ms, 99th percentile %.1f ms; its result is the same in %d, dearer in %d, cheaper in %d%n"
                        + "  ratio of medians %.3f%n%n",
                NEEDS,
                UNITS,
                branches.length,
                at(best, 0.5),
                at(best, 0.99),
                branches[branches.length / 2],
                branches[branches.length - 1],
                counts.getOrDefault("proven", 0),
                at(whole, 0.5),
                at(whole, 0.99),
                at(solver, 0.5),
                at(solver, 0.99),
                counts.getOrDefault("same", 0),
                counts.getOrDefault("dearer", 0),
                counts.getOrDefault("cheaper", 0),
                at(best, 0.5) / at(solver, 0.5));
    }

    private static double at(double[] times, double share) {
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        return sorted[(int) Math.floor(share * (sorted.length - 1))];
    }
}
