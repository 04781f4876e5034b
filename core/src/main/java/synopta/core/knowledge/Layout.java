package synopta.core.knowledge;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
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
 * @param kinds by finding of construction, how often each answer is met among its machines; each adds up to 1
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
        Map<String, Map<String, Double>> kinds,
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
        kinds = Ordered.map(kinds);
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
     * @param kind the kind of machine that has it; null where all have
     */
    public record Place(
            String slot,
            String partType,
            String name,
            int quantity,
            String where,
            Set<Fuel> fuels,
            @Nullable Kind kind) {
        /** Copies the fuels. */
        public Place {
            fuels = Ordered.set(fuels);
        }
    }

    /**
     * One of the kinds a machine may be of.
     *
     * @param finding finding of construction that asks for it
     * @param answer the answer of this kind
     */
    public record Kind(String finding, String answer) {}

    /** How often a kind is met among machines of the layout; 0 where nothing is known of it. */
    public double share(Kind kind) {
        return kinds.getOrDefault(kind.finding, Map.of()).getOrDefault(kind.answer, 0.0);
    }

    /** Whether no other kind of the same fork is met more among machines of the layout. */
    public boolean isUsual(Kind kind) {
        return kinds.getOrDefault(kind.finding, Map.of()).values().stream().noneMatch(other -> other > share(kind));
    }

    /** The kinds that what is fitted shows: those of the places among the slots, unless they contradict each other. */
    public Map<String, String> kindsShownBy(Collection<String> slots) {
        Map<String, Set<String>> shown = new TreeMap<>();
        places.stream()
                .filter(place -> place.kind != null && slots.contains(place.slot))
                .forEach(place -> shown.computeIfAbsent(place.kind.finding, f -> new TreeSet<>())
                        .add(place.kind.answer));
        Map<String, String> kinds = new TreeMap<>();
        shown.forEach((finding, answers) -> {
            if (answers.size() == 1) {
                kinds.put(finding, answers.iterator().next());
            }
        });
        return kinds;
    }

    /** The layout as machines of these kinds have it: places of other kinds are left out. */
    public Layout of(Map<String, String> known) {
        Map<String, Map<String, Double>> narrowed = new TreeMap<>(kinds);
        known.forEach((finding, answer) -> narrowed.computeIfPresent(finding, (f, all) -> Map.of(answer, 1.0)));
        List<Place> there = places.stream()
                .filter(place -> place.kind == null
                        || place.kind.answer.equals(known.getOrDefault(place.kind.finding, place.kind.answer)))
                .toList();
        return new Layout(id, name, share, tag, fuels, narrowed, there, steps, drawing, belt);
    }

    /** The places where a machine of this layout and fuel can have the fault. */
    public List<Place> placesOf(Fault fault, Fuel fuel) {
        if (!fuels.contains(fuel) || !fault.fuels().contains(fuel)) {
            return List.of();
        }
        return places.stream()
                .filter(p -> p.fuels().contains(fuel) && p.partType().equals(fault.partType()))
                .filter(p -> fault.slot() == null || fault.slot().equals(p.slot()))
                .filter(p -> p.kind == null || share(p.kind) > 0)
                .toList();
    }

    /** How likely a machine of this layout and fuel is of a kind that can have the fault. */
    public double chanceToHave(Fault fault, Fuel fuel) {
        List<Place> there = placesOf(fault, fuel);
        return there.stream().anyMatch(place -> place.kind == null)
                ? 1
                : Math.min(
                        1,
                        there.stream()
                                .map(Place::kind)
                                .distinct()
                                .mapToDouble(this::share)
                                .sum());
    }

    /** The place of that slot. */
    public Optional<Place> place(String slot) {
        return places.stream().filter(p -> p.slot().equals(slot)).findFirst();
    }

    /** Whether a machine of this layout and fuel can have the fault at all. */
    public boolean allows(Fault fault, Fuel fuel) {
        return !placesOf(fault, fuel).isEmpty();
    }
}
