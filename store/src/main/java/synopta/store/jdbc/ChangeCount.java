package synopta.store.jdbc;

import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Counts the changes that may change what is sold. A statement that is not understood, or is on a table that is not
 * named here, counts: a wrong part must not be sold because somebody forgot to name a new table.
 */
final class ChangeCount {
    private static final Pattern TARGET =
            Pattern.compile("(?is)\\s*(?:insert\\s+into|update|delete\\s+from)\\s+([a-z_]+).*");
    /** Who is signed in, what was written down of a case, and what became of it. */
    private static final Set<String> BESIDE = Set.of(
            "account",
            "account_session",
            "case_customer",
            "case_entry",
            "case_former_customer",
            "case_revision",
            "case_word",
            "counter_case",
            "outcome",
            "outcome_return",
            "quote",
            "quote_line",
            "stock_movement",
            "told",
            "trail_entry");

    private final AtomicLong count = new AtomicLong();
    private final Map<String, Boolean> counting = new ConcurrentHashMap<>();
    /** Whether the transaction of this thread has changed something. */
    private final ThreadLocal<Boolean> waiting = ThreadLocal.withInitial(() -> false);

    private boolean counts(String sql) {
        return counting.computeIfAbsent(sql, statement -> {
            Matcher target = TARGET.matcher(statement);
            return !target.matches() || !BESIDE.contains(target.group(1).toLowerCase(Locale.ROOT));
        });
    }

    /** A statement changed something; within a transaction others see it when that ends, and only then it counts. */
    void made(String sql, boolean isInTransaction) {
        if (!counts(sql)) {
            return;
        }
        if (isInTransaction) {
            waiting.set(true);
        } else {
            count.incrementAndGet();
        }
    }

    /** A transaction of this thread ended. */
    void ended() {
        if (waiting.get()) {
            count.incrementAndGet();
        }
        waiting.remove();
    }

    long value() {
        return count.get();
    }
}
