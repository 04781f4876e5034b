package synopta.core.sale;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import synopta.core.basket.Purchase;
import synopta.core.catalog.PartNumber;

/** Which places are worked at, and how many pieces are replaced at each. */
final class WorkItems {
    private WorkItems() {}

    /** Those of the needs; of parts of which the machine has one or another, as the open verdict says, one counts. */
    static Map<String, Integer> pieces(List<RequiredPart> needs) {
        Map<String, Integer> pieces = new TreeMap<>();
        Map<String, Integer> either = new HashMap<>();
        Set<PartNumber> met = new HashSet<>();
        for (RequiredPart need : needs) {
            if (need.quantity() > 0 && met.add(need.listed())) {
                if (need.supplied() == null) {
                    each(need.slots(), need.quantity()).forEach((slot, n) -> either.merge(slot, n, Math::max));
                } else {
                    add(pieces, need.slots(), need.quantity());
                }
            }
        }
        either.forEach((slot, n) -> pieces.merge(slot, n, Math::max));
        return pieces;
    }

    /** Those of the needs and of the wants that a purchase covers. */
    static Map<String, Integer> pieces(List<RequiredPart> needs, List<OptionalPart> wants, Purchase purchase) {
        Map<String, Integer> pieces = pieces(needs);
        Set<PartNumber> met = new HashSet<>();
        for (OptionalPart want : wants) {
            boolean isCovered = want.quantity() > 0
                    && purchase.undone().stream().noneMatch(u -> u.part().equals(want.supplied()));
            if (isCovered && met.add(want.listed())) {
                add(pieces, want.slots(), want.quantity());
            }
        }
        return pieces;
    }

    private static void add(Map<String, Integer> pieces, List<String> slots, int quantity) {
        each(slots, quantity).forEach((slot, n) -> pieces.merge(slot, n, Integer::sum));
    }

    /** So many pieces over some places, rounded up. */
    private static Map<String, Integer> each(List<String> slots, int quantity) {
        Map<String, Integer> each = new HashMap<>();
        slots.forEach(slot -> each.put(slot, -Math.floorDiv(-quantity, slots.size())));
        return each;
    }
}
