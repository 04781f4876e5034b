package synopta.server.catalog;

import java.util.List;
import java.util.Map;
import synopta.core.catalog.RowFault;
import synopta.core.fit.CatalogWarning;

/** Wire records of the catalog in and out. */
public final class CatalogTransferWire {
    private CatalogTransferWire() {}

    /** What came of a delivery; `accepted` counts rows by file. */
    public record ImportAnswer(Map<String, Integer> accepted, List<FaultWire> faults, List<FaultWire> warnings) {
        static ImportAnswer of(ImportService.Outcome outcome) {
            return new ImportAnswer(
                    outcome.rows(),
                    outcome.faults().stream().map(FaultWire::of).toList(),
                    outcome.warnings().stream().map(FaultWire::of).toList());
        }
    }

    /** A fault by file, line and column; line 0 means the whole file. */
    public record FaultWire(String file, int line, String column, String message) {
        static FaultWire of(RowFault fault) {
            return new FaultWire(fault.file(), fault.line(), fault.column(), fault.message());
        }
    }

    /** What is being done with a delivery; "" when nothing is. */
    public record ProgressWire(String doing) {}

    /** A sheet of the catalog and how many rows it has. */
    public record SheetWire(String sheet, long rows) {}

    /** Something that is probably not meant. */
    public record RemarkWire(CatalogWarning.Kind kind, String subject, String message) {
        static RemarkWire of(CatalogWarning warning) {
            return new RemarkWire(warning.kind(), warning.subject(), warning.message());
        }
    }
}
