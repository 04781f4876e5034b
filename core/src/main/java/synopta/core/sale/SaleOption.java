package synopta.core.sale;

import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.basket.PurchaseOption;
import synopta.core.handover.HandoverPlanner;
import synopta.core.teardown.Work;

/**
 * One way to buy what a case needs, with all that comes with it.
 *
 * @param option way to buy
 * @param difference from what the required parts alone come to, in a sentence; empty for those alone
 * @param work to fit it; null while the layout is not known
 * @param bag what goes into the bag with its lines, and what the bag lacks
 */
public record SaleOption(
        PurchaseOption option, String difference, @Nullable Work work, List<HandoverPlanner.BagEntry> bag) {
    /** Copies. */
    public SaleOption {
        bag = List.copyOf(bag);
    }
}
