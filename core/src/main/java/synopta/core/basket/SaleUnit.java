package synopta.core.basket;

import java.util.Map;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;

/**
 * Something with a price, seen as the pieces it holds. A kit that holds another stands once for each way of taking the
 * inner one: whole, or as its pieces.
 *
 * @param available how many can be had
 */
record SaleUnit(PartNumber part, Money price, Map<PartNumber, Integer> pieces, int available) {}
