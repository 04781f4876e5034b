package synopta.server.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import java.util.stream.Collectors;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import synopta.core.account.Secrets;

/** Passwords by bcrypt (Provos and Mazières 1999), tokens of 256 bits by SHA-256: a digest is enough where nobody can guess. */
@Component
public class HashedSecrets implements Secrets {
    private static final int TOKEN_BYTES = 32;
    /** Without I, L, O, U, 0 and 1: 30 letters and digits, 16 of them hold 78 bits. */
    private static final String READABLE = "ABCDEFGHJKMNPQRSTVWXYZ23456789";

    private static final int GROUPS = 4;
    private static final int GROUP = 4;

    private final SecureRandom random = new SecureRandom();
    private final PasswordEncoder slow = PasswordEncoderFactories.createDelegatingPasswordEncoder();

    @Override
    public String token() {
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    @Override
    public String code() {
        return random.ints(GROUPS, 0, 1).mapToObj(group -> group()).collect(Collectors.joining("-"));
    }

    private String group() {
        return random.ints(GROUP, 0, READABLE.length())
                .mapToObj(at -> READABLE.substring(at, at + 1))
                .collect(Collectors.joining());
    }

    @Override
    public String digest(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }

    @Override
    public String hash(String secret) {
        return slow.encode(secret);
    }

    @Override
    public boolean matches(String secret, String hash) {
        return slow.matches(secret, hash);
    }
}
