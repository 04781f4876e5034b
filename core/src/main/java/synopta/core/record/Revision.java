package synopta.core.record;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import synopta.core.order.Quote;

/**
 * A case as it was kept once.
 *
 * @param record the case as it was saved
 * @param changes against the revision before; none of the first
 * @param quotes that were written for the case while it stood so
 */
public record Revision(CaseRecord record, List<FieldChange> changes, List<Quote> quotes) {
    /** Copies. */
    public Revision {
        changes = List.copyOf(changes);
        quotes = List.copyOf(quotes);
    }

    /** All of a case, the first first; a quote from before the case was kept is of the first. */
    public static List<Revision> of(List<CaseRecord> records, List<Quote> quotes) {
        List<Revision> revisions = new ArrayList<>();
        for (int i = 0; i < records.size(); i++) {
            CaseRecord record = records.get(i);
            Instant from = i == 0 ? Instant.MIN : record.changedAt();
            Instant to =
                    i + 1 == records.size() ? Instant.MAX : records.get(i + 1).changedAt();
            revisions.add(new Revision(
                    record,
                    i == 0 ? List.of() : FieldChange.between(records.get(i - 1).content(), record.content()),
                    quotes.stream()
                            .filter(quote -> !quote.createdAt().isBefore(from))
                            .filter(quote -> quote.createdAt().isBefore(to))
                            .toList()));
        }
        return revisions;
    }
}
