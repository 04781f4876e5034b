package synopta.server.account;

/** The first account cannot be opened with the password of the environment. */
public final class SetupRefused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    SetupRefused(String message, Throwable cause) {
        super(message, cause);
    }
}
