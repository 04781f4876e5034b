package synopta.store.order;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.order.Reservation;
import synopta.core.order.ReservationRepository;
import synopta.store.jdbc.Jdbc;

/**
 * Promises in the store. Pieces are taken off a shelf by one conditional update of its row, which the database lets
 * one writer do at a time: of two who want the last one, the second finds none.
 */
public final class ReservationStore implements ReservationRepository {
    private final Jdbc jdbc;

    /** Reads and writes through this. */
    public ReservationStore(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    private static final String TAKE = """
            update stock
               set reserved = reserved + ?
             where part_key = ?
               and branch = ?
               and on_hand - reserved >= ?""";
    private static final String NEXT = """
            select coalesce(max(number), 0) + 1 as next
              from promise""";
    private static final String INSERT = """
            insert into promise (number, created_at, case_number, branch, part, part_key, quantity, state, days)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?)""";

    @Override
    public synchronized Optional<Reservation> add(Reservation reservation) {
        return jdbc.inTransaction(() -> {
            boolean isReserved = reservation.state() == Reservation.State.RESERVED;
            String key = reservation.part().key();
            if (isReserved
                    && jdbc.update(TAKE, reservation.quantity(), key, reservation.branch(), reservation.quantity())
                            == 0) {
                return Optional.empty();
            }
            long number = jdbc.one(NEXT, row -> row.getLong("next")).orElseThrow();
            jdbc.update(
                    INSERT,
                    number,
                    reservation.createdAt().atOffset(ZoneOffset.UTC),
                    reservation.caseNumber(),
                    reservation.branch(),
                    reservation.part().written(),
                    key,
                    reservation.quantity(),
                    reservation.state().slug(),
                    reservation.days());
            return find(number);
        });
    }

    private static final String FREE = """
            select on_hand - reserved as free
              from stock
             where part_key = ?
               and branch = ?""";

    @Override
    public int free(Reservation reservation) {
        return jdbc.one(FREE, row -> row.getInt("free"), reservation.part().key(), reservation.branch())
                .map(free -> Math.max(0, free))
                .orElse(0);
    }

    private static final String CHANGE = """
            update promise
               set state = ?, days = ?
             where number = ?
               and state = ?""";
    private static final String PUT_BACK = """
            update stock
               set reserved = reserved - ?
             where part_key = ?
               and branch = ?
               and reserved >= ?""";

    @Override
    public boolean change(Reservation reservation, Reservation.State state, @Nullable Integer days) {
        return jdbc.inTransaction(() -> {
            Integer inDays = days;
            int changed = jdbc.update(
                    CHANGE,
                    state.slug(),
                    inDays,
                    reservation.number(),
                    reservation.state().slug());
            if (changed == 1
                    && reservation.state() == Reservation.State.RESERVED
                    && state == Reservation.State.RELEASED) {
                jdbc.update(
                        PUT_BACK,
                        reservation.quantity(),
                        reservation.part().key(),
                        reservation.branch(),
                        reservation.quantity());
            }
            return changed == 1;
        });
    }

    private static final String FIND = """
            select number, created_at, case_number, branch, part, quantity, state, days
              from promise
             where number = ?""";

    @Override
    public Optional<Reservation> find(long number) {
        return jdbc.one(FIND, ReservationStore::reservation, number);
    }

    private static final String OF_CASE = """
            select number, created_at, case_number, branch, part, quantity, state, days
              from promise
             where case_number = ?
             order by number""";

    @Override
    public List<Reservation> ofCase(long caseNumber) {
        return jdbc.list(OF_CASE, ReservationStore::reservation, caseNumber);
    }

    private static final String WAITING = """
            select number, created_at, case_number, branch, part, quantity, state, days
              from promise
             where state = 'waiting'
             order by number""";

    @Override
    public List<Reservation> waiting() {
        return jdbc.list(WAITING, ReservationStore::reservation);
    }

    private static Reservation reservation(ResultSet row) throws SQLException {
        return new Reservation(
                row.getLong("number"),
                row.getObject("created_at", OffsetDateTime.class).toInstant(),
                row.getObject("case_number", Long.class),
                row.getString("branch"),
                new PartNumber(row.getString("part")),
                row.getInt("quantity"),
                Reservation.State.valueOf(
                        row.getString("state").toUpperCase(Locale.ROOT).replace('-', '_')),
                row.getObject("days", Integer.class));
    }
}
