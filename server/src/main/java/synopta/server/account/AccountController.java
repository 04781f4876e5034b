package synopta.server.account;

import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.account.Account;
import synopta.core.account.AccountService;
import synopta.core.account.Role;
import synopta.server.web.ApiException;

/** The accounts, for managers and the command line. */
@RestController
@RequestMapping(path = "/api/accounts", produces = MediaType.APPLICATION_JSON_VALUE)
class AccountController {
    private final AccountService accounts;

    AccountController(AccountService accounts) {
        this.accounts = accounts;
    }

    @GetMapping
    List<SessionWire.AccountWire> all() {
        return accounts.all().stream().map(SessionWire.AccountWire::of).toList();
    }

    /** The table of rights. */
    @GetMapping("/rights")
    List<SessionWire.RightWire> rights() {
        return Arrays.stream(Right.values()).map(SessionWire.RightWire::of).toList();
    }

    /** Opens an account; its password is chosen with the code, which holds for a day. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SessionWire.CodeAnswer open(@Valid @RequestBody SessionWire.OpenRequest asked) {
        return SessionWire.CodeAnswer.of(asked.name().strip(), accounts.open(asked.name(), Role.of(asked.role())));
    }

    @PatchMapping("/{name}")
    SessionWire.AccountWire change(@PathVariable String name, @Valid @RequestBody SessionWire.AccountChange asked) {
        Account changed = accounts.change(
                known(name), Optional.ofNullable(asked.role()).map(Role::of).orElse(null), asked.active());
        return SessionWire.AccountWire.of(changed);
    }

    /** Takes the password away; another is chosen with the code. */
    @PostMapping("/{name}/reset")
    SessionWire.CodeAnswer reset(@PathVariable String name) {
        return SessionWire.CodeAnswer.of(known(name), accounts.reset(name));
    }

    private String known(String name) {
        return accounts.find(name)
                .map(Account::name)
                .orElseThrow(
                        () -> ApiException.missing("There is no account %s. See GET /api/accounts.".formatted(name)));
    }
}
