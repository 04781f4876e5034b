package synopta.core.account;

import java.time.Instant;
import java.util.Optional;

/** Where people are signed in, by the digest of a token that the terminal alone has. */
public interface SessionRepository {
    /** Signs an account in on a terminal. */
    void open(String digest, String name, Instant at, String terminal);

    /** Who is signed in. */
    Optional<SignedIn> signedIn(String digest);

    /** The terminal was used. */
    void used(String digest, Instant at);

    /** The terminal wants a PIN first. */
    void lock(String digest);

    /** Another account, or the same again, from now on; unlocked. */
    void hand(String digest, String name, Instant at);

    /** Signs out. */
    void close(String digest);

    /** Signs an account out everywhere. */
    void closeAll(String name);

    /** Forgets those not used since, or opened before. */
    void sweep(Instant unusedSince, Instant openedBefore);
}
