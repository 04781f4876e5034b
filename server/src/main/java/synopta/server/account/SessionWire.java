package synopta.server.account;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import synopta.core.account.Account;
import synopta.core.account.AccountService;
import synopta.core.account.TrailService;
import synopta.demo.DemoAccount;
import synopta.server.web.MayBeNull;

/** Who is signed in, the accounts and the table of rights, on the wire. */
final class SessionWire {
    private static final int LONGEST = 200;

    private SessionWire() {}

    /**
     * Who is signed in at this terminal.
     *
     * @param setup whether the first account is still to be opened
     * @param demo accounts that may be used by everybody
     * @param colleagues who may switch to this terminal with a PIN
     * @param lockMinutes after how many minutes without use a PIN is wanted
     */
    record SessionAnswer(
            @MayBeNull String name,
            @MayBeNull String role,
            boolean hasPin,
            List<String> rights,
            boolean locked,
            boolean setup,
            List<ShownAccount> demo,
            List<String> colleagues,
            long lockMinutes) {
        static SessionAnswer of(
                Optional<Account> who, boolean locked, FirstAccount first, List<Account> all, long lockMinutes) {
            return new SessionAnswer(
                    who.map(Account::name).orElse(null),
                    who.map(account -> account.role().slug()).orElse(null),
                    who.filter(account -> account.pin() != null).isPresent(),
                    who.filter(account -> !locked).map(account -> Right.of(account.role())).orElse(List.of()).stream()
                            .map(Right::slug)
                            .toList(),
                    locked,
                    first.isWanted(),
                    first.demo().stream().map(ShownAccount::of).toList(),
                    all.stream()
                            .filter(account -> account.isActive() && account.pin() != null)
                            .map(Account::name)
                            .toList(),
                    lockMinutes);
        }
    }

    /** An account of the demo. */
    record ShownAccount(String name, String role, String password) {
        static ShownAccount of(DemoAccount demo) {
            return new ShownAccount(demo.name(), demo.role().slug(), demo.password());
        }
    }

    /** Signs in. */
    record SignInRequest(
            @NotNull @Size(max = LONGEST) String name,
            @NotNull @Size(max = LONGEST) String password) {}

    /** Hands the terminal to somebody. */
    record SwitchRequest(
            @NotNull @Size(max = LONGEST) String name,
            @NotNull @Size(max = LONGEST) String pin) {}

    /** Chooses a password with a code that was given out, or the first account's with that of the start. */
    record CodeRequest(
            @NotNull @Size(max = LONGEST) String name,
            @NotNull @Size(max = LONGEST) String code,
            @NotNull @Size(max = LONGEST) String password) {}

    /** Chooses another password. */
    record PasswordRequest(
            @NotNull @Size(max = LONGEST) String present,
            @NotNull @Size(max = LONGEST) String password) {}

    /** Chooses a PIN. */
    record PinRequest(
            @NotNull @Size(max = LONGEST) String password,
            @NotNull @Size(max = LONGEST) String pin) {}

    /** An account, without its secrets; `waiting`: a password is still to be chosen with a code. */
    record AccountWire(String name, String role, boolean active, boolean hasPin, boolean waiting) {
        static AccountWire of(Account account) {
            return new AccountWire(
                    account.name(),
                    account.role().slug(),
                    account.isActive(),
                    account.pin() != null,
                    account.password() == null);
        }
    }

    /** Opens an account. */
    record OpenRequest(
            @NotNull @Size(max = LONGEST) String name,
            @NotNull @Size(max = 20) String role) {}

    /** Changes an account; what is left out stays. */
    record AccountChange(
            @MayBeNull @Size(max = 20) String role,
            @MayBeNull Boolean active) {}

    /** A code, to be told to the person; it is not shown again. */
    record CodeAnswer(String name, String code, Instant until) {
        static CodeAnswer of(String name, AccountService.GivenCode given) {
            return new CodeAnswer(name, given.code(), given.until());
        }
    }

    /** What a check of the trail found; `last` is the hash of the last entry, to be written down. */
    record TrailAnswer(long entries, @MayBeNull Long broken, String last) {
        static TrailAnswer of(TrailService.Check check) {
            return new TrailAnswer(check.entries(), check.broken().orElse(null), check.last());
        }
    }

    /** What may be done, and by which roles; by none means without an account. */
    record RightWire(String right, String words, List<String> roles) {
        static RightWire of(Right right) {
            return new RightWire(
                    right.slug(),
                    right.words(),
                    right.roles().stream().map(role -> role.slug()).toList());
        }
    }
}
