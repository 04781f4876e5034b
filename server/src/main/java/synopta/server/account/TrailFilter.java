package synopta.server.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.core.annotation.Order;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import synopta.core.account.TrailEntry;
import synopta.core.account.TrailService;
import synopta.server.web.Deed;

/** Notes in the trail what was done under a right that is recorded, once it was answered; what was refused was not done. */
@Component
@Order
class TrailFilter extends OncePerRequestFilter {
    private static final int FIRST_REFUSAL = 400;
    private static final int LONGEST = 400;

    private final TrailService trail;

    TrailFilter(TrailService trail) {
        this.trail = trail;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(request, response);
        if (response.getStatus() < FIRST_REFUSAL) {
            Optional<String> action = Deed.what(request)
                    .or(() -> Right.of(request)
                            .filter(right -> right.isRecorded(request))
                            .map(Right::words));
            action.ifPresent(words -> trail.note(new TrailEntry.Deed(
                    Deed.who(request).orElseGet(TrailFilter::signedIn),
                    request.getRemoteAddr(),
                    cut(words),
                    // Without what is searched for, which may be the name of a customer.
                    cut(request.getMethod() + " " + request.getRequestURI()))));
        }
    }

    private static String signedIn() {
        return Optional.ofNullable(SecurityContextHolder.getContext().getAuthentication())
                .map(Authentication::getName)
                .orElse("nobody");
    }

    private static String cut(String text) {
        return text.substring(0, Math.min(LONGEST, text.length()));
    }
}
