package synopta.core.tag;

import java.util.ArrayList;
import java.util.List;

/**
 * What it costs that one character is taken down for another: by groups as the table gives them, and by pairs as it is now.
 *
 * @param groups in the order of the table
 */
public record LearnedCosts(List<Group> groups) {
    /** Copies. */
    public LearnedCosts {
        groups = List.copyOf(groups);
    }

    /** The groups of a table, with what these costs make of their pairs. */
    public static LearnedCosts of(ConfusionTable confusion, EditCosts costs) {
        return new LearnedCosts(confusion.groups().stream()
                .map(g -> new Group(g.characters(), g.nats(), g.basis(), pairs(g.characters(), costs)))
                .toList());
    }

    private static List<Pair> pairs(String characters, EditCosts costs) {
        List<Pair> pairs = new ArrayList<>();
        for (char shown : characters.toCharArray()) {
            for (char typed : characters.toCharArray()) {
                if (typed != shown) {
                    pairs.add(new Pair(String.valueOf(shown), String.valueOf(typed), costs.substitution(typed, shown)));
                }
            }
        }
        return pairs;
    }

    /**
     * Characters taken for each other.
     *
     * @param characters characters that are taken for one another
     * @param nats what a confusion costs before anything is learned, the negative logarithm of its odds
     * @param basis where that is known from
     * @param pairs costs within the group
     */
    public record Group(String characters, double nats, String basis, List<Pair> pairs) {}

    /**
     * What it costs now, in nats, that one character is taken down for the one shown.
     *
     * @param shown character that stands on the tag
     * @param typed character or text as it was read
     * @param nats cost, nats, at least 0
     */
    public record Pair(String shown, String typed, double nats) {}
}
