package synopta.demo;

import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Stock;
import synopta.core.order.SupplierFeed;
import synopta.core.quantity.Slugged;

/**
 * Stands in for a supplier's feed: it can be up, slow, out of stock or down, as it is told. A caller waits for it for
 * {@value #PATIENCE_MS} ms at most; an order that was too slow is answered when it is sent again.
 */
public final class SimulatedSupplier implements SupplierFeed {
    private static final long PATIENCE_MS = 1_500;
    private static final long SLOWNESS_MS = 4_000;
    private static final int USUAL_DAYS = 3;

    private final Catalog catalog;
    private final Map<Long, Answer> taken = new ConcurrentHashMap<>();
    private volatile Mode mode = Mode.UP;

    /** Delivers in the days that the catalog's stock names. */
    public SimulatedSupplier(Catalog catalog) {
        this.catalog = catalog;
    }

    /** How it behaves. */
    public enum Mode implements Slugged {
        UP,
        SLOW,
        OUT_OF_STOCK,
        DOWN
    }

    /** How it behaves now. */
    public Mode mode() {
        return mode;
    }

    /** From now on it behaves so. */
    public void behave(Mode other) {
        mode = other;
    }

    @Override
    public Answer order(long order, PartNumber part, int quantity) {
        CompletableFuture<Answer> asked = CompletableFuture.supplyAsync(() -> answered(order, part));
        try {
            return asked.get(PATIENCE_MS, TimeUnit.MILLISECONDS);
        } catch (TimeoutException e) {
            return new Answer.NotReached("no answer within %d ms".formatted(PATIENCE_MS));
        } catch (ExecutionException e) {
            return new Answer.NotReached(e.getCause().getMessage());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return new Answer.NotReached("interrupted");
        }
    }

    /** It cancels whatever it has not delivered, while it answers; it delivers nothing of itself. */
    @Override
    public boolean cancel(long order) {
        return mode != Mode.DOWN && taken.remove(order) != null;
    }

    private Answer answered(long order, PartNumber part) {
        Answer before = taken.get(order);
        if (before != null) {
            return before;
        }
        Mode now = mode;
        if (now == Mode.DOWN) {
            return new Answer.NotReached("the connection is down");
        }
        if (now == Mode.OUT_OF_STOCK) {
            return new Answer.OutOfStock();
        }
        if (now == Mode.SLOW) {
            pause();
        }
        int days = catalog.stock(part).stream().mapToInt(Stock::leadDays).min().orElse(USUAL_DAYS);
        return taken.computeIfAbsent(order, o -> new Answer.Accepted(days));
    }

    private static void pause() {
        try {
            Thread.sleep(SLOWNESS_MS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
