package synopta.core.order;

import java.util.function.Function;
import synopta.core.catalog.PartNumber;

/** The port to the supplier. It may be slow or down; it never throws. */
public interface SupplierFeed {
    /**
     * Orders so many sale units.
     *
     * @param order a number of our own; the same number sent twice is one order
     */
    Answer order(long order, PartNumber part, int quantity);

    /** Cancels an order; false where the supplier does not answer or has sent it off. */
    boolean cancel(long order);

    /** What the supplier said. */
    sealed interface Answer {
        /**
         * It comes in so many days.
         *
         * @param days days until it is there
         */
        record Accepted(int days) implements Answer {
            @Override
            public <R> R fold(
                    Function<Accepted, R> accepted,
                    Function<OutOfStock, R> outOfStock,
                    Function<NotReached, R> notReached) {
                return accepted.apply(this);
            }
        }

        /** They have none. */
        record OutOfStock() implements Answer {
            @Override
            public <R> R fold(
                    Function<Accepted, R> accepted,
                    Function<OutOfStock, R> outOfStock,
                    Function<NotReached, R> notReached) {
                return outOfStock.apply(this);
            }
        }

        /**
         * No answer came.
         *
         * @param why why it was not reached
         */
        record NotReached(String why) implements Answer {
            @Override
            public <R> R fold(
                    Function<Accepted, R> accepted,
                    Function<OutOfStock, R> outOfStock,
                    Function<NotReached, R> notReached) {
                return notReached.apply(this);
            }
        }

        /** One result for each case. */
        <R> R fold(
                Function<Accepted, R> accepted, Function<OutOfStock, R> outOfStock, Function<NotReached, R> notReached);
    }
}
