package synopta.formats.knowledge;

import java.util.Optional;
import synopta.core.knowledge.BagNote;
import synopta.core.knowledge.Fitting;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.School;
import synopta.core.knowledge.SellingRule;
import synopta.core.knowledge.SpecRule;

/** Reads a part type: how it is sold, told from others, and fitted. */
final class PartTypeNode {
    private PartTypeNode() {}

    static PartType partType(Node node) {
        return new PartType(
                node.text("slug"),
                node.text("name"),
                PackReader.life(node),
                node.has("sell") ? node.object("sell").read(PartTypeNode::selling) : SellingRule.SINGLY,
                node.list(
                        "bag",
                        b -> new BagNote(b.value("kind", BagNote.Kind::of), b.text("text"), PackReader.basis(b))),
                node.texts("called"),
                node.object("picture").read(LayoutNode::picture),
                node.flag("refer"),
                node.list("specs", PartTypeNode::specRule),
                node.maybeText("safety"),
                node.maybe("fit", PartTypeNode::fitting).orElse(Fitting.PLAIN));
    }

    private static Fitting fitting(Node node) {
        return new Fitting(
                node.texts("tools"),
                node.maybeText("way"),
                node.maybeText("check"),
                LayoutNode.hardware(node),
                node.list("schools", PartTypeNode::bySchool),
                PackReader.basis(node));
    }

    private static Fitting.BySchool bySchool(Node node) {
        return new Fitting.BySchool(
                node.value("school", School::of),
                node.text("way"),
                node.texts("tools"),
                LayoutNode.hardware(node),
                PackReader.basis(node));
    }

    private static SpecRule specRule(Node node) {
        return new SpecRule(
                node.text("spec"),
                node.value("rule", SpecRule.Rule::of),
                node.has("within") ? node.number("within") : 0,
                node.text("why"),
                PackReader.basis(node));
    }

    private static SellingRule selling(Node node) {
        return new SellingRule(
                node.flag("renewAll"),
                node.list("with", PartTypeNode::companion),
                node.list("offer", PartTypeNode::companion),
                node.maybeText("why"));
    }

    private static SellingRule.Companion companion(Node node) {
        return new SellingRule.Companion(
                node.text("partType"),
                node.maybeText("whenFinding"),
                node.has("school") ? Optional.of(node.value("school", School::of)) : Optional.empty(),
                node.text("why"),
                PackReader.basis(node));
    }
}
