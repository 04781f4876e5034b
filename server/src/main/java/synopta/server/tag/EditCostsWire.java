package synopta.server.tag;

import java.util.ArrayList;
import java.util.List;
import synopta.core.tag.ConfusionTable;
import synopta.core.tag.EditCosts;

/** Wire records of what readings are weighed with. */
public final class EditCostsWire {
    private EditCostsWire() {}

    /** The groups of the file, and what was learned of their pairs. */
    public record WeightsAnswer(List<GroupWire> groups) {
        static WeightsAnswer of(ConfusionTable confusion, EditCosts weights) {
            return new WeightsAnswer(confusion.groups().stream()
                    .map(g -> new GroupWire(g.characters(), g.nats(), g.basis(), pairs(g.characters(), weights)))
                    .toList());
        }

        private static List<PairWire> pairs(String characters, EditCosts weights) {
            List<PairWire> pairs = new ArrayList<>();
            for (char shown : characters.toCharArray()) {
                for (char typed : characters.toCharArray()) {
                    if (typed != shown) {
                        pairs.add(new PairWire(
                                String.valueOf(shown), String.valueOf(typed), weights.substitution(typed, shown)));
                    }
                }
            }
            return pairs;
        }
    }

    /** Characters taken for each other, at what cost, and where that is known from. */
    public record GroupWire(String characters, double nats, String basis, List<PairWire> pairs) {}

    /** What it costs now that one is taken down for the other. */
    public record PairWire(String shown, String typed, double nats) {}
}
