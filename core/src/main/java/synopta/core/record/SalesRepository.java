package synopta.core.record;

import java.time.Instant;
import java.util.List;

/** The port through which is asked what sells. */
public interface SalesRepository {
    /**
     * A number, and how often it left.
     *
     * @param number part or model number, as it was written
     * @param count pieces of a part, or cases with a model
     */
    record Sold(String number, long count) {}

    /** Parts in cases that were begun since then and handed over, by pieces, most first. */
    List<Sold> parts(Instant since, int most);

    /** Models in such cases, by cases, most first. */
    List<Sold> models(Instant since, int most);
}
