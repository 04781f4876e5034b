package synopta.core.basket;

import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;
import synopta.core.quantity.WholeNumbers;

/**
 * What has to be covered, what would be nice to have and is worth so much, and how it may be bought.
 *
 * @param needs parts that must be bought
 * @param wants parts that may be bought, with their value
 * @param policy conditions of the purchase
 */
public record BasketQuery(List<Need> needs, List<Want> wants, Policy policy) {
    /** The most pieces of one part that a basket is planned for. */
    public static final int MOST_PIECES = 100;

    /** Copies. */
    public BasketQuery {
        needs = List.copyOf(needs);
        wants = List.copyOf(wants);
    }

    /**
     * So many pieces of a part must be there.
     *
     * @param part number of the part
     * @param quantity pieces, at least 1
     */
    public record Need(PartNumber part, int quantity) {
        /** Refuses a quantity outside 1 to {@value BasketQuery#MOST_PIECES}. */
        public Need {
            pieces(part, quantity);
        }
    }

    /**
     * So many pieces are worth `value` when all of them are there, and nothing otherwise.
     *
     * @param part number of the part
     * @param quantity pieces, at least 1
     * @param value what having it is worth
     */
    public record Want(PartNumber part, int quantity, Money value) {
        /** Refuses a quantity outside 1 to {@value BasketQuery#MOST_PIECES} and a value below 0. */
        public Want {
            pieces(part, quantity);
            if (value.cents() < 0) {
                throw new IllegalArgumentException(
                        "Value of %s (%s) must be at least 0.".formatted(part, value.decimal()));
            }
        }
    }

    /**
     * How it may be bought.
     *
     * @param genuineOnly whether equivalents are left out
     * @param branch where it is handed over; null: at any
     * @param neededInDays by when; null: whenever it comes
     */
    public record Policy(
            boolean genuineOnly,
            @Nullable String branch,
            @Nullable Integer neededInDays) {
        /** Anything, from anywhere, whenever. */
        public static final Policy ANY = new Policy(false, null, null);
    }

    private static void pieces(PartNumber part, int quantity) {
        WholeNumbers.between("Quantity of " + part, quantity, 1, MOST_PIECES);
    }
}
