package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Fit;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;

public class DemoCatalogTest {
    private static final CatalogTables DEMO = DemoCatalog.of(7, DemoCatalog.MODELS);

    @Test
    public void theScenarioHasItsSize() {
        assertEquals(DEMO.brands().size(), 5);
        assertEquals(DEMO.brands().stream().map(b -> b.family()).distinct().count(), 2);
        assertTrue(
                DEMO.models().size() >= 395 && DEMO.models().size() <= 405,
                DEMO.models().size() + " models");
        assertEquals(DEMO.platforms().size(), 25);
        assertTrue(
                DEMO.parts().size() >= 1400 && DEMO.parts().size() <= 2200,
                DEMO.parts().size() + " parts");
        assertTrue(DEMO.parts().stream().anyMatch(p -> p.packQuantity() == 2), "a pair");
        assertTrue(DEMO.kits().stream().map(k -> k.kit()).distinct().count() >= 2, "a kit and an assembly");
        assertEquals(
                new InMemoryCatalog(DEMO)
                        .replacementsOf(new PartNumber("QV-1180"))
                        .size(),
                1);
    }

    @Test
    public void theSameSeedGivesTheSameRowsAndAnotherOthers() {
        assertEquals(DemoCatalog.of(7, DemoCatalog.MODELS), DEMO);
        assertNotEquals(DemoCatalog.of(8, DemoCatalog.MODELS), DEMO);
    }

    @Test
    public void everyPartOfEveryModelIsAtAPlaceOfItsTypeAndEveryPlaceHasOneInSomeModel() {
        InMemoryCatalog catalog = new InMemoryCatalog(DEMO);
        Map<String, Set<String>> byPlatform = new HashMap<>();
        DEMO.models().forEach(model -> {
            Set<String> filled = new HashSet<>();
            for (Fit fit : catalog.fits(model.number())) {
                filled.add(fit.slot() + " "
                        + catalog.part(fit.part()).map(Part::partType).orElseThrow());
            }
            Set<String> places = catalog.slots(model.platform()).stream()
                    .map(s -> s.slot() + " " + s.partType())
                    .collect(Collectors.toSet());
            assertTrue(places.containsAll(filled), model.number().written());
            byPlatform.computeIfAbsent(model.platform(), p -> new HashSet<>()).addAll(filled);
        });
        DEMO.slots().stream()
                .filter(slot -> !slot.slot().equals("condensate-pump"))
                .forEach(slot -> assertTrue(
                        byPlatform.get(slot.platform()).contains(slot.slot() + " " + slot.partType()),
                        slot.toString()));
    }

    @Test
    public void whatMayLieOnAShelfHasAPriceAndWhatIsReplacedHasNone() {
        InMemoryCatalog catalog = new InMemoryCatalog(DEMO);
        for (Part part : DEMO.parts()) {
            boolean current = part.status() != Part.Status.SUPERSEDED;
            assertEquals(
                    catalog.price(part.number()).isPresent(),
                    current,
                    part.number().written());
            assertEquals(catalog.stock(part.number()).size(), current ? PartGenerator.BRANCHES.size() : 0);
        }
    }

    @Test
    public void itGrowsToAnySizeWithoutTwoModelsOfOneNumber() {
        List<String> keys = DemoCatalog.of(1, 20_000).models().stream()
                .map(m -> m.number().key())
                .toList();
        assertTrue(keys.size() > 19_000 && keys.size() < 21_000, keys.size() + " models");
        assertEquals(new HashSet<>(keys).size(), keys.size());
    }
}
