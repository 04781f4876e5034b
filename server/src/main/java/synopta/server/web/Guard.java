package synopta.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import synopta.core.knowledge.SettingsRepository;

/**
 * What comes in at all: under a name that is ours (a name that somebody else's server gives out could be made to lead here:
 * DNS rebinding), not sent by a page of another origin (the Fetch standard's {@code Sec-Fetch-Site}, and {@code Origin} of
 * RFC 6454), in the form that is expected, and not larger than it may be. What goes out carries the headers that keep a page
 * to what ships with it.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public final class Guard extends OncePerRequestFilter {
    /** Methods that change nothing. */
    public static final Set<String> ASKING = Set.of("GET", "HEAD", "OPTIONS");

    private static final Limit ANY_CALL = new Limit(2, "Send less at once.");
    private static final Map<String, Limit> LIMITS = Map.of(
            "/api/catalogue/imports", new Limit(500, "Zip the CSV files, or import them in parts."),
            "/api/returns/picture", new Limit(15, "Use a smaller picture, or type the number."));

    /** Of every answer. */
    static final Map<String, String> HEADERS = Map.of(
            "Content-Security-Policy",
            "default-src 'self'; img-src 'self' data:; object-src 'none'; frame-ancestors 'none'; base-uri 'none';"
                    + " form-action 'self'",
            "X-Content-Type-Options",
            "nosniff",
            "Referrer-Policy",
            "no-referrer",
            "Cross-Origin-Opener-Policy",
            "same-origin",
            "Cross-Origin-Resource-Policy",
            "same-origin",
            "Permissions-Policy",
            "camera=(self), geolocation=(), microphone=(), payment=(), usb=()");

    /** So much may be brought, and what to do when it is more. */
    private record Limit(long megabytes, String remedy) {
        private static final long MEGABYTE = 1_000_000;

        long bytes() {
            return megabytes * MEGABYTE;
        }

        String exceeded() {
            return "The body is larger than %d MB. %s".formatted(megabytes, remedy);
        }
    }

    private final Set<String> names;
    private final SettingsRepository settings;

    /** The names under which the server may be asked, besides those of this machine. */
    Guard(@Value("${synopta.hosts}") Set<String> names, SettingsRepository settings) {
        this.names = names;
        this.settings = settings;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HEADERS.forEach(response::setHeader);
        if (request.getServletPath().startsWith("/api/")) {
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        }
        if (request.isSecure()) {
            response.setHeader("Strict-Transport-Security", "max-age=31536000");
        }
        Limit limit = LIMITS.getOrDefault(request.getServletPath(), ANY_CALL);
        Optional<Refusal> refusal = ofName(request)
                .or(() -> ofOrigin(request))
                .or(() -> ofType(request))
                .or(() -> ofLength(request, limit));
        if (refusal.isPresent()) {
            ProblemHandler.write(response, refusal.get().status, refusal.get().detail);
        } else {
            chain.doFilter(new CountedBody(request, limit.bytes(), limit.exceeded()), response);
        }
    }

    private record Refusal(HttpStatus status, String detail) {}

    private Optional<Refusal> ofName(HttpServletRequest request) {
        String name = request.getServerName().toLowerCase(Locale.ROOT);
        boolean isOurs = name.equals("localhost")
                || name.equals(request.getLocalAddr())
                || name.equals("[" + request.getLocalAddr() + "]")
                || names.contains(name)
                || settings.get().access().hosts().contains(name);
        return isOurs
                ? Optional.empty()
                : Optional.of(new Refusal(
                        HttpStatus.MISDIRECTED_REQUEST,
                        "This server is not known as %s. Use its address, or add the name in Settings under Access, or start it with --host %s."
                                .formatted(name, name)));
    }

    private static Optional<Refusal> ofOrigin(HttpServletRequest request) {
        if (ASKING.contains(request.getMethod())) {
            return Optional.empty();
        }
        String site = request.getHeader("Sec-Fetch-Site");
        boolean isOther = site != null && !Set.of("same-origin", "none").contains(site)
                || isOther(request.getHeader(HttpHeaders.ORIGIN), request.getHeader(HttpHeaders.HOST));
        return isOther
                ? Optional.of(new Refusal(
                        HttpStatus.FORBIDDEN,
                        "A page of another site may not change anything here. Open Synopta itself and do it there."))
                : Optional.empty();
    }

    private static boolean isOther(@Nullable String origin, @Nullable String host) {
        return origin != null && !origin.equals("http://" + host) && !origin.equals("https://" + host);
    }

    /** A form of another site can send a body without saying what it is; the types of each call are with the call. */
    private static Optional<Refusal> ofType(HttpServletRequest request) {
        boolean hasBody =
                request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
        return ASKING.contains(request.getMethod()) || !hasBody || request.getContentType() != null
                ? Optional.empty()
                : Optional.of(new Refusal(
                        HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                        "Say in Content-Type what the body is, such as application/json."));
    }

    private static Optional<Refusal> ofLength(HttpServletRequest request, Limit limit) {
        return request.getContentLengthLong() > limit.bytes()
                ? Optional.of(new Refusal(HttpStatus.CONTENT_TOO_LARGE, limit.exceeded()))
                : Optional.empty();
    }
}
