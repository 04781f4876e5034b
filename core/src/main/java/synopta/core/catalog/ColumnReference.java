package synopta.core.catalog;

import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A column of one sheet that names a row of another.
 *
 * @param key what it names; null where the cell is empty
 */
record ColumnReference<T>(Sheet<T> from, String column, Sheet<?> to, Function<T, @Nullable String> key) {
    static final List<ColumnReference<?>> ALL = List.of(
            new ColumnReference<>(Sheet.BRANDS, "serial_scheme", Sheet.SERIAL_SCHEMES, Brand::serialScheme),
            must(Sheet.SLOTS, "platform", Sheet.PLATFORMS, Slot::platform),
            must(Sheet.MODELS, "brand", Sheet.BRANDS, Model::brand),
            must(Sheet.MODELS, "platform", Sheet.PLATFORMS, Model::platform),
            must(Sheet.FITS, "model", Sheet.MODELS, fit -> fit.model().key()),
            must(Sheet.FITS, "part", Sheet.PARTS, fit -> fit.part().key()),
            must(Sheet.SUPERSESSIONS, "old_part", Sheet.PARTS, s -> s.oldPart().key()),
            must(Sheet.SUPERSESSIONS, "new_part", Sheet.PARTS, s -> s.newPart().key()),
            must(Sheet.KITS, "kit", Sheet.PARTS, k -> k.kit().key()),
            must(Sheet.KITS, "content", Sheet.PARTS, k -> k.content().key()),
            must(Sheet.EQUIVALENTS, "part", Sheet.PARTS, e -> e.part().key()),
            must(
                    Sheet.EQUIVALENTS,
                    "equivalent",
                    Sheet.PARTS,
                    e -> e.equivalent().key()),
            must(Sheet.PRICES, "part", Sheet.PARTS, p -> p.part().key()),
            must(Sheet.STOCK, "part", Sheet.PARTS, s -> s.part().key()),
            new ColumnReference<>(
                    Sheet.CODES, "brand", Sheet.BRANDS, code -> code.brand().isEmpty() ? null : code.brand()));

    private static <T> ColumnReference<T> must(Sheet<T> from, String column, Sheet<?> to, Function<T, String> key) {
        return new ColumnReference<>(from, column, to, key);
    }
}
