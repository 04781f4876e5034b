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
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import synopta.core.catalog.Delivery;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Sheet;
import synopta.core.catalog.Stock;
import synopta.core.order.Promise;
import synopta.core.order.Quote;
import synopta.core.order.Sum;
import synopta.core.quantity.Money;
import synopta.demo.DemoCatalogue;

/** Quotes and promises on a real H2. */
public class OrdersInStoreTest {
    private static final PartNumber KIT = new PartNumber("QV-4410-K");
    private static final PartNumber BELT = new PartNumber("QV-1183");
    private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");
    private Store store;

    @BeforeClass
    public void open() throws IOException {
        store = Store.inFolder(Files.createTempDirectory("orders"));
        store.catalogStore().replace(DemoCatalogue.of(7, DemoCatalogue.MODELS));
    }

    @AfterClass
    public void close() {
        store.close();
    }

    private void onHand(int kits) {
        Delivery stock = new Delivery();
        stock.begin(Sheet.STOCK).add(new Stock("Staithe", KIT, kits, 2), 2);
        store.catalogStore().replace(stock, sheet -> {});
    }

    private static Promise wanted(PartNumber part, int quantity, Promise.State state) {
        return new Promise(0, NOON, OptionalLong.of(9), "Staithe", part, quantity, state, OptionalInt.empty());
    }

    private int free() {
        return store.catalog().stock(KIT).get(0).onHand();
    }

    @Test
    public void ofTwoCountersThatReserveTheLastOneOneGetsItAndTheOtherIsTold() throws Exception {
        ExecutorService counters = Executors.newFixedThreadPool(2);
        for (int round = 0; round < 40; round++) {
            onHand(1);
            Callable<Optional<Promise>> reserve = () -> store.promises().add(wanted(KIT, 1, Promise.State.RESERVED));
            List<Optional<Promise>> got = new ArrayList<>();
            for (Future<Optional<Promise>> one : counters.invokeAll(List.of(reserve, reserve))) {
                got.add(one.get());
            }
            assertEquals(got.stream().filter(Optional::isPresent).count(), 1, "round " + round);
            assertEquals(store.promises().free(wanted(KIT, 1, Promise.State.RESERVED)), 0);
            Promise kept = got.stream().flatMap(Optional::stream).findFirst().orElseThrow();
            assertTrue(store.promises().change(kept, Promise.State.RELEASED, OptionalInt.empty()));
            assertFalse(store.promises().change(kept, Promise.State.RELEASED, OptionalInt.empty()), "only once");
        }
        counters.shutdown();
    }

    @Test(dependsOnMethods = "ofTwoCountersThatReserveTheLastOneOneGetsItAndTheOtherIsTold")
    public void whatIsKeptIsNotFreeForOthersAndStaysKeptWhenAStocktakingComesIn() {
        onHand(5);
        Promise two =
                store.promises().add(wanted(KIT, 2, Promise.State.RESERVED)).orElseThrow();
        assertEquals(free(), 3);
        onHand(4);
        assertEquals(free(), 2, "two of the four are kept");
        assertTrue(store.promises().add(wanted(KIT, 3, Promise.State.RESERVED)).isEmpty());
        List<Stock> counted = new ArrayList<>();
        store.catalogStore().each(Sheet.STOCK, counted::add);
        assertEquals(counted.get(0).onHand(), 4, "what lies on the shelf is taken out as it was counted");
        assertTrue(store.promises().change(two, Promise.State.RELEASED, OptionalInt.empty()));
        assertEquals(free(), 4);
    }

    @Test
    public void anOrderThatWaitsIsFoundAgainUntilItIsAnswered() {
        Promise order =
                store.promises().add(wanted(BELT, 7, Promise.State.WAITING)).orElseThrow();
        assertTrue(store.promises().waiting().contains(order));
        assertTrue(store.promises().change(order, Promise.State.ORDERED, OptionalInt.of(3)));
        assertFalse(store.promises().waiting().contains(order));
        Promise answered = store.promises().find(order.number()).orElseThrow();
        assertEquals(answered.days(), OptionalInt.of(3));
        assertTrue(store.promises().ofCase(9).contains(answered));
        assertTrue(store.promises().ofCase(12345).isEmpty());
    }

    @Test
    public void aQuoteComesBackAsItWasWrittenWhateverThePricesAreThen() {
        Money goods = Money.of("43.50", "EUR");
        Quote quote = new Quote(
                0,
                NOON,
                LocalDate.of(2026, 3, 15),
                "Hill Depot",
                Optional.of("Büring, 漢"),
                OptionalLong.of(3),
                List.of(new Quote.Line(BELT, "drum belt", 3, Money.of("14.50", "EUR"))),
                Sum.of(goods, new BigDecimal("7.725"), false));
        Quote kept = store.quotes().add(quote);
        assertEquals(store.quotes().find(kept.number()), Optional.of(kept));
        assertEquals(kept.lines(), quote.lines());
        assertEquals(kept.sum(), quote.sum());
        assertEquals(kept.customer(), quote.customer());
        Quote second = store.quotes().add(quote);
        assertEquals(store.quotes().list(Optional.of(second.number()), 1), List.of(kept));
        assertTrue(store.quotes().find(99_999).isEmpty());
    }
}
