package synopta.core.reading;

import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Slugged;

/**
 * Where the leads of a meter go.
 *
 * @param place across the part, from a terminal to its case, or between each pair of terminals
 * @param terminals the terminals, such as "L1 to L2", where the test names them
 */
public record Leads(Place place, @Nullable String terminals) {
    /** The kinds of places. */
    public enum Place implements Slugged {
        ACROSS,
        CASE,
        EACH_PAIR
    }

    /** Whether one lead is on the case. */
    public boolean isToCase() {
        return place == Place.CASE;
    }
}
