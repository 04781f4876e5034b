package synopta.core.fit;

import synopta.core.catalog.Catalog;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;

/**
 * Which parts are judged by what lies in them. A kit is the sum of its contents; an assembly is more than those of its
 * contents that are sold singly, so where its number is not listed it is not right. Told apart by whether some machine
 * has a place for it; what is called a kit is one.
 */
final class KitRules {
    private KitRules() {}

    static boolean isKit(Catalog catalog, PartNumber number, Interchange interchange) {
        if (catalog.contentsOf(number).isEmpty()) {
            return false;
        }
        boolean called = catalog.part(number).map(Part::isCalledKit).orElse(false);
        return called
                || interchange.listed().stream()
                        .allMatch(listed -> catalog.taking(listed, null, "", 1).isEmpty());
    }
}
