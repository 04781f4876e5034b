package synopta.core.catalog;

import synopta.core.quantity.Money;

/** The price of one sale unit of a part. */
public record PartPrice(PartNumber part, Money price) {}
