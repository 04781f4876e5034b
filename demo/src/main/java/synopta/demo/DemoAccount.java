package synopta.demo;

import java.util.Arrays;
import java.util.List;
import synopta.core.account.Role;

/** An account of the demo, one for each role, whose password everybody may know. */
public record DemoAccount(Role role) {
    /** All of them. */
    public static final List<DemoAccount> ALL =
            Arrays.stream(Role.values()).map(DemoAccount::new).toList();

    /** The name, which is that of the role. */
    public String name() {
        return role.slug();
    }

    /** The password. */
    public String password() {
        return role.slug() + "-demo";
    }
}
