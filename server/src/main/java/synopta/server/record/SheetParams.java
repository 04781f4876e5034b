package synopta.server.record;

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
    RepairSheet sheet(CaseService service, CaseRecord record) {
        boolean isPriced = Boolean.TRUE.equals(prices);
        return units == null
                ? service.sheet(record, isPriced)
                : service.sheet(record, Slugged.of(LengthUnit.class, "Unit", units), isPriced);
    }
}
