package synopta.store.catalog;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import synopta.core.catalog.FaultCode;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.NumberNormalizer;
import synopta.core.catalog.Sheet;
import synopta.store.jdbc.Jdbc;

/**
 * A sheet as a table: how it is emptied, written and read whole.
 *
 * @param table its name
 * @param row makes a row of the core of what `all` selects
 * @param values of a row, in the order of `insert`
 */
record SheetTable<T>(
        Sheet<T> sheet, String table, String insert, String all, Jdbc.RowMapper<T> row, Function<T, Object[]> values) {

    private static final SheetTable<?> SERIAL_SCHEMES = new SheetTable<>(
            Sheet.SERIAL_SCHEMES,
            "serial_scheme",
            """
            insert into serial_scheme (scheme, pattern, year_codes, year_cycle, period, period_codes)
            values (?, ?, ?, ?, ?, ?)""",
            """
            select scheme, pattern, year_codes, year_cycle, period, period_codes
              from serial_scheme
             order by scheme""",
            RowMappers::scheme,
            s -> row(
                    s.scheme(),
                    s.pattern(),
                    NumberNormalizer.pairs(s.yearCodes()),
                    s.yearCycle(),
                    s.period().slug(),
                    String.join(";", s.periodCodes())));

    private static final SheetTable<?> BRANDS = new SheetTable<>(
            Sheet.BRANDS, "brand", """
            insert into brand (brand, family, serial_scheme)
            values (?, ?, ?)""", """
            select brand, family, serial_scheme
              from brand
             order by brand""", RowMappers::brand, b -> row(b.brand(), b.family(), b.serialScheme()));

    private static final SheetTable<?> PLATFORMS = new SheetTable<>(
            Sheet.PLATFORMS,
            "platform",
            """
            insert into platform (platform, appliance, layout, note)
            values (?, ?, ?, ?)""",
            Select.PLATFORMS + """
             order by platform""",
            RowMappers::platform,
            p -> row(p.platform(), p.appliance().slug(), p.layout(), p.note()));

    private static final SheetTable<?> SLOTS = new SheetTable<>(
            Sheet.SLOTS,
            "slot",
            """
            insert into slot (platform, slot, part_type, quantity, note)
            values (?, ?, ?, ?, ?)""",
            Select.SLOTS + """
             order by platform, slot""",
            RowMappers::slot,
            s -> row(s.platform(), s.slot(), s.partType(), s.quantity(), s.note()));

    private static final SheetTable<?> MODELS = new SheetTable<>(
            Sheet.MODELS,
            "model",
            """
            insert into model (model_key, model, brand, appliance, fuel, volts, platform, built_from, built_to, popularity, note)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""",
            Select.MODELS + """
             order by model_key""",
            RowMappers::model,
            m -> row(
                    m.number().key(),
                    m.number().written(),
                    m.brand(),
                    m.appliance().slug(),
                    Optional.ofNullable(m.fuel()).map(Fuel::slug).orElse(null),
                    m.volts(),
                    m.platform(),
                    m.built().from(),
                    m.built().to(),
                    m.popularity(),
                    m.note()));

    private static final SheetTable<?> PARTS = new SheetTable<>(
            Sheet.PARTS,
            "part",
            """
            insert into part (part_key, part, maker, part_type, name, genuine, status, pack_quantity, returnable, specs)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""",
            Select.PARTS + """
             order by part_key""",
            RowMappers::part,
            p -> row(
                    p.number().key(),
                    p.number().written(),
                    p.maker(),
                    p.partType(),
                    p.name(),
                    p.genuine(),
                    p.status().slug(),
                    p.packQuantity(),
                    p.returnable(),
                    NumberNormalizer.pairs(p.specs())));

    private static final SheetTable<?> FITS = new SheetTable<>(
            Sheet.FITS,
            "fit",
            """
            insert into fit (model_key, slot, part_key, quantity, built_from, built_to, serial_from, serial_to, note)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?)""",
            Select.FITS + """
             order by f.model_key, f.slot, f.part_key, f.built_from, f.built_to, f.serial_from, f.serial_to""",
            RowMappers::fit,
            f -> row(
                    f.model().key(),
                    f.slot(),
                    f.part().key(),
                    f.quantity(),
                    f.built().from(),
                    f.built().to(),
                    f.serials().from(),
                    f.serials().to(),
                    f.note()));

    private static final SheetTable<?> SUPERSESSIONS = new SheetTable<>(
            Sheet.SUPERSESSIONS,
            "supersession",
            """
            insert into supersession (old_key, choice, new_key, quantity, change, effective)
            values (?, ?, ?, ?, ?, ?)""",
            Select.SUPERSESSIONS + """
             order by s.old_key, s.choice, s.new_key""",
            RowMappers::supersession,
            s -> row(s.oldPart().key(), s.choice(), s.newPart().key(), s.quantity(), s.change(), s.effective()));

    private static final SheetTable<?> KITS = new SheetTable<>(
            Sheet.KITS,
            "kit_content",
            """
            insert into kit_content (kit_key, content_key, quantity)
            values (?, ?, ?)""",
            Select.KITS + """
             order by x.kit_key, x.content_key""",
            RowMappers::kit,
            k -> row(k.kit().key(), k.content().key(), k.quantity()));

    private static final SheetTable<?> EQUIVALENTS = new SheetTable<>(
            Sheet.EQUIVALENTS,
            "equivalent",
            """
            insert into equivalent (part_key, equivalent_key, basis)
            values (?, ?, ?)""",
            Select.EQUIVALENTS + """
             order by x.part_key, x.equivalent_key""",
            RowMappers::equivalent,
            e -> row(e.part().key(), e.equivalent().key(), e.basis()));

    private static final SheetTable<?> PRICES = new SheetTable<>(
            Sheet.PRICES,
            "price",
            """
            insert into price (part_key, price_cents, currency)
            values (?, ?, ?)""",
            """
            select p.part, x.price_cents, x.currency
              from price x
              join part p on p.part_key = x.part_key
             order by x.part_key""",
            RowMappers::priced,
            p -> row(p.part().key(), p.price().cents(), p.price().currency()));

    private static final SheetTable<?> STOCK = new SheetTable<>(
            Sheet.STOCK,
            "stock",
            """
            insert into stock (branch, part_key, on_hand, lead_days)
            values (?, ?, ?, ?)""",
            """
            select s.branch, p.part, s.on_hand, s.lead_days
              from stock s
              join part p on p.part_key = s.part_key
             order by s.part_key, s.branch""",
            RowMappers::stock,
            s -> row(s.branch(), s.part().key(), s.onHand(), s.leadDays()));

    private static final SheetTable<?> CODES = new SheetTable<>(
            Sheet.CODES,
            "fault_code",
            """
            insert into fault_code (brand, family, appliance, code_key, code, means, findings, part_types)
            values (?, ?, ?, ?, ?, ?, ?, ?)""",
            Select.CODES + """
             order by appliance, brand, family, code_key""",
            RowMappers::code,
            c -> row(
                    c.brand(),
                    c.family(),
                    c.appliance().slug(),
                    FaultCode.key(c.code()),
                    c.code(),
                    c.means(),
                    NumberNormalizer.pairs(c.findings()),
                    String.join(";", c.partTypes())));

    private static final SheetTable<?>[] ALL = {
        SERIAL_SCHEMES,
        BRANDS,
        PLATFORMS,
        SLOTS,
        MODELS,
        PARTS,
        FITS,
        SUPERSESSIONS,
        KITS,
        EQUIVALENTS,
        PRICES,
        STOCK,
        CODES
    };

    private static final Map<Sheet<?>, SheetTable<?>> OF =
            Arrays.stream(ALL).collect(Collectors.toUnmodifiableMap(SheetTable::sheet, stored -> stored));

    /** The statement that empties it. */
    String empty() {
        return "delete from " + table;
    }

    /** The statement that counts its rows. */
    String count() {
        return "select count(*) from " + table;
    }

    @SuppressWarnings("unchecked")
    static <T> SheetTable<T> of(Sheet<T> sheet) {
        return (SheetTable<T>) OF.get(sheet);
    }

    private static Object[] row(Object... values) {
        return values;
    }
}
