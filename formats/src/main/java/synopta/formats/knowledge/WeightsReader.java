package synopta.formats.knowledge;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import synopta.core.knowledge.PackFault;
import synopta.core.tag.Confusion;
import tools.jackson.core.JacksonException;

/** Reads the file of weights that tags are read with: which characters are confused, how dearly, and on what basis. */
public final class WeightsReader {
    /** Where the file stands in the folder of the packs. */
    public static final String FILE = "tag/weights.json";

    private WeightsReader() {}

    /** The weights of a folder of knowledge; a fault refuses the whole file. */
    public static Confusion folder(Path folder) throws IOException, PackRefused {
        return read(Files.readString(folder.resolve(FILE)));
    }

    /** One file's text. */
    static Confusion read(String json) throws PackRefused {
        List<PackFault> faults = new ArrayList<>();
        try {
            Confusion confusion = new Node(PackReader.tree(json), "", faults).read(WeightsReader::confusion);
            if (faults.isEmpty()) {
                return confusion;
            }
        } catch (JacksonException e) {
            faults.add(new PackFault("(top)", "is not JSON: %s".formatted(e.getOriginalMessage())));
        } catch (Node.Broken e) {
            faults.add(e.fault());
        }
        throw new PackRefused(FILE, faults);
    }

    private static Confusion confusion(Node root) {
        int format = root.whole("format");
        if (format != PackReader.FORMAT) {
            throw new IllegalArgumentException(
                    "format (%d) must be %d, which this program reads.".formatted(format, PackReader.FORMAT));
        }
        root.text("about");
        List<Confusion.Group> groups = root.list(
                "groups",
                node -> new Confusion.Group(node.text("characters"), node.number("nats"), node.text("basis")));
        Node costs = root.object("costs");
        return new Confusion(groups, root.texts("keyboard"), costs.read(WeightsReader::costs));
    }

    private static Confusion.Costs costs(Node costs) {
        return new Confusion.Costs(
                nats(costs, "neighbourKey"),
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

    private static double nats(Node costs, String name) {
        return costs.object(name).read(cost -> {
            cost.text("for");
            cost.text("basis");
            return cost.number("nats");
        });
    }
}
