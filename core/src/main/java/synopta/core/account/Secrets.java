package synopta.core.account;

/** Random tokens, and how secrets are kept so that nobody can read them back. */
public interface Secrets {
    /** A token of 256 random bits, in characters that a cookie may hold. */
    String token();

    /** A code that a person can type: 80 random bits in letters and digits that cannot be confused. */
    String code();

    /** The digest under which a token is kept. */
    String digest(String token);

    /** The slow hash under which a password, a PIN or a code is kept. */
    String hash(String secret);

    /** Whether a secret has that hash. */
    boolean matches(String secret, String hash);
}
