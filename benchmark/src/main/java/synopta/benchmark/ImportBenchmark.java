package synopta.benchmark;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Locale;
import synopta.core.catalog.CatalogImportCheck;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.RowFault;
import synopta.core.catalog.Sheet;
import synopta.demo.DemoCatalog;
import synopta.formats.catalog.CatalogImportReader;
import synopta.formats.catalog.CatalogWriter;
import synopta.formats.catalog.ImportLimits;
import synopta.store.Store;

/**
 * A catalog with a million fits read, checked and put in place in one transaction. The baseline is H2's own reading of
 * the file of fits alone into a table with the same index, nothing checked.
 */
final class ImportBenchmark {
    private static final int MODELS = 54_000;

    private ImportBenchmark() {}

    static void run(Scale scale) throws IOException, SQLException {
        int models = scale.of(MODELS);
        try (ScratchFolder scratch = new ScratchFolder("import")) {
            Path folder = scratch.path();
            Path files = folder.resolve("files");
            CatalogWriter.folder(new InMemoryCatalog(DemoCatalog.of(5, models)), files);
            long started = System.nanoTime();
            int fits = imported(files, folder.resolve("data"));
            double seconds = (System.nanoTime() - started) / 1e9;
            double baseline = baseline(folder.resolve("plain"), files.resolve("fits.csv"));
            System.out.printf(
                    Locale.ROOT,
                    "%nimport, %,d fits of %,d models: %.1f s, H2 reading the fits alone %.1f s, ratio %.2f%n%n",
                    fits,
                    models,
                    seconds,
                    baseline,
                    seconds / baseline);
        }
    }

    /** How many fits a new store has of these files. */
    private static int imported(Path files, Path data) throws IOException {
        try (Store store = Store.inFolder(data)) {
            CatalogImportReader.Read read = CatalogImportReader.read(files, ImportLimits.USUAL, file -> {});
            List<RowFault> faults = CatalogImportCheck.faultsOf(read.delivery(), store.catalogStore());
            if (!read.faults().isEmpty() || !faults.isEmpty()) {
                throw new IllegalStateException("The catalog is not sound: " + read.faults() + faults);
            }
            store.catalogStore().replace(read.delivery(), sheet -> {});
            return read.delivery().sent(Sheet.FITS).orElseThrow().rows().size();
        }
    }

    private static double baseline(Path database, Path fits) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:h2:file:" + database);
                Statement statement = connection.createStatement()) {
            long started = System.nanoTime();
            statement.execute("create table fit as select * from csvread('%s')".formatted(fits));
            statement.execute("create index fit_by_model on fit (model, slot, part)");
            return (System.nanoTime() - started) / 1e9;
        }
    }
}
