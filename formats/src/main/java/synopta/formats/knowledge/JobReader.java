package synopta.formats.knowledge;

import java.util.Set;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Job;
import synopta.core.knowledge.RequestReason;

/** Reads the jobs of a pack. */
final class JobReader {
    private JobReader() {}

    static Job job(JsonCursor node) {
        return new Job(
                node.text("id"),
                node.text("name"),
                node.maybeText("reason").map(RequestReason::of).orElse(null),
                node.texts("said"),
                node.maybeText("to").map(Fuel::of).orElse(null),
                PackReader.fuels(node),
                node.list("needs", JobReader::piece),
                node.list("offers", JobReader::piece),
                node.flag("byAge"),
                node.maybeText("ask").orElse(null),
                node.texts("notes"),
                PackReader.hazards(node),
                node.flag("licensed"),
                Set.copyOf(node.texts("notSigns")),
                PackReader.basis(node));
    }

    private static Job.Piece piece(JsonCursor node) {
        return new Job.Piece(node.text("partType"), node.flag("ifListed"), node.text("why"));
    }
}
