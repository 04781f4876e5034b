package synopta.core.knowledge;

import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Ordered;
import synopta.core.quantity.Texts;

/**
 * How a house is reached, as it stands on sheets.
 *
 * @param house the words for all of it; may be empty
 * @param branches the words of branches that have their own
 */
public record BranchContacts(String house, Map<String, String> branches) {
    /** Nothing to say. */
    public static final BranchContacts NONE = new BranchContacts("", Map.of());

    private static final String WHAT = "Contact";
    private static final int LONGEST = 200;

    /** Copies; refuses words that no sheet has room for. */
    public BranchContacts {
        branches = Ordered.map(branches);
        Texts.limited(WHAT, house, LONGEST);
        branches.values().forEach(words -> Texts.limited(WHAT, words, LONGEST));
    }

    /** The words of a branch, or those of the house where it has none or no branch is named. */
    public String of(@Nullable String branch) {
        return Optional.ofNullable(branch).map(branches::get).orElse(house);
    }
}
