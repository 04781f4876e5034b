package synopta.server.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;
import synopta.core.account.Account;
import synopta.core.account.AccountService;
import synopta.core.account.Secrets;

/**
 * Whether a name and a password belong together, for HTTP Basic and for signing in. A program sends both with every call;
 * what was right is known again for some minutes by a digest under a key of this process, as the slow hash would cost more
 * than the call.
 */
@Component
class PasswordCheck implements AuthenticationProvider {
    private static final int MOST_KNOWN = 1000;
    private static final Duration KNOWN_FOR = Duration.ofMinutes(10);

    private final AccountService accounts;
    private final SignInThrottle throttle;
    private final Secrets secrets;
    private final String ofThisProcess;
    private final Cache<String, String> known = Caffeine.newBuilder()
            .maximumSize(MOST_KNOWN)
            .expireAfterWrite(KNOWN_FOR)
            .build();

    PasswordCheck(AccountService accounts, SignInThrottle throttle, Secrets secrets) {
        this.accounts = accounts;
        this.throttle = throttle;
        this.secrets = secrets;
        this.ofThisProcess = secrets.token();
    }

    /** The account of a name and a password, or {@link BadCredentialsException}, or {@link SignInThrottle.TooMany}. */
    Account account(String name, String password, String address) {
        String digest = secrets.digest(ofThisProcess + name + "\n" + password);
        Optional<Account> again = Optional.ofNullable(known.getIfPresent(digest))
                .flatMap(hash -> accounts.find(name).filter(Account::isActive).filter(a -> hash.equals(a.password())));
        if (again.isPresent()) {
            return again.get();
        }
        Account account = throttle.tried(
                name, address, () -> accounts.verified(name, password), "The name or the password is not right.");
        known.put(digest, account.password());
        return account;
    }

    @Override
    public Authentication authenticate(Authentication asked) {
        String address = ((WebAuthenticationDetails) asked.getDetails()).getRemoteAddress();
        return new Person(account(asked.getName(), (String) asked.getCredentials(), address)).authentication();
    }

    @Override
    public boolean supports(Class<?> type) {
        return UsernamePasswordAuthenticationToken.class.isAssignableFrom(type);
    }
}
