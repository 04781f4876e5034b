package synopta.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import org.flywaydb.core.Flyway;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.PartNumber;
import synopta.core.order.Quote;
import synopta.core.order.QuoteTotals;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeRecord;
import synopta.core.quantity.Money;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseSnapshot;

/** Revisions, customers, words and outcomes on a real H2. */
public class CasesInStoreTest {
    private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");
    private static final Customer MARL = new Customer("Marl Quillby", "55-0142");
    private Path folder;
    private Store store;

    @BeforeMethod
    public void open() throws IOException {
        folder = Files.createTempDirectory("day-book");
        store = Store.inFolder(folder);
    }

    @AfterMethod
    public void close() {
        store.close();
    }

    private static CaseContent content(String line, CaseContent.Status status, Customer customer, String... parts) {
        return new CaseContent(
                CaseInput.of(line),
                null,
                Arrays.stream(parts)
                        .map(part -> new CaseContent.Line(new PartNumber(part), 1))
                        .toList(),
                Set.of(),
                "said to marl quillby",
                "Ida",
                customer,
                null,
                status);
    }

    private CaseRecord add(String line, CaseContent.Status status, String... parts) {
        return store.cases().add(content(line, status, Customer.NONE, parts), CaseSnapshot.UNTOLD, NOON);
    }

    @Test
    public void everyRevisionStaysAsItStood() {
        CaseRecord first = add("thumps", CaseContent.Status.OPEN);
        CaseSnapshot later = new CaseSnapshot(
                Appliance.DRYER,
                null,
                Set.of(),
                CaseSnapshot.UNTOLD.ageYears(),
                List.of(),
                List.of(),
                List.of(new CaseSnapshot.Leaning("belt-broken", "drum-belt", 0.9)),
                null,
                Set.of("belt-broken"),
                List.of(),
                List.of(),
                CaseSnapshot.UNTOLD.workMinutes());
        CaseRecord second = store.cases()
                .replace(
                        first,
                        content("thumps, belt off", CaseContent.Status.HANDED_OVER, Customer.NONE, "QV-1183"),
                        later,
                        NOON.plusSeconds(60))
                .orElseThrow();
        assertEquals(store.cases().revisions(first.number()), List.of(first, second));
        assertEquals(second.snapshot(), later);
        assertEquals(second.changedAt(), NOON.plusSeconds(60));
        assertEquals(second.createdAt(), NOON);
    }

    private List<Long> found(String words) {
        return store.cases().list(new CaseRepository.Filter(words, null, null, null, 500)).stream()
                .map(CaseRecord::number)
                .toList();
    }

    @Test
    public void casesAreFoundAsReadingEachOfThemWouldFindThem() {
        Random random = new Random(4);
        List<String> words = List.of("thumps", "heat", "TH-7820-W", "belt", "12%", "o'clock", "dryer", "drum");
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            List<String> line = new ArrayList<>();
            for (int k = 0; k < 1 + random.nextInt(4); k++) {
                line.add(words.get(random.nextInt(words.size())));
            }
            lines.add(String.join(" ", line));
            add(lines.get(i), CaseContent.Status.OPEN);
        }
        for (String query :
                List.of("thumps", "th", "dr", "heat belt", "TH-7820", "12% drum", "o'clock", "nowhere", "ida")) {
            List<Long> read = new ArrayList<>();
            for (int i = lines.size(); i > 0; i--) {
                String text = " " + lines.get(i - 1).toLowerCase(Locale.ROOT) + " ida";
                if (Arrays.stream(query.toLowerCase(Locale.ROOT).split(" "))
                        .allMatch(piece -> text.contains(" " + piece))) {
                    read.add((long) i);
                }
            }
            assertEquals(found(query), read, query);
        }
        assertEquals(found("7820"), found("th-7820"), "a part of a number");
        assertEquals(found("2026-03-01").size(), 300, "by day");
    }

    /** Whether any column of any table holds a text. */
    private boolean stands(String text) throws SQLException {
        store.close();
        boolean stands = false;
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("synopta"), "synopta", "");
                Statement statement = connection.createStatement();
                ResultSet tables =
                        connection.getMetaData().getTables(null, "PUBLIC", null, new String[] {"BASE TABLE"})) {
            while (tables.next()) {
                try (ResultSet rows = statement.executeQuery("select * from \"" + tables.getString(3) + "\"")) {
                    int columns = rows.getMetaData().getColumnCount();
                    while (rows.next()) {
                        for (int column = 1; column <= columns; column++) {
                            String cell = rows.getString(column);
                            stands |= cell != null
                                    && cell.toLowerCase(Locale.ROOT).contains(text);
                        }
                    }
                }
            }
        }
        store = Store.inFolder(folder);
        return stands;
    }

    @Test
    public void anErasedCustomerIsInNoTableAndTheCaseStays() throws SQLException {
        CaseContent plain = content("MARL QUILLBY 55-0142 says it thumps", CaseContent.Status.HANDED_OVER, MARL);
        CaseContent theirs = new CaseContent(
                plain.input(),
                "thumps, says Marl Quillby",
                plain.lines(),
                plain.cautionsShown(),
                plain.readTo(),
                plain.specialist(),
                plain.customer(),
                plain.answerSeconds(),
                plain.status());
        CaseSnapshot stood = knowing(new KnownFact("line", "Marl Quillby", "caller: “marl quillby, 55-0142”", true));
        CaseRecord record = store.cases().add(theirs, stood, NOON);
        store.cases().replace(record, theirs, stood, NOON);
        Outcome told = outcome("Marl Quillby rang", null);
        store.outcomes()
                .add(
                        record.number(),
                        new Outcome(
                                told.at(),
                                "marl quillby",
                                told.fault(),
                                told.fixed(),
                                told.minutes(),
                                told.returns(),
                                told.note()),
                        told(record.number(), true));
        store.quotes().add(quoteFor(record.number()));
        assertEquals(found("quillby 55-0142"), List.of(1L));
        assertTrue(stands("quillby"));
        assertTrue(store.cases().eraseCustomer(1));
        assertFalse(stands("quillby"));
        assertFalse(stands("0142"));
        CaseRecord left = store.cases().find(1).orElseThrow();
        assertEquals(left.content().input().line(), "… … says it thumps");
        assertEquals(left.content().customer(), Customer.NONE);
        assertEquals(found("thumps"), List.of(1L));
        assertFalse(store.cases().eraseCustomer(99));
    }

    private static CaseSnapshot knowing(KnownFact known) {
        CaseSnapshot none = CaseSnapshot.UNTOLD;
        return new CaseSnapshot(
                none.appliance(),
                none.layout(),
                none.fuels(),
                none.ageYears(),
                List.of(known),
                none.evidence(),
                none.suspects(),
                none.advice(),
                none.selling(),
                none.rules(),
                none.cautions(),
                none.workMinutes());
    }

    private static Quote quoteFor(long number) {
        Money price = Money.of("14.50", "USD");
        return new Quote(
                0,
                NOON,
                LocalDate.of(2026, 3, 15),
                "Staithe",
                MARL.name(),
                number,
                List.of(new Quote.Line(new PartNumber("QV-1183"), "drum belt", 1, price)),
                QuoteTotals.of(price, BigDecimal.TEN, false));
    }

    private static Outcome outcome(String note, @Nullable Integer minutes, Outcome.Return... returns) {
        return new Outcome(NOON, "Tom", "belt-broken", true, minutes, List.of(returns), note);
    }

    private static OutcomeRecord told(long number, boolean right) {
        return new OutcomeRecord(
                number,
                LocalDate.of(2026, 3, 1),
                "dryer",
                "dryer A",
                "Ida",
                List.of("drum-belt", "drum-roller"),
                List.of(new OutcomeRecord.Guess(0.75, true), new OutcomeRecord.Guess(0.125, false)),
                right,
                List.of(Outcome.Reason.WRONG_PART),
                80,
                OutcomeRecord.WhoWasRight.ADVICE,
                List.of(new OutcomeRecord.Worth("drum-turns", 1.5)));
    }

    @Test
    public void anOutcomeIsAddedToAndItsLastEntryCounts() {
        add("thumps", CaseContent.Status.HANDED_OVER, "QV-1183");
        add("squeals", CaseContent.Status.HANDED_OVER, "QV-1183");
        add("open", CaseContent.Status.OPEN, "QV-1183");
        assertEquals(store.outcomes().due(LocalDate.of(2026, 3, 1), 9), List.of(2L, 1L));
        assertEquals(store.outcomes().due(LocalDate.of(2026, 2, 28), 9), List.of());
        assertEquals(store.outcomes().with(new PartNumber("qv 1183"), 9), List.of(2L, 1L));
        Outcome first = outcome("at first", null);
        Outcome second = outcome(
                "then it came back", 40, new Outcome.Return(new PartNumber("QV-1183"), 1, Outcome.Reason.WRONG_PART));
        assertEquals(store.outcomes().told(), List.of());
        store.outcomes().add(1, first, told(1, true));
        store.outcomes().add(1, second, told(1, false));
        assertEquals(store.outcomes().of(1), List.of(first, second));
        assertEquals(store.outcomes().told(), List.of(told(1, false)));
        assertEquals(store.outcomes().confirmed().get(1L).note(), second.note(), "what is learned from");
        assertEquals(store.outcomes().due(LocalDate.of(2026, 3, 1), 9), List.of(2L));
        store.close();
        store = Store.inFolder(folder);
        assertEquals(store.outcomes().told(), List.of(told(1, false)));
    }

    @Test
    public void aFolderOfTheFirstVersionOpensAndItsCasesAreFound() throws IOException, SQLException {
        Path old = Files.createTempDirectory("old");
        String address = "jdbc:h2:file:" + old.resolve("synopta");
        Flyway.configure().dataSource(address, "synopta", "").target("1").load().migrate();
        try (Connection connection = DriverManager.getConnection(address, "synopta", "");
                Statement statement = connection.createStatement()) {
            statement.execute("insert into counter_case (number, created_at, revision, status, line, searched)"
                    + " values (7, timestamp with time zone '2026-01-05 10:00:00+00', 1, 'open',"
                    + " 'th7820w thumps', 'th7820w thumps')");
        }
        try (Store opened = Store.inFolder(old)) {
            List<CaseRecord> found = opened.cases().list(new CaseRepository.Filter("thumps", null, null, null, 5));
            assertEquals(found.stream().map(CaseRecord::number).toList(), List.of(7L));
            assertEquals(found.get(0).content().input().line(), "th7820w thumps");
        }
    }
}
