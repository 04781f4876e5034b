package synopta.formats.knowledge;

import java.util.List;
import java.util.Set;
import synopta.core.knowledge.Drawing;
import synopta.core.knowledge.Layout;

/** The part of a pack that draws machines. */
final class LayoutNode {
    private static final Set<String> WEIGHTS = Set.of("outline", "inner", "faint", "dashed", "solid");
    private static final Set<String> SHAPES = Set.of("box", "round");
    private static final Set<String> ANCHORS = Set.of("start", "middle", "end");

    private LayoutNode() {}

    static Layout read(Node node) {
        return new Layout(
                node.text("id"),
                node.text("name"),
                node.number("share"),
                node.text("tag"),
                PackReader.fuels(node),
                node.list("places", LayoutNode::place),
                node.object("drawing").read(LayoutNode::drawing));
    }

    private static Layout.Place place(Node node) {
        return new Layout.Place(
                node.text("slot"),
                node.text("partType"),
                node.text("name"),
                node.whole("quantity"),
                PackReader.fuels(node));
    }

    private static Drawing drawing(Node node) {
        return new Drawing(
                node.whole("width"),
                node.whole("height"),
                node.list("lines", l -> new Drawing.Line(l.text("path"), oneOf(l, "weight", WEIGHTS))),
                node.list("texts", LayoutNode::label),
                node.list("spots", LayoutNode::spot));
    }

    private static Drawing.Spot spot(Node node) {
        List<Double> box = List.of(node.number("x"), node.number("y"), node.number("width"), node.number("height"));
        return new Drawing.Spot(
                node.text("slot"),
                oneOf(node, "shape", SHAPES),
                box.get(0),
                box.get(1),
                box.get(2),
                box.get(3),
                node.object("label").read(LayoutNode::label));
    }

    private static Drawing.Label label(Node node) {
        return new Drawing.Label(node.text("text"), node.number("x"), node.number("y"), oneOf(node, "anchor", ANCHORS));
    }

    private static String oneOf(Node node, String field, Set<String> known) {
        return node.value(field, text -> {
            if (!known.contains(text)) {
                throw new IllegalArgumentException("must be one of %s, not %s."
                        .formatted(String.join(", ", known.stream().sorted().toList()), text));
            }
            return text;
        });
    }
}
