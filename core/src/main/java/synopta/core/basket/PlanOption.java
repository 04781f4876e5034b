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
 */
public record PlanOption(Set<Kind> kinds, Purchase purchase) {
    /** By net, then total, then lines. */
    static final Comparator<PlanOption> CHEAPEST_FIRST = Comparator.comparing((PlanOption o) -> o.purchase.net())
            .thenComparing(o -> o.purchase.total())
            .thenComparing(o -> o.purchase.lines().size());

    /** Copies. */
    public PlanOption {
        kinds = Collections.unmodifiableSortedSet(new TreeSet<>(kinds));
    }

    /** What a purchase is the least of. */
    public enum Kind implements Slugged {
        /** The least net of all. */
        LEAST,
        /** The least that is paid today: needs alone, and wants only where they cost nothing more. */
        CHEAPEST_TODAY,
        /** The fewest lines. */
        FEWEST_LINES,
        /** The least out of genuine parts. */
        ALL_GENUINE,
        /** The least out of what lies at the branch, or at any when none was named. */
        FROM_STOCK_NOW,
        /** The least that covers every want, too. */
        REPLACE_ALL,
        /** The least without any kit or assembly but those asked for. */
        IN_PIECES,
        /** The least with a kit or an assembly that nobody asked for by itself. */
        AS_A_KIT;
    }
}
