package synopta.bench;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Variable;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import synopta.core.basket.BasketPlan;
import synopta.core.basket.BasketPlanner;
import synopta.core.basket.BasketQuery;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.MemoryCatalog;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Priced;
import synopta.core.quantity.Money;

/** Six needs and 18 sale units, with runners-up; the baseline is ojAlgo's integer solver on the best alone. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class BasketBench {
    private static final int NEEDS = 6;
    private static final int UNITS = 18;
    private final int[][] holds = new int[UNITS][NEEDS];
    private final long[] cents = new long[UNITS];
    private BasketPlanner planner;
    private BasketQuery query;

    /** Six singles and twelve kits of two to four kinds. */
    @Setup
    public void instance() {
        Random random = new Random(3);
        List<Part> parts = new ArrayList<>();
        List<Priced> prices = new ArrayList<>();
        List<KitContent> kits = new ArrayList<>();
        for (int u = 0; u < UNITS; u++) {
            PartNumber unit = new PartNumber("U" + u);
            cents[u] = u < NEEDS ? 500 + random.nextInt(1500) : 1500 + random.nextInt(3500);
            parts.add(new Part(unit, "m", "t", "n", true, Part.Status.CURRENT, 1, true, Map.of()));
            prices.add(new Priced(unit, new Money(cents[u], "EUR")));
            for (int n = 0; n < NEEDS; n++) {
                holds[u][n] = u < NEEDS ? (u == n ? 1 : 0) : Math.max(0, random.nextInt(5) - 2);
                if (u >= NEEDS && holds[u][n] > 0) {
                    kits.add(new KitContent(unit, new PartNumber("U" + n), holds[u][n]));
                }
            }
        }
        planner = new BasketPlanner(
                new MemoryCatalog(new CatalogTables(
                        List.of(), List.of(), List.of(), List.of(), List.of(), parts, List.of(), List.of(), kits,
                        List.of(), prices, List.of())),
                "EUR");
        List<BasketQuery.Need> needs = new ArrayList<>();
        for (int n = 0; n < NEEDS; n++) {
            needs.add(new BasketQuery.Need(new PartNumber("U" + n), 2));
        }
        query = new BasketQuery(needs, List.of(), BasketQuery.Policy.ANY);
    }

    /** The planner. */
    @Benchmark
    public BasketPlan measured() {
        return planner.plan(query);
    }

    /** The general solver. */
    @Benchmark
    public double baseline() {
        ExpressionsBasedModel model = new ExpressionsBasedModel();
        List<Variable> counts = new ArrayList<>();
        for (int u = 0; u < UNITS; u++) {
            counts.add(
                    model.newVariable("u" + u).integer(true).lower(0).upper(9).weight(BigDecimal.valueOf(cents[u])));
        }
        for (int n = 0; n < NEEDS; n++) {
            Expression covered = model.newExpression("n" + n).lower(2);
            for (int u = 0; u < UNITS; u++) {
                covered.set(counts.get(u), holds[u][n]);
            }
        }
        return model.minimise().getValue();
    }
}
