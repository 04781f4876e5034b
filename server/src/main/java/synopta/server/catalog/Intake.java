package synopta.server.catalog;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.locks.ReentrantLock;
import synopta.core.catalog.Delivery;
import synopta.core.catalog.DeliveryCheck;
import synopta.core.catalog.RowFault;
import synopta.core.catalog.Sheet;
import synopta.formats.catalog.DeliveryReader;
import synopta.formats.catalog.Limits;
import synopta.store.catalog.CatalogStore;

/** Takes a delivery in: reads it, checks it against itself and what stays, and puts it in place whole or not at all. */
public final class Intake {
    private final CatalogStore catalogue;
    private final Runnable changed;
    private final ReentrantLock busy = new ReentrantLock();
    private volatile String doing = "";

    /** Takes into this store; `changed` runs after every change. */
    public Intake(CatalogStore catalogue, Runnable changed) {
        this.catalogue = catalogue;
        this.changed = changed;
    }

    /** What came of a delivery: rows by file, what is wrong, what was passed over; nothing was changed with faults. */
    public record Outcome(Map<String, Integer> rows, List<RowFault> faults, List<RowFault> warnings) {}

    /** What is being done now, in words; "" when nothing is. */
    public String doing() {
        return doing;
    }

    /** Takes a folder or zip; none when another delivery is being taken in. A dry run changes nothing. */
    public Optional<Outcome> take(Path source, boolean dryRun) throws IOException {
        if (!busy.tryLock()) {
            return Optional.empty();
        }
        try {
            doing = "unpacking";
            DeliveryReader.Read read = DeliveryReader.read(source, Limits.USUAL, file -> doing = "reading " + file);
            List<RowFault> faults = new ArrayList<>(read.faults());
            if (faults.isEmpty()) {
                doing = "checking that the sheets hold together";
                faults.addAll(DeliveryCheck.faultsOf(read.delivery(), catalogue));
            }
            if (faults.isEmpty() && !dryRun) {
                catalogue.replace(read.delivery(), sheet -> doing = "putting %s in place".formatted(sheet.file()));
                doing = "getting ready to read tags";
                changed.run();
            }
            List<RowFault> some = faults.subList(0, Math.min(faults.size(), Limits.USUAL.faults()));
            return Optional.of(new Outcome(rows(read.delivery()), List.copyOf(some), read.warnings()));
        } finally {
            doing = "";
            busy.unlock();
        }
    }

    private static Map<String, Integer> rows(Delivery delivery) {
        Map<String, Integer> rows = new LinkedHashMap<>();
        for (Sheet<?> sheet : Sheet.ALL) {
            delivery.sent(sheet)
                    .ifPresent(sent -> rows.put(sheet.file(), sent.rows().size()));
        }
        return rows;
    }
}
