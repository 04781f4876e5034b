package synopta.core.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Opens, changes and closes accounts. Of the managers, one always stays. */
public final class AccountService {
    private static final Duration CODE_HOLDS = Duration.ofDays(1);
    /** NIST SP 800-63B-4, 3.1.1.2 wants 15 for a password alone, and allows 8 beside another factor. */
    private static final int SHORTEST_PASSWORD = 8;
    /** What bcrypt reads of a password, in bytes; more would be cut off without a word. */
    private static final int LONGEST_PASSWORD = 72;

    private static final Pattern PIN = Pattern.compile("\\d{4,8}");

    private final AccountRepository accounts;
    private final SessionRepository sessions;
    private final Secrets secrets;
    private final Clock clock;
    /** Compared with where there is no such account, so that this takes as long. */
    private final String nobodys;

    /** Works over these. */
    public AccountService(AccountRepository accounts, SessionRepository sessions, Secrets secrets, Clock clock) {
        this.accounts = accounts;
        this.sessions = sessions;
        this.secrets = secrets;
        this.clock = clock;
        this.nobodys = secrets.hash(secrets.token());
    }

    /**
     * A code that was given out, to be told to the person once.
     *
     * @param code as a person types it
     * @param until when it no longer holds
     */
    public record GivenCode(String code, Instant until) {}

    /** Whether nobody has an account yet. */
    public boolean isEmpty() {
        return accounts.isEmpty();
    }

    /** All accounts, by name. */
    public List<Account> all() {
        return accounts.all();
    }

    /** The account of a name, which may sign in or not. */
    public Optional<Account> find(String name) {
        return accounts.find(name);
    }

    /** The account whose password this is; it takes as long when there is none. */
    public Optional<Account> verified(String name, String password) {
        Optional<Account> found = accounts.find(name).filter(Account::isActive);
        String hash = found.map(Account::password).orElse(nobodys);
        boolean matches = bytes(password) <= LONGEST_PASSWORD && secrets.matches(password, hash);
        return found.filter(account -> matches && account.password() != null);
    }

    /**
     * Opens an account with a password.
     *
     * @throws IllegalArgumentException when the name is taken or the password too short
     */
    public Account open(String name, Role role, String password) {
        Account account = Account.named(name, role).withPassword(hash(password));
        add(account);
        return account;
    }

    /** Opens an account whose password is chosen with the code; the name must not be taken. */
    public GivenCode open(String name, Role role) {
        GivenCode given = newCode();
        add(Account.named(name, role).withCode(kept(given)));
        return given;
    }

    private void add(Account account) {
        if (!accounts.add(account)) {
            throw new IllegalArgumentException("The name %s is taken. Choose another.".formatted(account.name()));
        }
    }

    /** Takes the password away and signs out everywhere; another is chosen with the code. */
    public GivenCode reset(String name) {
        GivenCode given = newCode();
        accounts.replace(known(name).withCode(kept(given)));
        sessions.closeAll(name);
        return given;
    }

    /** Chooses a password with a code; empty when the code is not that of the account, or no longer holds. */
    public Optional<Account> redeem(String name, String code, String password) {
        Optional<Account> account = accounts.find(name)
                .filter(Account::isActive)
                .filter(found -> found.code() != null
                        && clock.instant().isBefore(found.code().until())
                        && secrets.matches(plain(code), found.code().hash()));
        return account.map(found -> {
            Account changed = found.withPassword(hash(password));
            accounts.replace(changed);
            return changed;
        });
    }

    /** Chooses another password, which signs out everywhere; empty when the present one is not right. */
    public Optional<Account> choosePassword(String name, String present, String password) {
        Optional<Account> changed = verified(name, present).map(found -> found.withPassword(hash(password)));
        changed.ifPresent(account -> {
            accounts.replace(account);
            sessions.closeAll(name);
        });
        return changed;
    }

    /** Chooses a PIN for shared terminals; empty when the password is not right. */
    public Optional<Account> choosePin(String name, String password, String pin) {
        if (!PIN.matcher(pin).matches()) {
            throw new IllegalArgumentException("A PIN is 4 to 8 digits.");
        }
        Optional<Account> changed = verified(name, password).map(found -> found.withPin(secrets.hash(pin)));
        changed.ifPresent(accounts::replace);
        return changed;
    }

    /**
     * Gives an account another role, closes it or opens it again; what is null stays.
     *
     * @throws IllegalArgumentException when no manager would be left
     */
    public Account change(String name, @Nullable Role role, @Nullable Boolean active) {
        Account before = known(name);
        Account after = before.as(role == null ? before.role() : role, active == null ? before.isActive() : active);
        boolean otherManager =
                accounts.all().stream().anyMatch(other -> !other.name().equals(before.name()) && isManager(other));
        if (isManager(before) && !isManager(after) && !otherManager) {
            throw new IllegalArgumentException(
                    "%s is the only manager. Make somebody else a manager first.".formatted(before.name()));
        }
        accounts.replace(after);
        if (!after.isActive()) {
            sessions.closeAll(name);
        }
        return after;
    }

    private static boolean isManager(Account account) {
        return account.isActive() && account.role() == Role.MANAGER;
    }

    private Account known(String name) {
        return accounts.find(name)
                .orElseThrow(() -> new IllegalArgumentException("There is no account %s.".formatted(name)));
    }

    private GivenCode newCode() {
        return new GivenCode(secrets.code(), clock.instant().plus(CODE_HOLDS));
    }

    private Account.Code kept(GivenCode given) {
        return new Account.Code(secrets.hash(plain(given.code())), given.until());
    }

    /** A code as it is compared: without what was put in to make it readable. */
    public static String plain(String code) {
        return code.replaceAll("[^\\p{L}\\p{N}]", "").toUpperCase(Locale.ROOT);
    }

    /** In UTF-8, at most. */
    private static int bytes(String text) {
        return text.chars().map(c -> c < 0x80 ? 1 : c < 0x800 ? 2 : 3).sum();
    }

    private String hash(String password) {
        if (password.length() < SHORTEST_PASSWORD || bytes(password) > LONGEST_PASSWORD) {
            throw new IllegalArgumentException("A password has %d characters or more, and at most %d bytes in UTF-8."
                    .formatted(SHORTEST_PASSWORD, LONGEST_PASSWORD));
        }
        return secrets.hash(password);
    }
}
