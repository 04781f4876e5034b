package synopta.core.account;

import java.time.Duration;
import java.time.Instant;

/**
 * A terminal on which somebody is signed in.
 *
 * @param account whose terminal it is now
 * @param opened when the password was given
 * @param used when it last asked for something
 * @param isLocked whether a PIN or the password is wanted first
 */
public record SignedIn(Account account, Instant opened, Instant used, boolean isLocked) {
    /** Nothing was asked for so long: signed out. */
    static final Duration LONGEST_IDLE = Duration.ofHours(12);
    /** However busy it is: the password is wanted again. */
    static final Duration LONGEST = Duration.ofDays(7);

    boolean isOver(Instant now) {
        return !account.isActive() || now.isAfter(used.plus(LONGEST_IDLE)) || now.isAfter(opened.plus(LONGEST));
    }

    /** Locked when nothing was asked for so long. */
    SignedIn at(Instant now, Duration lockedAfter) {
        return new SignedIn(account, opened, used, isLocked || now.isAfter(used.plus(lockedAfter)));
    }
}
