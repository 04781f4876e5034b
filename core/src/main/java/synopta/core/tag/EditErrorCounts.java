package synopta.core.tag;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import synopta.core.catalog.NumberNormalizer;

/**
 * The slips of confirmed readings. Each reading is laid beside its model by the cheapest {@link Alignment}, and what went
 * wrong in it is counted (Kernighan, Church and Gale 1990 count slips in the same way).
 *
 * <p>Readings that differ from their model by more than half of it are left out: the model was found some other way.
 */
public final class EditErrorCounts {
    private final EditCosts weights;
    private final Map<Character, Map<Character, List<Long>>> taken = new TreeMap<>();
    private final Map<EditError, List<Long>> slipped = new EnumMap<>(EditError.class);
    private final Map<EditError, List<Long>> went = new EnumMap<>(EditError.class);

    private EditErrorCounts(EditCosts weights) {
        this.weights = weights;
        for (EditError slip : EditError.values()) {
            slipped.put(slip, new ArrayList<>());
            went.put(slip, new ArrayList<>());
        }
    }

    /** Counts the slips, what is a slip judged by these weights. */
    public static EditErrorCounts of(EditCosts weights, Collection<ConfirmedReading> readings) {
        EditErrorCounts slips = new EditErrorCounts(weights);
        readings.forEach(slips::count);
        return slips;
    }

    /** By what a tag showed and then by what it was taken for, itself included: the cases, once for each time. */
    public Map<Character, Map<Character, List<Long>>> taken() {
        return taken;
    }

    /** The cases in which a slip was made, once for each time. */
    public List<Long> with(EditError slip) {
        return slipped.get(slip);
    }

    /** The cases in which it might have been made and was not, once for each time. */
    public List<Long> without(EditError slip) {
        return went.get(slip);
    }

    private void count(ConfirmedReading reading) {
        String typed = NumberNormalizer.key(reading.typed());
        String model = reading.model().key();
        if (typed.isEmpty() || typed.length() > TagQuery.LONGEST) {
            return;
        }
        Alignment alignment = new Alignment(weights, ObservedCharacter.of(typed, List.of()), model);
        List<Difference> places = alignment.places();
        long wrong = places.stream()
                .filter(p -> !Objects.equals(p.typed(), p.listed()))
                .count();
        if (wrong > model.length() / 2) {
            return;
        }
        int worn = alignment.worn();
        (worn > 0 ? slipped : went).get(EditError.WORN_END).add(reading.number());
        for (int lost = 1; lost <= worn; lost++) {
            (lost < worn ? slipped : went).get(EditError.WORN_CHARACTER).add(reading.number());
        }
        within(places.subList(0, places.size() - worn), reading);
    }

    private void within(List<Difference> places, ConfirmedReading reading) {
        for (int i = 0; i < places.size(); i++) {
            Difference place = places.get(i);
            boolean crossed = i + 1 < places.size() && crossed(place, places.get(i + 1));
            (place.typed() == null ? slipped : went).get(EditError.DROPPED).add(reading.number());
            (place.listed() == null ? slipped : went).get(EditError.EXTRA).add(reading.number());
            (crossed ? slipped : went).get(EditError.SWAPPED).add(reading.number());
            if (crossed) {
                i++;
            } else if (place.typed() != null && place.listed() != null) {
                taken.computeIfAbsent(place.listed(), shown -> new TreeMap<>())
                        .computeIfAbsent(place.typed(), as -> new ArrayList<>())
                        .add(reading.number());
            }
        }
    }

    private static boolean crossed(Difference first, Difference second) {
        return !Objects.equals(first.typed(), first.listed())
                && Objects.equals(first.typed(), second.listed())
                && Objects.equals(second.typed(), first.listed());
    }
}
