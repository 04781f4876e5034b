package synopta.store.catalog;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;

/** Rows as the core's records: a bad row fails in its constructor. */
final class CatalogRows {
    private CatalogRows() {}

    static Model model(ResultSet row) throws SQLException {
        return new Model(
                new ModelNumber(row.getString("model")),
                row.getString("brand"),
                Appliance.of(row.getString("appliance")),
                Optional.ofNullable(row.getString("fuel")).map(Fuel::of),
                row.getInt("volts"),
                row.getString("platform"),
                built(row),
                row.getDouble("popularity"),
                row.getString("note"));
    }

    static Part part(ResultSet row) throws SQLException {
        return new Part(
                new PartNumber(row.getString("part")),
                row.getString("maker"),
                row.getString("part_type"),
                row.getString("name"),
                row.getBoolean("genuine"),
                Part.Status.valueOf(row.getString("status").toUpperCase(Locale.ROOT)),
                row.getInt("pack_quantity"),
                row.getBoolean("returnable"),
                specs(row.getString("specs")));
    }

    static Fit fit(ResultSet row) throws SQLException {
        return new Fit(
                new ModelNumber(row.getString("model")),
                row.getString("slot"),
                new PartNumber(row.getString("part")),
                row.getInt("quantity"),
                built(row),
                row.getString("note"));
    }

    static Supersession supersession(ResultSet row) throws SQLException {
        return new Supersession(
                new PartNumber(row.getString("old_part")),
                row.getInt("choice"),
                new PartNumber(row.getString("new_part")),
                row.getInt("quantity"),
                row.getString("change"));
    }

    static KitContent kit(ResultSet row) throws SQLException {
        return new KitContent(
                new PartNumber(row.getString("kit")), new PartNumber(row.getString("content")), row.getInt("quantity"));
    }

    static Equivalent equivalent(ResultSet row) throws SQLException {
        return new Equivalent(
                new PartNumber(row.getString("part")),
                new PartNumber(row.getString("equivalent")),
                row.getString("basis"));
    }

    private static BuildRange built(ResultSet row) throws SQLException {
        return new BuildRange(
                Optional.ofNullable(row.getObject("built_from", LocalDate.class)),
                Optional.ofNullable(row.getObject("built_to", LocalDate.class)));
    }

    /** "length-mm=2337;ribs=4" as a map, and back. */
    static Map<String, String> specs(String cell) {
        Map<String, String> specs = new TreeMap<>();
        for (String spec : cell.split(";")) {
            int equals = spec.indexOf('=');
            if (equals > 0) {
                specs.put(spec.substring(0, equals), spec.substring(equals + 1));
            }
        }
        return specs;
    }

    static String cell(Map<String, String> specs) {
        return new TreeMap<>(specs)
                .entrySet().stream().map(e -> e.getKey() + "=" + e.getValue()).collect(Collectors.joining(";"));
    }
}
