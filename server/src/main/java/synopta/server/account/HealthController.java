package synopta.server.account;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.account.AccountService;

/** Whether the server can do its work, for whoever watches it. */
@RestController
class HealthController {
    private final AccountService accounts;

    HealthController(AccountService accounts) {
        this.accounts = accounts;
    }

    /** Up: it answers, and so does the database. */
    @GetMapping(path = "/api/health", produces = MediaType.APPLICATION_JSON_VALUE)
    HealthAnswer health() {
        accounts.isEmpty();
        return new HealthAnswer("up");
    }

    record HealthAnswer(String status) {}
}
