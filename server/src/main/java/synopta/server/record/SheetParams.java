package synopta.server.record;

import java.util.function.Supplier;
import synopta.core.quantity.LengthUnit;
import synopta.core.quantity.Slugged;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseService;
import synopta.core.record.RepairSheet;
import synopta.server.web.MayBeNull;

/**
 * How a sheet is wanted.
 *
 * @param units the unit of length that is added; that of the settings when none is asked for
 * @param prices whether the parts stand there with their prices
 */
record SheetParams(@MayBeNull String units, @MayBeNull Boolean prices) {
    /** The sheet of a case; wishes that cannot be are refused before the case is looked for. */
    RepairSheet sheet(CaseService service, Supplier<CaseRecord> record) {
        boolean isPriced = Boolean.TRUE.equals(prices);
        if (units == null) {
            return service.sheet(record.get(), isPriced);
        }
        LengthUnit unit = Slugged.of(LengthUnit.class, "Unit", units);
        return service.sheet(record.get(), unit, isPriced);
    }
}
