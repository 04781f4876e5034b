package synopta.core.knowledge;

import java.util.Collection;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.catalog.Fuel;

/**
 * Finds what cannot be of places and parts: a place that no step reaches, a part type without fault or place, pieces that
 * do not add up, a fault at a place of another part.
 */
final class PlaceCheck {
    private final Pack pack;
    private final BiConsumer<String, String> say;

    /**
     * Checks a pack.
     *
     * @param say takes a path, and what is wrong there
     */
    PlaceCheck(Pack pack, BiConsumer<String, String> say) {
        this.pack = pack;
        this.say = say;
    }

    void check() {
        for (int i = 0; i < pack.layouts().size(); i++) {
            String path = "layouts[%d]".formatted(i);
            Layout layout = pack.layouts().get(i);
            reached(path, layout);
            brought(path, layout);
        }
        for (int i = 0; i < pack.partTypes().size(); i++) {
            type("partTypes[%d]".formatted(i), pack.partTypes().get(i));
        }
        for (int i = 0; i < pack.faults().size(); i++) {
            slot("faults[%d].slot".formatted(i), pack.faults().get(i));
        }
    }

    private void reached(String path, Layout layout) {
        Set<String> reached = layout.steps().stream()
                .flatMap(step -> step.reaches().keySet().stream())
                .collect(Collectors.toSet());
        for (int p = 0; p < layout.places().size(); p++) {
            String slot = layout.places().get(p).slot();
            if (!layout.steps().isEmpty() && !reached.contains(slot)) {
                say.accept(
                        "%s.places[%d]".formatted(path, p),
                        "no step reaches %s. Name it under reaches of the step that lays it open.".formatted(slot));
            }
        }
    }

    /** So many rings as the rollers bring, fuel by fuel. */
    private void brought(String path, Layout layout) {
        for (Fuel fuel : pack.fuelShares().keySet()) {
            Map<String, Integer> brought = new TreeMap<>();
            layout.places().stream()
                    .filter(place -> place.fuels().contains(fuel))
                    .forEach(place -> place.brings()
                            .forEach((slot, each) -> brought.merge(slot, each * place.quantity(), Integer::sum)));
            brought.forEach((slot, pieces) -> {
                int there = layout.place(slot).map(Layout.Place::quantity).orElse(0);
                if (there != pieces) {
                    say.accept(
                            path + ".places",
                            "%s has %d pieces, but what brings it comes to %d. Make them agree."
                                    .formatted(slot, there, pieces));
                }
            });
        }
    }

    private void type(String path, PartType type) {
        type.contains().stream()
                .filter(slug -> pack.partType(slug).isEmpty())
                .forEach(slug -> say.accept(
                        path + ".contains", PackCheck.unknown("part type", slug, pack.partTypes(), PartType::slug)));
        boolean placed = places().anyMatch(place -> place.partType().equals(type.slug()));
        boolean fails =
                pack.faults().stream().anyMatch(fault -> fault.partType().equals(type.slug()));
        if (type.contains().isEmpty() && !placed) {
            say.accept(
                    path,
                    "no layout has a place for a %s. Add one, or say what the kit contains.".formatted(type.slug()));
        } else if (type.contains().isEmpty() && !fails) {
            say.accept(path, "a %s never fails. Add a fault, or remove the part type.".formatted(type.slug()));
        }
    }

    private Stream<Layout.Place> places() {
        return pack.layouts().stream().map(Layout::places).flatMap(Collection::stream);
    }

    private void slot(String path, Fault fault) {
        places().filter(place -> Objects.equals(place.slot(), fault.slot()))
                .filter(place -> !place.partType().equals(fault.partType()))
                .findFirst()
                .ifPresent(place -> say.accept(
                        path,
                        "%s is a place of a %s, not of a %s."
                                .formatted(place.slot(), place.partType(), fault.partType())));
    }
}
