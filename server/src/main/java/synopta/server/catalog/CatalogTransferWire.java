package synopta.server.catalog;

import java.util.List;
import java.util.Map;
import synopta.core.catalog.RowFault;
import synopta.core.catalog.Sheet;

/** Wire records of the catalog in and out. */
public final class CatalogTransferWire {
    private CatalogTransferWire() {}

    /** What came of a delivery; `accepted` counts rows by file. */
    public record ImportAnswer(Map<String, Integer> accepted, List<RowFault> faults, List<RowFault> warnings) {
        static ImportAnswer of(ImportService.Outcome outcome) {
            return new ImportAnswer(outcome.rows(), outcome.faults(), outcome.warnings());
        }
    }

    /** What is being done with a delivery; "" when nothing is. */
    public record ProgressWire(String doing) {}

    /** A sheet of the catalog and how many rows it has. */
    public record SheetWire(Sheet<?> sheet, long rows) {}
}
