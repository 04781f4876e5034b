package synopta.store.catalog;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Brand;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.FaultCode;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.ModelUsage;
import synopta.core.catalog.NumberNormalizer;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.PartPrice;
import synopta.core.catalog.Platform;
import synopta.core.catalog.SerialRange;
import synopta.core.catalog.SerialScheme;
import synopta.core.catalog.Slot;
import synopta.core.catalog.Stock;
import synopta.core.catalog.Supersession;
import synopta.core.quantity.Money;
import synopta.core.quantity.Slugged;

/** Rows as the core's records: a bad row fails in its constructor. */
final class RowMappers {
    private RowMappers() {}

    static Model model(ResultSet row) throws SQLException {
        return new Model(
                new ModelNumber(row.getString("model")),
                row.getString("brand"),
                Appliance.of(row.getString("appliance")),
                Optional.ofNullable(row.getString("fuel")).map(Fuel::of).orElse(null),
                row.getObject("volts", Integer.class),
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
                Slugged.of(Part.Status.class, "Status", row.getString("status")),
                row.getInt("pack_quantity"),
                row.getBoolean("returnable"),
                NumberNormalizer.pairsOf(row.getString("specs")));
    }

    static Fit fit(ResultSet row) throws SQLException {
        return new Fit(
                new ModelNumber(row.getString("model")),
                row.getString("slot"),
                new PartNumber(row.getString("part")),
                row.getInt("quantity"),
                built(row),
                serials(row),
                row.getString("note"));
    }

    static ModelUsage taking(ResultSet row) throws SQLException {
        Model model = model(row);
        Fit fit = new Fit(
                model.number(),
                row.getString("slot"),
                new PartNumber(row.getString("part")),
                row.getInt("quantity"),
                built(row, "fit_from", "fit_to"),
                serials(row),
                row.getString("fit_note"));
        return new ModelUsage(model, fit);
    }

    static Supersession supersession(ResultSet row) throws SQLException {
        return new Supersession(
                new PartNumber(row.getString("old_part")),
                row.getString("choice"),
                new PartNumber(row.getString("new_part")),
                row.getInt("quantity"),
                row.getString("change"),
                row.getObject("effective", LocalDate.class));
    }

    static KitContent kit(ResultSet row) throws SQLException {
        return new KitContent(
                new PartNumber(row.getString("kit")), new PartNumber(row.getString("content")), row.getInt("quantity"));
    }

    static FaultCode code(ResultSet row) throws SQLException {
        return new FaultCode(
                row.getString("brand"),
                row.getString("family"),
                Appliance.of(row.getString("appliance")),
                row.getString("code"),
                row.getString("means"),
                NumberNormalizer.pairsOf(row.getString("findings")),
                Stream.of(row.getString("part_types").split(";"))
                        .filter(slug -> !slug.isEmpty())
                        .toList());
    }

    static Equivalent equivalent(ResultSet row) throws SQLException {
        return new Equivalent(
                new PartNumber(row.getString("part")),
                new PartNumber(row.getString("equivalent")),
                row.getString("basis"));
    }

    static Brand brand(ResultSet row) throws SQLException {
        return new Brand(row.getString("brand"), row.getString("family"), row.getString("serial_scheme"));
    }

    static Platform platform(ResultSet row) throws SQLException {
        return new Platform(
                row.getString("platform"),
                Appliance.of(row.getString("appliance")),
                row.getString("layout"),
                row.getString("note"));
    }

    static Slot slot(ResultSet row) throws SQLException {
        return new Slot(
                row.getString("platform"),
                row.getString("slot"),
                row.getString("part_type"),
                row.getInt("quantity"),
                row.getString("note"));
    }

    static PartPrice priced(ResultSet row) throws SQLException {
        return new PartPrice(new PartNumber(row.getString("part")), price(row));
    }

    static Money price(ResultSet row) throws SQLException {
        return new Money(row.getLong("price_cents"), row.getString("currency"));
    }

    static Stock stock(ResultSet row) throws SQLException {
        return new Stock(
                row.getString("branch"),
                new PartNumber(row.getString("part")),
                row.getInt("on_hand"),
                row.getInt("lead_days"));
    }

    static SerialScheme scheme(ResultSet row) throws SQLException {
        Map<String, Integer> years = new TreeMap<>();
        NumberNormalizer.pairsOf(row.getString("year_codes"))
                .forEach((code, year) -> years.put(code, Integer.valueOf(year)));
        String periods = row.getString("period_codes");
        return new SerialScheme(
                row.getString("scheme"),
                row.getString("pattern"),
                years,
                row.getObject("year_cycle", Integer.class),
                SerialScheme.Period.of(row.getString("period")),
                periods.isEmpty() ? List.of() : List.of(periods.split(";")));
    }

    private static SerialRange serials(ResultSet row) throws SQLException {
        String from = row.getString("serial_from");
        String to = row.getString("serial_to");
        return from == null && to == null ? SerialRange.ALL : new SerialRange(from, to);
    }

    private static BuildRange built(ResultSet row) throws SQLException {
        return built(row, "built_from", "built_to");
    }

    private static BuildRange built(ResultSet row, String first, String last) throws SQLException {
        LocalDate from = row.getObject(first, LocalDate.class);
        LocalDate to = row.getObject(last, LocalDate.class);
        return from == null && to == null ? BuildRange.ALWAYS : new BuildRange(from, to);
    }
}
