package synopta.benchmark;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.FitFinder;
import synopta.core.fit.FitVerdict;
import synopta.core.fit.MachineUnit;
import synopta.core.fit.Specifications;
import synopta.core.fit.WhereUsed;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.HouseSettings;
import synopta.formats.table.TableWriter;
import synopta.store.Store;
import synopta.store.catalog.CatalogStore;

/**
 * A catalog of five million fits on disk: the first page of a part used by 20,000 models, all of them as a file, a
 * verdict through 50 supersessions, the parts of a machine. Each against plain SQL over the same tables.
 */
final class FitBenchmark {
    private static final int MODELS = 160_000;
    private static final int RUNS = 300;
    private static final int PAGE = 50;

    private final CatalogStore catalog;
    private final Connection plain;
    private final int runs;

    private FitBenchmark(CatalogStore catalog, Connection plain, int runs) {
        this.runs = runs;
        this.catalog = catalog;
        this.plain = plain;
    }

    static void run(Scale scale) throws Exception {
        try (ScratchFolder scratch = new ScratchFolder("fit");
                Store store = Store.inFolder(scratch.path())) {
            Path folder = scratch.path();
            String address = "jdbc:h2:file:%s".formatted(folder.toAbsolutePath().resolve("synopta"));
            try (Connection plain = DriverManager.getConnection(address, "synopta", "")) {
                long started = System.nanoTime();
                int fits = LargeCatalog.into(store.catalogStore(), plain, scale.of(MODELS));
                System.out.printf(
                        Locale.ROOT,
                        "%nfit: %,d fits written in %.0f s, %.1f GB on disk%n",
                        fits,
                        (System.nanoTime() - started) / 1e9,
                        Files.size(folder.resolve("synopta.mv.db")) / 1e9);
                new FitBenchmark(store.catalogStore(), plain, scale.of(RUNS)).measure();
            }
        }
    }

    private void measure() throws Exception {
        WhereUsed used = new WhereUsed(catalog, () -> HouseSettings.USUAL);
        FitFinder finder = new FitFinder(
                catalog, new Specifications(new CurrentPacks(List.of())), () -> HouseSettings.USUAL, Clock.systemUTC());
        double page =
                median(i -> used.page(common(i), null, "", PAGE).machines().size());
        double brand = median(i ->
                used.page(common(i), LargeCatalog.BRAND, "", PAGE).machines().size());
        double all = median(i -> rows(ALL_OF_PART, common(i).key()));
        say("first page of a part of many models", page, "reading all of them by SQL", all);
        say("first page of one brand", brand, "reading all of them by SQL", all);
        say("counts by brand", median(i -> used.counts(common(i)).size()), "reading all of them by SQL", all);
        double parts = median(i -> catalog.fits(LargeCatalog.model(i)).size());
        double same = median(i -> rows(PARTS, LargeCatalog.model(i).key()));
        say("a machine's parts", parts, "the same rows by SQL", same);
        double judged = median(
                i -> supplied(finder.judge(LargeCatalog.model(i), MachineUnit.NOT_KNOWN, LargeCatalog.inChain(i % 2))));
        double walked = median(i -> rows(CHAIN, LargeCatalog.inChain(i % 2).key()));
        say("a verdict through 50 supersessions", judged, "the chain by recursive SQL", walked);
        stream(used, common(0));
    }

    private static PartNumber common(int run) {
        return LargeCatalog.common(run % LargeCatalog.COMMON);
    }

    /** What is measured, other rows at every run, as H2 gives the last answer again to the same question. */
    @FunctionalInterface
    private interface Run {
        int rows(int number) throws SQLException;
    }

    private static int supplied(FitVerdict verdict) {
        return verdict.fold(f -> f.supply().items().size(), d -> -1, n -> -1, u -> -1);
    }

    private static void stream(WhereUsed used, PartNumber part) throws IOException {
        System.gc();
        long before = heap();
        long[] seen = {0, 0};
        long started = System.nanoTime();
        new TableWriter(
                        "models",
                        List.of("model"),
                        reader -> used.each(part, null, machine -> {
                            if (++seen[0] % 4000 == 0) {
                                System.gc();
                                seen[1] = Math.max(seen[1], heap() - before);
                            }
                            reader.accept(new String[] {machine.model().number().written()});
                        }))
                .csv(OutputStream.nullOutputStream());
        System.out.printf(
                Locale.ROOT,
                "fit, all %,d models as CSV: %.0f ms with the measuring, at most %.1f MB held%n%n",
                seen[0],
                (System.nanoTime() - started) / 1e6,
                seen[1] / 1e6);
    }

    private static long heap() {
        return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
    }

    private static void say(String what, double millis, String baseline, double other) {
        System.out.printf(
                Locale.ROOT,
                "fit, %s: median %.2f ms, %s %.2f ms, ratio %.3f%n",
                what,
                millis,
                baseline,
                other,
                millis / other);
    }

    /** Median time in ms, after a third of the runs to warm up. */
    private double median(Run work) throws SQLException {
        double[] millis = new double[runs];
        for (int i = -runs / 3; i < runs; i++) {
            long started = System.nanoTime();
            if (work.rows(Math.abs(i)) < 1) {
                throw new IllegalStateException("Nothing was found.");
            }
            millis[Math.max(i, 0)] = (System.nanoTime() - started) / 1e6;
        }
        Arrays.sort(millis);
        return millis[runs / 2];
    }

    private static final String ALL_OF_PART = """
            select m.model, m.brand, f.slot
              from fit f
              join model m on m.model_key = f.model_key
             where f.part_key = ?
             order by f.model_key""";

    private static final String PARTS = """
            select p.part, f.slot, f.quantity
              from fit f
              join part p on p.part_key = f.part_key
             where f.model_key = ?
             order by f.slot""";

    private static final String CHAIN = """
            with recursive chain (part_key) as (
                select cast(? as varchar(60))
                union all
                select s.new_key from chain c join supersession s on s.old_key = c.part_key)
            select part_key from chain""";

    private int rows(String sql, String value) throws SQLException {
        try (PreparedStatement statement = plain.prepareStatement(sql)) {
            statement.setString(1, value);
            int rows = 0;
            try (ResultSet found = statement.executeQuery()) {
                while (found.next()) {
                    found.getString(1);
                    rows++;
                }
            }
            return rows;
        }
    }
}
