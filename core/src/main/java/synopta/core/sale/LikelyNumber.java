package synopta.core.sale;

import java.util.List;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Probability;

/**
 * A number that a part may have while the model is not known.
 *
 * @param partType slug of the part type
 * @param part what is handed over for it today
 * @param probability that the machine takes it, by the popularity of the models that do
 * @param platforms the platforms whose models take it, the likeliest first
 */
public record LikelyNumber(String partType, PartNumber part, Probability probability, List<String> platforms) {
    /** Copies. */
    public LikelyNumber {
        platforms = List.copyOf(platforms);
    }
}
