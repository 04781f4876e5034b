package synopta.core.knowledge;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import synopta.core.drawing.BeltRun;
import synopta.core.drawing.Drawing;
import synopta.core.drawing.Figure;
import synopta.core.drawing.Picture;

/** Finds what does not hold together in what a pack draws: places, layers, pictures and the run of belts. */
final class LayoutCheck {
    /** Ribs grip, the flat face slides: all of the trade agree on these two. */
    private static final Map<Belt.Role, Belt.Face> FACES =
            Map.of(Belt.Role.MOTOR, Belt.Face.RIBBED, Belt.Role.IDLER, Belt.Face.FLAT);

    private final Pack pack;
    private final List<PackFault> wrong = new ArrayList<>();

    LayoutCheck(Pack pack) {
        this.pack = pack;
    }

    List<PackFault> faults() {
        for (int i = 0; i < pack.partTypes().size(); i++) {
            picture(
                    "partTypes[%d].picture".formatted(i),
                    pack.partTypes().get(i).picture());
        }
        for (int i = 0; i < pack.layouts().size(); i++) {
            String path = "layouts[%d]".formatted(i);
            Layout layout = pack.layouts().get(i);
            places(path, layout);
            drawing(path + ".drawing", layout);
            new OpeningCheck(pack, layout, (at, what) -> say(path + "." + at, what)).check();
            Optional.ofNullable(layout.belt()).ifPresent(belt -> belt(path + ".belt", layout, belt));
        }
        return wrong;
    }

    private void picture(String path, Picture picture) {
        pictured(path, picture.figures());
        for (int i = 0; i < picture.kinds().size(); i++) {
            pictured("%s.kinds[%d]".formatted(path, i), picture.kinds().get(i).figures());
        }
    }

    private void pictured(String path, List<Figure> figures) {
        if (figures.isEmpty()) {
            say(path, "has no figure. Draw at least one.");
        }
        for (int i = 0; i < figures.size(); i++) {
            if (!figures.get(i).bounds().within(Picture.SIDE, Picture.SIDE)) {
                say("%s.figures[%d]".formatted(path, i), "lies outside the square of %d.".formatted(Picture.SIDE));
            }
        }
    }

    private void places(String path, Layout layout) {
        Set<String> drawn =
                layout.drawing().spots().stream().map(Drawing.Spot::slot).collect(Collectors.toSet());
        Set<String> met = new HashSet<>();
        for (int i = 0; i < layout.places().size(); i++) {
            Layout.Place place = layout.places().get(i);
            String at = "%s.places[%d]".formatted(path, i);
            if (!met.add(place.slot())) {
                say(at, "%s is listed twice. Rename one.".formatted(place.slot()));
            }
            if (pack.partType(place.partType()).isEmpty()) {
                say(
                        at + ".partType",
                        PackCheck.unknown("part type", place.partType(), pack.partTypes(), PartType::slug));
            }
            if (!drawn.contains(place.slot())) {
                say(at, "%s has no spot in the drawing. Add one to drawing.spots.".formatted(place.slot()));
            }
        }
    }

    private void drawing(String path, Layout layout) {
        Drawing drawing = layout.drawing();
        Set<String> layers = drawing.layers().stream().map(Drawing.Layer::id).collect(Collectors.toSet());
        Set<String> met = new HashSet<>();
        for (int i = 0; i < drawing.spots().size(); i++) {
            Drawing.Spot spot = drawing.spots().get(i);
            String at = "%s.spots[%d]".formatted(path, i);
            place(at, layout, spot.slot());
            if (!met.add(spot.slot())) {
                say(at, "%s is drawn twice. Put all its figures into one spot.".formatted(spot.slot()));
            }
            if (!layers.contains(spot.layer())) {
                say(at + ".layer", PackCheck.unknown("layer", spot.layer(), drawing.layers(), Drawing.Layer::id));
            }
            if (!spot.bounds().within(drawing.width(), drawing.height())) {
                say(
                        at,
                        "%s lies outside the drawing of %d by %d."
                                .formatted(spot.slot(), drawing.width(), drawing.height()));
            }
        }
    }

    private void place(String path, Layout layout, String slot) {
        if (layout.place(slot).isEmpty()) {
            say(path, PackCheck.unknown("place", slot, layout.places(), Layout.Place::slot));
        }
    }

    /** A belt that closes, with its springs at work and pushed in, touches all it is laid round, with the right face. */
    private void belt(String path, Layout layout, Belt belt) {
        for (int i = 0; i < belt.stations().size(); i++) {
            Belt.Station station = belt.stations().get(i);
            String at = "%s.stations[%d]".formatted(path, i);
            Optional.ofNullable(station.slot()).ifPresent(slot -> place(at + ".slot", layout, slot));
            Optional.ofNullable(FACES.get(station.role()))
                    .filter(face -> face != belt.faceAt(station))
                    .ifPresent(face -> say(
                            at + ".side",
                            "has the wrong belt face on it: ribs on the motor pulley, flat face on an idler."));
        }
        for (int i = 0; i < belt.rests().size(); i++) {
            place(
                    "%s.rests[%d].slot".formatted(path, i),
                    layout,
                    belt.rests().get(i).slot());
        }
        belt.run()
                .fold(
                        closed -> untouched(closed)
                                .map(i -> say("%s.stations[%d]".formatted(path, i), "the belt does not touch it.")),
                        impossible -> Optional.of(say(path, impossible.reason())));
        belt.pushed()
                .fold(
                        closed -> Optional.empty(),
                        impossible -> Optional.of(say(path, "with the idler released: " + impossible.reason())));
    }

    private static Optional<Integer> untouched(BeltRun.Closed run) {
        return IntStream.range(0, run.touches().size())
                .boxed()
                .filter(i -> !run.touches().get(i).touching())
                .findFirst();
    }

    private PackFault say(String path, String message) {
        PackFault fault = new PackFault(path, message);
        wrong.add(fault);
        return fault;
    }
}
