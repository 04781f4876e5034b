package synopta.formats.knowledge;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import synopta.core.knowledge.PackFault;
import synopta.core.tag.ConfusionTable;
import tools.jackson.core.JacksonException;

/** Reads the file of weights that tags are read with: which characters are confused, how dearly, and on what basis. */
public final class EditCostsReader {
    /** Where the file stands in the folder of the packs. */
    public static final String FILE = "tag/edit-costs.json";

    private EditCostsReader() {}

    /** The weights of a folder of knowledge; a fault refuses the whole file. */
    public static ConfusionTable folder(Path folder) throws IOException, PackRejectedException {
        return read(Files.readString(folder.resolve(FILE)));
    }

    /** One file's text. */
    static ConfusionTable read(String json) throws PackRejectedException {
        List<PackFault> faults = new ArrayList<>();
        try {
            ConfusionTable confusion =
                    new JsonCursor(PackReader.tree(json), "", faults).read(EditCostsReader::confusion);
            if (faults.isEmpty()) {
                return confusion;
            }
        } catch (JacksonException e) {
            faults.add(new PackFault("(top)", "is not JSON: %s".formatted(e.getOriginalMessage())));
        } catch (JsonCursor.Broken e) {
            faults.add(e.fault());
        }
        throw new PackRejectedException(FILE, faults);
    }

    private static ConfusionTable confusion(JsonCursor root) {
        int format = root.whole("format");
        if (format != PackReader.FORMAT) {
            throw new IllegalArgumentException(
                    "format (%d) must be %d, which this program reads.".formatted(format, PackReader.FORMAT));
        }
        root.text("about");
        List<ConfusionTable.Group> groups = root.list(
                "groups",
                node -> new ConfusionTable.Group(node.text("characters"), node.number("nats"), node.text("basis")));
        JsonCursor costs = root.object("costs");
        return new ConfusionTable(groups, root.texts("keyboard"), costs.read(EditCostsReader::costs));
    }

    private static ConfusionTable.Costs costs(JsonCursor costs) {
        return new ConfusionTable.Costs(
                nats(costs, "neighborKey"),
                nats(costs, "other"),
                nats(costs, "readAgain"),
                nats(costs, "swapped"),
                nats(costs, "dropped"),
                nats(costs, "doubled"),
                nats(costs, "extra"),
                nats(costs, "wornEnd"),
                nats(costs, "wornCharacter"),
                nats(costs, "disagrees"),
                nats(costs, "unlisted"));
    }

    private static double nats(JsonCursor costs, String name) {
        return costs.object(name).read(cost -> {
            cost.text("for");
            cost.text("basis");
            return cost.number("nats");
        });
    }
}
