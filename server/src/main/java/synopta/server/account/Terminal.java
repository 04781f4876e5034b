package synopta.server.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;
import org.springframework.web.util.WebUtils;
import synopta.core.account.SessionService;
import synopta.core.account.SignedIn;
import synopta.server.web.ServerLock;

/**
 * Who asks, by the cookie of the terminal, which no script can read and no other site can send; or by the key of the data
 * folder, which the commands of the script read. A terminal that is locked is nobody's.
 */
@Component
class Terminal implements SecurityContextRepository {
    static final String COOKIE = "synopta-session";

    private final SessionService sessions;
    private final ServerLock serving;

    Terminal(SessionService sessions, ServerLock serving) {
        this.sessions = sessions;
        this.serving = serving;
    }

    /** The token that the terminal sent, if any. */
    static Optional<String> token(HttpServletRequest request) {
        return Optional.ofNullable(WebUtils.getCookie(request, COOKIE)).map(Cookie::getValue);
    }

    /** Who is signed in at the terminal, locked or not. */
    Optional<SignedIn> signedIn(HttpServletRequest request) {
        return token(request).flatMap(sessions::find);
    }

    private Optional<Person> person(HttpServletRequest request) {
        return serving.knows(request.getHeader(ServerLock.HEADER))
                ? Optional.of(Person.COMMAND_LINE)
                : signedIn(request).filter(found -> !found.isLocked()).map(found -> new Person(found.account()));
    }

    /** Gives the terminal its token, or with an empty one takes it away. */
    static void give(String token, HttpServletRequest request, HttpServletResponse response) {
        ResponseCookie.ResponseCookieBuilder cookie = ResponseCookie.from(COOKIE, token)
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Strict")
                .path("/");
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                (token.isEmpty() ? cookie.maxAge(0) : cookie).build().toString());
    }

    @Override
    public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
        return new Loaded(request);
    }

    /** Deprecated by the library, and not yet taken out of what must be there. */
    @Override
    @Deprecated
    public SecurityContext loadContext(HttpRequestResponseHolder both) {
        return new Loaded(both.getRequest()).get();
    }

    /** Signing in is written down where it is done. */
    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {}

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return person(request).isPresent();
    }

    /** Looked up when somebody wants to know, and once. */
    private final class Loaded implements DeferredSecurityContext {
        private final HttpServletRequest request;
        private SecurityContext context;

        Loaded(HttpServletRequest request) {
            this.request = request;
        }

        @Override
        public SecurityContext get() {
            if (context == null) {
                context = new SecurityContextImpl();
                person(request).map(Person::authentication).ifPresent(context::setAuthentication);
            }
            return context;
        }

        @Override
        public boolean isGenerated() {
            return get().getAuthentication() == null;
        }
    }
}
