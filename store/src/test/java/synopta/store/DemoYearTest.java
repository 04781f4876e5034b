package synopta.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotSame;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.Assert.ThrowingRunnable;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.counter.Counter;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.fit.FitFinder;
import synopta.core.fit.Specifications;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeRecord;
import synopta.core.outcome.ParameterKind;
import synopta.core.outcome.ParameterRepository;
import synopta.core.outcome.Proposal;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.review.LearningService;
import synopta.core.review.OutcomeService;
import synopta.core.tag.EditCosts;
import synopta.core.tag.TagReader;
import synopta.demo.DemoCatalog;
import synopta.demo.DemoYear;
import synopta.formats.knowledge.EditCostsReader;
import synopta.formats.knowledge.PackReader;
import synopta.formats.knowledge.PackRejectedException;

/** The demo's year of cases in a real store, and what is learned from it. */
public class DemoYearTest {
    private static final LocalDate LAST = LocalDate.of(2026, 11, 20);
    private static final Instant NOW = Instant.parse("2026-11-21T09:00:00Z");
    private static final int CASES = 150;
    private List<Pack> packs;
    private EditCosts weights;
    private Store store;

    @BeforeClass
    public void open() throws IOException, PackRejectedException {
        Path knowledge = Path.of(System.getProperty("synopta.root"), "knowledge");
        packs = PackReader.folder(knowledge).packs();
        weights = EditCosts.of(EditCostsReader.folder(knowledge));
        store = written();
    }

    @AfterClass
    public void close() {
        store.close();
    }

    private Store written() throws IOException {
        CatalogTables tables = DemoCatalog.of(7, DemoCatalog.MODELS);
        InMemoryCatalog catalog = new InMemoryCatalog(tables);
        TagReader reader = new TagReader(catalog, weights);
        FitFinder finder = new FitFinder(
                catalog, new Specifications(new CurrentPacks(packs)), () -> HouseSettings.USUAL, Clock.systemUTC());
        Counter counter = new Counter(
                catalog,
                () -> reader,
                new CurrentPacks(packs),
                MeaningModel.UNTAUGHT,
                finder,
                () -> HouseSettings.USUAL,
                () -> DemoCatalog.CURRENCY,
                Clock.systemUTC());
        Store made = Store.inFolder(Files.createTempDirectory("year"));
        made.together(() -> DemoYear.write(
                catalog, packs, made.cases(), new OutcomeService(made.outcomes(), counter), 7, CASES, LAST));
        return made;
    }

    private static List<CaseRecord> cases(Store of) {
        return of.cases().list(CaseRepository.Filter.having("", CASES + 1));
    }

    private LearningService service() {
        return service(store);
    }

    private LearningService service(Store of) {
        return new LearningService(packs, weights, of.catalogStore(), of.cases(), of.outcomes(), of.learned());
    }

    @Test
    public void theSameSeedGivesTheSameYear() throws IOException {
        try (Store again = written()) {
            assertEquals(cases(again), cases(store));
            assertEquals(again.outcomes().told(), store.outcomes().told());
        }
    }

    @Test
    public void everyCaseIsWholeAndNothingWasToldBeforeItsTime() {
        List<CaseRecord> cases = cases(store);
        assertTrue(cases.size() > CASES * 9 / 10, cases.size() + " cases");
        for (CaseRecord record : cases) {
            assertFalse(record.snapshot().suspects().isEmpty());
            assertTrue(record.content().input().model() != null);
            assertTrue(record.content().specialist() != null);
            for (Outcome outcome : store.outcomes().of(record.number())) {
                assertTrue(
                        outcome.at().isAfter(record.createdAt()) && outcome.at().isBefore(NOW), outcome.toString());
            }
        }
        Map<Long, Outcome> confirmed = store.outcomes().confirmed();
        assertEquals(confirmed.size(), store.outcomes().told().size());
        assertTrue(confirmed.size() > CASES / 2, confirmed.size() + " told");
    }

    @Test
    public void whatTheYearTeachesIsAcceptedAndTakenBackWithoutLosingAVersion() {
        LearningService service = service();
        LearningService.Taught learned = service.learned();
        assertEquals(
                learned.confirmedCases().size(), store.outcomes().confirmed().size());
        List<Proposal> proposals = service.suggestions(learned).stream()
                .map(LearningService.Suggested::proposal)
                .toList();
        assertTrue(proposals.stream().anyMatch(p -> p.kind() == ParameterKind.RATE));
        assertTrue(proposals.stream().anyMatch(p -> p.kind() == ParameterKind.LEAK));
        assertTrue(proposals.stream().anyMatch(p -> p.kind() == ParameterKind.CONFUSION));
        List<Proposal> two = proposals.subList(0, 2);
        ParameterRepository.Version first = service.accept("Ada", two.subList(0, 1), NOW);
        ParameterRepository.Version second = service.accept("Ada", two.subList(1, 2), NOW);
        assertEquals(second.figures(), two, "what was accepted before stays in force");
        List<Proposal> left = service.suggestions(learned).stream()
                .map(LearningService.Suggested::proposal)
                .toList();
        assertTrue(left.stream().noneMatch(two::contains), "what is in force is not proposed again");
        ParameterRepository.Version back = service.back("Ben", first.number(), NOW);
        assertEquals(back.figures(), first.figures());
        assertEquals(back.like(), first.number());
        assertEquals(service.back("Ben", 0, NOW).figures(), List.of());
        assertEquals(
                store.learned().versions().subList(0, 3), List.of(first, second, back), "versions stay as they were");
        refused(() -> service.accept(" ", two, NOW), "who decides");
        refused(() -> service.accept("Ada", List.of(), NOW), "Nothing was selected");
        refused(() -> service.back("Ada", 99, NOW), "no version 99");
    }

    private static void refused(ThrowingRunnable change, String words) {
        String said = expectThrows(IllegalArgumentException.class, change).getMessage();
        assertTrue(said.contains(words), said);
    }

    @Test
    public void whatIsDeclinedComesAgainOnlyWhenTheCasesSayAnother() {
        LearningService service = service();
        LearningService.Taught learned = service.learned();
        Proposal unwanted = service.suggestions(learned).get(3).proposal();
        service.decline("Cai", List.of(unwanted), NOW);
        ParameterRepository.Declined declined = new ParameterRepository.Declined(unwanted.learned(), NOW, "Cai");
        assertEquals(suggested(service, learned, unwanted).declined(), declined);
        Proposal moved = Proposal.of(
                unwanted.kind(),
                unwanted.appliance(),
                unwanted.subject(),
                unwanted.words(),
                unwanted.before(),
                unwanted.after() * 1.2,
                unwanted.interval(),
                unwanted.support(),
                unwanted.value() * 1.2);
        LearningService.Taught later = new LearningService.Taught(learned.confirmedCases(), List.of(moved));
        assertEquals(suggested(service, later, moved).declined(), null, "the cases say another now");
        assertThrows(IllegalArgumentException.class, () -> service.decline("", List.of(unwanted), NOW));
    }

    private static LearningService.Suggested suggested(
            LearningService service, LearningService.Taught learned, Proposal proposal) {
        return service.suggestions(learned).stream()
                .filter(s -> s.proposal().key().equals(proposal.key()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void casesAreCountedAgainOnlyWhenOneWasKeptOrTold() throws IOException {
        try (Store own = written()) {
            LearningService service = service(own);
            LearningService.Taught learned = service.learned();
            assertSame(service.learned(), learned);
            CaseRecord one = cases(own).get(0);
            long number = own.cases().add(one.content(), one.snapshot(), NOW).number();
            assertNotSame(service.learned(), learned);
            Outcome outcome =
                    new Outcome(NOW, null, one.snapshot().suspects().get(0).fault(), true, null, List.of(), null);
            OutcomeRecord told = new OutcomeRecord(
                    number, LAST, null, null, null, List.of(), List.of(), true, List.of(), null, null, List.of());
            own.outcomes().add(number, outcome, told);
            assertEquals(
                    service.learned().confirmedCases().size(),
                    learned.confirmedCases().size() + 1);
        }
    }

    @Test
    public void manyChangesAreKeptTogetherOrNotAtAll() {
        int before = cases(store).size();
        List<Long> added = new ArrayList<>();
        expectThrows(
                IllegalStateException.class,
                () -> store.together(() -> {
                    CaseRecord one = cases(store).get(0);
                    added.add(store.cases()
                            .add(one.content(), one.snapshot(), NOW)
                            .number());
                    throw new IllegalStateException("half way");
                }));
        assertEquals(added.size(), 1);
        assertEquals(cases(store).size(), before);
    }
}
