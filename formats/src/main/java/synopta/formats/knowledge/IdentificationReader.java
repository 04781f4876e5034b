package synopta.formats.knowledge;

import java.util.Set;
import synopta.core.knowledge.Identification;

/** Reads what tells machines and parts apart: the keys {@code aspects} and {@code measures} of a pack. */
final class IdentificationReader {
    private IdentificationReader() {}

    static Identification read(JsonCursor pack) {
        return new Identification(
                pack.list("aspects", IdentificationReader::aspect),
                pack.list("measures", IdentificationReader::measures));
    }

    private static Identification.Aspect aspect(JsonCursor node) {
        return new Identification.Aspect(
                node.text("aspect"),
                node.text("question"),
                node.number("effort"),
                node.list("answers", IdentificationReader::answer));
    }

    private static Identification.AspectAnswer answer(JsonCursor node) {
        return new Identification.AspectAnswer(
                node.text("answer"), node.text("words"), Set.copyOf(node.texts("layouts")));
    }

    private static Identification.PartMeasures measures(JsonCursor node) {
        return new Identification.PartMeasures(
                node.text("partType"), node.list("specs", IdentificationReader::measure));
    }

    private static Identification.Measure measure(JsonCursor node) {
        return new Identification.Measure(node.text("spec"), node.text("words"));
    }
}
