package synopta.store.catalog;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;
import synopta.core.catalog.CatalogImport;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Sheet;
import synopta.store.jdbc.Jdbc;

/** How popular models are together, added up when a catalog is written. */
final class PopularityTables {
    /** Stands for none in the tables. */
    private static final String NO_FUEL = "";

    private static final String NO_PLATFORMS = "delete from platform_popularity";

    private static final String PLATFORMS = """
            insert into platform_popularity (platform, fuel, popularity)
            select platform, coalesce(fuel, ''), sum(popularity)
              from model
             group by platform, coalesce(fuel, '')""";

    private static final String NO_PARTS = "delete from part_popularity";

    /** A model that takes a part at two places of a type counts once. */
    private static final String PARTS = """
            insert into part_popularity (platform, part_type, part_key, fuel, popularity)
            select platform, part_type, part_key, fuel, sum(popularity)
              from (select distinct m.platform, s.part_type, f.part_key, coalesce(m.fuel, '') as fuel, m.model_key,
                           m.popularity
                      from fit f
                      join model m on m.model_key = f.model_key
                      join slot s on s.platform = m.platform and s.slot = f.slot) taken
             group by platform, part_type, part_key, fuel""";

    private static final String OF_PLATFORM = """
            select coalesce(sum(popularity), 0) as popularity
              from platform_popularity
             where platform = ? and fuel = any(?)""";

    private static final String BY_PART = """
            select p.part, t.popularity
              from (select part_key, sum(popularity) as popularity
                      from part_popularity
                     where platform = ? and part_type = ? and fuel = any(?)
                     group by part_key) t
              join part p on p.part_key = t.part_key""";

    private final Jdbc jdbc;

    PopularityTables(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    /** Adds up anew, within the transaction of a catalog that brings models, fits or places. */
    void write(CatalogImport delivery) {
        if (delivery.sent(Sheet.MODELS).isPresent()
                || delivery.sent(Sheet.FITS).isPresent()
                || delivery.sent(Sheet.SLOTS).isPresent()) {
            jdbc.update(NO_PLATFORMS);
            jdbc.update(PLATFORMS);
            jdbc.update(NO_PARTS);
            jdbc.update(PARTS);
        }
    }

    double of(String platform, Set<Fuel> fuels) {
        return jdbc.one(OF_PLATFORM, row -> row.getDouble("popularity"), platform, slugs(fuels))
                .orElseThrow();
    }

    SortedMap<PartNumber, Double> byPart(String platform, String partType, Set<Fuel> fuels) {
        SortedMap<PartNumber, Double> sums = new TreeMap<>();
        jdbc.list(BY_PART, PopularityTables::ofPart, platform, partType, slugs(fuels))
                .forEach(part -> sums.put(part.getKey(), part.getValue()));
        return sums;
    }

    private static Map.Entry<PartNumber, Double> ofPart(ResultSet row) throws SQLException {
        return Map.entry(new PartNumber(row.getString("part")), row.getDouble("popularity"));
    }

    private static String[] slugs(Set<Fuel> fuels) {
        return Stream.concat(Stream.of(NO_FUEL), fuels.stream().map(Fuel::slug)).toArray(String[]::new);
    }
}
