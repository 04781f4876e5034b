package synopta.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.casefile.KnownFact;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.CatalogImport;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.PartPrice;
import synopta.core.catalog.Sheet;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Hazard;
import synopta.core.quantity.Money;
import synopta.core.quantity.Ohms;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;
import synopta.core.reading.Conditions;
import synopta.core.reading.Reading;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseSnapshot;
import synopta.core.tag.Recheck;
import synopta.demo.DemoCatalog;

/** The store on a real H2 in a folder of its own. */
public class StoreTest {
    private static final CatalogTables DEMO = DemoCatalog.of(7, DemoCatalog.MODELS);
    private Path folder;
    private Store store;

    @BeforeClass
    public void open() throws IOException {
        folder = Files.createTempDirectory("store");
        store = Store.inFolder(folder);
        store.catalogStore().replace(DEMO);
    }

    @AfterClass
    public void close() {
        store.close();
    }

    @Test
    public void whatIsNotSentStaysAndWhatFailsHalfWayChangesNothing() {
        CatalogImport twice = new CatalogImport();
        Sheet.ALL.forEach(sheet -> assertFalse(twice.sent(sheet).isPresent()));
        twice.begin(Sheet.MODELS).add(DEMO.models().get(0), 2);
        twice.begin(Sheet.PRICES).add(DEMO.prices().get(0), 2);
        twice.begin(Sheet.PRICES).add(DEMO.prices().get(0), 3);
        List<Sheet<?>> begun = new ArrayList<>();
        assertThrows(IllegalStateException.class, () -> store.catalogStore().replace(twice, begun::add));
        assertEquals(begun, List.of(Sheet.MODELS, Sheet.PRICES), "the models had been written");
        assertEquals(store.catalogStore().count(Sheet.MODELS), DEMO.models().size());

        CatalogImport prices = new CatalogImport();
        prices.begin(Sheet.PRICES).add(new PartPrice(DEMO.parts().get(0).number(), new Money(99, "USD")), 2);
        store.catalogStore().replace(prices, sheet -> {});
        List<PartPrice> left = new ArrayList<>();
        store.catalogStore().each(Sheet.PRICES, left::add);
        assertEquals(left.size(), 1);
        assertEquals(store.catalogStore().count(Sheet.MODELS), DEMO.models().size());
    }

    static CaseContent content(String line, CaseContent.Status status) {
        return new CaseContent(
                input(line),
                "“it's the büring”, 漢",
                List.of(
                        new CaseContent.Line(new PartNumber("QV-4410-K"), 1),
                        new CaseContent.Line(new PartNumber("QV-1183"), 2)),
                Set.of(Hazard.MAINS, Hazard.SHARP_METAL),
                "the fitter",
                "Ida",
                new Customer("Marl & Daughter", "55-0142"),
                95,
                status);
    }

    private static final Conditions BESIDE =
            new Conditions(20.5, new Volts(240), new Watts(5400), new Ohms(10_000), "flat");

    private static CaseInput input(String line) {
        return new CaseInput(
                line,
                new ModelNumber("TH-7820-W"),
                Appliance.DRYER,
                Fuel.LP,
                8.5,
                List.of(new Recheck(4, '8'), new Recheck(5, null)),
                List.of(
                        new CaseInput.Answered("thumps", "yes", true),
                        new CaseInput.Answered("cold", "no", false),
                        new CaseInput.Answered("squeals", "unknown", true)),
                List.of(
                        new CaseInput.Measured("heating-element-ohms", new Reading.Figure(21.5)),
                        new CaseInput.Measured("thermal-fuse-ohms", new Reading.Overload(), BESIDE)),
                Set.of("age", "finding:cold"),
                Set.of("belt-broken"),
                Set.of("idler-seized"),
                "SN 4711",
                "Skerry",
                Set.of("rear:rollers"),
                Finding.Who.LICENSED,
                new Shopping(
                        List.of(
                                new Shopping.Adjusted(new PartNumber("QV-1183"), 2, null, true),
                                new Shopping.Adjusted(new PartNumber("QV-5343"), null, 1250L, false)),
                        "Staithe",
                        3));
    }

    static final CaseSnapshot STOOD = new CaseSnapshot(
            Appliance.DRYER,
            "A",
            Set.of(Fuel.LP, Fuel.NATURAL_GAS),
            8.5,
            List.of(new KnownFact("age", "8 years old", "caller", true)),
            List.of(
                    new CaseSnapshot.Given("thumps", "yes", true, false),
                    new CaseSnapshot.Given("cold", "no", false, true)),
            List.of(new CaseSnapshot.Leaning("roller-flat", "drum-roller", 0.8125)),
            new CaseSnapshot.Advised("sell", "It stands at 81 %."),
            Set.of("roller-flat"),
            List.of(new CaseSnapshot.Rule(new PartNumber("QV-1183"), 2, "They wear together.")),
            List.of(new CaseSnapshot.Warned(Hazard.MAINS, "Unplug it.")),
            45.5);

    static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");

    @Test
    public void aCaseComesBackAsItWasKept() {
        CaseContent content = content("th7B2O-w thumps", CaseContent.Status.OPEN);
        CaseRecord kept = store.cases().add(content, STOOD, NOON);
        assertEquals(kept.content(), content);
        assertEquals(kept.snapshot(), STOOD);
        assertEquals(kept.createdAt(), NOON);
        assertEquals(store.cases().find(kept.number()), Optional.of(kept));
        CaseContent bare = SampleCases.bare("");
        assertEquals(store.cases().add(bare, CaseSnapshot.UNTOLD, NOON).content(), bare);
        assertTrue(store.cases().find(999_999).isEmpty());
        long number = store.cases()
                .add(content("th7B2O-w squeaks", CaseContent.Status.HANDED_OVER), STOOD, NOON)
                .number();
        assertEquals(
                store.cases().handedOver(1),
                List.of(new CaseRepository.HandedOver(number, "th7B2O-w squeaks", new ModelNumber("TH-7820-W"))));
    }

    @Test
    public void theSecondOfTwoChangesIsRefusedAndTheFirstStays() {
        CaseRecord first = store.cases().add(content("a", CaseContent.Status.OPEN), STOOD, NOON);
        CaseRecord changed = store.cases()
                .replace(first, content("b", CaseContent.Status.HANDED_OVER), STOOD, NOON)
                .orElseThrow();
        assertEquals(changed.revision(), first.revision() + 1);
        assertTrue(store.cases()
                .replace(first, content("c", CaseContent.Status.OPEN), STOOD, NOON)
                .isEmpty());
        assertEquals(
                store.cases()
                        .find(first.number())
                        .orElseThrow()
                        .content()
                        .input()
                        .line(),
                "b");
    }

    @Test
    public void casesAreFoundByTheirWordsAndDaysAndPagedByNumber() {
        CaseRecord odd = store.cases().add(content("50%_off! Lavender smell", CaseContent.Status.OPEN), STOOD, NOON);
        store.cases().add(content("50 of lavender", CaseContent.Status.OPEN), STOOD, NOON.plusSeconds(86_400));
        assertEquals(numbers("50%_OFF!"), List.of(odd.number()), "signs of the pattern are taken as they stand");
        assertEquals(numbers("lavender").size(), 2);
        assertEquals(numbers("sn 4711").get(0) > numbers("sn 4711").get(1), true, "newest first");
        LocalDate day = LocalDate.of(2026, 3, 1);
        CaseRepository.Filter onThatDay =
                CaseRepository.Filter.having("lavender", 10).within(new CaseRepository.Days(day, day, ZoneOffset.UTC));
        assertEquals(
                store.cases().list(onThatDay).stream().map(CaseRecord::number).toList(), List.of(odd.number()));
        CaseRepository.Filter page = CaseRepository.Filter.having("lavender", 1).after(odd.number() + 1);
        assertEquals(store.cases().list(page).get(0).number(), odd.number());
    }

    private List<Long> numbers(String text) {
        CaseRepository.Filter filter = CaseRepository.Filter.having(text, 50);
        return store.cases().list(filter).stream().map(CaseRecord::number).toList();
    }

    @Test
    public void savesAtTheSameTimeGetNumbersOfTheirOwn() throws Exception {
        ExecutorService counters = Executors.newFixedThreadPool(4);
        List<Future<Long>> saves = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            saves.add(counters.submit(() -> store.cases()
                    .add(content("together", CaseContent.Status.OPEN), STOOD, NOON)
                    .number()));
        }
        List<Long> numbers = new ArrayList<>();
        for (Future<Long> save : saves) {
            numbers.add(save.get());
        }
        counters.shutdown();
        assertEquals(numbers.stream().distinct().count(), 40);
    }

    @Test
    public void aFolderThatCannotBeOpenedIsNamed() throws IOException {
        Path file = Files.createTempFile("no-folder", "");
        Store.Unusable refused = expectThrows(Store.Unusable.class, () -> Store.inFolder(file));
        assertTrue(refused.getMessage().contains(file.toString()), refused.getMessage());
    }

    @Test
    public void aStoreThatIsOpenedAgainHasEverything() throws IOException {
        Path again = Files.createTempDirectory("again");
        try (Store first = Store.inFolder(again)) {
            first.catalogStore().replace(DEMO);
            first.cases().add(content("x", CaseContent.Status.OPEN), STOOD, NOON);
        }
        try (Store second = Store.inFolder(again)) {
            assertEquals(
                    second.catalogStore().count(Sheet.MODELS), DEMO.models().size());
            assertEquals(
                    second.cases()
                            .add(content("y", CaseContent.Status.OPEN), STOOD, NOON)
                            .number(),
                    2);
        }
    }
}
