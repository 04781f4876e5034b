package synopta.store;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseContent.Status;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseRepository.Where;
import synopta.core.record.CaseSnapshot;
import synopta.core.record.SalesRepository.Sold;

/** Cases found by whom they were for and who served them, and what sold in them. */
public class CaseFindingTest {
    private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");
    private Store store;

    @BeforeClass
    public void open() throws IOException {
        store = Store.inFolder(Files.createTempDirectory("finding"));
    }

    @AfterClass
    public void close() {
        store.close();
    }

    private long keep(
            Instant at, Customer customer, @Nullable String model, List<CaseContent.Line> lines, Status status) {
        CaseInput input = CaseInput.of("rattles, call 541.555.0199")
                .but()
                .model(model == null ? null : new ModelNumber(model))
                .input();
        CaseContent content =
                new CaseContent(input, null, lines, Set.of(), null, "Corwin Reed", customer, null, status);
        return store.cases().add(content, CaseSnapshot.UNTOLD, at).number();
    }

    private List<Long> found(String words, Where where) {
        CaseRepository.Filter filter = new CaseRepository.Filter(words, where, CaseRepository.Days.ALL, null, 50);
        return store.cases().list(filter).stream().map(CaseRecord::number).toList();
    }

    @Test
    public void aPhoneNumberIsFoundWithAnyPunctuationAndCustomersApartFromStaff() {
        List<Long> one = List.of(keep(NOON, new Customer("Ann Pell", "(503) 555-0147"), null, List.of(), Status.OPEN));
        for (String phone :
                List.of("5035550147", "503-555-0147", "+1 503 555 0147", "(503)5550147", "555-0147", "50355")) {
            assertEquals(found(phone, Where.ANYWHERE), one, phone);
        }
        assertEquals(found("503-555-0148", Where.ANYWHERE), List.of());
        assertEquals(found("(541) 555 0199 rattles", Where.ANYWHERE), one, "a number in the line");
        assertEquals(found("pell", Where.CUSTOMER), one);
        assertEquals(found("555 0147", Where.CUSTOMER), one);
        assertEquals(found("corwin", Where.CUSTOMER), List.of());
        assertEquals(found("corwin", Where.SERVED_BY), one);
        assertEquals(found("pell", Where.SERVED_BY), List.of());
        store.cases().eraseCustomer(one.get(0));
        assertEquals(found("5035550147", Where.ANYWHERE), List.of());
        assertEquals(found("pell", Where.CUSTOMER), List.of());
    }

    @Test
    public void whatSellsMostIsCountedByPiecesAndByCasesThatLeft() {
        Instant since = NOON.plus(Duration.ofDays(30));
        for (int i = 0; i < 3; i++) {
            sell(since.plusSeconds(i), "TH-7820-W", "QV-1", 1, Status.HANDED_OVER);
        }
        sell(since, "TH-7821-W", "QV-2", 4, Status.HANDED_OVER);
        sell(since, "TH-7821-W", "QV-2", 9, Status.OPEN);
        sell(since.minusSeconds(1), "TH-7822-W", "QV-3", 50, Status.HANDED_OVER);
        assertEquals(store.sales().parts(since, 5), List.of(new Sold("QV-2", 4), new Sold("QV-1", 3)));
        assertEquals(store.sales().models(since, 1), List.of(new Sold("TH-7820-W", 3)));
    }

    private void sell(Instant at, String model, String part, int quantity, Status status) {
        keep(at, Customer.NONE, model, List.of(new CaseContent.Line(new PartNumber(part), quantity)), status);
    }
}
