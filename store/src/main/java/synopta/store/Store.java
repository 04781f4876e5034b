package synopta.store;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.pool.HikariPool;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.time.Clock;
import java.util.function.LongSupplier;
import synopta.core.catalog.Catalog;
import synopta.core.order.QuoteRepository;
import synopta.core.order.ReservationRepository;
import synopta.core.order.StockRepository;
import synopta.core.outcome.OutcomeRepository;
import synopta.core.outcome.ParameterRepository;
import synopta.core.record.CaseRepository;
import synopta.core.record.SalesRepository;
import synopta.store.account.AccountStore;
import synopta.store.account.TrailStore;
import synopta.store.catalog.CatalogStore;
import synopta.store.jdbc.Jdbc;
import synopta.store.order.QuoteStore;
import synopta.store.order.ReservationStore;
import synopta.store.order.StockMovements;
import synopta.store.outcome.OutcomeStore;
import synopta.store.outcome.ParameterStore;
import synopta.store.record.CaseStore;
import synopta.store.record.SalesStore;
import synopta.store.settings.SettingsStore;

/** A data folder opened: brought up to the present tables, ready to be asked. Close it when done. */
public final class Store implements AutoCloseable {
    private final HikariDataSource source;
    private final Jdbc jdbc;
    private final CatalogStore catalog;
    private final CaseStore cases;
    private final SettingsStore house;
    private final QuoteStore quotes;
    private final StockMovements stock;
    private final ReservationStore reservations;
    private final SalesStore sales;
    private final OutcomeStore outcomes;
    private final ParameterStore learned;
    private final AccountStore accounts;
    private final TrailStore trail;

    private Store(String url, DiskSpace disk, Erased erased) {
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl(url);
        config.setUsername(DataFile.USER);
        config.setPassword("");
        config.setMaximumPoolSize(8);
        config.setPoolName("store");
        config.setExceptionOverrideClassName(ClosedDatabase.class.getName());
        source = new HikariDataSource(config);
        jdbc = new Jdbc(source, disk::forChange, disk::failure);
        catalog = new CatalogStore(jdbc);
        house = new SettingsStore(jdbc);
        quotes = new QuoteStore(jdbc);
        stock = new StockMovements(jdbc, Clock.systemUTC());
        reservations = new ReservationStore(jdbc, stock);
        cases = new CaseStore(jdbc, stock, reservations, erased::add);
        sales = new SalesStore(jdbc);
        outcomes = new OutcomeStore(jdbc, stock);
        learned = new ParameterStore(jdbc);
        accounts = new AccountStore(jdbc);
        trail = new TrailStore(jdbc);
    }

    /**
     * Opens a data folder, made when missing. A commit is on its way to the disk before it is answered (a write delay
     * of 0), so that a killed process loses nothing it has acknowledged. A folder that another process has open, or that
     * may not be written, is refused as {@link Unusable}.
     */
    public static Store inFolder(Path folder) {
        return inFolder(folder, () -> DiskSpace.usable(folder));
    }

    /** The same, on a disk with so many bytes left. */
    static Store inFolder(Path folder, LongSupplier usable) {
        if (folder.toAbsolutePath().toString().contains(";")) {
            // Behind it would stand settings of the database.
            throw new Unusable(folder, new IllegalArgumentException("its path contains a semicolon; name another"));
        }
        try {
            DataFile kept = new DataFile(folder);
            Connection held = kept.opened();
            try {
                return new Store(kept.url(), new DiskSpace(folder, usable), new Erased(folder));
            } finally {
                DataFile.close(held);
            }
        } catch (HikariPool.PoolInitializationException | IOException e) {
            throw new Unusable(folder, e);
        }
    }

    /** The data folder cannot be opened. */
    public static final class Unusable extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Unusable(Path folder, Throwable cause) {
            super("The data folder %s cannot be opened: %s".formatted(folder, cause.getMessage()), cause);
        }
    }

    /** Many changes at once: all of them are kept, or none. */
    public void together(Runnable changes) {
        jdbc.inTransaction(() -> {
            changes.run();
            return true;
        });
    }

    /**
     * Writes all that is kept into a new file, as it is at one moment, while others go on, and verifies it by restoring
     * it beside itself. Reads every row twice; a counter is slowed, not stopped.
     *
     * @throws IllegalStateException when what was restored is not what is kept; the file is then not to be used
     */
    public void backUp(Path copy) throws IOException {
        Backup.write(jdbc, copy);
    }

    /** What the tables hold. */
    Contents contents() {
        return Contents.of(jdbc);
    }

    /** The catalog, as the core's port and for replacing it. */
    public CatalogStore catalogStore() {
        return catalog;
    }

    /** The catalog as the core asks it. */
    public Catalog catalog() {
        return catalog;
    }

    /** The log of cases. */
    public CaseRepository cases() {
        return cases;
    }

    /** The rules of the house. */
    public SettingsStore house() {
        return house;
    }

    /** The quotes. */
    public QuoteRepository quotes() {
        return quotes;
    }

    /** What was promised. */
    public ReservationRepository reservations() {
        return reservations;
    }

    /** What left the shelves and came back. */
    public StockRepository stockMovements() {
        return stock;
    }

    /** What sells. */
    public SalesRepository sales() {
        return sales;
    }

    /** What became of the cases. */
    public OutcomeRepository outcomes() {
        return outcomes;
    }

    /** What was learned. */
    public ParameterRepository learned() {
        return learned;
    }

    /** Who may sign in, and where they are. */
    public AccountStore accounts() {
        return accounts;
    }

    /** Who did what. */
    public TrailStore trail() {
        return trail;
    }

    @Override
    public void close() {
        source.close();
    }
}
