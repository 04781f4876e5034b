package synopta.server.account;

import java.security.Principal;
import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import synopta.core.account.Account;
import synopta.core.account.Role;

/** Who asks; their name stands on what they do. */
record Person(Account account) implements Principal {
    /** Whoever may read the data folder: the commands of the script. */
    static final Person COMMAND_LINE = new Person(Account.named("command line", Role.MANAGER));

    @Override
    public String getName() {
        return account.name();
    }

    Authentication authentication() {
        return UsernamePasswordAuthenticationToken.authenticated(this, null, List.of());
    }

    /** Nothing of the account's secrets. */
    @Override
    public String toString() {
        return getName();
    }
}
