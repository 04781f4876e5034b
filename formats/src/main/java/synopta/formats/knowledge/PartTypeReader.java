package synopta.formats.knowledge;

import synopta.core.knowledge.HandoverNote;
import synopta.core.knowledge.Installation;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.RepairPractice;
import synopta.core.knowledge.SellingRule;
import synopta.core.knowledge.SpecRule;

/** Reads a part type: how it is sold, told from others, and fitted. */
final class PartTypeReader {
    private PartTypeReader() {}

    static PartType partType(JsonCursor node) {
        return new PartType(
                node.text("slug"),
                node.text("name"),
                PackReader.life(node),
                node.has("sell") ? node.object("sell").read(PartTypeReader::selling) : SellingRule.SINGLY,
                node.list(
                        "bag",
                        b -> new HandoverNote(
                                b.value("kind", HandoverNote.Kind::of), b.text("text"), PackReader.basis(b))),
                node.texts("called"),
                node.object("picture").read(LayoutReader::picture),
                node.flag("licensed"),
                node.flag("refer"),
                node.list("specs", PartTypeReader::specRule),
                node.maybeText("safety").orElse(null),
                node.maybe("fit", PartTypeReader::fitting).orElse(Installation.PLAIN),
                node.texts("contains"));
    }

    static Installation fitting(JsonCursor node) {
        return new Installation(
                node.texts("tools"),
                node.maybeText("way").orElse(null),
                node.maybeText("check").orElse(null),
                LayoutReader.hardware(node),
                node.list("schools", PartTypeReader::byPractice),
                PackReader.basis(node));
    }

    private static Installation.BySchool byPractice(JsonCursor node) {
        return new Installation.BySchool(
                node.value("school", RepairPractice::of),
                node.text("way"),
                node.texts("tools"),
                LayoutReader.hardware(node),
                PackReader.basis(node));
    }

    private static SpecRule specRule(JsonCursor node) {
        return new SpecRule(
                node.text("spec"),
                node.value("rule", SpecRule.Rule::of),
                node.has("within") ? node.number("within") : 0,
                node.text("why"),
                PackReader.basis(node));
    }

    private static SellingRule selling(JsonCursor node) {
        return new SellingRule(
                node.flag("renewAll"),
                node.list("with", PartTypeReader::companion),
                node.list("offer", PartTypeReader::companion),
                node.maybeText("why").orElse(null));
    }

    private static SellingRule.Companion companion(JsonCursor node) {
        return new SellingRule.Companion(
                node.text("partType"),
                node.maybeText("whenFinding").orElse(null),
                node.has("school") ? node.value("school", RepairPractice::of) : null,
                node.text("why"),
                PackReader.basis(node));
    }
}
