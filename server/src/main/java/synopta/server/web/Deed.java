package synopta.server.web;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** What a call adds to its entry in the trail, where its address does not say enough. */
public final class Deed {
    private static final String WHAT = Deed.class.getName();
    private static final String WHO = WHAT + ".who";

    private Deed() {}

    /** Says what was done, as in "handed over". */
    public static void was(String what) {
        RequestContextHolder.currentRequestAttributes().setAttribute(WHAT, what, RequestAttributes.SCOPE_REQUEST);
    }

    /** Says what was done, and who it was, where nobody was signed in before. */
    public static void was(String what, String who) {
        was(what);
        RequestContextHolder.currentRequestAttributes().setAttribute(WHO, who, RequestAttributes.SCOPE_REQUEST);
    }

    /** What was said to have been done. */
    public static Optional<String> what(HttpServletRequest request) {
        return Optional.ofNullable((String) request.getAttribute(WHAT));
    }

    /** Who was said to have done it. */
    public static Optional<String> who(HttpServletRequest request) {
        return Optional.ofNullable((String) request.getAttribute(WHO));
    }
}
