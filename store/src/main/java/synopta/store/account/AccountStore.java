package synopta.store.account;

import java.io.UncheckedIOException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.account.Account;
import synopta.core.account.AccountRepository;
import synopta.core.account.Role;
import synopta.core.account.SessionRepository;
import synopta.core.account.SignedIn;
import synopta.store.jdbc.Jdbc;

/** The accounts and where they are signed in, in the store. */
public final class AccountStore implements AccountRepository, SessionRepository {
    private final Jdbc jdbc;

    /** Reads and writes through this. */
    public AccountStore(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    private static final String ALL = """
            select name, role, password, pin, code, code_until, active
              from account
             order by id""";

    @Override
    public List<Account> all() {
        return jdbc.list(ALL, AccountStore::account);
    }

    @Override
    public boolean isEmpty() {
        return all().isEmpty();
    }

    private static final String ONE = """
            select name, role, password, pin, code, code_until, active
              from account
             where id = ?""";

    @Override
    public Optional<Account> find(String name) {
        return jdbc.one(ONE, AccountStore::account, Account.key(name));
    }

    private static final String ADD = """
            insert into account (id, name, role, password, pin, code, code_until, active)
            values (?, ?, ?, ?, ?, ?, ?, ?)""";

    /** One at a time, so that of two with the same name the second is told. */
    @Override
    public synchronized boolean add(Account account) {
        if (find(account.name()).isPresent()) {
            return false;
        }
        jdbc.update(
                ADD,
                Account.key(account.name()),
                account.name(),
                account.role().slug(),
                account.password(),
                account.pin(),
                codeOf(account),
                untilOf(account),
                account.isActive());
        return true;
    }

    private static final String REPLACE = """
            update account
               set role = ?, password = ?, pin = ?, code = ?, code_until = ?, active = ?
             where id = ?""";

    @Override
    public void replace(Account account) {
        jdbc.update(
                REPLACE,
                account.role().slug(),
                account.password(),
                account.pin(),
                codeOf(account),
                untilOf(account),
                account.isActive(),
                Account.key(account.name()));
    }

    private static @Nullable String codeOf(Account account) {
        return account.code() == null ? null : account.code().hash();
    }

    private static @Nullable OffsetDateTime untilOf(Account account) {
        return account.code() == null ? null : at(account.code().until());
    }

    private static Account account(ResultSet row) throws SQLException {
        String code = row.getString("code");
        return new Account(
                row.getString("name"),
                Role.of(row.getString("role")),
                row.getString("password"),
                row.getString("pin"),
                code == null ? null : new Account.Code(code, instant(row, "code_until")),
                row.getBoolean("active"));
    }

    private static final String OPEN = """
            insert into account_session (digest, account, opened_at, used_at, locked, terminal)
            values (?, ?, ?, ?, false, ?)""";

    @Override
    public void open(String digest, String name, Instant at, String terminal) {
        jdbc.update(OPEN, digest, Account.key(name), at(at), at(at), terminal);
    }

    private static final String SESSION = """
            select a.name, a.role, a.password, a.pin, a.code, a.code_until, a.active, s.opened_at, s.used_at, s.locked
              from account_session s
              join account a on a.id = s.account
             where s.digest = ?""";

    @Override
    public Optional<SignedIn> signedIn(String digest) {
        return jdbc.one(
                SESSION,
                row -> new SignedIn(
                        account(row), instant(row, "opened_at"), instant(row, "used_at"), row.getBoolean("locked")),
                digest);
    }

    private static final String USED = """
            update account_session
               set used_at = ?
             where digest = ?""";

    @Override
    public void used(String digest, Instant at) {
        try {
            jdbc.update(USED, at(at), digest);
        } catch (UncheckedIOException e) {
            // On a full disk a session may end sooner than it should; looking up goes on until then.
            return;
        }
    }

    private static final String LOCK = """
            update account_session
               set locked = true
             where digest = ?""";

    @Override
    public void lock(String digest) {
        jdbc.update(LOCK, digest);
    }

    private static final String HAND = """
            update account_session
               set account = ?, used_at = ?, locked = false
             where digest = ?""";

    @Override
    public void hand(String digest, String name, Instant at) {
        jdbc.update(HAND, Account.key(name), at(at), digest);
    }

    private static final String CLOSE = """
            delete from account_session
             where digest = ?""";

    @Override
    public void close(String digest) {
        jdbc.update(CLOSE, digest);
    }

    private static final String CLOSE_ALL = """
            delete from account_session
             where account = ?""";

    @Override
    public void closeAll(String name) {
        jdbc.update(CLOSE_ALL, Account.key(name));
    }

    private static final String SWEEP = """
            delete from account_session
             where used_at < ? or opened_at < ?""";

    @Override
    public void sweep(Instant unusedSince, Instant openedBefore) {
        jdbc.update(SWEEP, at(unusedSince), at(openedBefore));
    }

    private static OffsetDateTime at(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant();
    }
}
