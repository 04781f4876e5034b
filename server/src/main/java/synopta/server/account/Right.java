package synopta.server.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import synopta.core.account.Role;
import synopta.core.quantity.Slugged;
import synopta.server.web.Guard;

/** The table of rights: which roles may make which calls. A call that stands nowhere is nobody's but a manager's. */
public enum Right implements Slugged {
    SIGN_IN(
            "Sign in, switch and sign out",
            EnumSet.noneOf(Role.class),
            "* /api/session",
            "POST /api/session/switch",
            "POST /api/session/lock",
            "POST /api/session/code",
            "POST /api/setup",
            "GET /api/health"),
    OWN_ACCOUNT(
            "Change their own password and PIN",
            EnumSet.allOf(Role.class),
            "POST /api/session/password",
            "POST /api/session/pin"),
    LOOK_UP(
            "Look up models, parts, stock, tests and the fault guide; try a call without saving it",
            EnumSet.allOf(Role.class),
            "POST /api/counter",
            "POST /api/diagnosis",
            "POST /api/fit",
            "POST /api/basket",
            "POST /api/repair-or-replace",
            "POST /api/teardown",
            "POST /api/tag/read",
            "GET /api/tag/weights",
            "POST /api/serial/decode",
            "* /api/bench/*",
            "* /api/match",
            "GET /api/models/**",
            "GET /api/layouts/**",
            "GET /api/parts/**",
            "GET /api/branches",
            "GET /api/compatible",
            "GET /api/compatible.csv",
            "GET /api/codes",
            "GET /api/catalogue/**",
            "GET /api/knowledge/**",
            "POST /api/knowledge/*/try",
            "GET /api/sales",
            "GET /api/settings",
            "POST /api/settings/effect",
            "GET /api/supplier-feed",
            "GET /api/accounts/rights",
            "GET /v3/api-docs/**"),
    READ_CASES(
            "Read cases, quotes, reservations, outcomes and accuracy",
            EnumSet.allOf(Role.class),
            "GET /api/cases/**",
            "GET /api/quotes/**",
            "GET /api/reservations/**",
            "GET /api/follow-ups",
            "GET /api/returns",
            "POST /api/returns/picture",
            "GET /api/stock-movements",
            "GET /api/accuracy/**",
            "GET /api/updates/**"),
    WORK_CALLS(
            "Work calls: save and hand over cases, quote, reserve, report outcomes",
            EnumSet.of(Role.COUNTER, Role.MANAGER),
            "POST /api/cases",
            "PATCH /api/cases/*",
            "PUT /api/cases/*/outcome",
            "POST /api/quotes",
            "POST /api/reservations/**",
            "DELETE /api/reservations/*",
            "GET /api/case-exports/day.pdf"),
    EXPORT_CASES(
            "Export cases and stock movements as files",
            EnumSet.of(Role.MANAGER),
            "GET /api/case-exports/*",
            "GET /api/stock-movements.csv"),
    ERASE_CUSTOMERS("Erase customer data", EnumSet.of(Role.MANAGER), "DELETE /api/cases/*/customer"),
    CHANGE_SETTINGS("Change settings", EnumSet.of(Role.MANAGER), "PUT /api/settings", "PUT /api/supplier-feed"),
    CHANGE_CATALOG("Import a catalog", EnumSet.of(Role.MANAGER), "POST /api/catalogue/**"),
    CHANGE_KNOWLEDGE(
            "Accept, decline and take back suggested updates; add sayings",
            EnumSet.of(Role.MANAGER),
            "POST /api/updates/*",
            "POST /api/knowledge/*/sayings",
            "POST /api/knowledge/*/sayings/withdraw"),
    READ_TRAIL("Read the trail of who did what", EnumSet.of(Role.MANAGER), "GET /api/trail/**"),
    MANAGE_ACCOUNTS("Open, change and close accounts", EnumSet.of(Role.MANAGER), "* /api/accounts/**"),
    BACK_UP("Back up all data", EnumSet.of(Role.MANAGER), "GET /api/backups", "POST /api/backups", "POST /api/backup");

    private static final Set<Right> RECORDED = EnumSet.of(
            OWN_ACCOUNT, ERASE_CUSTOMERS, CHANGE_SETTINGS, CHANGE_CATALOG, CHANGE_KNOWLEDGE, MANAGE_ACCOUNTS, BACK_UP);

    private final String words;
    private final Set<Role> roles;
    private final List<Call> calls;

    /** @param calls method, or `*` for any, and the pattern of a path */
    Right(String words, Set<Role> roles, String... calls) {
        this.words = words;
        this.roles = roles;
        this.calls = Arrays.stream(calls).map(Call::of).toList();
    }

    /** A call of the table; a head is asked for as the whole is. */
    private record Call(String method, RequestMatcher path) {
        static Call of(String words) {
            String[] parts = words.split(" ");
            return new Call(parts[0], PathPatternRequestMatcher.pathPattern(parts[1]));
        }

        boolean isOf(HttpServletRequest request) {
            String asked = request.getMethod().equals("HEAD") ? "GET" : request.getMethod();
            return (method.equals("*") || method.equals(asked)) && path.matches(request);
        }
    }

    /** The right that a call needs: the first in which it stands. */
    static Optional<Right> of(HttpServletRequest request) {
        return Arrays.stream(values())
                .filter(right -> right.calls.stream().anyMatch(call -> call.isOf(request)))
                .findFirst();
    }

    /** Whether nobody needs an account for it. */
    boolean isOpen() {
        return roles.isEmpty();
    }

    /** Whether the trail keeps that it was used: what decides for the house or lets data out, not what only looks. */
    boolean isRecorded(HttpServletRequest request) {
        boolean isTry = "true".equals(request.getParameter("dryRun"));
        return this == EXPORT_CASES || RECORDED.contains(this) && !Guard.ASKING.contains(request.getMethod()) && !isTry;
    }

    boolean isOf(Role role) {
        return roles.contains(role);
    }

    /** The rights of a role. */
    static List<Right> of(Role role) {
        return Arrays.stream(values()).filter(right -> right.isOf(role)).toList();
    }

    /** What it is, for people. */
    String words() {
        return words;
    }

    Set<Role> roles() {
        return roles;
    }
}
