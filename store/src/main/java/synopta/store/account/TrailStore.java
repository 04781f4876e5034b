package synopta.store.account;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import synopta.core.account.TrailEntry;
import synopta.core.account.TrailRepository;
import synopta.store.jdbc.Jdbc;

/** The trail in the store. */
public final class TrailStore implements TrailRepository {
    private final Jdbc jdbc;

    /** Reads and writes through this. */
    public TrailStore(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    private static final String BEFORE = """
            select number, at_instant, who, terminal, action, subject, hash
              from trail_entry
             where number < ?
             order by number desc
             fetch first ? rows only""";
    private static final String ADD = """
            insert into trail_entry (number, at_instant, who, terminal, action, subject, hash)
            values (?, ?, ?, ?, ?, ?, ?)""";

    @Override
    public synchronized void append(Function<Optional<TrailEntry>, TrailEntry> next) {
        jdbc.inTransaction(() -> {
            TrailEntry entry = next.apply(before(Long.MAX_VALUE, 1).stream().findFirst());
            return jdbc.update(
                    ADD,
                    entry.number(),
                    entry.at().atOffset(ZoneOffset.UTC),
                    entry.who(),
                    entry.terminal(),
                    entry.action(),
                    entry.subject(),
                    entry.hash());
        });
    }

    @Override
    public List<TrailEntry> before(long number, int limit) {
        return jdbc.list(BEFORE, TrailStore::entry, number, limit);
    }

    private static final String ALL = """
            select number, at_instant, who, terminal, action, subject, hash
              from trail_entry
             order by number""";

    @Override
    public void each(Consumer<TrailEntry> reader) {
        jdbc.each(ALL, TrailStore::entry, reader);
    }

    private static TrailEntry entry(ResultSet row) throws SQLException {
        return new TrailEntry(
                row.getLong("number"),
                row.getObject("at_instant", OffsetDateTime.class).toInstant(),
                row.getString("who"),
                row.getString("terminal"),
                row.getString("action"),
                row.getString("subject"),
                row.getString("hash"));
    }
}
