package synopta.core.order;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
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

    /**
     * For whom, where and until when.
     *
     * @param branch name of the branch
     * @param caseNumber case it is for; what was reserved for it before is not reserved again. Null when there is none
     * @param until last day it is kept; null for no limit
     */
    public record Keeping(
            String branch,
            @Nullable Long caseNumber,
            @Nullable LocalDate until) {}

    /** Reserves each line at the branch; what is not there is told. */
    public List<Outcome> reserve(Keeping keeping, List<Wanted> lines) {
        return reservation(
                keeping, lines, missing -> new Outcome.Gone(missing.part(), missing.quantity(), log.free(missing)));
    }

    /** Reserves each line at the branch; what is not there is ordered from the supplier. */
    public List<Outcome> reserveOrOrder(Keeping keeping, List<Wanted> lines) {
        return reservation(
                keeping,
                lines,
                missing -> new Outcome.Promised(sent(
                        log.add(missing.as(Reservation.State.WAITING, null)).orElseThrow())));
    }

    private List<Outcome> reservation(Keeping keeping, List<Wanted> lines, Function<Reservation, Outcome> whenGone) {
        for (Wanted line : lines) {
            if (catalog.part(line.part).isEmpty()) {
                throw new IllegalArgumentException(
                        "Part (%s) is not in the catalog. Check the number, or look it up by model."
                                .formatted(line.part));
            }
        }
        Long number = keeping.caseNumber;
        List<Reservation> before = number == null
                ? List.of()
                : log.ofCase(number).stream()
                        .filter(r -> r.state().isStanding() && r.branch().equals(keeping.branch))
                        .toList();
        return lines.stream()
                .flatMap(line -> reserved(keeping, line, before, whenGone))
                .toList();
    }

    /** What stands of a line, and what is reserved of the rest. */
    private Stream<Outcome> reserved(
            Keeping keeping, Wanted line, List<Reservation> before, Function<Reservation, Outcome> whenGone) {
        List<Reservation> standing =
                before.stream().filter(r -> r.part().equals(line.part)).toList();
        int missing = line.quantity
                - standing.stream().mapToInt(Reservation::quantity).sum();
        Stream<Outcome> stand = standing.stream().map(Outcome.Promised::new);
        if (missing <= 0) {
            return stand;
        }
        Reservation wanted = new Reservation(
                0,
                clock.instant(),
                keeping.caseNumber,
                keeping.branch,
                line.part,
                missing,
                Reservation.State.RESERVED,
                null,
                keeping.until,
                null);
        return Stream.concat(
                stand,
                Stream.of(log.add(wanted).<Outcome>map(Outcome.Promised::new).orElseGet(() -> whenGone.apply(wanted))));
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
            case RESERVED, ARRIVED, WAITING -> true;
            case ORDERED -> feed.cancel(reservation.number());
            case OUT_OF_STOCK, COLLECTED, RELEASED -> false;
        };
        return stands && log.change(reservation, Reservation.State.RELEASED, null);
    }

    /** What was ordered came in: it is kept on the shelf; false where nothing was ordered. */
    public boolean arrive(Reservation reservation) {
        return reservation.state() == Reservation.State.ORDERED
                && log.change(reservation, Reservation.State.ARRIVED, null);
    }

    /** The customer fetched it; false where it is not kept on the shelf. */
    public boolean collect(Reservation reservation) {
        return reservation.state().isKept() && log.change(reservation, Reservation.State.COLLECTED, null);
    }

    /** The customer was told that it is there; false where it is not. */
    public boolean call(Reservation reservation) {
        if (reservation.state().isKept()) {
            log.called(reservation.number(), clock.instant());
        }
        return reservation.state().isKept();
    }
}
