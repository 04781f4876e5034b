package synopta.server.catalog;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Consumer;
import synopta.core.catalog.CatalogImport;
import synopta.core.catalog.CatalogImportCheck;
import synopta.core.catalog.CatalogRepository;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.RowFault;
import synopta.core.catalog.Sheet;
import synopta.formats.catalog.CatalogImportReader;
import synopta.formats.catalog.ImportLimits;

/** Takes a delivery in: reads it, checks it against itself and what stays, and puts it in place whole or not at all. */
public final class ImportService {
    private final CatalogRepository catalog;
    private final Runnable changed;
    private final ReentrantLock busy = new ReentrantLock();
    private volatile String doing = "";

    /** Takes into this store; `changed` runs after every change. */
    public ImportService(CatalogRepository catalog, Runnable changed) {
        this.catalog = catalog;
        this.changed = changed;
    }

    /** What came of a delivery: rows by file, what is wrong, what was ignored; nothing was changed with faults. */
    public record Outcome(Map<String, Integer> rows, List<RowFault> faults, List<RowFault> warnings) {}

    /** What is being done now, in words; "" when nothing is. */
    public String doing() {
        return doing;
    }

    /** Imports a folder or zip; none when another delivery is being taken in. */
    public Optional<Outcome> take(Path source) throws IOException {
        return read(source, delivery -> {
            catalog.replace(delivery, sheet -> doing = "writing %s".formatted(sheet.file()));
            doing = "updating the tag reader";
            changed.run();
        });
    }

    /** Puts tables in place where there is no catalog yet; false where there is one, or another delivery is being taken in. */
    public boolean begin(CatalogTables tables) {
        if (!busy.tryLock()) {
            return false;
        }
        try {
            if (catalog.count(Sheet.MODELS) > 0 || catalog.count(Sheet.PARTS) > 0) {
                return false;
            }
            doing = "writing the demo data";
            catalog.replace(CatalogImport.of(tables), sheet -> {});
            changed.run();
            return true;
        } finally {
            doing = "";
            busy.unlock();
        }
    }

    /** Checks a folder or zip as an import would and changes nothing; none when another delivery is being taken in. */
    public Optional<Outcome> check(Path source) throws IOException {
        return read(source, delivery -> {});
    }

    private Optional<Outcome> read(Path source, Consumer<CatalogImport> sound) throws IOException {
        if (!busy.tryLock()) {
            return Optional.empty();
        }
        try {
            doing = "unpacking";
            CatalogImportReader.Read read =
                    CatalogImportReader.read(source, ImportLimits.USUAL, file -> doing = "reading " + file);
            List<RowFault> faults = new ArrayList<>(read.faults());
            if (faults.isEmpty()) {
                doing = "checking references between sheets";
                faults.addAll(CatalogImportCheck.faultsOf(read.delivery(), catalog));
            }
            if (faults.isEmpty()) {
                sound.accept(read.delivery());
            }
            List<RowFault> some = faults.subList(0, Math.min(faults.size(), ImportLimits.USUAL.faults()));
            return Optional.of(new Outcome(rows(read.delivery()), List.copyOf(some), read.warnings()));
        } finally {
            doing = "";
            busy.unlock();
        }
    }

    private static Map<String, Integer> rows(CatalogImport delivery) {
        Map<String, Integer> rows = new LinkedHashMap<>();
        for (Sheet<?> sheet : Sheet.ALL) {
            delivery.sent(sheet)
                    .ifPresent(sent -> rows.put(sheet.file(), sent.rows().size()));
        }
        return rows;
    }
}
