package synopta.core.catalog;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What lies in a part in the end. */
public final class KitContents {
    private KitContents() {}

    /** Pieces in so many of a part, kits in it opened; the part itself where nothing lies in it. */
    public static Map<PartNumber, Integer> loose(Catalog catalog, PartNumber part, int quantity) {
        Map<PartNumber, Integer> loose = new TreeMap<>();
        open(catalog, part, quantity, loose);
        return loose;
    }

    private static void open(Catalog catalog, PartNumber part, int quantity, Map<PartNumber, Integer> loose) {
        List<KitContent> rows = catalog.contentsOf(part);
        if (rows.isEmpty()) {
            loose.merge(part, quantity, Math::addExact);
        }
        rows.forEach(row -> open(catalog, row.content(), Math.multiplyExact(quantity, row.quantity()), loose));
    }
}
