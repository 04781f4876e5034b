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
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.Test;
import synopta.core.casefile.Customer;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.PartNumber;
import synopta.core.order.Quote;
import synopta.core.order.QuoteTotals;
import synopta.core.outcome.Outcome;
import synopta.core.quantity.Money;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseSnapshot;
import synopta.core.record.RetentionService;

/** A customer who is to be forgotten stands in no table. */
public class ErasureTest extends StoredCases {
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
        CaseRecord record = keptWithAll(theirs);
        assertEquals(found("quillby 55-0142"), List.of(1L));
        assertTrue(stands("quillby"));
        assertTrue(store.cases().eraseCustomer(1));
        assertFalse(stands("quillby"));
        assertFalse(stands("0142"));
        CaseRecord left = store.cases().find(record.number()).orElseThrow();
        assertEquals(left.content().input().line(), "… … says it thumps");
        assertEquals(left.content().customer(), Customer.NONE);
        assertEquals(found("thumps"), List.of(1L));
        assertFalse(store.cases().eraseCustomer(99));
    }

    /** A name that is a part of other words, or a word of the packs, takes nothing with it. */
    @Test
    public void aShortNameTakesNoOtherWordWithItAndTheCaseIsStillRead() throws SQLException {
        for (String name : List.of("Bel", "Al", "Belt", "yes", "thumps")) {
            CaseSnapshot stood = knowing(new KnownFact("line", "Belt seam", "caller: “belt of " + name + "”", true));
            CaseContent theirs =
                    content("alarm, Belvedere belt, says " + name, CaseContent.Status.OPEN, new Customer(name, null));
            CaseRecord record = store.cases().add(theirs, stood, NOON);
            assertTrue(store.cases().eraseCustomer(record.number()));
            CaseRecord left = store.cases().find(record.number()).orElseThrow();
            String belt = name.equals("Belt") ? "…" : "belt";
            assertEquals(left.content().input().line(), "alarm, Belvedere " + belt + ", says …");
            assertEquals(left.content().input().findings(), theirs.input().findings());
            assertEquals(left.snapshot().known().get(0).source(), "caller: “" + belt + " of …”");
        }
    }

    @Test
    public void aCaseKeepsItsCustomerAsLongAsTheHouseKeepsNames() {
        for (Instant changed : List.of(Instant.parse("2026-01-31T12:00:00Z"), Instant.parse("2026-02-01T12:00:00Z"))) {
            store.cases().add(content("thumps", CaseContent.Status.OPEN, MARL), CaseSnapshot.UNTOLD, changed);
        }
        Clock clock = Clock.fixed(Instant.parse("2026-03-01T08:00:00Z"), ZoneOffset.UTC);
        assertEquals(new RetentionService(store.cases(), () -> 0, clock).eraseDue(), List.of());
        RetentionService month = new RetentionService(store.cases(), () -> 1, clock);
        assertEquals(month.eraseDue(), List.of(1L));
        assertEquals(month.eraseDue(), List.of());
        assertEquals(store.cases().find(1).orElseThrow().content().customer(), Customer.NONE);
        assertEquals(store.cases().find(2).orElseThrow().content().customer(), MARL);
    }

    @Test
    public void aBackupFromBeforeAnErasureIsRestoredWithoutTheName() throws IOException {
        for (int i = 0; i < 2; i++) {
            store.cases().add(content("thumps", CaseContent.Status.OPEN, MARL), CaseSnapshot.UNTOLD, NOON);
        }
        Path copy = Files.createDirectories(folder.resolve("backups")).resolve("before.zip");
        store.backUp(copy);
        assertTrue(store.cases().eraseCustomer(1));
        assertFalse(Files.readString(folder.resolve(Erased.NAME)).contains("Quillby"));
        Path again = folder.resolve("again");
        Backup.restore(copy, again);
        try (Store restored = Store.inFolder(again)) {
            assertEquals(restored.cases().find(1).orElseThrow().content().customer(), Customer.NONE);
            assertEquals(restored.cases().find(2).orElseThrow().content().customer(), MARL);
        }
    }

    @Test
    public void everyNameThatACaseEverHadIsErasedWithTheLast() throws SQLException {
        CaseContent first = content(
                "thumps, for Ottilie Grew, later Marl Quillby",
                CaseContent.Status.OPEN,
                new Customer("Ottilie Grew", null));
        CaseRecord record = store.cases().add(first, CaseSnapshot.UNTOLD, NOON);
        CaseContent corrected = content("thumps, for Ottilie Grew, later Marl Quillby", CaseContent.Status.OPEN, MARL);
        store.cases().replace(record, corrected, CaseSnapshot.UNTOLD, NOON);
        assertTrue(store.cases().eraseCustomer(record.number()));
        assertFalse(stands("ottilie"));
        assertFalse(stands("quillby"));
    }

    /** Two revisions, an outcome and a quote, the name in every text. */
    private CaseRecord keptWithAll(CaseContent theirs) {
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
        return record;
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
                null,
                "",
                "",
                List.of(new Quote.Line(new PartNumber("QV-1183"), "drum belt", 1, price, true)),
                QuoteTotals.of(price, BigDecimal.TEN, false));
    }
}
