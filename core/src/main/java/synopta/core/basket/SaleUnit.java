package synopta.core.basket;

import java.util.Map;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;

/**
 * Something with a price, seen as the pieces it holds: itself, and all that lies in it.
 *
 * @param available how many can be had
 */
record SaleUnit(PartNumber part, Money price, Map<PartNumber, Integer> pieces, int available) {}
