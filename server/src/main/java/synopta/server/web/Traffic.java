package synopta.server.web;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * How much is worked on at once. No address holds so many threads that none is left for others, none asks more often
 * than a busy shop does, and work that takes seconds takes turns, so that callers do not wait behind it. The figures
 * are our judgment, for a shop of fifty counters behind one address.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
final class Traffic extends OncePerRequestFilter {
    private static final int MOST_OF_ADDRESS = 150;
    private static final int AT_ONCE = 6_000;
    private static final int A_SECOND = 600;
    private static final int MOST_ADDRESSES = 20_000;
    private static final int HEAVY_AT_ONCE = 2;
    private static final int HEAVY_WAITING = 20;
    private static final int PATIENCE_SECONDS = 20;
    /** Files in and out, pictures, printed pages, backups, and what is worked out over all cases. */
    private static final Pattern HEAVY = Pattern.compile(
            "/api/(catalogue/(imports|demo)|returns/picture|backups?|case-exports/.*|accuracy.*|updates.*|trail/.*)|/api/.*\\.(pdf|csv|xlsx)");

    private final ConcurrentMap<String, Integer> present = new ConcurrentHashMap<>();
    private final Cache<String, Bucket> paces = Caffeine.newBuilder()
            .maximumSize(MOST_ADDRESSES)
            .expireAfterAccess(Duration.ofMinutes(10))
            .build();
    private final Semaphore heavy = new Semaphore(HEAVY_AT_ONCE, true);
    private final Semaphore waiting = new Semaphore(HEAVY_AT_ONCE + HEAVY_WAITING);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String address = request.getRemoteAddr();
        ConsumptionProbe pace = paces.get(address, ignored -> bucket()).tryConsumeAndReturnRemaining(1);
        if (!pace.isConsumed()) {
            long seconds = Duration.ofNanos(pace.getNanosToWaitForRefill()).toSeconds() + 1;
            refuse(response, HttpStatus.TOO_MANY_REQUESTS, seconds, "Too many requests from this address.");
            return;
        }
        try {
            if (present.merge(address, 1, Integer::sum) > MOST_OF_ADDRESS) {
                refuse(response, HttpStatus.SERVICE_UNAVAILABLE, 1, "Too many requests at once from this address.");
            } else if (HEAVY.matcher(request.getServletPath()).matches()) {
                inTurn(request, response, chain);
            } else {
                chain.doFilter(request, response);
            }
        } finally {
            present.computeIfPresent(address, (ignored, count) -> count == 1 ? null : count - 1);
        }
    }

    private static Bucket bucket() {
        return Bucket.builder()
                .addLimit(limit -> limit.capacity(AT_ONCE).refillGreedy(A_SECOND, Duration.ofSeconds(1)))
                .build();
    }

    private void inTurn(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!waiting.tryAcquire()) {
            busy(response);
            return;
        }
        try {
            if (!heavy.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                busy(response);
                return;
            }
            try {
                chain.doFilter(request, response);
            } finally {
                heavy.release();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            busy(response);
        } finally {
            waiting.release();
        }
    }

    private static void busy(HttpServletResponse response) throws IOException {
        refuse(response, HttpStatus.SERVICE_UNAVAILABLE, 5, "Imports, exports, printed pages and reports take turns.");
    }

    private static void refuse(HttpServletResponse response, HttpStatus status, long seconds, String why)
            throws IOException {
        response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(seconds));
        ProblemHandler.write(response, status, "%s Try again in %d s.".formatted(why, seconds));
    }
}
