package synopta.core.sale;

import java.util.List;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;

/**
 * A request in another quantity than the trade sells it in, met with the rule and the price of both ways.
 *
 * @param partType slug of the part type
 * @param part part that is supplied
 * @param asked pieces the caller asked for
 * @param fitted pieces in the machine
 * @param phrase words of the complaint it came from
 * @param rule of the trade, in a sentence
 * @param ways what so many pieces come to
 */
public record QuantityNote(
        String partType, PartNumber part, int asked, int fitted, String phrase, String rule, List<Way> ways) {
    /** Copies. */
    public QuantityNote {
        ways = List.copyOf(ways);
    }

    /**
     * One way of meeting it.
     *
     * @param pieces needed
     * @param total price of so many
     * @param spare pieces left over, because of the size of a pack
     */
    public record Way(int pieces, Money total, int spare) {}
}
