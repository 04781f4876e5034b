package synopta.core.account;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;

/** The trail: entries are added at its end, and never changed. */
public interface TrailRepository {
    /** Adds the entry that is made of the last one; nobody else adds one meanwhile. */
    void append(Function<Optional<TrailEntry>, TrailEntry> next);

    /** Entries before a number, the newest first. */
    List<TrailEntry> before(long number, int limit);

    /** Hands over every entry, the first first. */
    void each(Consumer<TrailEntry> reader);
}
