package synopta.core.catalog;

import java.util.List;

/**
 * One table of the catalog, with the kind of its rows.
 *
 * @param <T> type of the rows
 * @param name of the table, and of its file without the ending
 * @param rows type of its rows
 */
public record Sheet<T>(String name, Class<T> rows) {
    public static final Sheet<Brand> BRANDS = new Sheet<>("brands", Brand.class);
    public static final Sheet<SerialScheme> SERIAL_SCHEMES = new Sheet<>("serial_schemes", SerialScheme.class);
    public static final Sheet<Platform> PLATFORMS = new Sheet<>("platforms", Platform.class);
    public static final Sheet<Slot> SLOTS = new Sheet<>("slots", Slot.class);
    public static final Sheet<Model> MODELS = new Sheet<>("models", Model.class);
    public static final Sheet<Part> PARTS = new Sheet<>("parts", Part.class);
    public static final Sheet<Fit> FITS = new Sheet<>("fits", Fit.class);
    public static final Sheet<Supersession> SUPERSESSIONS = new Sheet<>("supersessions", Supersession.class);
    public static final Sheet<KitContent> KITS = new Sheet<>("kits", KitContent.class);
    public static final Sheet<Equivalent> EQUIVALENTS = new Sheet<>("equivalents", Equivalent.class);
    public static final Sheet<PartPrice> PRICES = new Sheet<>("prices", PartPrice.class);
    public static final Sheet<Stock> STOCK = new Sheet<>("stock", Stock.class);

    public static final Sheet<FaultCode> CODES = new Sheet<>("codes", FaultCode.class);

    /** All of them, so that a row refers only to sheets before its own, or to its own. */
    public static final List<Sheet<?>> ALL = List.of(
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
            CODES);

    /** The file of the catalog format. */
    public String file() {
        return name + ".csv";
    }
}
