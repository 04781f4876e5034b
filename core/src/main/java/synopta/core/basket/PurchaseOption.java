package synopta.core.basket;

import java.util.Collections;
import java.util.Comparator;
import java.util.Set;
import java.util.TreeSet;
import synopta.core.quantity.Slugged;

/**
 * A purchase that differs in kind from the best one.
 *
 * @param kinds what it is the least of; two kinds may come to the same purchase
 * @param purchase what is bought
 */
public record PurchaseOption(Set<Kind> kinds, Purchase purchase) {
    /** By net, then total, then lines. */
    static final Comparator<PurchaseOption> CHEAPEST_FIRST = Comparator.comparing(
                    (PurchaseOption o) -> o.purchase.net())
            .thenComparing(o -> o.purchase.total())
            .thenComparing(o -> o.purchase.lines().size());

    /** Copies. */
    public PurchaseOption {
        kinds = Collections.unmodifiableSortedSet(new TreeSet<>(kinds));
    }

    /** What a purchase is the best at. */
    public enum Kind implements Slugged {
        /** The lowest net price of all. */
        LEAST,
        /** The least that is paid today: required parts alone, and wants only where they cost nothing more. */
        CHEAPEST_TODAY,
        /** The required parts in the fewest lines. */
        FEWEST_LINES,
        /** The required parts, all genuine, for the least. */
        ALL_GENUINE,
        /** The required parts out of stock at the branch, or at any when none is named, for the least. */
        FROM_STOCK_NOW,
        /** The lowest net price that covers every optional part. */
        REPLACE_ALL,
        /** The required parts for the least without a kit or assembly that was not requested. */
        IN_PIECES,
        /** The required parts for the least with a kit or assembly that was not requested by itself. */
        AS_A_KIT;
    }
}
