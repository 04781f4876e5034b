package synopta.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.ModelNumber;

/** The port through which cases are kept. A call that returned has kept what it was given. */
public interface CaseRepository {
    /** Keeps a new case under the next number. */
    CaseRecord add(CaseContent content, CaseSnapshot snapshot, Instant createdAt);

    /** The case of that number. */
    Optional<CaseRecord> find(long number);

    /** Adds a revision if the last is still the one given; empty when somebody was faster. Earlier ones stay. */
    Optional<CaseRecord> replace(CaseRecord expected, CaseContent content, CaseSnapshot snapshot, Instant at);

    /** All revisions of a case, the first first. */
    List<CaseRecord> revisions(long number);

    /** How many revisions are kept of all cases: another number whenever one is added. */
    long kept();

    /** Erases the customer's name and number wherever they stand; whether there is such a case. */
    boolean eraseCustomer(long number);

    /** Cases newest first. */
    List<CaseRecord> list(Filter filter);

    /** Hands over all cases from the first of a filter on, newest first, by pages of its limit. */
    default void eachPage(Filter filter, Consumer<List<CaseRecord>> reader) {
        List<CaseRecord> page = list(filter);
        reader.accept(page);
        while (page.size() == filter.limit()) {
            page = list(filter.after(page.get(page.size() - 1).number()));
            reader.accept(page);
        }
    }

    /** The numbers of all cases of the visit of a case, itself among them, the first first. */
    List<Long> visit(long number);

    /** The numbers of the cases that were begun since then and whose parts have not left, the first first. */
    List<Long> open(Instant since, int limit);

    /** The cases of these numbers, as they are now, the last first. */
    List<CaseRecord> these(List<Long> numbers);

    /**
     * Which cases.
     *
     * @param text words of anything in the case, each by its beginning, in any case
     * @param from first day, UTC
     * @param to last day, UTC
     * @param after only cases of lower number
     * @param limit most cases, at least 1
     */
    record Filter(
            @Nullable String text,
            @Nullable LocalDate from,
            @Nullable LocalDate to,
            @Nullable Long after,
            int limit) {
        /** The same, from the case after this one on. */
        public Filter after(long number) {
            return new Filter(text, from, to, number, limit);
        }
    }

    /**
     * What was said, and the machine it turned out to be, in a case whose parts have left.
     *
     * @param number number of the case
     * @param line what the caller says, as typed
     * @param model model of the catalog
     */
    record HandedOver(long number, String line, ModelNumber model) {}

    /** Numbers of the last cases in which readings of the caller's words were confirmed or rejected, newest first. */
    List<Long> withReadings(int limit);

    /** The last cases with a machine whose parts have left, newest first. */
    List<HandedOver> handedOver(int limit);
}
