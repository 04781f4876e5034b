package synopta.core.sale;

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

    /** Those of the needs. */
    static Map<String, Integer> pieces(List<RequiredPart> needs) {
        Map<String, Integer> pieces = new TreeMap<>();
        Set<PartNumber> met = new HashSet<>();
        for (RequiredPart need : needs) {
            if (need.quantity() > 0 && met.add(need.listed())) {
                add(pieces, need.slots(), need.quantity());
            }
        }
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
        for (String slot : slots) {
            pieces.merge(slot, -Math.floorDiv(-quantity, slots.size()), Integer::sum);
        }
    }
}
