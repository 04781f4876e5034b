package synopta.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.catalog.PartNumber;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeRecord;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseSnapshot;

/** A store on a real H2 with cases in it, anew for each test. */
abstract class StoredCases {
    static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");

    static final Customer MARL = new Customer("Marl Quillby", "55-0142");

    Path folder;

    Store store;

    @BeforeMethod
    public void open() throws IOException {
        folder = Files.createTempDirectory("day-book");
        store = Store.inFolder(folder);
    }

    @AfterMethod
    public void close() {
        store.close();
    }

    static CaseContent content(String line, CaseContent.Status status, Customer customer, String... parts) {
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

    CaseRecord add(String line, CaseContent.Status status, String... parts) {
        return store.cases().add(content(line, status, Customer.NONE, parts), CaseSnapshot.UNTOLD, NOON);
    }

    List<Long> found(String words) {
        return store.cases().list(CaseRepository.Filter.having(words, 500)).stream()
                .map(CaseRecord::number)
                .toList();
    }

    static Outcome outcome(String note, @Nullable Integer minutes, Outcome.Return... returns) {
        return new Outcome(NOON, "Tom", "belt-broken", true, minutes, List.of(returns), note);
    }

    static OutcomeRecord told(long number, boolean right) {
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
}
