package synopta.core.basket;

import java.util.List;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;

/**
 * What is bought.
 *
 * @param lines lines, one a part
 * @param total what is paid
 * @param net total less the value of the wants it covers
 * @param spare pieces left over
 * @param undone wants that it gives up
 */
public record Purchase(List<Line> lines, Money total, Money net, List<Pieces> spare, List<Pieces> undone) {
    /** Copies. */
    public Purchase {
        lines = List.copyOf(lines);
        spare = List.copyOf(spare);
        undone = List.copyOf(undone);
    }

    /** The parts of its lines, in their order. */
    public List<PartNumber> parts() {
        return lines.stream().map(Line::part).toList();
    }

    /**
     * So many sale units of a part, and the needs and wants they cover.
     *
     * @param part number of the part
     * @param quantity pieces, at least 1
     * @param unitPrice price of one sale unit
     * @param covers parts of the list that it covers
     */
    public record Line(PartNumber part, int quantity, Money unitPrice, List<Pieces> covers) {
        /** Copies. */
        public Line {
            covers = List.copyOf(covers);
        }

        /** Of all units. */
        public Money price() {
            return unitPrice.times(quantity);
        }
    }

    /**
     * So many pieces of a part.
     *
     * @param part number of the part
     * @param quantity pieces, at least 1
     */
    public record Pieces(PartNumber part, int quantity) {}
}
