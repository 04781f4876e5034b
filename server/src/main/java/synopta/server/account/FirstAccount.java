package synopta.server.account;

import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import synopta.core.account.Account;
import synopta.core.account.AccountService;
import synopta.core.account.Role;
import synopta.core.account.Secrets;
import synopta.demo.DemoAccount;

/**
 * How a house in which nobody has an account gets its first: those of the demo, or a manager by the password of the
 * environment, or by a code that only those who started the server can read.
 */
@Component
class FirstAccount {
    private static final Logger LOG = LoggerFactory.getLogger(FirstAccount.class);

    private final AccountService accounts;
    private final String code;
    private final boolean isDemo;

    FirstAccount(
            AccountService accounts,
            Secrets secrets,
            @Value("${synopta.demo}") boolean isDemo,
            @Value("${SYNOPTA_SETUP_PASSWORD:}") String password) {
        this.accounts = accounts;
        this.isDemo = isDemo;
        this.code = secrets.code();
        if (accounts.isEmpty() && isDemo) {
            DemoAccount.ALL.forEach(demo -> accounts.open(demo.name(), demo.role(), demo.password()));
        } else if (accounts.isEmpty() && !password.isEmpty()) {
            try {
                accounts.open(Role.MANAGER.slug(), Role.MANAGER, password);
            } catch (IllegalArgumentException e) {
                throw new SetupRefused(e.getMessage(), e);
            }
        }
    }

    /** Whether the first account is still to be opened. */
    boolean isWanted() {
        return accounts.isEmpty();
    }

    /** The accounts that everybody may see. */
    List<DemoAccount> demo() {
        return isDemo ? DemoAccount.ALL : List.of();
    }

    /** Opens the first account, a manager's; empty when the code is wrong or there is an account already. */
    synchronized Optional<Account> open(String given, String name, String password) {
        return isWanted() && AccountService.plain(given).equals(AccountService.plain(code))
                ? Optional.of(accounts.open(name, Role.MANAGER, password))
                : Optional.empty();
    }

    @EventListener(ApplicationReadyEvent.class)
    void say() {
        if (isWanted()) {
            LOG.info("Nobody has an account yet. Open /setup and enter the code {}", code);
        }
    }
}
