package synopta.demo;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.function.Supplier;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.counter.Counter;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.fit.FitFinder;
import synopta.core.fit.Specifications;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Pack;
import synopta.core.tag.EditCosts;
import synopta.core.tag.TagReader;
import synopta.formats.knowledge.EditCostsReader;
import synopta.formats.knowledge.PackReader;
import synopta.formats.knowledge.PackRejectedException;

/** The counter on the catalog of the demo and the packs that ship, under the settings of the moment. */
final class DemoCounter {
    static final Catalog CATALOG = new InMemoryCatalog(DemoCatalog.of(7, DemoCatalog.MODELS));
    static final List<Pack> PACKS = packs();
    private static final TagReader READER = reader();

    final CurrentPacks packs = new CurrentPacks(PACKS);
    final FitFinder finder;
    final Counter counter;

    DemoCounter(Supplier<HouseSettings> rules) {
        Clock clock = Clock.systemUTC();
        finder = new FitFinder(CATALOG, new Specifications(packs), rules, clock);
        counter = new Counter(
                CATALOG, () -> READER, packs, MeaningModel.UNTAUGHT, finder, rules, () -> DemoCatalog.CURRENCY, clock);
    }

    private static Path knowledge() {
        return Path.of(System.getProperty("synopta.root"), "knowledge");
    }

    private static List<Pack> packs() {
        try {
            PackReader.Loaded loaded = PackReader.folder(knowledge());
            assertEquals(loaded.refused(), List.of());
            return loaded.packs();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static TagReader reader() {
        try {
            return new TagReader(CATALOG, EditCosts.of(EditCostsReader.folder(knowledge())));
        } catch (IOException | PackRejectedException e) {
            throw new IllegalStateException(e);
        }
    }
}
