package synopta.core.record;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.ModelNumber;
import synopta.core.quantity.Slugged;

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

    /** Cases that have or had a customer and were last changed before an instant, by number. */
    List<Long> withCustomerUnchangedSince(Instant at);

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

    /** A call that is left open for longer is no call any more: it is found among the cases. */
    Duration OPEN_FOR = Duration.ofHours(12);

    /** The calls that are open now, the last first. */
    default List<CaseRecord> openCalls(Instant now, int most) {
        return these(open(now.minus(OPEN_FOR), most));
    }

    /** The cases of these numbers, as they are now, the last first. */
    List<CaseRecord> these(List<Long> numbers);

    /** Where the words of a search are looked for. */
    enum Where implements Slugged {
        ANYWHERE,
        /** In the customer's name and phone number. */
        CUSTOMER,
        /** In the name of who served them. */
        SERVED_BY
    }

    /**
     * Days in a time zone.
     *
     * @param from first day; null: from the beginning
     * @param to last day; null: to now
     * @param zone time zone
     */
    record Days(@Nullable LocalDate from, @Nullable LocalDate to, ZoneId zone) {
        /** All there are. */
        public static final Days ALL = new Days(null, null, ZoneOffset.UTC);
    }

    /**
     * Which cases.
     *
     * @param text words of the case, each by its beginning, in any case; a phone number with any punctuation
     * @param where where the words must stand
     * @param days days on which they were begun
     * @param after only cases of lower number
     * @param limit most cases, at least 1
     */
    record Filter(
            String text, Where where, Days days, @Nullable Long after, int limit) {
        /** The newest with these words anywhere. */
        public static Filter having(String text, int limit) {
            return new Filter(text, Where.ANYWHERE, Days.ALL, null, limit);
        }

        /** The same, within days. */
        public Filter within(Days some) {
            return new Filter(text, where, some, after, limit);
        }

        /** The same, from the case after this one on. */
        public Filter after(long number) {
            return new Filter(text, where, days, number, limit);
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
