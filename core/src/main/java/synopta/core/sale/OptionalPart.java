package synopta.core.sale;

import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;
import synopta.core.quantity.Slugged;
import synopta.core.teardown.WhileOpen;

/**
 * A part that would be nice to have, and is worth so much.
 *
 * @param partType slug of the part type
 * @param slots slugs of the positions
 * @param listed what the catalog lists there
 * @param supplied what is handed over for it today
 * @param quantity pieces of `supplied`; 0 when it was left out
 * @param value up to this price it is bought
 * @param source why it is offered
 * @param open what renewing it while it is open comes to, where it was weighed
 * @param why the reason, in a sentence
 */
public record OptionalPart(
        String partType,
        List<String> slots,
        PartNumber listed,
        PartNumber supplied,
        int quantity,
        Money value,
        Source source,
        @Nullable WhileOpen open,
        String why) {
    /** Where a want comes from. */
    public enum Source implements Slugged {
        /** The job may need it. */
        JOB,
        /** It lies open anyway. */
        WHILE_OPEN;
    }

    OptionalPart with(int pieces, Money worth) {
        return new OptionalPart(partType, slots, listed, supplied, pieces, worth, source, open, why);
    }
}
