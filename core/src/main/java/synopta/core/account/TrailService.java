package synopta.core.account;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * Who did what. Each entry holds the hash of the one before (a hash chain: Haber and Stornetta, "How to Time-Stamp a Digital
 * Document", 1991), so that none can be changed or taken out of the middle without a trace. That the last ones were cut off
 * shows only against a hash that was written down elsewhere.
 */
public final class TrailService {
    private final TrailRepository entries;
    private final Secrets secrets;
    private final Clock clock;

    /** Works over these. */
    public TrailService(TrailRepository entries, Secrets secrets, Clock clock) {
        this.entries = entries;
        this.secrets = secrets;
        this.clock = clock;
    }

    /** Notes that something was done. */
    public void note(TrailEntry.Deed deed) {
        entries.append(last -> TrailEntry.after(last.orElse(null), clock.instant(), deed, secrets));
    }

    /** Entries before a number, the newest first. */
    public List<TrailEntry> before(long number, int limit) {
        return entries.before(number, limit);
    }

    /** Hands over every entry, the first first. */
    public void each(Consumer<TrailEntry> reader) {
        entries.each(reader);
    }

    /**
     * What a check found.
     *
     * @param entries how many there are
     * @param broken number of the first that is not as it was written, or before which one is missing
     * @param last hash of the last, to be written down
     */
    public record Check(long entries, Optional<Long> broken, String last) {}

    /** Checks every entry against the one before. */
    public Check check() {
        Checking checking = new Checking();
        entries.each(checking::read);
        return new Check(checking.read, Optional.ofNullable(checking.broken), checking.hash);
    }

    private final class Checking {
        private long read;
        private Long broken;
        private String hash = "";

        private void read(TrailEntry entry) {
            read++;
            boolean isSound = entry.number() == read && entry.equals(entry.hashed(hash, secrets));
            if (!isSound && broken == null) {
                broken = entry.number();
            }
            hash = entry.hash();
        }
    }
}
