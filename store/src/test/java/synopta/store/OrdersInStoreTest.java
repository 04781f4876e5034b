package synopta.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import synopta.core.catalog.CatalogImport;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Sheet;
import synopta.core.catalog.Stock;
import synopta.core.order.Quote;
import synopta.core.order.QuoteTotals;
import synopta.core.order.Reservation;
import synopta.core.quantity.Money;
import synopta.demo.DemoCatalog;

/** Quotes and promises on a real H2. */
public class OrdersInStoreTest {
    private static final PartNumber KIT = new PartNumber("QV-4410-K");
    private static final PartNumber BELT = new PartNumber("QV-1183");
    private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");
    private Store store;

    @BeforeClass
    public void open() throws IOException {
        store = Store.inFolder(Files.createTempDirectory("orders"));
        store.catalogStore().replace(DemoCatalog.of(7, DemoCatalog.MODELS));
    }

    @AfterClass
    public void close() {
        store.close();
    }

    private void onHand(int kits) {
        CatalogImport stock = new CatalogImport();
        stock.begin(Sheet.STOCK).add(new Stock("Staithe", KIT, kits, 2), 2);
        store.catalogStore().replace(stock, sheet -> {});
    }

    private static Reservation wanted(PartNumber part, int quantity, Reservation.State state) {
        return new Reservation(0, NOON, 9L, "Staithe", part, quantity, state, null, null, null);
    }

    private int free() {
        return store.catalog().stock(KIT).get(0).onHand();
    }

    @Test
    public void ofTwoCountersThatReserveTheLastOneOneGetsItAndTheOtherIsTold() throws Exception {
        ExecutorService counters = Executors.newFixedThreadPool(2);
        for (int round = 0; round < 40; round++) {
            onHand(1);
            Callable<Optional<Reservation>> reserve =
                    () -> store.reservations().add(wanted(KIT, 1, Reservation.State.RESERVED));
            List<Optional<Reservation>> got = new ArrayList<>();
            for (Future<Optional<Reservation>> one : counters.invokeAll(List.of(reserve, reserve))) {
                got.add(one.get());
            }
            assertEquals(got.stream().filter(Optional::isPresent).count(), 1, "round " + round);
            assertEquals(store.reservations().free(wanted(KIT, 1, Reservation.State.RESERVED)), 0);
            Reservation kept =
                    got.stream().flatMap(Optional::stream).findFirst().orElseThrow();
            assertTrue(store.reservations().change(kept, Reservation.State.RELEASED, null));
            assertFalse(store.reservations().change(kept, Reservation.State.RELEASED, null), "only once");
        }
        counters.shutdown();
    }

    @Test(dependsOnMethods = "ofTwoCountersThatReserveTheLastOneOneGetsItAndTheOtherIsTold")
    public void whatIsKeptIsNotFreeForOthersAndStaysKeptWhenAStocktakingComesIn() {
        onHand(5);
        Reservation two = store.reservations()
                .add(wanted(KIT, 2, Reservation.State.RESERVED))
                .orElseThrow();
        assertEquals(free(), 3);
        onHand(4);
        assertEquals(free(), 2, "two of the four are kept");
        assertTrue(store.reservations()
                .add(wanted(KIT, 3, Reservation.State.RESERVED))
                .isEmpty());
        List<Stock> counted = new ArrayList<>();
        store.catalogStore().each(Sheet.STOCK, counted::add);
        assertEquals(counted.get(0).onHand(), 4, "what lies on the shelf is taken out as it was counted");
        assertTrue(store.reservations().change(two, Reservation.State.RELEASED, null));
        assertEquals(free(), 4);
    }

    @Test
    public void anOrderThatWaitsIsFoundAgainUntilItIsAnswered() {
        Reservation order = store.reservations()
                .add(wanted(BELT, 7, Reservation.State.WAITING))
                .orElseThrow();
        assertTrue(store.reservations().waiting().contains(order));
        assertTrue(store.reservations().change(order, Reservation.State.ORDERED, 3));
        assertFalse(store.reservations().waiting().contains(order));
        int free = free();
        onHand(5);
        Reservation kept = store.reservations()
                .add(wanted(KIT, 2, Reservation.State.RESERVED))
                .orElseThrow();
        Reservation waiting = store.reservations()
                .add(wanted(KIT, 2, Reservation.State.WAITING))
                .orElseThrow();
        assertTrue(store.reservations().change(waiting, Reservation.State.RELEASED, null));
        assertEquals(free(), 3, "an order that never came lets go of nobody else's pieces");
        assertTrue(store.reservations().change(kept, Reservation.State.RELEASED, null));
        onHand(free);
        Reservation answered = store.reservations().find(order.number()).orElseThrow();
        assertEquals(answered.days(), 3);
        assertTrue(store.reservations().ofCase(9).contains(answered));
        assertTrue(store.reservations().ofCase(12345).isEmpty());
    }

    @Test
    public void aQuoteComesBackAsItWasWrittenWhateverThePricesAreThen() {
        Money goods = Money.of("43.50", "USD");
        Quote quote = new Quote(
                0,
                NOON,
                LocalDate.of(2026, 3, 15),
                "Hill Depot",
                "Büring, 漢",
                3L,
                "Tidewell TH-7820-W, dryer",
                "(541) 555-0140",
                "Electrical parts are not taken back.",
                List.of(new Quote.Line(BELT, "drum belt", 3, Money.of("14.50", "USD"), false)),
                QuoteTotals.of(goods, new BigDecimal("7.725"), false));
        Quote kept = store.quotes().add(quote);
        assertEquals(store.quotes().find(kept.number()), Optional.of(kept));
        assertEquals(kept.lines(), quote.lines());
        assertEquals(kept.sum(), quote.sum());
        assertEquals(kept.customer(), quote.customer());
        assertEquals(
                List.of(kept.machine(), kept.contact(), kept.terms()),
                List.of(quote.machine(), quote.contact(), quote.terms()));
        Quote second = store.quotes().add(quote);
        assertEquals(store.quotes().list(second.number(), 1), List.of(kept));
        assertTrue(store.quotes().find(99_999).isEmpty());
    }
}
