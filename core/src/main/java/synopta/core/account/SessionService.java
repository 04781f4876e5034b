package synopta.core.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.function.Supplier;

/** Signs in and out, and hands a shared terminal from one person to the next. */
public final class SessionService {
    /** A use is written down no more often, so that asking costs no write. */
    private static final Duration NOTED_EVERY = Duration.ofMinutes(1);

    private final SessionRepository sessions;
    private final AccountRepository accounts;
    private final Secrets secrets;
    private final Clock clock;
    private final Supplier<Duration> lockedAfter;

    /** Works over these; a terminal is locked when nothing was asked for so long. */
    public SessionService(
            SessionRepository sessions,
            AccountRepository accounts,
            Secrets secrets,
            Clock clock,
            Supplier<Duration> lockedAfter) {
        this.sessions = sessions;
        this.accounts = accounts;
        this.secrets = secrets;
        this.clock = clock;
        this.lockedAfter = lockedAfter;
    }

    /** A terminal of which nothing was asked for so long is locked. */
    public Duration lockedAfter() {
        return lockedAfter.get();
    }

    /**
     * Signs in somebody whose password was right.
     *
     * @param terminal where, as an address
     * @return the token of the terminal, which is another each time
     */
    public String open(Account account, String terminal) {
        Instant now = clock.instant();
        sessions.sweep(now.minus(SignedIn.LONGEST_IDLE), now.minus(SignedIn.LONGEST));
        String token = secrets.token();
        sessions.open(secrets.digest(token), account.name(), now, terminal);
        return token;
    }

    /** Who is signed in with a token, if anybody still is. */
    public Optional<SignedIn> find(String token) {
        String digest = secrets.digest(token);
        Instant now = clock.instant();
        Optional<SignedIn> found = sessions.signedIn(digest)
                .filter(signedIn -> !signedIn.isOver(now))
                .map(signedIn -> signedIn.at(now, lockedAfter.get()));
        found.filter(signedIn ->
                        !signedIn.isLocked() && now.isAfter(signedIn.used().plus(NOTED_EVERY)))
                .ifPresent(signedIn -> sessions.used(digest, now));
        return found;
    }

    /** Hands the terminal to the person of a PIN; empty when the PIN is not theirs. */
    public Optional<Account> hand(String token, String name, String pin) {
        Optional<Account> next = accounts.find(name)
                .filter(Account::isActive)
                .filter(account -> account.pin() != null && secrets.matches(pin, account.pin()));
        next.ifPresent(account -> sessions.hand(secrets.digest(token), account.name(), clock.instant()));
        return next;
    }

    /** Locks the terminal until a PIN or the password is given. */
    public void lock(String token) {
        sessions.lock(secrets.digest(token));
    }

    /** Signs out. */
    public void close(String token) {
        sessions.close(secrets.digest(token));
    }
}
