package synopta.store;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import org.flywaydb.core.Flyway;
import org.testng.annotations.Test;
import synopta.core.casefile.Customer;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.PartNumber;
import synopta.core.outcome.Outcome;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseSnapshot;

/** Revisions, customers, words and outcomes on a real H2. */
public class CasesInStoreTest extends StoredCases {
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
            List<CaseRecord> found = opened.cases().list(CaseRepository.Filter.having("thumps", 5));
            assertEquals(found.stream().map(CaseRecord::number).toList(), List.of(7L));
            assertEquals(found.get(0).content().input().line(), "th7820w thumps");
        }
    }
}
