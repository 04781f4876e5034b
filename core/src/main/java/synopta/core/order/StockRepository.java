package synopta.core.order;

import java.util.List;

/** The port through which the movements of stock are read; they are booked with what causes them. */
public interface StockRepository {
    /** Those of a case, the first first. */
    List<StockMovement> ofCase(long caseNumber);

    /** The last ones, newest first. */
    List<StockMovement> last(int limit);
}
