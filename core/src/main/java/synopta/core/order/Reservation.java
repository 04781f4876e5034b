package synopta.core.order;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Slugged;

/**
 * What was promised of one line.
 *
 * @param number running, from 1
 * @param createdAt when it was created
 * @param caseNumber case it belongs to; null when there is none
 * @param branch name of the branch
 * @param part number of the part
 * @param quantity sale units
 * @param state state of the reservation
 * @param days until it comes, when it was ordered
 * @param until last day it is kept for the customer; null for no limit
 * @param calledAt when the customer was told that it is there; null while they were not
 */
public record Reservation(
        long number,
        Instant createdAt,
        @Nullable Long caseNumber,
        String branch,
        PartNumber part,
        int quantity,
        State state,
        @Nullable Integer days,
        @Nullable LocalDate until,
        @Nullable Instant calledAt) {
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
        /** What was ordered came in and is kept on the shelf of the branch. */
        ARRIVED,
        /** The customer has it. */
        COLLECTED,
        /** Taken back. */
        RELEASED;

        /** Whether the pieces lie on the shelf for somebody. */
        public boolean isKept() {
            return this == RESERVED || this == ARRIVED;
        }

        /** Whether it is still to be fetched. */
        public boolean isStanding() {
            return isKept() || this == ORDERED || this == WAITING;
        }
    }

    /** How it stands, in a sentence. */
    public String words() {
        return switch (state) {
            case RESERVED -> "Reserved at %s.".formatted(branch);
            case ORDERED ->
                Objects.requireNonNullElse(days, 0) == 1
                        ? "Ordered, available tomorrow."
                        : "Ordered, available in %d days.".formatted(Objects.requireNonNullElse(days, 0));
            case WAITING -> "The supplier does not answer. The order is saved and will be sent again automatically.";
            case OUT_OF_STOCK -> "The supplier is out of stock. Try an equivalent or another branch.";
            case ARRIVED -> "Came in, kept at %s.".formatted(branch);
            case COLLECTED -> "Collected.";
            case RELEASED -> "Cancelled.";
        };
    }

    Reservation as(State other, @Nullable Integer inDays) {
        return new Reservation(number, createdAt, caseNumber, branch, part, quantity, other, inDays, until, calledAt);
    }

    /** The same under its number. */
    public Reservation numbered(long given) {
        return new Reservation(given, createdAt, caseNumber, branch, part, quantity, state, days, until, calledAt);
    }
}
