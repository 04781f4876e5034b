package synopta.core.order;

import java.time.Clock;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;

/**
 * Keeps pieces on the shelf for a caller, and orders what is not there. Of two who want the last one, one gets it and the
 * other is told. An order is kept before it is sent, so that it is not lost when the supplier does not answer.
 */
public final class OrderService {
    private final Catalog catalog;
    private final ReservationRepository log;
    private final SupplierFeed feed;
    private final Clock clock;

    /** Promises from these shelves and this supplier. */
    public OrderService(Catalog catalog, ReservationRepository log, SupplierFeed feed, Clock clock) {
        this.catalog = catalog;
        this.log = log;
        this.feed = feed;
        this.clock = clock;
    }

    /** What became of a line. */
    public sealed interface Outcome {
        /**
         * It was promised, one way or another.
         *
         * @param reservation the reservation
         */
        record Promised(Reservation reservation) implements Outcome {
            @Override
            public <R> R fold(Function<Promised, R> reserved, Function<Gone, R> gone) {
                return reserved.apply(this);
            }
        }

        /**
         * So many are not there any more, and nothing was ordered.
         *
         * @param part number of the part
         * @param quantity pieces, at least 1
         * @param free pieces that are free
         */
        record Gone(PartNumber part, int quantity, int free) implements Outcome {
            /** What to do, in a sentence. */
            public String words(String branch) {
                return "Only %d left at %s. Order it, or choose another branch.".formatted(free, branch);
            }

            @Override
            public <R> R fold(Function<Promised, R> reserved, Function<Gone, R> gone) {
                return gone.apply(this);
            }
        }

        /** One result for each case. */
        <R> R fold(Function<Promised, R> reserved, Function<Gone, R> gone);
    }

    /**
     * So many sale units of a part.
     *
     * @param part number of the part
     * @param quantity pieces, at least 1
     */
    public record Wanted(PartNumber part, int quantity) {}

    /** Reserves each line at the branch; what is not there is told. */
    public List<Outcome> reserve(String branch, @Nullable Long caseNumber, List<Wanted> lines) {
        return reservation(
                branch,
                caseNumber,
                lines,
                missing -> new Outcome.Gone(missing.part(), missing.quantity(), log.free(missing)));
    }

    /** Reserves each line at the branch; what is not there is ordered from the supplier. */
    public List<Outcome> reserveOrOrder(String branch, @Nullable Long caseNumber, List<Wanted> lines) {
        return reservation(
                branch,
                caseNumber,
                lines,
                missing -> new Outcome.Promised(sent(
                        log.add(missing.as(Reservation.State.WAITING, null)).orElseThrow())));
    }

    private List<Outcome> reservation(
            String branch, @Nullable Long caseNumber, List<Wanted> lines, Function<Reservation, Outcome> whenGone) {
        for (Wanted line : lines) {
            if (catalog.part(line.part).isEmpty()) {
                throw new IllegalArgumentException(
                        "Part (%s) is not in the catalog. Check the number, or look it up by model."
                                .formatted(line.part));
            }
        }
        return lines.stream()
                .map(line -> new Reservation(
                        0,
                        clock.instant(),
                        caseNumber,
                        branch,
                        line.part,
                        line.quantity,
                        Reservation.State.RESERVED,
                        null))
                .map(wanted ->
                        log.add(wanted).<Outcome>map(Outcome.Promised::new).orElseGet(() -> whenGone.apply(wanted)))
                .toList();
    }

    private Reservation sent(Reservation order) {
        Reservation answered = feed.order(order.number(), order.part(), order.quantity())
                .fold(
                        accepted -> order.as(Reservation.State.ORDERED, accepted.days()),
                        none -> order.as(Reservation.State.OUT_OF_STOCK, null),
                        notReached -> order);
        if (answered.state() == Reservation.State.WAITING) {
            return order;
        }
        boolean isChanged = log.change(order, answered.state(), answered.days());
        return isChanged ? answered : log.find(order.number()).orElseThrow();
    }

    /** Sends again what waits for the supplier; how many were answered. Stops at the first that is not. */
    public int sendWaiting() {
        int answered = 0;
        for (Reservation order : log.waiting()) {
            if (sent(order).state() == Reservation.State.WAITING) {
                return answered;
            }
            answered++;
        }
        return answered;
    }

    /** Takes a reservation or an order back; false when it does not stand any more, or the supplier does not take it back. */
    public boolean release(Reservation reservation) {
        boolean stands = switch (reservation.state()) {
            case RESERVED, WAITING -> true;
            case ORDERED -> feed.cancel(reservation.number());
            case OUT_OF_STOCK, RELEASED -> false;
        };
        return stands && log.change(reservation, Reservation.State.RELEASED, null);
    }
}
