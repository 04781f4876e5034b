package synopta.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.stereotype.Component;
import synopta.server.web.ProblemHandler;

/** What is said to those who have no account, or whose role may not. */
@Component
class Refusals implements AuthenticationEntryPoint, AccessDeniedHandler {
    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException refused)
            throws IOException {
        if (refused instanceof SignInThrottle.TooMany tooMany) {
            response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(tooMany.seconds()));
            ProblemHandler.write(response, HttpStatus.TOO_MANY_REQUESTS, tooMany.getMessage());
            return;
        }
        // A browser would ask for the password in a window of its own; our page asks.
        if (request.getHeader("Sec-Fetch-Site") == null) {
            response.setHeader(HttpHeaders.WWW_AUTHENTICATE, "Basic realm=\"Synopta\", charset=\"UTF-8\"");
        }
        ProblemHandler.write(
                response,
                HttpStatus.UNAUTHORIZED,
                refused instanceof BadCredentialsException
                        ? refused.getMessage()
                        : "Sign in first; what was entered is kept.");
    }

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException refused)
            throws IOException {
        ProblemHandler.write(
                response,
                HttpStatus.FORBIDDEN,
                refused instanceof CsrfException
                        ? "This page is out of date. Reload it and try again."
                        : "Your role may not do this. Ask a manager; Settings shows what each role may do.");
    }
}
