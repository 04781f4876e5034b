package synopta.core.outcome;

import java.time.LocalDate;
import java.util.List;
import synopta.core.catalog.PartNumber;

/** The port through which outcomes are kept. */
public interface OutcomeLog {
    /** Adds an entry to a case; an earlier one stays, and counts no more. */
    void add(long number, Outcome outcome, Told told);

    /** The entries of a case, the first first. */
    List<Outcome> of(long number);

    /** Every case of which something was told, by its last entry. */
    List<Told> told();

    /**
     * Cases whose parts have left, on or before a day, and of which nothing was told; the longest waiting first.
     *
     * @param limit so many at most
     */
    List<Long> due(LocalDate until, int limit);

    /** The last cases in which a part was handed over, the last first. */
    List<Long> with(PartNumber part, int limit);
}
