package synopta.core.catalog;

import java.util.function.Supplier;

/**
 * The currency that amounts are in: that of the price list, or the one of the region while there is no price.
 */
public final class PriceCurrency implements Supplier<String> {
    private final Catalog catalog;
    private final Supplier<String> withoutPrices;

    /**
     * The currency of a catalog.
     *
     * @param withoutPrices ISO 4217 code while the catalog has no price
     */
    public PriceCurrency(Catalog catalog, Supplier<String> withoutPrices) {
        this.catalog = catalog;
        this.withoutPrices = withoutPrices;
    }

    @Override
    public String get() {
        return catalog.currency().orElseGet(withoutPrices);
    }
}
