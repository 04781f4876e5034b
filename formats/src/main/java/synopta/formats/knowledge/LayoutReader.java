package synopta.formats.knowledge;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import synopta.core.drawing.Drawing;
import synopta.core.drawing.Figure;
import synopta.core.drawing.Picture;
import synopta.core.drawing.Pulley;
import synopta.core.knowledge.Belt;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.OpeningStep;
import synopta.core.knowledge.WorkStep;
import synopta.core.quantity.Slugged;

/** The part of a pack that draws machines and parts. */
final class LayoutReader {
    private LayoutReader() {}

    static Layout read(JsonCursor node) {
        return new Layout(
                node.text("id"),
                node.text("name"),
                node.number("share"),
                node.text("tag"),
                PackReader.fuels(node),
                kinds(node),
                node.list("places", LayoutReader::place),
                node.list("steps", LayoutReader::step),
                node.object("drawing").read(LayoutReader::drawing),
                node.maybe("belt", LayoutReader::belt).orElse(null));
    }

    static Picture picture(JsonCursor node) {
        return new Picture(
                node.text("tell"),
                figures(node),
                node.list("kinds", k -> new Picture.Kind(k.text("name"), k.text("tell"), figures(k))));
    }

    private static List<Figure> figures(JsonCursor node) {
        return node.values("figures", Figure::of);
    }

    private static Layout.Place place(JsonCursor node) {
        return new Layout.Place(
                node.text("slot"),
                node.text("partType"),
                node.text("name"),
                node.whole("quantity"),
                node.text("where"),
                PackReader.fuels(node),
                kind(node),
                pieces(node),
                node.maybe("fit", PartTypeReader::fitting).orElse(null));
    }

    private static Map<String, Integer> pieces(JsonCursor node) {
        Map<String, Integer> pieces = new TreeMap<>();
        node.numbers("brings").forEach((slot, count) -> pieces.put(slot, (int) Math.round(count)));
        return pieces;
    }

    private static Layout.@Nullable Kind kind(JsonCursor node) {
        return node.maybe("kind", k -> new Layout.Kind(k.text("finding"), Set.copyOf(k.texts("answers"))))
                .orElse(null);
    }

    /** By finding of construction, the share of each answer. */
    private static Map<String, Map<String, Double>> kinds(JsonCursor node) {
        Map<String, Map<String, Double>> kinds = new TreeMap<>();
        node.list("kinds", k -> kinds.put(k.text("finding"), k.numbers("shares")));
        return kinds;
    }

    private static OpeningStep step(JsonCursor node) {
        return new OpeningStep(
                node.text("id"),
                node.text("name"),
                node.number("minutes"),
                node.texts("after"),
                node.numbers("reaches"),
                kind(node),
                node.maybe("work", LayoutReader::work).orElse(WorkStep.NONE),
                PackReader.basis(node));
    }

    private static WorkStep work(JsonCursor node) {
        return new WorkStep(
                node.texts("tools"),
                hardware(node),
                PackReader.hazards(node),
                node.has("persons") ? node.whole("persons") : 1,
                node.maybeText("note").orElse(null),
                node.maybeText("advice").orElse(null),
                node.maybeText("check").orElse(null),
                node.maybeText("effort").orElse(null),
                node.list("looks", l -> new WorkStep.Look(l.text("finding"), l.text("words"))));
    }

    static List<WorkStep.Hardware> hardware(JsonCursor node) {
        return node.list(
                "hardware",
                h -> new WorkStep.Hardware(
                        h.text("what"),
                        h.whole("count"),
                        h.value("fate", word -> Slugged.of(WorkStep.Fate.class, "fate", word))));
    }

    private static Drawing drawing(JsonCursor node) {
        return new Drawing(
                node.whole("width"),
                node.whole("height"),
                node.text("seen"),
                node.list("layers", l -> new Drawing.Layer(l.text("id"), l.text("name"), figures(l))),
                node.list("words", w -> new Drawing.Word(w.text("text"), w.number("x"), w.number("y"))),
                node.list("spots", LayoutReader::spot));
    }

    private static Drawing.Spot spot(JsonCursor node) {
        return new Drawing.Spot(
                node.text("slot"),
                node.text("layer"),
                node.text("label"),
                node.value("side", word -> Slugged.of(Drawing.Side.class, "side", word)),
                figures(node));
    }

    private static Belt belt(JsonCursor node) {
        return new Belt(
                node.value("from", word -> Slugged.of(Belt.View.class, "from", word)),
                node.value("ribs", word -> Slugged.of(Pulley.Side.class, "ribs", word)),
                node.list("stations", LayoutReader::station),
                node.list(
                        "rests",
                        r -> new Belt.Rest(r.text("slot"), r.number("xMm"), r.number("yMm"), r.number("diameterMm"))),
                PackReader.basis(node));
    }

    private static Belt.Station station(JsonCursor node) {
        return new Belt.Station(
                node.value("role", word -> Slugged.of(Belt.Role.class, "role", word)),
                node.maybeText("slot").orElse(null),
                new Pulley(
                        node.number("xMm"),
                        node.number("yMm"),
                        node.number("diameterMm"),
                        node.value("side", word -> Slugged.of(Pulley.Side.class, "side", word))),
                node.maybe("travel", t -> new Belt.Travel(t.number("dxMm"), t.number("dyMm")))
                        .orElse(null));
    }
}
