package synopta.core.sale;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.knowledge.Layout;

/** How many small parts belong to the pieces that are sold: one roller has its own rings and its own shaft. */
final class BroughtPieces {
    private final @Nullable Layout layout;

    /** By the places of a layout; null while it is not known. */
    BroughtPieces(@Nullable Layout layout) {
        this.layout = layout;
    }

    /** Pieces of a part type that belong to these needs; empty where the layout does not say. */
    Optional<Integer> of(String partType, List<RequiredPart> needs) {
        int pieces = 0;
        Set<String> met = new HashSet<>();
        for (RequiredPart need : needs) {
            if (met.add(need.listed().key())) {
                pieces += need.quantity() < need.slots().size() ? ofFewer(need, partType) : ofAll(need, partType);
            }
        }
        return pieces == 0 ? Optional.empty() : Optional.of(pieces);
    }

    private int ofAll(RequiredPart need, String partType) {
        return WorkItems.pieces(List.of(need)).entrySet().stream()
                .mapToInt(at -> at.getValue() * each(at.getKey(), partType))
                .sum();
    }

    /** Of fewer pieces than places it is not known which: each may be where most belong to it. */
    private int ofFewer(RequiredPart need, String partType) {
        return need.quantity()
                * need.slots().stream()
                        .mapToInt(slot -> each(slot, partType))
                        .max()
                        .orElse(0);
    }

    private int each(String slot, String partType) {
        return layout == null
                ? 0
                : layout.place(slot).map(Layout.Place::brings).orElse(Map.of()).entrySet().stream()
                        .filter(brought -> layout.place(brought.getKey())
                                .filter(place -> place.partType().equals(partType))
                                .isPresent())
                        .mapToInt(Map.Entry::getValue)
                        .sum();
    }
}
