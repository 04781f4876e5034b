package synopta.core.fit;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelUsage;
import synopta.core.catalog.PartNumber;

/** The rows that list any of some parts, model by model: a merge of one cursor a part, each read piece by piece. */
final class FitCursor {
    /** So many rows of a part are read at once where all are wanted. */
    static final int AT_ONCE = 1000;

    private static final int FEWEST = 16;

    private final Catalog catalog;
    private final Optional<String> brand;
    private final PriorityQueue<Cursor> open =
            new PriorityQueue<>(Comparator.comparing((Cursor c) -> c.key()).thenComparing(c -> c.part));

    /** Everything found for one model. */
    record OfModel(Model model, List<Fit> rows) {}

    FitCursor(Catalog catalog, Collection<PartNumber> parts, @Nullable String brand, String after, int atOnce) {
        this.catalog = catalog;
        this.brand = Optional.ofNullable(brand);
        for (PartNumber part : parts) {
            Cursor cursor = new Cursor(part, Math.max(atOnce, FEWEST));
            cursor.read(after);
            if (!cursor.rows.isEmpty()) {
                open.add(cursor);
            }
        }
    }

    Optional<OfModel> next() {
        if (open.isEmpty()) {
            return Optional.empty();
        }
        Model model = open.peek().rows.peek().model();
        List<Fit> rows = new ArrayList<>();
        while (!open.isEmpty() && open.peek().key().equals(model.number().key())) {
            Cursor cursor = open.poll();
            cursor.take(model.number().key(), rows);
            if (!cursor.rows.isEmpty()) {
                open.add(cursor);
            }
        }
        return Optional.of(new OfModel(model, rows));
    }

    private final class Cursor {
        private final PartNumber part;
        private final Deque<ModelUsage> rows = new ArrayDeque<>();
        private int atOnce;
        private boolean more = true;

        Cursor(PartNumber part, int atOnce) {
            this.part = part;
            this.atOnce = atOnce;
        }

        String key() {
            return rows.peek().model().number().key();
        }

        void take(String key, List<Fit> into) {
            while (!rows.isEmpty() && key().equals(key)) {
                into.add(rows.poll().fit());
            }
            if (rows.isEmpty() && more) {
                read(key);
            }
        }

        /** Reads on; the last model of a full piece may have more rows, and is left for the next one. */
        private void read(String after) {
            List<ModelUsage> read = catalog.taking(part, brand.orElse(null), after, atOnce);
            more = read.size() == atOnce;
            String last = read.isEmpty() ? "" : keyOf(read.get(read.size() - 1));
            if (more && keyOf(read.get(0)).equals(last)) {
                atOnce *= 2;
                read(after);
                return;
            }
            read.stream().filter(row -> !more || !keyOf(row).equals(last)).forEach(rows::add);
        }

        private String keyOf(ModelUsage row) {
            return row.model().number().key();
        }
    }
}
