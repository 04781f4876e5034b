package synopta.core.account;

import java.time.Instant;
import java.util.Locale;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Somebody who may sign in. No colon may stand in a name, which HTTP Basic needs (RFC 7617), and two names that differ in
 * upper and lower case only are one.
 *
 * @param name as it stands on cases; letters, digits and blanks, dots, hyphens and apostrophes within
 * @param role what it is for
 * @param password hash of the password; null until one is chosen by a one-time code
 * @param pin hash of the PIN for a shared terminal; null when none was chosen
 * @param code what may be used once to choose a password; null when nothing was given out
 * @param isActive whether it may sign in
 */
public record Account(
        String name,
        Role role,
        @Nullable String password,
        @Nullable String pin,
        @Nullable Code code,
        boolean isActive) {
    private static final Pattern NAME = Pattern.compile("[\\p{L}\\p{N}](?:[\\p{L}\\p{N} .'-]{0,38}[\\p{L}\\p{N}.])?");

    /**
     * A code that was given out.
     *
     * @param hash its slow hash
     * @param until when it no longer holds
     */
    public record Code(String hash, Instant until) {}

    public Account {
        if (!NAME.matcher(name).matches()) {
            throw new IllegalArgumentException(
                    "The name (%s) must be 1 to 40 letters and digits; blanks, dots, hyphens and apostrophes may stand between them."
                            .formatted(name));
        }
    }

    /** An account that nobody has a password for yet. */
    public static Account named(String name, Role role) {
        return new Account(name.strip(), role, null, null, null, true);
    }

    /** The form under which names are the same. */
    public static String key(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    /** With another password, and no code any more. */
    Account withPassword(String hash) {
        return new Account(name, role, hash, pin, null, isActive);
    }

    /** Without a password until this code is used. */
    Account withCode(Code given) {
        return new Account(name, role, null, null, given, isActive);
    }

    /** With another PIN. */
    Account withPin(String hash) {
        return new Account(name, role, password, hash, code, isActive);
    }

    /** With another role, or closed, or open again. */
    Account as(Role other, boolean active) {
        return new Account(name, other, password, pin, code, active);
    }
}
