package synopta.store.catalog;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Fuel;
import synopta.store.jdbc.Jdbc;

/** Writes a whole catalogue, in the order in which its rows refer to each other. */
final class CatalogWriter {
    /** In the order in which rows that refer to others go first. */
    private static final List<String> EMPTY = List.of(
            "delete from stock",
            "delete from price",
            "delete from equivalent",
            "delete from kit_content",
            "delete from supersession",
            "delete from fit",
            "delete from part",
            "delete from model",
            "delete from slot",
            "delete from platform",
            "delete from brand");

    private static final String BRAND = """
            insert into brand (brand, family)
            values (?, ?)""";
    private static final String PLATFORM = """
            insert into platform (platform, appliance, layout, note)
            values (?, ?, ?, ?)""";
    private static final String SLOT = """
            insert into slot (platform, slot, part_type, quantity, note)
            values (?, ?, ?, ?, ?)""";
    private static final String MODEL = """
            insert into model (model_key, model, brand, appliance, fuel, volts, platform, built_from, built_to, popularity, note)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""";
    private static final String PART = """
            insert into part (part_key, part, maker, part_type, name, genuine, status, pack_quantity, returnable, specs)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""";
    private static final String FIT = """
            insert into fit (model_key, slot, part_key, quantity, built_from, built_to, note)
            values (?, ?, ?, ?, ?, ?, ?)""";
    private static final String SUPERSESSION = """
            insert into supersession (old_key, choice, new_key, quantity, change)
            values (?, ?, ?, ?, ?)""";
    private static final String KIT_CONTENT = """
            insert into kit_content (kit_key, content_key, quantity)
            values (?, ?, ?)""";
    private static final String EQUIVALENT = """
            insert into equivalent (part_key, equivalent_key, basis)
            values (?, ?, ?)""";
    private static final String PRICE = """
            insert into price (part_key, price_cents, currency)
            values (?, ?, ?)""";
    private static final String STOCK = """
            insert into stock (branch, part_key, on_hand, lead_days)
            values (?, ?, ?, ?)""";

    private final Jdbc jdbc;

    CatalogWriter(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    void replace(CatalogTables tables) {
        EMPTY.forEach(jdbc::update);
        insert(BRAND, tables.brands(), b -> row(b.brand(), b.family()));
        insert(
                PLATFORM,
                tables.platforms(),
                p -> row(p.platform(), p.appliance().slug(), p.layout(), p.note()));
        insert(SLOT, tables.slots(), s -> row(s.platform(), s.slot(), s.partType(), s.quantity(), s.note()));
        insert(
                MODEL,
                tables.models(),
                m -> row(
                        m.number().key(),
                        m.number().written(),
                        m.brand(),
                        m.appliance().slug(),
                        m.fuel().map(Fuel::slug).orElse(null),
                        m.volts(),
                        m.platform(),
                        m.built().from().orElse(null),
                        m.built().to().orElse(null),
                        m.popularity(),
                        m.note()));
        insert(
                PART,
                tables.parts(),
                p -> row(
                        p.number().key(),
                        p.number().written(),
                        p.maker(),
                        p.partType(),
                        p.name(),
                        p.genuine(),
                        p.status().name().toLowerCase(Locale.ROOT),
                        p.packQuantity(),
                        p.returnable(),
                        CatalogRows.cell(p.specs())));
        relations(tables);
    }

    private void relations(CatalogTables tables) {
        insert(
                FIT,
                tables.fits(),
                f -> row(
                        f.model().key(),
                        f.slot(),
                        f.part().key(),
                        f.quantity(),
                        f.built().from().orElse(null),
                        f.built().to().orElse(null),
                        f.note()));
        insert(
                SUPERSESSION,
                tables.supersessions(),
                s -> row(s.oldPart().key(), s.choice(), s.newPart().key(), s.quantity(), s.change()));
        insert(KIT_CONTENT, tables.kits(), k -> row(k.kit().key(), k.content().key(), k.quantity()));
        insert(
                EQUIVALENT,
                tables.equivalents(),
                e -> row(e.part().key(), e.equivalent().key(), e.basis()));
        insert(
                PRICE,
                tables.prices(),
                p -> row(p.part().key(), p.price().cents(), p.price().currency()));
        insert(STOCK, tables.stock(), s -> row(s.branch(), s.part().key(), s.onHand(), s.leadDays()));
    }

    private <T> void insert(String statement, List<T> rows, Function<T, Object[]> values) {
        jdbc.batch(statement, rows.stream(), values);
    }

    private static Object[] row(Object... values) {
        return values;
    }
}
