package synopta.core.order;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The port through which promises are kept, and the shelves they are made on. */
public interface ReservationRepository {
    /**
     * Keeps a promise under the next number. One that is reserved takes its pieces off what is free at the branch in the
     * same step; empty when so many are not free any more, and nothing is kept then.
     */
    Optional<Reservation> add(Reservation reservation);

    /** What is free of a part at a branch, in sale units. */
    int free(Reservation reservation);

    /**
     * Changes how a promise stands, if it still stands as given. What was kept is free again when it is released, and off
     * the shelf when it is collected; what was ordered is on the shelf and kept when it came in.
     */
    boolean change(Reservation reservation, Reservation.State state, @Nullable Integer days);

    /** The promise of that number. */
    Optional<Reservation> find(long number);

    /** Those of a case, oldest first. */
    List<Reservation> ofCase(long caseNumber);

    /** What is still to be fetched, oldest first. */
    List<StandingReservation> standing();

    /** Takes note that the customer was told that it is there. */
    void called(long number, Instant at);

    /** Orders that wait for the supplier, oldest first. */
    List<Reservation> waiting();
}
