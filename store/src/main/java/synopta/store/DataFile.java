package synopta.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Optional;
import java.util.logging.Logger;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.MigrationState;

/**
 * The file in which all is kept, and its tables. Tables are changed in a copy that takes the file's place in one step:
 * the database commits each change of a table by itself, so a process killed between two would leave a file that is
 * neither old nor new.
 */
final class DataFile {
    /** The file of a data folder that holds all that is kept. */
    static final String NAME = "synopta.mv.db";

    /** Who the database knows; it has no password. */
    static final String USER = "synopta";

    private static final String UPGRADE = "synopta-upgrade";
    private static final String UPGRADE_FILE = UPGRADE + ".mv.db";
    private static final Logger LOG = Logger.getLogger(DataFile.class.getName());

    private final Path folder;

    /** The file of this folder. */
    DataFile(Path folder) {
        this.folder = folder.toAbsolutePath();
    }

    /** The file. */
    Path path() {
        return folder.resolve(NAME);
    }

    /** The address the database has it under. */
    String url() {
        return url("synopta");
    }

    private String url(String name) {
        return "jdbc:h2:file:%s;WRITE_DELAY=0;TRACE_LEVEL_FILE=0;DB_CLOSE_ON_EXIT=FALSE;QUERY_CACHE_SIZE=256"
                .formatted(folder.resolve(name));
    }

    /**
     * Opens the file, made with the present tables or brought up to them. The database stays open as long as the
     * connection is: to close it between this look and the use would double the time of a start.
     *
     * @throws IOException when it cannot be opened, a newer version wrote it, or its tables cannot be brought up; the
     *     message says what to do, and the file is as it was
     */
    Connection opened() throws IOException {
        Files.createDirectories(folder);
        OwnFolder.close(folder);
        Optional<Connection> ready = ready();
        if (ready.isPresent()) {
            return ready.get();
        }
        // It stays: a lock on a file that was deleted meanwhile would be no lock.
        try (FileChannel channel = FileChannel.open(
                        folder.resolve(UPGRADE + ".lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                FileLock lock = channel.tryLock()) {
            if (lock == null) {
                throw new IOException("another process prepares it; wait until that is done");
            }
            ready = ready();
            if (ready.isPresent()) {
                return ready.get();
            }
            inCopy();
            return connection();
        }
    }

    /** The file opened, when it is there and has the present tables. */
    private Optional<Connection> ready() throws IOException {
        if (!Files.exists(path())) {
            return Optional.empty();
        }
        Connection held = connection();
        boolean isReady = false;
        try {
            isReady = tables(url()).pending().length == 0;
            return isReady ? Optional.of(held) : Optional.empty();
        } finally {
            if (!isReady) {
                close(held);
            }
        }
    }

    private Connection connection() throws IOException {
        try {
            return DriverManager.getConnection(url(), USER, "");
        } catch (SQLException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    /** Lets go of a connection; the database is closed with its last. */
    static void close(Connection held) throws IOException {
        try {
            held.close();
        } catch (SQLException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    private void inCopy() throws IOException {
        Path copy = folder.resolve(UPGRADE_FILE);
        Files.deleteIfExists(copy);
        try {
            if (Files.exists(path())) {
                LOG.info("The data are brought up to this version in a copy, and stay as they are until that is done.");
                Files.copy(path(), copy);
            }
            flyway(url(UPGRADE)).migrate();
            Files.move(copy, path(), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            OwnFolder.close(path());
        } catch (FlywayException e) {
            throw new IOException("its tables cannot be brought up to this version and were left as they are", e);
        } finally {
            Files.deleteIfExists(copy);
        }
    }

    private static Flyway flyway(String url) {
        return Flyway.configure().dataSource(url, USER, "").load();
    }

    /** The changes of tables this version knows, and those the file has seen. */
    private static MigrationInfoService tables(String url) throws IOException {
        try {
            MigrationInfoService tables = flyway(url).info();
            MigrationInfo now = tables.current();
            if (now != null && now.getState() == MigrationState.FUTURE_SUCCESS) {
                throw new IOException("a newer version of Synopta wrote it (tables %s, this version knows %s);"
                                .formatted(now.getVersion(), newest(tables))
                        + " update Synopta");
            }
            if (Arrays.stream(tables.all()).anyMatch(change -> change.getState().isFailed())) {
                throw new IOException("a change of its tables was broken off; restore the last backup");
            }
            return tables;
        } catch (FlywayException e) {
            throw new IOException(
                    e.getCause() == null ? e.getMessage() : e.getCause().getMessage(), e);
        }
    }

    private static String newest(MigrationInfoService tables) {
        return Arrays.stream(tables.all())
                .filter(change -> !change.getState().name().startsWith("FUTURE"))
                .map(change -> change.getVersion().toString())
                .reduce((older, newer) -> newer)
                .orElse("none");
    }
}
