package synopta.core.knowledge;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Fuel;
import synopta.core.drawing.Drawing;
import synopta.core.quantity.Ordered;

/**
 * A construction family.
 *
 * @param id identifier, unique in the pack
 * @param name name, as it is shown
 * @param share how often it is met among machines of the appliance; above 0
 * @param tag where its model tag is
 * @param fuels what machines of the family may burn
 * @param places places of the parts
 * @param steps how it is opened up
 * @param drawing drawing of the construction
 * @param belt how the belt lies, where there is one
 */
public record Layout(
        String id,
        String name,
        double share,
        String tag,
        Set<Fuel> fuels,
        List<Place> places,
        List<OpeningStep> steps,
        Drawing drawing,
        @Nullable Belt belt) {
    /** Copies; refuses a share that is not above 0. */
    public Layout {
        if (!(share > 0 && share <= 1)) {
            throw new IllegalArgumentException("Share (%s) must lie above 0 and not above 1.".formatted(share));
        }
        fuels = Ordered.set(fuels);
        places = List.copyOf(places);
        steps = List.copyOf(steps);
    }

    /**
     * A place for parts of one type.
     *
     * @param slot slug of the position in the layout
     * @param partType slug of the part type
     * @param name name, as it is shown
     * @param quantity pieces at that place
     * @param where in words: front or rear, left or right
     * @param fuels in which machines it is
     */
    public record Place(String slot, String partType, String name, int quantity, String where, Set<Fuel> fuels) {
        /** Copies the fuels. */
        public Place {
            fuels = Ordered.set(fuels);
        }
    }

    /** The place of that slot. */
    public Optional<Place> place(String slot) {
        return places.stream().filter(p -> p.slot().equals(slot)).findFirst();
    }

    /** Whether a machine of this layout and fuel can have the fault at all. */
    public boolean allows(Fault fault, Fuel fuel) {
        return fuels.contains(fuel)
                && fault.fuels().contains(fuel)
                && places.stream()
                        .filter(p -> p.fuels().contains(fuel))
                        .filter(p -> p.partType().equals(fault.partType()))
                        .anyMatch(p -> Optional.ofNullable(fault.slot())
                                .map(p.slot()::equals)
                                .orElse(true));
    }
}
