package synopta.formats.catalog;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Brand;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.FaultCode;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Model;
import synopta.core.catalog.NumberNormalizer;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartPrice;
import synopta.core.catalog.Platform;
import synopta.core.catalog.SerialScheme;
import synopta.core.catalog.Sheet;
import synopta.core.catalog.Slot;
import synopta.core.catalog.Stock;
import synopta.core.catalog.Supersession;
import synopta.core.quantity.Slugged;

/**
 * One sheet's columns, and its rows from and to cells.
 *
 * @param required columns without which no row can be read
 */
record SheetFormat<T>(
        Sheet<T> sheet,
        List<String> columns,
        List<String> required,
        Function<RowCells, T> read,
        Function<T, String[]> write) {
    static final int NAME = 80;
    private static final int SLUG = 60;
    private static final int NOTE = 400;

    private static final SheetFormat<Brand> BRANDS = format(
            Sheet.BRANDS,
            "brand family serial_scheme",
            "brand",
            c -> new Brand(
                    c.name("brand", NAME),
                    c.text("family", NAME),
                    c.maybe("serial_scheme", NAME).orElse(null)),
            b -> CellValues.row(b.brand(), b.family(), Objects.requireNonNullElse(b.serialScheme(), "")));

    private static final SheetFormat<SerialScheme> SERIAL_SCHEMES = format(
            Sheet.SERIAL_SCHEMES,
            "scheme pattern year_codes year_cycle period period_codes",
            "scheme pattern year_codes period",
            c -> RowCells.within(
                    "pattern",
                    () -> new SerialScheme(
                            c.name("scheme", NAME),
                            c.name("pattern", 40),
                            CellValues.years(c),
                            c.maybeWhole("year_cycle", 1),
                            c.value("period", NAME, SerialScheme.Period::of),
                            Stream.of(c.text("period_codes", 1000).split(";"))
                                    .filter(code -> !code.isBlank())
                                    .toList())),
            s -> CellValues.row(
                    s.scheme(),
                    s.pattern(),
                    NumberNormalizer.pairs(s.yearCodes()),
                    s.yearCycle() != null ? "" + s.yearCycle() : "",
                    s.period().slug(),
                    String.join(";", s.periodCodes())));

    private static final SheetFormat<Platform> PLATFORMS = format(
            Sheet.PLATFORMS,
            "platform appliance layout note",
            "platform appliance",
            c -> new Platform(
                    c.name("platform", NAME),
                    c.value("appliance", NAME, Appliance::of),
                    c.text("layout", 40),
                    c.text("note", NOTE)),
            p -> CellValues.row(p.platform(), p.appliance().slug(), p.layout(), p.note()));

    private static final SheetFormat<Slot> SLOTS = format(
            Sheet.SLOTS,
            "platform slot part_type quantity note",
            "platform slot part_type",
            c -> new Slot(
                    c.name("platform", NAME),
                    c.name("slot", SLUG),
                    c.name("part_type", SLUG),
                    c.whole("quantity", 1, 1),
                    c.text("note", NOTE)),
            s -> CellValues.row(s.platform(), s.slot(), s.partType(), "" + s.quantity(), s.note()));

    private static final SheetFormat<Model> MODELS = format(
            Sheet.MODELS,
            "model brand appliance fuel volts platform built_from built_to popularity note",
            "model brand appliance platform",
            c -> new Model(
                    c.model("model"),
                    c.name("brand", NAME),
                    c.value("appliance", NAME, Appliance::of),
                    c.maybeValue("fuel", NAME, Fuel::of).orElse(null),
                    c.maybeWhole("volts", 1),
                    c.name("platform", NAME),
                    c.built(),
                    CellValues.popularity(c),
                    c.text("note", NOTE)),
            m -> CellValues.row(
                    m.number().written(),
                    m.brand(),
                    m.appliance().slug(),
                    Optional.ofNullable(m.fuel()).map(Fuel::slug).orElse(""),
                    m.volts() != null ? "" + m.volts() : "",
                    m.platform(),
                    CellValues.from(m.built()),
                    CellValues.to(m.built()),
                    new BigDecimal(Double.toString(m.popularity()))
                            .stripTrailingZeros()
                            .toPlainString(),
                    m.note()));

    private static final SheetFormat<Part> PARTS = format(
            Sheet.PARTS,
            "part maker part_type name genuine status pack_quantity returnable specs",
            "part part_type genuine status returnable",
            c -> new Part(
                    c.part("part"),
                    c.text("maker", NAME),
                    c.name("part_type", SLUG),
                    c.text("name", 200),
                    c.yes("genuine"),
                    c.value("status", NAME, slug -> Slugged.of(Part.Status.class, "Status", slug)),
                    c.whole("pack_quantity", 1, 1),
                    c.yes("returnable"),
                    c.pairs("specs", 2000)),
            p -> CellValues.row(
                    p.number().written(),
                    p.maker(),
                    p.partType(),
                    p.name(),
                    CellValues.yes(p.genuine()),
                    p.status().slug(),
                    "" + p.packQuantity(),
                    CellValues.yes(p.returnable()),
                    NumberNormalizer.pairs(p.specs())));

    private static final SheetFormat<Fit> FITS = format(
            Sheet.FITS,
            "model slot part quantity built_from built_to serial_from serial_to note",
            "model slot part",
            c -> new Fit(
                    c.model("model"),
                    c.name("slot", SLUG).intern(),
                    c.part("part"),
                    c.whole("quantity", 1, 1),
                    c.built(),
                    c.serials(),
                    c.text("note", NOTE)),
            f -> CellValues.row(
                    f.model().written(),
                    f.slot(),
                    f.part().written(),
                    "" + f.quantity(),
                    CellValues.from(f.built()),
                    CellValues.to(f.built()),
                    Objects.requireNonNullElse(f.serials().from(), ""),
                    Objects.requireNonNullElse(f.serials().to(), ""),
                    f.note()));

    private static final SheetFormat<Supersession> SUPERSESSIONS = format(
            Sheet.SUPERSESSIONS,
            "old_part choice new_part quantity change effective",
            "old_part new_part",
            c -> new Supersession(
                    c.part("old_part"),
                    c.maybe("choice", 40).orElse("1"),
                    c.part("new_part"),
                    c.whole("quantity", 1, 1),
                    c.text("change", NOTE),
                    c.date("effective").orElse(null)),
            s -> CellValues.row(
                    s.oldPart().written(),
                    s.choice(),
                    s.newPart().written(),
                    "" + s.quantity(),
                    s.change(),
                    Optional.ofNullable(s.effective()).map(Object::toString).orElse("")));

    private static final SheetFormat<KitContent> KITS = format(
            Sheet.KITS,
            "kit content quantity",
            "kit content",
            c -> new KitContent(c.part("kit"), c.part("content"), c.whole("quantity", 1, 1)),
            k -> CellValues.row(k.kit().written(), k.content().written(), "" + k.quantity()));

    private static final SheetFormat<Equivalent> EQUIVALENTS = format(
            Sheet.EQUIVALENTS,
            "part equivalent basis",
            "part equivalent",
            c -> new Equivalent(c.part("part"), c.part("equivalent"), c.text("basis", 200)),
            e -> CellValues.row(e.part().written(), e.equivalent().written(), e.basis()));

    private static final SheetFormat<PartPrice> PRICES = format(
            Sheet.PRICES,
            "part price currency",
            "part price currency",
            c -> new PartPrice(c.part("part"), CellValues.money(c)),
            p -> CellValues.row(
                    p.part().written(), p.price().decimal(), p.price().currency()));

    private static final SheetFormat<Stock> STOCK = format(
            Sheet.STOCK,
            "branch part on_hand lead_days",
            "branch part on_hand",
            c -> new Stock(
                    c.name("branch", NAME), c.part("part"), c.whole("on_hand", 0, 0), c.whole("lead_days", 0, 0)),
            s -> CellValues.row(s.branch(), s.part().written(), "" + s.onHand(), "" + s.leadDays()));

    private static final SheetFormat<FaultCode> CODES = format(
            Sheet.CODES,
            "brand family appliance code means findings part_types",
            "appliance code means",
            CodeCells::read,
            CodeCells::write);

    private static final Map<Sheet<?>, SheetFormat<?>> OF = Stream.of(
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
                    CODES)
            .collect(Collectors.toMap(SheetFormat::sheet, format -> format));

    @SuppressWarnings("unchecked")
    static <T> SheetFormat<T> of(Sheet<T> sheet) {
        return (SheetFormat<T>) OF.get(sheet);
    }

    private static <T> SheetFormat<T> format(
            Sheet<T> sheet, String columns, String required, Function<RowCells, T> read, Function<T, String[]> write) {
        return new SheetFormat<>(
                sheet, Arrays.asList(columns.split(" ")), Arrays.asList(required.split(" ")), read, write);
    }
}
