package synopta.core.order;

import java.time.Instant;
import java.util.OptionalInt;
import java.util.OptionalLong;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Slugged;

/**
 * What was promised of one line.
 *
 * @param number running, from 1
 * @param quantity sale units
 * @param days until it comes, when it was ordered
 */
public record Reservation(
        long number,
        Instant createdAt,
        OptionalLong caseNumber,
        String branch,
        PartNumber part,
        int quantity,
        State state,
        OptionalInt days) {
    /** Refuses a promise of nothing. */
    public Reservation {
        if (quantity < 1) {
            throw new IllegalArgumentException("Quantity of %s (%d) must be at least 1.".formatted(part, quantity));
        }
    }

    /** How it stands. */
    public enum State implements Slugged {
        /** Kept on the shelf of the branch. */
        RESERVED,
        /** The supplier has taken the order. */
        ORDERED,
        /** The supplier did not answer: it is sent again. */
        WAITING,
        /** The supplier has none. */
        OUT_OF_STOCK,
        /** Taken back. */
        RELEASED;
    }

    Reservation as(State other, OptionalInt inDays) {
        return new Reservation(number, createdAt, caseNumber, branch, part, quantity, other, inDays);
    }
}
