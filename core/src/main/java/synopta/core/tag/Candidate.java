package synopta.core.tag;

import java.util.List;
import synopta.core.catalog.Model;
import synopta.core.quantity.Probability;

/**
 * A model the tag may name, how likely, and where it differs from what was read.
 *
 * @param model the model
 * @param probability probability, 0 to 1
 * @param differences specifications in which it differs
 */
public record Candidate(Model model, Probability probability, List<Difference> differences) {
    /** Copies the differences. */
    public Candidate {
        differences = List.copyOf(differences);
    }
}
