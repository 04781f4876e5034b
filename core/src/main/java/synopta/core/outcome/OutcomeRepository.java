package synopta.core.outcome;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import synopta.core.catalog.PartNumber;

/** The port through which outcomes are kept. */
public interface OutcomeRepository {
    /** Adds an entry to a case; an earlier one stays, and counts no more. */
    void add(long number, Outcome outcome, OutcomeRecord told);

    /** The entries of these cases, the first first; cases without an entry are left out. */
    Map<Long, List<Outcome>> of(List<Long> numbers);

    /** The entries of a case, the first first. */
    default List<Outcome> of(long number) {
        return of(List.of(number)).getOrDefault(number, List.of());
    }

    /** How many entries there are of all cases: another number whenever one is added. */
    long entries();

    /** Every case of which something was told, by its last entry. */
    List<OutcomeRecord> told();

    /** By case, the last entry of those whose fault was found, without what came back. */
    Map<Long, Outcome> confirmed();

    /**
     * Cases whose parts have left, on or before a day, and of which nothing was told; the last first.
     *
     * @param limit so many at most
     */
    List<Long> due(LocalDate until, int limit);

    /** The last cases in which a part was handed over, the last first. */
    List<Long> with(PartNumber part, int limit);
}
