package synopta.formats.order;

import java.util.List;
import java.util.Objects;
import synopta.core.order.StockMovement;
import synopta.formats.table.TableWriter;

/** Movements of stock as a table, for the stock system of the house. */
public final class StockMovementTable {
    private static final List<String> COLUMNS = List.of("at", "branch", "part", "in", "out", "reason", "case");

    private StockMovementTable() {}

    /** The table of these, in their order: sale units that came onto a shelf, and that left it. */
    public static TableWriter of(List<StockMovement> movements) {
        return new TableWriter(
                "stock movements",
                COLUMNS,
                reader -> movements.forEach(movement -> reader.accept(new String[] {
                    movement.at().toString(),
                    movement.shelf().branch(),
                    movement.shelf().part().written(),
                    Integer.toString(Math.max(0, movement.quantity())),
                    Integer.toString(Math.max(0, -movement.quantity())),
                    movement.reason().slug(),
                    Objects.toString(movement.caseNumber(), "")
                })));
    }
}
