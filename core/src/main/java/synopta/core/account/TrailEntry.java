package synopta.core.account;

import java.time.Instant;
import java.time.temporal.ChronoUnit;

/**
 * That somebody did something, chained to what was done before.
 *
 * @param number 1 for the first, and one more each
 * @param at when, to the millisecond
 * @param who name of the account
 * @param terminal address from which it was done
 * @param action what, in words
 * @param subject to what, as a number or an address
 * @param hash digest of this entry and the hash of the one before
 */
public record TrailEntry(
        long number, Instant at, String who, String terminal, String action, String subject, String hash) {
    /** The hash before the first. */
    private static final String NOTHING = "";

    /**
     * What is said of an entry, before it has its place.
     *
     * @param who name of the account
     * @param terminal address from which it was done
     * @param action what, in words
     * @param subject to what, as a number or an address
     */
    public record Deed(String who, String terminal, String action, String subject) {}

    /** The entry that follows another, null before the first. */
    static TrailEntry after(TrailEntry last, Instant now, Deed deed, Secrets secrets) {
        TrailEntry open = new TrailEntry(
                last == null ? 1 : last.number + 1,
                now.truncatedTo(ChronoUnit.MILLIS),
                deed.who,
                deed.terminal,
                deed.action,
                deed.subject,
                NOTHING);
        return open.hashed(last == null ? NOTHING : last.hash, secrets);
    }

    /** This entry as it must be when the one before has that hash. */
    TrailEntry hashed(String before, Secrets secrets) {
        String text = String.join("\n", before, Long.toString(number), at.toString(), who, terminal, action, subject);
        return new TrailEntry(number, at, who, terminal, action, subject, secrets.digest(text));
    }
}
