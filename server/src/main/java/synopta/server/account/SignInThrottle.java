package synopta.server.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.EstimationProbe;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.stereotype.Component;
import synopta.core.account.Account;

/**
 * How fast passwords, PINs and codes may be tried (token buckets): of one account from one address, from one address, and
 * of one account from addresses at which it was not signed in before. A stranger who uses the last up keeps nobody out who
 * was signed in at their terminal before, and it fills again by itself.
 */
@Component
class SignInThrottle {
    private static final int MOST_KEPT = 20_000;
    private static final Duration KEPT = Duration.ofHours(12);

    /** So many tries at once, and one more after each of these times. */
    private record Pace(int tries, Duration each) {
        Bucket bucket() {
            return Bucket.builder()
                    .addLimit(limit -> limit.capacity(tries).refillGreedy(1, each))
                    .build();
        }
    }

    private static final Pace OF_ACCOUNT_AT_ADDRESS = new Pace(5, Duration.ofSeconds(30));
    private static final Pace AT_ADDRESS = new Pace(60, Duration.ofSeconds(5));
    private static final Pace OF_ACCOUNT = new Pace(20, Duration.ofSeconds(15));

    private final Cache<String, Bucket> buckets =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).expireAfterAccess(KEPT).build();
    private final Cache<String, Boolean> known =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

    /** Too many were wrong; the next may be tried after a while. */
    static final class TooMany extends AuthenticationException {
        private static final long serialVersionUID = 1L;

        private final Duration wait;

        TooMany(Duration wait) {
            super("Too many wrong tries. Wait %d seconds, then try again.".formatted(wait.toSeconds()));
            this.wait = wait;
        }

        long seconds() {
            return wait.toSeconds();
        }
    }

    /**
     * Tries a secret. The try is counted before it is made, so that many at once do not get by, and given back when it was
     * right.
     *
     * @param check the account whose secret it is, or nothing
     * @param wrong what is said then
     * @throws TooMany when it may not be tried yet
     * @throws BadCredentialsException when it is not right
     */
    Account tried(String name, String address, Supplier<Optional<Account>> check, String wrong) {
        count(name, address);
        Account account = check.get().orElseThrow(() -> new BadCredentialsException(wrong));
        // This address is no stranger's any more.
        of(name, address).forEach(bucket -> bucket.addTokens(1));
        known.put(Account.key(name) + "\n" + address, true);
        return account;
    }

    private void count(String name, String address) {
        for (Bucket bucket : of(name, address)) {
            EstimationProbe probe = bucket.estimateAbilityToConsume(1);
            if (!probe.canBeConsumed() || !bucket.tryConsume(1)) {
                throw new TooMany(
                        Duration.ofNanos(probe.getNanosToWaitForRefill()).plusSeconds(1));
            }
        }
    }

    private List<Bucket> of(String name, String address) {
        String key = Account.key(name);
        String pair = key + "\n" + address;
        List<Bucket> counted = new ArrayList<>();
        counted.add(bucket(pair, OF_ACCOUNT_AT_ADDRESS));
        counted.add(bucket("\n" + address, AT_ADDRESS));
        if (known.getIfPresent(pair) == null) {
            counted.add(bucket(key, OF_ACCOUNT));
        }
        return counted;
    }

    private Bucket bucket(String key, Pace pace) {
        Function<String, Bucket> made = ignored -> pace.bucket();
        return buckets.get(key, made);
    }
}
