package synopta.core.catalog;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A whole catalog, table by table, in the order in which rows refer to each other.
 *
 * @param brands all brands
 * @param serialSchemes all schemes of serial numbers
 * @param platforms all platforms
 * @param slots all positions
 * @param models all models
 * @param parts all parts
 * @param fits all fits
 * @param supersessions all supersessions
 * @param kits all contents of kits
 * @param equivalents all equivalents
 * @param prices all prices
 * @param stock all stock
 * @param codes all fault codes
 */
public record CatalogTables(
        List<Brand> brands,
        List<SerialScheme> serialSchemes,
        List<Platform> platforms,
        List<Slot> slots,
        List<Model> models,
        List<Part> parts,
        List<Fit> fits,
        List<Supersession> supersessions,
        List<KitContent> kits,
        List<Equivalent> equivalents,
        List<PartPrice> prices,
        List<Stock> stock,
        List<FaultCode> codes) {
    /** No row at all. */
    public static final CatalogTables EMPTY = ofModels(List.of());

    /** Models and nothing else: what a tag is read against. */
    public static CatalogTables ofModels(List<Model> models) {
        return new CatalogTables(
                List.of(), List.of(), List.of(), List.of(), models, List.of(), List.of(), List.of(), List.of(),
                List.of(), List.of(), List.of(), List.of());
    }

    /** Copies every list. */
    public CatalogTables {
        brands = List.copyOf(brands);
        serialSchemes = List.copyOf(serialSchemes);
        platforms = List.copyOf(platforms);
        slots = List.copyOf(slots);
        models = List.copyOf(models);
        parts = List.copyOf(parts);
        fits = List.copyOf(fits);
        supersessions = List.copyOf(supersessions);
        kits = List.copyOf(kits);
        equivalents = List.copyOf(equivalents);
        prices = List.copyOf(prices);
        stock = List.copyOf(stock);
        codes = List.copyOf(codes);
    }

    /** The rows of every sheet. */
    public Map<Sheet<?>, List<?>> sheets() {
        Map<Sheet<?>, List<?>> sheets = new LinkedHashMap<>();
        sheets.put(Sheet.SERIAL_SCHEMES, serialSchemes);
        sheets.put(Sheet.BRANDS, brands);
        sheets.put(Sheet.PLATFORMS, platforms);
        sheets.put(Sheet.SLOTS, slots);
        sheets.put(Sheet.MODELS, models);
        sheets.put(Sheet.PARTS, parts);
        sheets.put(Sheet.FITS, fits);
        sheets.put(Sheet.SUPERSESSIONS, supersessions);
        sheets.put(Sheet.KITS, kits);
        sheets.put(Sheet.EQUIVALENTS, equivalents);
        sheets.put(Sheet.PRICES, prices);
        sheets.put(Sheet.STOCK, stock);
        sheets.put(Sheet.CODES, codes);
        return sheets;
    }
}
