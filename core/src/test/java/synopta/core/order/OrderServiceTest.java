package synopta.core.order;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.part;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Shelf;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.HouseSettings;
import synopta.core.quantity.Money;

public class OrderServiceTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-11-26T23:30:00Z"), ZoneOffset.UTC);
    private static final Catalog CATALOG =
            new Shelf().part("BELT", 1450).part("FUSE", 690).part("OLD", -1).catalog();

    /** The parts: sum in cents, percent, whether the prices hold the tax; then tax and total, worked out by hand. */
    @DataProvider
    Object[][] taxes() {
        return new Object[][] {
            {"41.90 x 15/115 = 5.4652", 4190, "15", true, 547, 4190},
            {"41.90 x 15/100 = 6.285, half up", 4190, "15", false, 629, 4819},
            {"0.10 x 5/100 = 0.005, half up", 10, "5", false, 1, 11},
            {"three of them once: 0.015, not 3 x 0.01", 30, "5", false, 2, 32},
            {"a broken rate: 100.00 x 7.725/100", 10000, "7.725", false, 773, 10773},
            {"no tax", 999, "0", true, 0, 999},
            {"nothing", 0, "20", false, 0, 0},
        };
    }

    @Test(dataProvider = "taxes")
    public void taxIsRoundedOnceOnTheSumHalfUp(
            String worked, int goods, String percent, boolean included, int tax, int total) {
        QuoteTotals sum = QuoteTotals.of(new Money(goods, "USD"), new BigDecimal(percent), included);
        assertEquals(sum.tax().cents(), tax, worked);
        assertEquals(sum.total().cents(), total, worked);
    }

    private static final class Quotes implements QuoteRepository {
        private final List<Quote> kept = new ArrayList<>();

        @Override
        public Quote add(Quote quote) {
            kept.add(quote.numbered(kept.size() + 1L));
            return kept.get(kept.size() - 1);
        }

        @Override
        public Optional<Quote> find(long number) {
            return kept.stream().filter(q -> q.number() == number).findFirst();
        }

        @Override
        public List<Quote> of(long caseNumber) {
            return kept.stream()
                    .filter(q -> Objects.requireNonNullElse(q.caseNumber(), 0L) == caseNumber)
                    .toList();
        }

        @Override
        public List<Quote> list(@Nullable Long after, int limit) {
            return kept;
        }
    }

    @Test
    public void aQuoteTakesThePricesOfTodayAndHoldsForTheDaysOfTheHouse() {
        QuoteService service = new QuoteService(CATALOG, new Quotes(), () -> HouseSettings.USUAL, CLOCK, () -> "USD");
        List<QuoteService.Asked> asked =
                List.of(new QuoteService.Asked(part("BELT"), 2, true), new QuoteService.Asked(part("FUSE"), 1, true));
        Quote quote = service.write(new QuoteService.Recipient("Staithe", "  ", 4L, List.of()), asked);
        assertEquals(quote.sum().total().decimal(), "35.90");
        assertEquals(quote.validUntil(), LocalDate.of(2026, 12, 10));
        assertEquals(quote.customer(), null, "a blank name is none");
        for (List<QuoteService.Asked> wrong : List.of(
                List.<QuoteService.Asked>of(),
                List.of(new QuoteService.Asked(part("OLD"), 1, true)),
                List.of(new QuoteService.Asked(part("NOWHERE"), 1, true)),
                List.of(new QuoteService.Asked(part("BELT"), 0, true)))) {
            assertThrows(
                    IllegalArgumentException.class,
                    () -> service.write(new QuoteService.Recipient("Staithe", null, null, List.of()), wrong));
        }
    }

    /** A shelf in memory. */
    private static final class Promises implements ReservationRepository {
        private final Map<PartNumber, Integer> shelf = new HashMap<>(Map.of(part("BELT"), 1));
        private final Map<Long, Reservation> kept = new HashMap<>();

        @Override
        public Optional<Reservation> add(Reservation reservation) {
            boolean isReserved = reservation.state() == Reservation.State.RESERVED;
            if (isReserved && free(reservation) < reservation.quantity()) {
                return Optional.empty();
            }
            if (isReserved) {
                shelf.merge(reservation.part(), -reservation.quantity(), Integer::sum);
            }
            long number = kept.size() + 1L;
            Reservation numbered = reservation.numbered(number);
            kept.put(number, numbered);
            return Optional.of(numbered);
        }

        @Override
        public int free(Reservation reservation) {
            return shelf.getOrDefault(reservation.part(), 0);
        }

        @Override
        public boolean change(Reservation reservation, Reservation.State state, @Nullable Integer days) {
            kept.put(reservation.number(), reservation.as(state, days));
            return true;
        }

        @Override
        public Optional<Reservation> find(long number) {
            return Optional.ofNullable(kept.get(number));
        }

        @Override
        public List<Reservation> ofCase(long caseNumber) {
            return List.copyOf(kept.values());
        }

        @Override
        public List<StandingReservation> standing() {
            return List.of();
        }

        @Override
        public void called(long number, Instant at) {
            // nobody asks
        }

        @Override
        public List<Reservation> waiting() {
            return kept.values().stream()
                    .filter(p -> p.state() == Reservation.State.WAITING)
                    .toList();
        }
    }

    private final class Supplier implements SupplierFeed {
        @Override
        public Answer order(long order, PartNumber part, int quantity) {
            return answer;
        }

        @Override
        public boolean cancel(long order) {
            return answer.equals(TAKEN);
        }
    }

    private static final SupplierFeed.Answer TAKEN = new SupplierFeed.Answer.Accepted(3);
    private SupplierFeed.Answer answer = TAKEN;
    private final Promises reservations = new Promises();
    private final OrderService service = new OrderService(CATALOG, reservations, new Supplier(), CLOCK);

    private String reserved(String part, boolean ordering) {
        List<OrderService.Wanted> lines = List.of(new OrderService.Wanted(part(part), 1));
        OrderService.Keeping keeping = new OrderService.Keeping("Staithe", null, null);
        return (ordering ? service.reserveOrOrder(keeping, lines) : service.reserve(keeping, lines))
                .get(0)
                .fold(
                        kept -> kept.reservation().state().slug()
                                + (kept.reservation().days() != null
                                        ? " " + kept.reservation().days()
                                        : ""),
                        gone -> "gone, %d free".formatted(gone.free()));
    }

    @Test
    public void whatStandsForACaseIsNotReservedAgain() {
        Promises shelf = new Promises();
        OrderService desk = new OrderService(CATALOG, shelf, new Supplier(), CLOCK);
        OrderService.Keeping keeping = new OrderService.Keeping("Staithe", 4L, LocalDate.of(2026, 12, 3));
        List<OrderService.Wanted> two = List.of(new OrderService.Wanted(part("BELT"), 2));
        desk.reserve(keeping, List.of(new OrderService.Wanted(part("BELT"), 1)));
        assertEquals(desk.reserveOrOrder(keeping, two).size(), 2, "the one that is kept, and one that is ordered");
        desk.reserveOrOrder(keeping, two);
        assertEquals(shelf.ofCase(4).stream().map(Reservation::quantity).toList(), List.of(1, 1), "no third piece");
    }

    /** What is due, what is booked, what is left to book. */
    @Test
    public void onlyTheDifferenceOfAShelfIsBooked() {
        StockMovement.Shelf belt = new StockMovement.Shelf("Staithe", part("BELT"));
        StockMovement.Shelf fuse = new StockMovement.Shelf("Staithe", part("FUSE"));
        assertEquals(StockMovement.toBook(Map.of(belt, -2), Map.of()), Map.of(belt, -2));
        assertEquals(StockMovement.toBook(Map.of(belt, -2), Map.of(belt, -2)), Map.of());
        assertEquals(StockMovement.toBook(Map.of(belt, -1), Map.of(belt, -2, fuse, -1)), Map.of(belt, 1, fuse, 1));
        assertEquals(StockMovement.toBook(Map.of(), Map.of(belt, -2)), Map.of(belt, 2));
    }

    @Test
    public void whatIsThereIsKeptTheRestIsOrderedAndAnOrderWaitsForASupplierThatDoesNotAnswer() {
        assertEquals(reserved("BELT", false), "reserved");
        assertEquals(reserved("BELT", false), "gone, 0 free");
        assertEquals(reserved("BELT", true), "ordered 3");
        answer = new SupplierFeed.Answer.NotReached("down");
        assertEquals(reserved("FUSE", true), "waiting");
        assertEquals(service.sendWaiting(), 0);
        answer = new SupplierFeed.Answer.OutOfStock();
        assertEquals(service.sendWaiting(), 1);
        assertEquals(reserved("FUSE", true), "out-of-stock");
        Reservation first = reservations.find(1).orElseThrow();
        assertTrue(service.release(first));
        assertFalse(service.release(reservations.find(1).orElseThrow()), "only once");
        Reservation ordered = reservations.find(2).orElseThrow();
        assertFalse(service.release(ordered), "the supplier does not answer");
        answer = TAKEN;
        assertTrue(service.release(ordered));
        assertThrows(IllegalArgumentException.class, () -> reserved("NOWHERE", true));
    }
}
