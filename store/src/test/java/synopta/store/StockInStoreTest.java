package synopta.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.CatalogImport;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Sheet;
import synopta.core.catalog.Stock;
import synopta.core.knowledge.HouseSettings;
import synopta.core.order.Reservation;
import synopta.core.order.StockMovement;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeRecord;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseSnapshot;
import synopta.demo.DemoCatalog;

/** Stock that follows what leaves and comes back, on a real H2. */
public class StockInStoreTest {
    private static final PartNumber KIT = new PartNumber("QV-4410-K");
    private static final PartNumber BELT = new PartNumber("QV-1183");
    private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");
    private static final int COUNTED = 50;
    private Store store;

    @BeforeClass
    public void open() throws IOException {
        store = Store.inFolder(Files.createTempDirectory("stock"));
        store.catalogStore().replace(DemoCatalog.of(7, DemoCatalog.MODELS));
    }

    @AfterClass
    public void close() {
        store.close();
    }

    /** The supplier's figures come in anew: what moved before is in them. */
    @BeforeMethod
    public void counted() {
        CatalogImport stock = new CatalogImport();
        for (PartNumber part : List.of(KIT, BELT)) {
            stock.begin(Sheet.STOCK).add(new Stock("Staithe", part, COUNTED, 2), 2);
        }
        store.catalogStore().replace(stock, sheet -> {});
    }

    private int free(PartNumber part) {
        return store.catalog().stock(part).stream()
                .filter(stock -> stock.branch().equals("Staithe"))
                .mapToInt(Stock::onHand)
                .sum();
    }

    private static CaseContent content(CaseContent.Status status, String branch, Map<PartNumber, Integer> lines) {
        return new CaseContent(
                CaseInput.of("a call")
                        .but()
                        .shopping(new Shopping(List.of(), branch, null))
                        .input(),
                null,
                lines.entrySet().stream()
                        .map(line -> new CaseContent.Line(line.getKey(), line.getValue()))
                        .toList(),
                Set.of(),
                null,
                null,
                Customer.NONE,
                null,
                status);
    }

    private Reservation reserved(long number, int quantity, Reservation.State state) {
        return store.reservations()
                .add(new Reservation(0, NOON, number, "Staithe", KIT, quantity, state, null, null, null))
                .orElseThrow();
    }

    private void handOver(CaseRecord record, int kits) {
        store.cases()
                .replace(
                        record,
                        content(CaseContent.Status.HANDED_OVER, "Staithe", Map.of(KIT, kits)),
                        CaseSnapshot.UNTOLD,
                        NOON)
                .orElseThrow();
    }

    /** Cases saved, changed, undone and handed over at random: the shelf is always what was counted less what is out. */
    @Test
    public void howeverACaseIsChangedTheShelfIsWhatWasCountedLessWhatIsOut() {
        Random random = new Random(5);
        Map<Long, Map<PartNumber, Integer>> out = new HashMap<>();
        Map<Long, CaseRecord> kept = new HashMap<>();
        for (int step = 0; step < 60; step++) {
            boolean isOut = random.nextBoolean();
            boolean isHere = random.nextInt(4) > 0;
            Map<PartNumber, Integer> lines =
                    random.nextBoolean() ? Map.of(KIT, 1 + random.nextInt(2)) : Map.of(KIT, 1, BELT, 1);
            CaseContent content = content(
                    isOut ? CaseContent.Status.HANDED_OVER : CaseContent.Status.OPEN, isHere ? "Staithe" : null, lines);
            long one = 1 + random.nextInt(6);
            CaseRecord before = kept.get(one);
            CaseRecord now = before == null
                    ? store.cases().add(content, CaseSnapshot.UNTOLD, NOON)
                    : store.cases()
                            .replace(before, content, CaseSnapshot.UNTOLD, NOON)
                            .orElseThrow();
            kept.put(one, now);
            out.put(one, isOut && isHere ? lines : Map.of());
            assertShelves(out, step);
        }
        int booked = store.stockMovements().last(1_000).stream()
                .filter(movement -> movement.shelf().part().equals(KIT))
                .mapToInt(StockMovement::quantity)
                .sum();
        assertEquals(COUNTED + booked, free(KIT), "the movements add up to the shelf");
    }

    private void assertShelves(Map<Long, Map<PartNumber, Integer>> out, int step) {
        for (PartNumber part : List.of(KIT, BELT)) {
            int gone = out.values().stream()
                    .mapToInt(left -> left.getOrDefault(part, 0))
                    .sum();
            assertEquals(free(part), COUNTED - gone, part + " after step " + step);
        }
    }

    @Test
    public void whatWasReservedForACaseLeavesWithItOnce() {
        CaseRecord record = store.cases()
                .add(content(CaseContent.Status.OPEN, "Staithe", Map.of(KIT, 2)), CaseSnapshot.UNTOLD, NOON);
        Reservation kept = reserved(record.number(), 2, Reservation.State.RESERVED);
        assertEquals(free(KIT), COUNTED - 2, "kept");
        handOver(record, 2);
        assertEquals(free(KIT), COUNTED - 2, "gone, and no longer kept");
        assertEquals(store.reservations().find(kept.number()).orElseThrow().state(), Reservation.State.COLLECTED);
        assertTrue(store.reservations().standing().stream()
                .noneMatch(standing -> standing.reservation().number() == kept.number()));
    }

    @Test
    public void whatCameInIsKeptAndWhatWasCollectedBeforeLeavesNoSecondTime() {
        CaseRecord record = store.cases()
                .add(content(CaseContent.Status.OPEN, "Staithe", Map.of(KIT, 3)), CaseSnapshot.UNTOLD, NOON);
        Reservation ordered = reserved(record.number(), 3, Reservation.State.ORDERED);
        assertTrue(store.reservations().change(ordered, Reservation.State.ARRIVED, null));
        assertEquals(free(KIT), COUNTED, "three came in, and are kept");
        Reservation arrived = store.reservations().find(ordered.number()).orElseThrow();
        counted();
        assertEquals(free(KIT), COUNTED - 3, "counted with those that are kept");
        assertTrue(store.reservations().change(arrived, Reservation.State.COLLECTED, null));
        assertEquals(free(KIT), COUNTED - 3);
        handOver(record, 3);
        assertEquals(free(KIT), COUNTED - 3, "they have left already");
    }

    private void returned(long number, int kits, Outcome.Reason reason) {
        store.outcomes()
                .add(
                        number,
                        new Outcome(
                                NOON, null, null, false, null, List.of(new Outcome.Return(KIT, kits, reason)), null),
                        new OutcomeRecord(
                                number,
                                LocalDate.of(2026, 3, 1),
                                null,
                                null,
                                null,
                                List.of(),
                                List.of(),
                                false,
                                List.of(reason),
                                null,
                                null,
                                List.of()));
    }

    @Test
    public void whatComesBackGoesOnItsShelfOnceUnlessItIsDamaged() {
        CaseRecord record = store.cases()
                .add(content(CaseContent.Status.OPEN, "Staithe", Map.of(KIT, 2)), CaseSnapshot.UNTOLD, NOON);
        handOver(record, 2);
        returned(record.number(), 2, Outcome.Reason.DAMAGED);
        assertEquals(free(KIT), COUNTED - 2);
        returned(record.number(), 1, Outcome.Reason.CHANGED_MIND);
        assertEquals(free(KIT), COUNTED - 1);
        returned(record.number(), 1, Outcome.Reason.WRONG_PART);
        assertEquals(free(KIT), COUNTED - 1, "told once more, it came back once");
        returned(record.number(), 5, Outcome.Reason.WRONG_PART);
        assertEquals(free(KIT), COUNTED, "no more comes back than has left");
    }

    /** What was worked out is used again until this number changes: a sale must not hang on stock that has gone. */
    @Test
    public void theVersionOfTheCatalogChangesWithAllThatASaleHangsOnAndWithNothingElse() {
        long atFirst = store.catalog().version();
        CaseRecord record = store.cases()
                .add(content(CaseContent.Status.OPEN, "Staithe", Map.of(KIT, 2)), CaseSnapshot.UNTOLD, NOON);
        assertEquals(store.catalog().version(), atFirst, "a case that is only held changes nothing that is sold");
        handOver(record, 2);
        long handedOver = store.catalog().version();
        assertTrue(handedOver > atFirst, "pieces left the shelf");
        returned(record.number(), 2, Outcome.Reason.WRONG_PART);
        long returned = store.catalog().version();
        assertTrue(returned > handedOver, "pieces came back");
        store.house().choose(HouseSettings.USUAL);
        long chosen = store.catalog().version();
        assertTrue(chosen > returned, "the house sells by other rules");
        counted();
        assertTrue(store.catalog().version() > chosen, "the supplier sent other figures");
    }
}
