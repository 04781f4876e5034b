package synopta.core.fit;

import java.util.List;
import synopta.core.catalog.PartNumber;

/**
 * One way of supplying a part today.
 *
 * @param items what is handed over together
 * @param changes what the fitter must know; empty when everything drops in
 * @param chain how it came about, step by step
 */
public record Supply(List<Item> items, List<String> changes, List<String> chain) {
    /** Copies. */
    public Supply {
        items = List.copyOf(items);
        changes = List.copyOf(changes);
        chain = List.copyOf(chain);
    }

    /** So many of a part. */
    public record Item(PartNumber part, int quantity) {}

    /** Pieces handed over. */
    int pieces() {
        return items.stream().mapToInt(Item::quantity).sum();
    }
}
