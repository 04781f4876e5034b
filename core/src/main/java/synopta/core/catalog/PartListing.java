package synopta.core.catalog;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Money;

/**
 * A part with what the price list and the branches say of it.
 *
 * @param part the part
 * @param price of one sale unit; null when the price list lacks it
 * @param stock free sale units by branch, in the order of the branches' names
 */
public record PartListing(Part part, @Nullable Money price, List<Stock> stock) {
    /** Copies. */
    public PartListing {
        stock = List.copyOf(stock);
    }

    /** The currency of the price, ISO 4217. */
    public Optional<String> currency() {
        return Optional.ofNullable(price).map(Money::currency);
    }

    /** Free sale units of all branches together. */
    public int onHand() {
        return stock.stream().mapToInt(Stock::onHand).sum();
    }
}
