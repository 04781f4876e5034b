package synopta.core.fit;

import java.util.List;
import synopta.core.catalog.Model;

/**
 * A model of another brand on the same platform.
 *
 * @param model model of the catalog
 * @param shared places where both list the same parts for the same builds
 * @param differing places where they do not
 */
public record EquivalentModel(Model model, List<String> shared, List<String> differing) {
    /** Copies the lists. */
    public EquivalentModel {
        shared = List.copyOf(shared);
        differing = List.copyOf(differing);
    }
}
