package synopta.store.record;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import synopta.core.catalog.PartNumber;
import synopta.core.order.StockMovement.Shelf;
import synopta.core.record.CaseContent;
import synopta.store.order.ReservationStore;
import synopta.store.order.StockMovements;

/** Takes the parts of a case off the shelves of its branch when they leave, and puts them back when that is undone. */
record LeavingParts(StockMovements stock, ReservationStore reservations) {
    /**
     * Brings the shelves up to a case as it is kept now; within the transaction that keeps it. What was reserved for it is
     * collected. Without a branch nothing moves: it is not known where the parts lay.
     */
    void settle(long number, CaseContent content) {
        String branch = content.input().shopping().branch();
        Map<Shelf, Integer> left = new HashMap<>();
        if (content.status() == CaseContent.Status.HANDED_OVER && branch != null) {
            content.lines().forEach(line -> left.merge(new Shelf(branch, line.part()), -line.quantity(), Integer::sum));
            Set<PartNumber> parts =
                    content.lines().stream().map(CaseContent.Line::part).collect(Collectors.toSet());
            reservations.ofCase(number).stream()
                    .filter(kept ->
                            kept.state().isKept() && kept.branch().equals(branch) && parts.contains(kept.part()))
                    .forEach(reservations::leaves);
        }
        stock.settleHandOver(number, left);
    }
}
