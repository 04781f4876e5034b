package synopta.core.fit;

import java.util.List;
import java.util.stream.Stream;
import synopta.core.catalog.PartNumber;

/**
 * One way of supplying a part today.
 *
 * @param items what is handed over together
 * @param changes what the technician must know; empty when everything drops in
 * @param chain how it came about, step by step
 */
public record Supply(List<Item> items, List<String> changes, List<String> chain) {
    /** Copies. */
    public Supply {
        items = List.copyOf(items);
        changes = List.copyOf(changes);
        chain = List.copyOf(chain);
    }

    /**
     * So many of a part.
     *
     * @param part number of the part
     * @param quantity sale units
     */
    public record Item(PartNumber part, int quantity) {}

    /** The same, with changes that come before its own. */
    Supply after(List<String> before) {
        return new Supply(
                items, Stream.concat(before.stream(), changes.stream()).toList(), chain);
    }

    /** The same, with changes that come after its own. */
    Supply and(List<String> more) {
        return new Supply(items, Stream.concat(changes.stream(), more.stream()).toList(), chain);
    }
}
