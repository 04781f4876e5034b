package synopta.core.account;

import java.util.List;
import java.util.Optional;

/** The accounts, by name without regard to upper and lower case. */
public interface AccountRepository {
    /** Whether there is none. */
    boolean isEmpty();

    /** The account of a name. */
    Optional<Account> find(String name);

    /** All of them, by name. */
    List<Account> all();

    /** Adds one; false when the name is taken. */
    boolean add(Account account);

    /** Puts an account in the place of that of its name. */
    void replace(Account account);
}
