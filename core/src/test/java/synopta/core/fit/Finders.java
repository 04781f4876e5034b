package synopta.core.fit;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import synopta.core.catalog.Catalog;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.HouseSettings;

/** Judges for tests. */
public final class Finders {
    private Finders() {}

    /** By a catalog, as of a day in 2026, without packs and as most houses do. */
    public static FitFinder finder(Catalog catalog) {
        Clock day = Clock.fixed(Instant.parse("2026-03-04T12:00:00Z"), ZoneOffset.UTC);
        return new FitFinder(catalog, new Specifications(new CurrentPacks(List.of())), () -> HouseSettings.USUAL, day);
    }
}
