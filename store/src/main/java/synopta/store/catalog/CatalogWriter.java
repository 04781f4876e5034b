package synopta.store.catalog;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Fuel;
import synopta.store.jdbc.Jdbc;

/** Writes a whole catalogue, in the order in which its rows refer to each other. */
final class CatalogWriter {
    private static final List<String> TABLES = List.of(
            "stock",
            "price",
            "equivalent",
            "kit_content",
            "supersession",
            "fit",
            "part",
            "model",
            "slot",
            "platform",
            "brand");

    private final Jdbc jdbc;

    CatalogWriter(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    void replace(CatalogTables tables) {
        TABLES.forEach(table -> jdbc.update("delete from " + table));
        insert("brand", 2, tables.brands(), b -> row(b.brand(), b.family()));
        insert(
                "platform",
                4,
                tables.platforms(),
                p -> row(p.platform(), p.appliance().slug(), p.layout(), p.note()));
        insert("slot", 5, tables.slots(), s -> row(s.platform(), s.slot(), s.partType(), s.quantity(), s.note()));
        insert(
                "model",
                11,
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
                "part",
                10,
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
                "fit",
                7,
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
                "supersession",
                5,
                tables.supersessions(),
                s -> row(s.oldPart().key(), s.choice(), s.newPart().key(), s.quantity(), s.change()));
        insert(
                "kit_content",
                3,
                tables.kits(),
                k -> row(k.kit().key(), k.content().key(), k.quantity()));
        insert(
                "equivalent",
                3,
                tables.equivalents(),
                e -> row(e.part().key(), e.equivalent().key(), e.basis()));
        insert(
                "price",
                3,
                tables.prices(),
                p -> row(p.part().key(), p.price().cents(), p.price().currency()));
        insert("stock", 4, tables.stock(), s -> row(s.branch(), s.part().key(), s.onHand(), s.leadDays()));
    }

    private <T> void insert(String table, int columns, List<T> rows, Function<T, Object[]> values) {
        String marks = "?" + ", ?".repeat(columns - 1);
        jdbc.batch("insert into %s values (%s)".formatted(table, marks), rows.stream(), values);
    }

    private static Object[] row(Object... values) {
        return values;
    }
}
