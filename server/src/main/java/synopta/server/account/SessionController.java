package synopta.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.account.Account;
import synopta.core.account.AccountService;
import synopta.core.account.SessionService;
import synopta.core.account.SignedIn;
import synopta.server.web.Deed;

/** Signing in and out at a terminal, and handing it on. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class SessionController {
    private static final String WRONG = "That is not right. Check it and try again.";

    private final AccountService accounts;
    private final SessionService sessions;
    private final PasswordCheck passwords;
    private final SignInThrottle throttle;
    private final Terminal terminal;
    private final FirstAccount first;
    private final Refusals refusals;

    SessionController(
            AccountService accounts,
            SessionService sessions,
            PasswordCheck passwords,
            SignInThrottle throttle,
            Terminal terminal,
            FirstAccount first,
            Refusals refusals) {
        this.accounts = accounts;
        this.sessions = sessions;
        this.passwords = passwords;
        this.throttle = throttle;
        this.terminal = terminal;
        this.first = first;
        this.refusals = refusals;
    }

    /** Who is signed in, and what a page to sign in needs to know. */
    @GetMapping("/session")
    SessionWire.SessionAnswer session(HttpServletRequest request, Authentication who) {
        if (who != null && who.getPrincipal() instanceof Person person) {
            return answer(Optional.of(person.account()), false);
        }
        Optional<SignedIn> locked = terminal.signedIn(request);
        return answer(locked.map(SignedIn::account), locked.isPresent());
    }

    private SessionWire.SessionAnswer answer(Optional<Account> who, boolean locked) {
        return SessionWire.SessionAnswer.of(
                who,
                locked,
                first,
                who.isEmpty() ? List.of() : accounts.all(),
                sessions.lockedAfter().toMinutes());
    }

    /** Signs in with a password: the terminal gets a new token, and its last one is void. */
    @PostMapping("/session")
    SessionWire.SessionAnswer signIn(
            @Valid @RequestBody SessionWire.SignInRequest asked,
            HttpServletRequest request,
            HttpServletResponse response) {
        return opened(passwords.account(asked.name(), asked.password(), request.getRemoteAddr()), request, response);
    }

    private SessionWire.SessionAnswer opened(
            Account account, HttpServletRequest request, HttpServletResponse response) {
        Terminal.token(request).ifPresent(sessions::close);
        Deed.was("Sign in", account.name());
        Terminal.give(sessions.open(account, request.getRemoteAddr()), request, response);
        return answer(Optional.of(account), false);
    }

    /** Hands a terminal on which somebody is signed in to a person with a PIN, or unlocks it. */
    @PostMapping("/session/switch")
    SessionWire.SessionAnswer hand(@Valid @RequestBody SessionWire.SwitchRequest asked, HttpServletRequest request) {
        String token = Terminal.token(request)
                .filter(held -> terminal.signedIn(request).isPresent())
                .orElseThrow(() -> new BadCredentialsException("Nobody is signed in here."));
        Account next = slowly(asked.name(), request, () -> sessions.hand(token, asked.name(), asked.pin()));
        Deed.was("Take over the terminal by PIN", next.name());
        return answer(Optional.of(next), false);
    }

    /** Locks the terminal; the call on it stays. */
    @PostMapping("/session/lock")
    SessionWire.SessionAnswer lock(HttpServletRequest request) {
        Terminal.token(request).ifPresent(sessions::lock);
        return session(request, null);
    }

    @DeleteMapping("/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request, HttpServletResponse response) {
        terminal.signedIn(request)
                .ifPresent(found -> Deed.was("Sign out", found.account().name()));
        Terminal.token(request).ifPresent(sessions::close);
        Terminal.give("", request, response);
    }

    /** Chooses a password with a code from a manager or the command line, and signs in. */
    @PostMapping("/session/code")
    SessionWire.SessionAnswer redeem(
            @Valid @RequestBody SessionWire.CodeRequest asked,
            HttpServletRequest request,
            HttpServletResponse response) {
        Account account =
                slowly(asked.name(), request, () -> accounts.redeem(asked.name(), asked.code(), asked.password()));
        return opened(account, request, response);
    }

    /** Opens the first account of a house, a manager's, with the code that the start printed, and signs in. */
    @PostMapping("/setup")
    SessionWire.SessionAnswer setUp(
            @Valid @RequestBody SessionWire.CodeRequest asked,
            HttpServletRequest request,
            HttpServletResponse response) {
        Account account = slowly("setup", request, () -> first.open(asked.code(), asked.name(), asked.password()));
        return opened(account, request, response);
    }

    /** Chooses another password; every other terminal is signed out. */
    @PostMapping("/session/password")
    SessionWire.SessionAnswer password(
            @Valid @RequestBody SessionWire.PasswordRequest asked,
            Authentication who,
            HttpServletRequest request,
            HttpServletResponse response) {
        Account account = slowly(
                who.getName(),
                request,
                () -> accounts.choosePassword(who.getName(), asked.present(), asked.password()));
        return opened(account, request, response);
    }

    /** Chooses a PIN for switching. */
    @PostMapping("/session/pin")
    SessionWire.SessionAnswer pin(
            @Valid @RequestBody SessionWire.PinRequest asked, Authentication who, HttpServletRequest request) {
        return answer(
                Optional.of(slowly(
                        who.getName(),
                        request,
                        () -> accounts.choosePin(who.getName(), asked.password(), asked.pin()))),
                false);
    }

    @ExceptionHandler
    void refused(AuthenticationException refused, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        refusals.commence(request, response, refused);
    }

    /** Tries a secret, as often as may be. */
    private Account slowly(String name, HttpServletRequest request, Supplier<Optional<Account>> tried) {
        return throttle.tried(name, request.getRemoteAddr(), tried, WRONG);
    }
}
