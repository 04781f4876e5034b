package synopta.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertNotSame;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.CatalogImport;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.ModelUsage;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.PartPrice;
import synopta.core.catalog.Platform;
import synopta.core.catalog.Sheet;
import synopta.core.catalog.Slot;
import synopta.core.knowledge.AccessSettings;
import synopta.core.knowledge.BranchContacts;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Region;
import synopta.core.knowledge.RepairPractices;
import synopta.core.knowledge.UnlikelyRequest;
import synopta.core.quantity.LengthUnit;
import synopta.demo.DemoCatalog;

/** The catalog in the store, against the same catalog in memory. */
public class CatalogInStoreTest {
    private static final CatalogTables DEMO = DemoCatalog.of(7, DemoCatalog.MODELS);
    private Store store;

    @BeforeClass
    public void open() throws IOException {
        store = Store.inFolder(Files.createTempDirectory("store"));
        store.catalogStore().replace(DEMO);
    }

    @AfterClass
    public void close() {
        store.close();
    }

    @Test
    public void theStoreAnswersAsTheCatalogInMemoryDoes() {
        Catalog memory = new InMemoryCatalog(DEMO);
        Catalog stored = store.catalog();
        assertEquals(stored.brands(), memory.brands());
        assertEquals(stored.serialSchemes(), memory.serialSchemes());
        List<Platform> platforms = new ArrayList<>();
        store.catalogStore().each(Sheet.PLATFORMS, platforms::add);
        assertEquals(
                platforms,
                DEMO.platforms().stream()
                        .sorted(Comparator.comparing(Platform::platform))
                        .toList());
        assertEquals(models(stored), models(memory));
        for (Platform platform : platforms) {
            assertEquals(stored.modelsOn(platform.platform()), memory.modelsOn(platform.platform()));
            assertEquals(
                    stored.modelsBuilt(platform.appliance(), platform.layout(), "TH7", 9),
                    memory.modelsBuilt(platform.appliance(), platform.layout(), "TH7", 9));
            assertEquals(stored.fitsOn(platform.platform()), memory.fitsOn(platform.platform()));
        }
        for (Model model : models(memory)) {
            assertEquals(stored.model(new ModelNumber(model.number().key())), Optional.of(model));
            assertEquals(stored.fits(model.number()), memory.fits(model.number()));
            assertEquals(stored.platform(model.platform()), memory.platform(model.platform()));
            assertEquals(stored.slots(model.platform()), memory.slots(model.platform()));
        }
        assertTrue(stored.part(new PartNumber("NOWHERE")).isEmpty());
    }

    @Test
    public void theStoreAnswersOfPartsAsTheCatalogInMemoryDoes() {
        Catalog memory = new InMemoryCatalog(DEMO);
        Catalog stored = store.catalog();
        for (Part part : DEMO.parts()) {
            PartNumber number = part.number();
            assertEquals(stored.part(number), Optional.of(part));
            assertEquals(stored.price(number), memory.price(number));
            assertEquals(stored.stock(number), memory.stock(number));
            assertEquals(stored.replacementsOf(number), memory.replacementsOf(number));
            assertEquals(stored.contentsOf(number), memory.contentsOf(number));
            assertEquals(stored.kitsHolding(number), memory.kitsHolding(number));
            assertEquals(stored.equivalentsOf(number), memory.equivalentsOf(number));
            assertEquals(stored.originalsOf(number), memory.originalsOf(number));
            assertEquals(stored.predecessorsOf(List.of(number)), memory.predecessorsOf(List.of(number)));
        }
    }

    @Test
    public void theStoreFindsTheMachinesOfAPartPieceByPieceAsTheCatalogInMemoryDoes() {
        Catalog memory = new InMemoryCatalog(DEMO);
        Catalog stored = store.catalog();
        for (Part part : DEMO.parts()) {
            for (Optional<String> brand : List.of(Optional.<String>empty(), Optional.of("Orrinvale"))) {
                List<ModelUsage> all = memory.taking(part.number(), brand.orElse(null), "", 1000);
                assertEquals(stored.taking(part.number(), brand.orElse(null), "", 1000), all);
                if (all.size() > 2) {
                    String after = all.get(1).model().number().key();
                    assertEquals(
                            stored.taking(part.number(), brand.orElse(null), after, 3),
                            memory.taking(part.number(), brand.orElse(null), after, 3));
                }
            }
        }
        List<PartNumber> several =
                DEMO.parts().stream().map(Part::number).limit(300).toList();
        assertEquals(stored.replacementsOf(several), memory.replacementsOf(several));
        assertEquals(stored.predecessorsOf(several), memory.predecessorsOf(several));
        List<String> keys = List.of("QV1183", "TH7820W", "NOWHERE", "QV1180");
        assertEquals(stored.partsAmong(keys), memory.partsAmong(keys));
        assertEquals(stored.modelsAmong(keys), memory.modelsAmong(keys));
        assertEquals(stored.partsFrom("QV11", 3), memory.partsFrom("QV11", 3));
        assertEquals(stored.modelsFrom("TH78", 5), memory.modelsFrom("TH78", 5));
        assertEquals(stored.fitsAt("Skerry", "belt"), memory.fitsAt("Skerry", "belt"));
    }

    @Test
    public void thePopularityThatTheStoreKeepsIsThatOfTheModelsAddedUp() {
        Catalog memory = new InMemoryCatalog(DEMO);
        Catalog stored = store.catalog();
        for (Set<Fuel> fuels : List.of(Set.of(Fuel.ELECTRIC), Set.of(Fuel.NATURAL_GAS, Fuel.LP), Set.<Fuel>of())) {
            for (Slot slot : DEMO.slots()) {
                String platform = slot.platform();
                assertEquals(stored.popularity(platform, fuels), memory.popularity(platform, fuels), 1e-9);
                SortedMap<PartNumber, Double> kept = stored.popularity(platform, slot.partType(), fuels);
                SortedMap<PartNumber, Double> added = memory.popularity(platform, slot.partType(), fuels);
                assertEquals(kept.keySet(), added.keySet());
                added.forEach((part, sum) -> assertEquals(kept.get(part), sum, 1e-9));
            }
        }
    }

    @Test
    public void withinOneReadingTheSameIsLookedUpOnceAndAChangeIsSeen() {
        Catalog stored = store.catalog();
        PartPrice price = DEMO.prices().get(0);
        ModelNumber number = DEMO.models().get(0).number();
        CatalogImport dearer = new CatalogImport();
        dearer.begin(Sheet.PRICES).add(new PartPrice(price.part(), price.price().plus(price.price())), 2);
        stored.reading(() -> {
            assertSame(stored.fits(number), stored.fits(number));
            assertEquals(stored.price(price.part()), Optional.of(price.price()));
            store.catalogStore().replace(dearer, sheet -> {});
            assertEquals(
                    stored.price(price.part()),
                    Optional.of(dearer.sent(Sheet.PRICES)
                            .orElseThrow()
                            .rows()
                            .get(0)
                            .price()));
            store.catalogStore().replace(DEMO);
            return stored.price(price.part());
        });
        assertNotSame(stored.fits(number), stored.fits(number));
    }

    @Test
    public void theRulesOfTheHouseAreAsUsualUntilTheyAreChosen() {
        assertEquals(store.house().get(), HouseSettings.USUAL);
        store.house().choose(HouseSettings.USUAL.with(new RepairPractices(true, true, true, true, true, false)));
        store.house().choose(HouseSettings.USUAL.with(new RepairPractices(true, true, true, true, true, false)));
        assertEquals(
                store.house().get(),
                HouseSettings.USUAL.with(new RepairPractices(true, true, true, true, true, false)));
        store.house().choose(HouseSettings.USUAL);
    }

    /** Every setting, each another than usual: a new one that is not listed here fails the test. */
    private static final HouseSettings OTHER = new HouseSettings(
            new RepairPractices(
                    !RepairPractices.USUAL.genuineOnly(),
                    !RepairPractices.USUAL.replaceAll(),
                    !RepairPractices.USUAL.replaceRings(),
                    !RepairPractices.USUAL.oilShafts(),
                    !RepairPractices.USUAL.testFirst(),
                    !RepairPractices.USUAL.licensedToCustomers(),
                    UnlikelyRequest.ASKED_FIRST),
            1_234,
            5_678,
            9,
            new BigDecimal("7.25"),
            !HouseSettings.USUAL.taxIncluded(),
            11,
            LengthUnit.INCH,
            new Region(Region.Profile.METRIC, "NZD", Region.Clock.TWENTY_FOUR_HOURS),
            new BranchContacts("the desk", Map.of("Staithe", "555-0100")),
            "No returns of electrical parts.",
            new AccessSettings(7, 24, Set.of("parts.example", "counter")));

    private static void assertAllDiffer(Record one, Record other) throws ReflectiveOperationException {
        for (RecordComponent component : one.getClass().getRecordComponents()) {
            Object a = component.getAccessor().invoke(one);
            Object b = component.getAccessor().invoke(other);
            assertNotEquals(a, b, component.getName());
            if (a instanceof Record nested) {
                assertAllDiffer(nested, (Record) b);
            }
        }
    }

    @Test
    public void everySettingIsThereAfterTheStoreWasOpenedAgain() throws Exception {
        assertAllDiffer(OTHER, HouseSettings.USUAL);
        Path folder = Files.createTempDirectory("settings");
        try (Store first = Store.inFolder(folder)) {
            first.house().choose(OTHER);
        }
        try (Store second = Store.inFolder(folder)) {
            assertEquals(second.house().get(), OTHER);
        }
    }

    private static Set<Model> models(Catalog catalog) {
        Set<Model> models = new HashSet<>();
        catalog.eachModel(models::add);
        return models;
    }
}
