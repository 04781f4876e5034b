package synopta.core.order;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Slugged;

/**
 * Sale units that came onto a shelf or left it. The stock of the catalog stays the supplier's figure; these are ours.
 *
 * @param at when
 * @param shelf where, and of what
 * @param quantity sale units; what left is negative
 * @param reason why
 * @param caseNumber case it belongs to; null when there is none
 */
public record StockMovement(
        Instant at,
        Shelf shelf,
        int quantity,
        Reason reason,
        @Nullable Long caseNumber) {
    /**
     * A part at a branch.
     *
     * @param branch name of the branch
     * @param part number of the part
     */
    public record Shelf(String branch, PartNumber part) {}

    /** Why pieces moved. */
    public enum Reason implements Slugged {
        /** The parts of a case left. */
        HANDED_OVER,
        /** A hand-over was undone, or less left than was booked. */
        TAKEN_BACK,
        /** What was reserved was fetched. */
        COLLECTED,
        /** The customer brought it back. */
        RETURNED,
        /** What was ordered came in. */
        ARRIVED
    }

    /**
     * What is still to be booked.
     *
     * @param due what should have moved in all, in sale units
     * @param booked what has been booked of it
     * @return the differences; none where nothing is to be booked
     */
    public static Map<Shelf, Integer> toBook(Map<Shelf, Integer> due, Map<Shelf, Integer> booked) {
        Map<Shelf, Integer> left = new HashMap<>(due);
        booked.forEach((shelf, quantity) -> left.merge(shelf, -quantity, Integer::sum));
        left.values().removeIf(quantity -> quantity == 0);
        return left;
    }
}
