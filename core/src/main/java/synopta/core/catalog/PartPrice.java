package synopta.core.catalog;

import synopta.core.quantity.Money;

/**
 * The price of one sale unit of a part.
 *
 * @param part number of the part
 * @param price price of one sale unit
 */
public record PartPrice(PartNumber part, Money price) {}
