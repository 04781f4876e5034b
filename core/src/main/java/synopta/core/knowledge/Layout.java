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
     * @param brings small parts that belong to one piece here, pieces by slot: the rings of a roller, its shaft
     * @param fitting how the part goes in here; null where it goes in as any of its type
     */
    public record Place(
            String slot,
            String partType,
            String name,
            int quantity,
            String where,
            Set<Fuel> fuels,
            @Nullable Kind kind,
            Map<String, Integer> brings,
            @Nullable Installation fitting) {
        /** Copies. */
        public Place {
            fuels = Ordered.set(fuels);
            brings = Ordered.map(brings);
        }
    }

    /**
     * Kinds that a machine may be of.
     *
     * @param finding finding of construction that asks for it
     * @param answers the answers of these kinds; at least one
     */
    public record Kind(String finding, Set<String> answers) {
        /** Copies. */
        public Kind {
            answers = Ordered.set(answers);
        }

        private boolean agrees(Map<String, String> known) {
            return !known.containsKey(finding) || answers.contains(known.get(finding));
        }
    }

    /** How often these kinds are met among machines of the layout; 0 where nothing is known of them. */
    public double share(Kind kind) {
        Map<String, Double> shares = kinds.getOrDefault(kind.finding, Map.of());
        return Math.min(
                1,
                kind.answers.stream()
                        .mapToDouble(answer -> shares.getOrDefault(answer, 0.0))
                        .sum());
    }

    /** Whether the kind that is met most among machines of the layout is one of these. */
    public boolean isUsual(Kind kind) {
        return kinds.getOrDefault(kind.finding, Map.of()).entrySet().stream()
                .reduce((most, next) -> next.getValue() > most.getValue() ? next : most)
                .filter(most -> kind.answers.contains(most.getKey()))
                .isPresent();
    }

    /** The kinds that what is fitted shows: those of the places among the slots, unless they contradict each other. */
    public Map<String, String> kindsShownBy(Collection<String> slots) {
        Map<String, Set<String>> shown = new TreeMap<>();
        places.stream()
                .filter(place -> place.kind != null && slots.contains(place.slot))
                .map(Place::kind)
                .forEach(kind -> shown.computeIfAbsent(kind.finding, f -> new TreeSet<>(kind.answers))
                        .retainAll(kind.answers));
        Map<String, String> kinds = new TreeMap<>();
        shown.forEach((finding, answers) -> {
            if (answers.size() == 1) {
                kinds.put(finding, answers.iterator().next());
            }
        });
        return kinds;
    }

    /** The layout as machines of these kinds have it: places and steps of other kinds are left out. */
    public Layout of(Map<String, String> known) {
        Map<String, Map<String, Double>> narrowed = new TreeMap<>(kinds);
        known.forEach((finding, answer) -> narrowed.computeIfPresent(finding, (f, all) -> Map.of(answer, 1.0)));
        List<Place> there = places.stream()
                .filter(place -> place.kind == null || place.kind.agrees(known))
                .toList();
        List<OpeningStep> done = steps.stream()
                .filter(step -> step.kind() == null || step.kind().agrees(known))
                .toList();
        return new Layout(id, name, share, tag, fuels, narrowed, there, done, drawing, belt);
    }

    /** The same layout with other places and steps. */
    public Layout with(List<Place> otherPlaces, List<OpeningStep> otherSteps) {
        return new Layout(id, name, share, tag, fuels, kinds, otherPlaces, otherSteps, drawing, belt);
    }

    /** The steps of the kinds that are known, and of those met most where a kind is not known. */
    public List<OpeningStep> usualSteps() {
        return steps.stream()
                .filter(step -> step.kind() == null || isUsual(step.kind()))
                .toList();
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
        if (there.isEmpty() || there.stream().anyMatch(place -> place.kind == null)) {
            return there.isEmpty() ? 0 : 1;
        }
        Set<String> answers = new TreeSet<>();
        there.forEach(place -> answers.addAll(place.kind.answers));
        return share(new Kind(there.get(0).kind.finding, answers));
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
