package synopta.store.jdbc;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javax.sql.DataSource;

/**
 * Statements over a DataSource. Within {@link #inTransaction} every call uses the one connection of the transaction,
 * within {@link #reading} that of the reading; outside each is its own.
 */
public final class Jdbc {
    private static final int BATCH = 1000;

    private final DataSource source;
    private final ThreadLocal<Connection> open = new ThreadLocal<>();
    private final ThreadLocal<Reading> reading = new ThreadLocal<>();
    private final ChangeCount changes = new ChangeCount();

    private final Runnable roomForChange;
    private final Function<SQLException, RuntimeException> failure;

    /** Works over this source. Before a change it asks for room, which may refuse it; a failure becomes what it is made. */
    public Jdbc(DataSource source, Runnable roomForChange, Function<SQLException, RuntimeException> failure) {
        this.source = source;
        this.roomForChange = roomForChange;
        this.failure = failure;
    }

    /** Makes a value of a row. */
    @FunctionalInterface
    public interface RowMapper<T> {
        /** The value of the row the cursor stands on. */
        T map(ResultSet row) throws SQLException;
    }

    @FunctionalInterface
    private interface Work<T> {
        T on(Connection connection) throws SQLException;
    }

    /** A statement, what its rows become, and its values; arrays as lists, which are equal when they hold the same. */
    private record Look(String sql, Class<?> mapper, List<Object> values) {
        static Look of(String sql, RowMapper<?> mapper, Object... values) {
            return new Look(
                    sql,
                    mapper.getClass(),
                    Arrays.stream(values)
                            .map(value -> value instanceof Object[] several ? List.of(several) : value)
                            .toList());
        }
    }

    /** What was looked up over one connection. */
    private record Reading(Connection connection, Map<Look, List<?>> found) {}

    /**
     * Work that reads: over one connection, and what is looked up twice is found once. A change within it is seen at once.
     */
    public <T> T reading(Supplier<T> work) {
        if (open.get() != null || reading.get() != null) {
            return work.get();
        }
        try (Connection connection = source.getConnection()) {
            reading.set(new Reading(connection, new HashMap<>()));
            return work.get();
        } catch (SQLException e) {
            throw failure.apply(e);
        } finally {
            reading.remove();
        }
    }

    /** All rows, in the order of the statement; a list that cannot be changed. */
    public <T> List<T> list(String sql, RowMapper<T> mapper, Object... values) {
        Reading now = reading.get();
        if (now == null || open.get() != null) {
            return looked(sql, mapper, values);
        }
        Look look = Look.of(sql, mapper, values);
        List<?> found = now.found().get(look);
        if (found == null) {
            found = looked(sql, mapper, values);
            now.found().put(look, found);
        }
        // The rows were made by this mapper.
        @SuppressWarnings("unchecked")
        List<T> rows = (List<T>) found;
        return rows;
    }

    private <T> List<T> looked(String sql, RowMapper<T> mapper, Object... values) {
        return with(connection -> {
            try (PreparedStatement statement = prepared(connection, sql, values);
                    ResultSet rows = statement.executeQuery()) {
                List<T> list = new ArrayList<>();
                while (rows.next()) {
                    list.add(mapper.map(rows));
                }
                return Collections.unmodifiableList(list);
            }
        });
    }

    /** Hands over every row, in the order of the statement, without holding them all. */
    public <T> void each(String sql, RowMapper<T> mapper, Consumer<T> reader, Object... values) {
        with(connection -> {
            try (PreparedStatement statement = prepared(connection, sql, values);
                    ResultSet rows = statement.executeQuery()) {
                while (rows.next()) {
                    reader.accept(mapper.map(rows));
                }
            }
            return null;
        });
    }

    /** The only row, if there is one; two are a broken promise. */
    public <T> Optional<T> one(String sql, RowMapper<T> mapper, Object... values) {
        List<T> rows = list(sql, mapper, values);
        if (rows.size() > 1) {
            throw new IllegalStateException("Expected one row, got %d: %s".formatted(rows.size(), sql));
        }
        return rows.stream().findFirst();
    }

    /** Runs a change; how many rows it touched. */
    public int update(String sql, Object... values) {
        changed();
        int rows = with(connection -> {
            try (PreparedStatement statement = prepared(connection, sql, values)) {
                return statement.executeUpdate();
            }
        });
        if (rows > 0) {
            changes.made(sql, open.get() != null);
        }
        return rows;
    }

    /** Runs a change once for each item. */
    public <T> void batch(String sql, Stream<T> items, Function<T, Object[]> values) {
        changed();
        with(connection -> {
            try (PreparedStatement statement = connection.prepareStatement(sql)) {
                int waiting = 0;
                for (T item : (Iterable<T>) items::iterator) {
                    bind(connection, statement, values.apply(item));
                    statement.addBatch();
                    if (++waiting == BATCH) {
                        statement.executeBatch();
                        waiting = 0;
                    }
                }
                statement.executeBatch();
            }
            return null;
        });
        changes.made(sql, open.get() != null);
    }

    /** A number that is another one once something was changed that may change what is sold. */
    public long changes() {
        return changes.value();
    }

    /** All of the work, or none of it. */
    public <T> T inTransaction(Supplier<T> work) {
        if (open.get() != null) {
            return work.get();
        }
        try (Connection connection = source.getConnection()) {
            connection.setAutoCommit(false);
            open.set(connection);
            boolean done = false;
            try {
                T result = work.get();
                connection.commit();
                done = true;
                return result;
            } finally {
                open.remove();
                if (!done) {
                    connection.rollback();
                }
                changes.ended();
                connection.setAutoCommit(true);
            }
        } catch (SQLException e) {
            throw failure.apply(e);
        }
    }

    /** A change needs room, and what was found before it is looked up again. */
    private void changed() {
        roomForChange.run();
        if (reading.get() != null) {
            reading.get().found().clear();
        }
    }

    private <T> T with(Work<T> work) {
        try {
            if (open.get() != null) {
                return work.on(open.get());
            }
            if (reading.get() != null) {
                return work.on(reading.get().connection());
            }
            try (Connection connection = source.getConnection()) {
                return work.on(connection);
            }
        } catch (SQLException e) {
            throw failure.apply(e);
        }
    }

    private static PreparedStatement prepared(Connection connection, String sql, Object... values) throws SQLException {
        PreparedStatement statement = connection.prepareStatement(sql);
        try {
            bind(connection, statement, values);
        } catch (SQLException e) {
            statement.close();
            throw e;
        }
        return statement;
    }

    /** Several words or numbers are bound as one array, for `= any(?)`. */
    private static void bind(Connection connection, PreparedStatement statement, Object... values) throws SQLException {
        for (int i = 0; i < values.length; i++) {
            if (values[i] instanceof String[] words) {
                statement.setArray(i + 1, connection.createArrayOf("varchar", words));
            } else if (values[i] instanceof Long[] numbers) {
                statement.setArray(i + 1, connection.createArrayOf("bigint", numbers));
            } else {
                statement.setObject(i + 1, values[i]);
            }
        }
    }
}
