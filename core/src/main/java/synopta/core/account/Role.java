package synopta.core.account;

import synopta.core.quantity.Slugged;

/** What an account is for; what each may do is a table of the server's. */
public enum Role implements Slugged {
    /** Looks things up. */
    VIEWER,
    /** Works calls. */
    COUNTER,
    /** Decides for the house. */
    MANAGER;

    /** The role of a slug. */
    public static Role of(String slug) {
        return Slugged.of(Role.class, "Role", slug);
    }
}
