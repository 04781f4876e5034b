package synopta.store.order;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.order.Reservation;
import synopta.core.order.ReservationRepository;
import synopta.core.order.StandingReservation;
import synopta.core.order.StockMovement;
import synopta.store.jdbc.Jdbc;

/**
 * Promises in the store. Pieces are taken off a shelf by one conditional update of its row, which the database lets
 * one writer do at a time: of two who want the last one, the second finds none.
 */
public final class ReservationStore implements ReservationRepository {
    private final Jdbc jdbc;
    private final StockMovements movements;

    /** Reads and writes through this. */
    public ReservationStore(Jdbc jdbc, StockMovements movements) {
        this.jdbc = jdbc;
        this.movements = movements;
    }

    private static final String TAKE = """
            update stock
               set reserved = reserved + ?
             where part_key = ?
               and branch = ?
               and on_hand + moved - reserved >= ?""";
    private static final String NEXT = """
            select coalesce(max(number), 0) + 1 as next
              from promise""";
    private static final String INSERT = """
            insert into promise (number, created_at, case_number, branch, part, part_key, quantity, state, days,
                                 kept_until)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""";

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
                    reservation.days(),
                    reservation.until());
            return find(number);
        });
    }

    private static final String FREE = """
            select on_hand + moved - reserved as free
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
    private static final String KEEP_MORE = """
            update stock
               set reserved = greatest(reserved + ?, 0)
             where part_key = ?
               and branch = ?""";

    @Override
    public boolean change(Reservation reservation, Reservation.State state, @Nullable Integer days) {
        return jdbc.inTransaction(() -> {
            boolean isChanged = became(reservation, state, days);
            if (isChanged) {
                booked(reservation, state);
                kept(reservation, state);
            }
            return isChanged;
        });
    }

    /** What was kept for a case leaves with it: it is no longer kept, and the hand-over books what leaves the shelf. */
    public void leaves(Reservation kept) {
        if (became(kept, Reservation.State.COLLECTED, kept.days())) {
            kept(kept, Reservation.State.COLLECTED);
        }
    }

    private boolean became(Reservation reservation, Reservation.State state, @Nullable Integer days) {
        return jdbc.update(
                        CHANGE,
                        state.slug(),
                        days,
                        reservation.number(),
                        reservation.state().slug())
                == 1;
    }

    /** Keeps its pieces on the shelf, or no longer; the shelf is there once what came in is booked. */
    private void kept(Reservation reservation, Reservation.State state) {
        if (state.isKept() != reservation.state().isKept()) {
            int more = state.isKept() ? reservation.quantity() : -reservation.quantity();
            jdbc.update(KEEP_MORE, more, reservation.part().key(), reservation.branch());
        }
    }

    private void booked(Reservation reservation, Reservation.State state) {
        StockMovement.Shelf shelf = new StockMovement.Shelf(reservation.branch(), reservation.part());
        if (state == Reservation.State.ARRIVED) {
            movements.book(shelf, reservation.quantity(), StockMovement.Reason.ARRIVED, reservation.caseNumber());
        }
        if (state == Reservation.State.COLLECTED) {
            movements.book(shelf, -reservation.quantity(), StockMovement.Reason.COLLECTED, reservation.caseNumber());
        }
    }

    private static final String CALLED = """
            update promise
               set called_at = ?
             where number = ?""";

    @Override
    public void called(long number, Instant at) {
        jdbc.update(CALLED, at.atOffset(ZoneOffset.UTC), number);
    }

    private static final String STANDING = """
            select p.number, p.created_at, p.case_number, p.branch, p.part, p.quantity, p.state, p.days, p.kept_until,
                   p.called_at, c.name, c.phone
              from promise p
              left join case_customer c on c.number = p.case_number
             where p.state in ('reserved', 'arrived', 'ordered', 'waiting')
             order by p.number""";

    @Override
    public List<StandingReservation> standing() {
        return jdbc.list(
                STANDING,
                row -> new StandingReservation(reservation(row), row.getString("name"), row.getString("phone")));
    }

    private static final String FIND = """
            select number, created_at, case_number, branch, part, quantity, state, days, kept_until, called_at
              from promise
             where number = ?""";

    @Override
    public Optional<Reservation> find(long number) {
        return jdbc.one(FIND, ReservationStore::reservation, number);
    }

    private static final String OF_CASE = """
            select number, created_at, case_number, branch, part, quantity, state, days, kept_until, called_at
              from promise
             where case_number = ?
             order by number""";

    @Override
    public List<Reservation> ofCase(long caseNumber) {
        return jdbc.list(OF_CASE, ReservationStore::reservation, caseNumber);
    }

    private static final String WAITING = """
            select number, created_at, case_number, branch, part, quantity, state, days, kept_until, called_at
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
                row.getObject("days", Integer.class),
                row.getObject("kept_until", LocalDate.class),
                Optional.ofNullable(row.getObject("called_at", OffsetDateTime.class))
                        .map(OffsetDateTime::toInstant)
                        .orElse(null));
    }
}
