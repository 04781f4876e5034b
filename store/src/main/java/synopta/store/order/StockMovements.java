package synopta.store.order;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.order.StockMovement;
import synopta.core.order.StockMovement.Reason;
import synopta.core.order.StockMovement.Shelf;
import synopta.core.order.StockRepository;
import synopta.core.quantity.Slugged;
import synopta.store.jdbc.Jdbc;

/** What left the shelves and came back, beside the supplier's figures. Each change is booked once, however often it is told. */
public final class StockMovements implements StockRepository {
    private final Jdbc jdbc;
    private final Clock clock;

    /** Reads and writes through this. */
    public StockMovements(Jdbc jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private static final String MOVE = """
            update stock
               set moved = moved + ?
             where part_key = ?
               and branch = ?""";
    private static final String NEW_SHELF = """
            insert into stock (branch, part_key, on_hand, lead_days, moved)
            values (?, ?, 0, 0, ?)""";
    private static final String BOOK = """
            insert into stock_movement (moved_at, branch, part, part_key, quantity, reason, case_number)
            values (?, ?, ?, ?, ?, ?, ?)""";

    /** Books sale units of a shelf; the caller holds the transaction. */
    void book(Shelf shelf, int quantity, Reason reason, @Nullable Long caseNumber) {
        String key = shelf.part().key();
        if (jdbc.update(MOVE, quantity, key, shelf.branch()) == 0) {
            jdbc.update(NEW_SHELF, shelf.branch(), key, quantity);
        }
        jdbc.update(
                BOOK,
                clock.instant().atOffset(ZoneOffset.UTC),
                shelf.branch(),
                shelf.part().written(),
                key,
                quantity,
                reason.slug(),
                caseNumber);
    }

    private static final Set<Reason> OF_HAND_OVER = Set.of(Reason.HANDED_OVER, Reason.TAKEN_BACK);
    private static final Set<Reason> LEFT = Set.of(Reason.HANDED_OVER, Reason.TAKEN_BACK, Reason.COLLECTED);

    /**
     * Books what a case's hand-over moved, so that in all it is what is due; within the transaction that keeps the case.
     * What was collected before has left already, and does not come back when the hand-over is undone.
     *
     * @param due what left, as a negative number of sale units; none while the case is open
     */
    public void settleHandOver(long caseNumber, Map<Shelf, Integer> due) {
        StockMovement.toBook(due, booked(caseNumber, due.isEmpty() ? OF_HAND_OVER : LEFT))
                .forEach((shelf, quantity) ->
                        book(shelf, quantity, quantity < 0 ? Reason.HANDED_OVER : Reason.TAKEN_BACK, caseNumber));
    }

    /**
     * Books what came back of a case onto the shelf that it left; within the transaction that keeps the outcome.
     *
     * @param back sale units of each part that came back in all; what left no shelf comes back to none
     */
    public void settleReturns(long caseNumber, Map<PartNumber, Integer> back) {
        Map<Shelf, Integer> due = new HashMap<>();
        booked(caseNumber, LEFT).forEach((shelf, left) -> {
            int returned = Math.min(-left, back.getOrDefault(shelf.part(), 0));
            if (returned > 0) {
                due.put(shelf, returned);
            }
        });
        StockMovement.toBook(due, booked(caseNumber, Set.of(Reason.RETURNED)))
                .forEach((shelf, quantity) -> book(shelf, quantity, Reason.RETURNED, caseNumber));
    }

    private Map<Shelf, Integer> booked(long caseNumber, Set<Reason> reasons) {
        Map<Shelf, Integer> booked = new HashMap<>();
        ofCase(caseNumber).stream()
                .filter(movement -> reasons.contains(movement.reason()))
                .forEach(movement -> booked.merge(movement.shelf(), movement.quantity(), Integer::sum));
        return booked;
    }

    private static final String OF_CASE = """
            select moved_at, branch, part, quantity, reason, case_number
              from stock_movement
             where case_number = ?
             order by number""";

    @Override
    public List<StockMovement> ofCase(long caseNumber) {
        return jdbc.list(OF_CASE, StockMovements::movement, caseNumber);
    }

    private static final String LAST = """
            select moved_at, branch, part, quantity, reason, case_number
              from stock_movement
             order by moved_at desc, number desc
             limit ?""";

    @Override
    public List<StockMovement> last(int limit) {
        return jdbc.list(LAST, StockMovements::movement, limit);
    }

    private static StockMovement movement(ResultSet row) throws SQLException {
        return new StockMovement(
                row.getObject("moved_at", OffsetDateTime.class).toInstant(),
                new Shelf(row.getString("branch"), new PartNumber(row.getString("part"))),
                row.getInt("quantity"),
                Slugged.of(Reason.class, "Reason", row.getString("reason")),
                row.getObject("case_number", Long.class));
    }
}
