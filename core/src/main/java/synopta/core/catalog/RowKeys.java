package synopta.core.catalog;

import java.util.Map;
import java.util.function.Function;

/** What tells the rows of a sheet apart. */
final class RowKeys {
    private static final Map<Sheet<?>, Function<?, Object>> OF = Map.ofEntries(
            key(Sheet.BRANDS, Brand::brand),
            key(Sheet.SERIAL_SCHEMES, SerialScheme::scheme),
            key(Sheet.PLATFORMS, Platform::platform),
            key(Sheet.SLOTS, s -> new Pair(s.platform(), s.slot())),
            key(Sheet.MODELS, m -> m.number().key()),
            key(Sheet.PARTS, p -> p.number().key()),
            key(Sheet.FITS, f -> new FitKey(f.model(), f.slot(), f.part(), f.built(), f.serials())),
            key(Sheet.SUPERSESSIONS, s -> new Pair(s.choice(), new Pair(s.oldPart(), s.newPart()))),
            key(Sheet.KITS, k -> new Pair(k.kit(), k.content())),
            key(Sheet.EQUIVALENTS, e -> new Pair(e.part(), e.equivalent())),
            key(Sheet.PRICES, p -> p.part().key()),
            key(Sheet.STOCK, s -> new Pair(s.branch(), s.part())),
            key(Sheet.CODES, c -> new CodeKey(c.brand(), c.family(), c.appliance(), FaultCode.key(c.code()))));

    private RowKeys() {}

    private record Pair(Object first, Object second) {}

    private record FitKey(ModelNumber model, String slot, PartNumber part, BuildRange built, SerialRange serials) {}

    private record CodeKey(String brand, String family, Appliance appliance, String code) {}

    private static <T> Map.Entry<Sheet<?>, Function<?, Object>> key(Sheet<T> sheet, Function<T, Object> key) {
        return Map.entry(sheet, key);
    }

    @SuppressWarnings("unchecked")
    static <T> Function<T, Object> of(Sheet<T> sheet) {
        return (Function<T, Object>) OF.get(sheet);
    }
}
