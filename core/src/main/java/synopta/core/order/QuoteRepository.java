package synopta.core.order;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The port through which quotes are kept. */
public interface QuoteRepository {
    /** Keeps a quote under the next number, which the one it is given does not count for. */
    Quote add(Quote quote);

    /** The quote of that number. */
    Optional<Quote> find(long number);

    /** The quotes that were written for a case, the first first. */
    List<Quote> of(long caseNumber);

    /**
     * Quotes newest first.
     *
     * @param after only those of lower number
     */
    List<Quote> list(@Nullable Long after, int limit);
}
