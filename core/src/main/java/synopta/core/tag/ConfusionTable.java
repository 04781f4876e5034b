package synopta.core.tag;

import java.util.List;

/**
 * What is known beforehand of how a character of the tag reaches us as another: costs in nats (minus the natural
 * logarithm of a chance, relative to the character read as it stands), as they are written in the file of weights.
 *
 * @param groups characters that are taken for each other; where two groups hold a pair the cheaper counts
 * @param keyboard rows of keys, for the key beside the one that was meant
 * @param costs of everything else
 */
public record ConfusionTable(List<Group> groups, List<String> keyboard, Costs costs) {
    /** Copies the lists. */
    public ConfusionTable {
        groups = List.copyOf(groups);
        keyboard = List.copyOf(keyboard);
        keyboard.forEach(ConfusionTable::checked);
    }

    /**
     * Characters that are taken for each other.
     *
     * @param characters characters that are taken for one another
     * @param nats cost of any of them for any other
     * @param basis where that is known from
     */
    public record Group(String characters, double nats, String basis) {
        /** Refuses a cost that is not above 0, and fewer than two characters. */
        public Group {
            checked(characters);
            atLeast("Group " + characters, nats, 1e-6);
        }
    }

    /**
     * Costs of one slip each, nats.
     *
     * @param neighborKey the key beside it
     * @param other any other character in its place
     * @param readAgain more for a character that was read twice
     * @param swapped two characters swapped
     * @param dropped a missing character
     * @param doubled one of two equal neighbors left out, or typed twice
     * @param extra an extra character
     * @param wornEnd the end is worn off, once
     * @param wornCharacter and for each character lost there
     * @param disagrees brand, appliance or fuel is another than was said
     * @param unlisted the machine is in no catalog row, before anything is read
     */
    public record Costs(
            double neighborKey,
            double other,
            double readAgain,
            double swapped,
            double dropped,
            double doubled,
            double extra,
            double wornEnd,
            double wornCharacter,
            double disagrees,
            double unlisted) {
        /** Refuses costs below 0, and slips that cost nothing: a reading could then be anything. */
        public Costs {
            atLeast("neighborKey", neighborKey, 1e-6);
            atLeast("other", other, 1e-6);
            atLeast("readAgain", readAgain, 0);
            atLeast("swapped", swapped, 1e-6);
            atLeast("dropped", dropped, 1e-6);
            atLeast("doubled", doubled, 1e-6);
            atLeast("extra", extra, 1e-6);
            atLeast("wornEnd", wornEnd, 1e-6);
            atLeast("wornCharacter", wornCharacter, 0);
            atLeast("disagrees", disagrees, 0);
            atLeast("unlisted", unlisted, 1e-6);
        }
    }

    private static void atLeast(String what, double nats, double least) {
        if (!(nats >= least && nats < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException(
                    "%s (%s nats) must be a number of at least %s.".formatted(what, nats, least));
        }
    }

    private static void checked(String characters) {
        if (!characters.matches("[A-Z0-9]{2,36}")) {
            throw new IllegalArgumentException(
                    "Characters (%s) must be two or more capital letters or digits.".formatted(characters));
        }
    }

    /** Cost that `shown` on the tag was taken down as `typed`; 0 when they are the same. */
    double substitution(char typed, char shown) {
        if (typed == shown) {
            return 0;
        }
        double cost = keyboard.stream().anyMatch(row -> beside(row, typed, shown)) ? costs.neighborKey : costs.other;
        for (Group group : groups) {
            if (group.characters.indexOf(typed) >= 0 && group.characters.indexOf(shown) >= 0) {
                cost = Math.min(cost, group.nats);
            }
        }
        return cost;
    }

    private static boolean beside(String row, char typed, char shown) {
        int a = row.indexOf(typed);
        int b = row.indexOf(shown);
        return a >= 0 && b >= 0 && Math.abs(a - b) == 1;
    }
}
