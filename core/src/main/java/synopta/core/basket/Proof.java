package synopta.core.basket;

import java.util.List;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;

/**
 * What proves a purchase the least. With each piece of what is asked for priced as in `shares`, no sale unit costs less
 * than what it holds is worth, so that nothing comes to less than `atOnce`; what lies between that and the best was gone
 * through in `branches` cases, each closed by such prices of its own.
 *
 * @param isComplete whether all cases were closed; if not, `atLeast` is all that is known
 * @param atLeast no purchase has a lower net
 * @param atOnce the same, from the first prices alone
 * @param shares price of one piece of each part, from which the bound follows
 * @param branches combinations that were searched
 */
public record Proof(boolean isComplete, Money atLeast, Money atOnce, List<Share> shares, int branches) {
    /** Copies. */
    public Proof {
        shares = List.copyOf(shares);
    }

    /**
     * What a piece of a part counts for in the proof, rounded down.
     *
     * @param part number of the part
     * @param each price of one piece
     */
    public record Share(PartNumber part, Money each) {}
}
