package synopta.benchmark;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Brand;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.CatalogImport;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Sheet;
import synopta.core.catalog.Supersession;
import synopta.store.catalog.CatalogStore;

/** Models of 32 slots, five million fits at full scale; most parts serve 400 models, those of the first slot an eighth of all. */
final class LargeCatalog {
    static final String BRAND = "Halvorn";

    /** Parts of the first slot; each serves this share of the models. */
    static final int COMMON = 8;

    private static final int PLACES = 32;
    private static final int SHARED = 400;
    private static final int STEPS = 50;
    private static final int AT_ONCE = 4000;
    private static final List<String> BRANDS = List.of("Orrinvale", "Thistlemoor", BRAND, "Pelladine", "Mirrabrook");

    private LargeCatalog() {}

    /** One of the eight parts of the first slot. */
    static PartNumber common(int number) {
        return part("C", number);
    }

    /** A part of the chain of supersessions; 0 is the oldest. */
    static PartNumber inChain(int number) {
        return part("S", number);
    }

    static ModelNumber model(int number) {
        return new ModelNumber("M%06d".formatted(number));
    }

    private static PartNumber part(String kind, int number) {
        return new PartNumber("%s%06d".formatted(kind, number));
    }

    /** Puts it in place, its fits piece by piece and their second index afterwards, which is faster; how many it has. */
    static int into(CatalogStore store, Connection plain, int models) throws SQLException {
        CatalogImport delivery = new CatalogImport();
        BRANDS.forEach(b -> add(delivery.begin(Sheet.BRANDS), new Brand(b, "Works", null)));
        for (int i = 1; i <= STEPS; i++) {
            Supersession step = new Supersession(part("S", i - 1), "1", part("S", i), 1, "", null);
            add(delivery.begin(Sheet.SUPERSESSIONS), step);
        }
        List<PartNumber> own = parts(delivery, "P", models / SHARED * (PLACES - 2));
        List<PartNumber> common = parts(delivery, "C", COMMON);
        PartNumber oldest = parts(delivery, "S", STEPS + 1).get(0);
        for (int m = 0; m < models; m++) {
            add(delivery.begin(Sheet.MODELS), made(model(m), BRANDS.get(m % BRANDS.size())));
        }
        store.replace(delivery, sheet -> {});
        execute(plain, "drop index fit_by_part");
        fits(plain, models, own, common, oldest);
        execute(plain, "create index fit_by_part on fit (part_key, model_key, slot)");
        return models * PLACES;
    }

    private static void fits(
            Connection plain, int models, List<PartNumber> own, List<PartNumber> common, PartNumber oldest)
            throws SQLException {
        plain.setAutoCommit(false);
        try (PreparedStatement insert = plain.prepareStatement(FIT)) {
            for (int m = 0; m < models; m++) {
                fit(insert, m, 0, common.get(m % common.size()));
                fit(insert, m, 1, oldest);
                for (int place = 2; place < PLACES; place++) {
                    fit(insert, m, place, own.get((place - 2) * (models / SHARED) + m % (models / SHARED)));
                }
                insert.executeBatch();
                if ((m + 1) % AT_ONCE == 0) {
                    plain.commit();
                }
            }
        }
        plain.setAutoCommit(true);
    }

    private static void execute(Connection plain, String sql) throws SQLException {
        try (Statement statement = plain.createStatement()) {
            statement.execute(sql);
        }
    }

    private static final String FIT = """
            insert into fit (model_key, slot, part_key, quantity, note)
            values (?, ?, ?, 1, '')""";

    private static void fit(PreparedStatement insert, int model, int place, PartNumber part) throws SQLException {
        insert.setString(1, model(model).key());
        insert.setString(2, "place-%02d".formatted(place));
        insert.setString(3, part.key());
        insert.addBatch();
    }

    private static <T> void add(CatalogImport.Sent<T> sent, T row) {
        sent.add(row, sent.rows().size() + 2);
    }

    private static List<PartNumber> parts(CatalogImport delivery, String kind, int count) {
        List<PartNumber> numbers = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            PartNumber number = part(kind, i);
            numbers.add(number);
            add(
                    delivery.begin(Sheet.PARTS),
                    new Part(number, "Works", "drum-belt", "part", true, Part.Status.CURRENT, 1, true, Map.of()));
        }
        return numbers;
    }

    private static Model made(ModelNumber number, String brand) {
        return new Model(number, brand, Appliance.DRYER, Fuel.ELECTRIC, 240, "Platform", BuildRange.ALWAYS, 1, "");
    }
}
