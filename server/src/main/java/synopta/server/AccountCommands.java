package synopta.server;

import java.io.IOException;
import java.io.PrintStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.web.util.UriUtils;
import synopta.core.account.Account;
import synopta.core.account.AccountService;
import synopta.core.account.Role;
import synopta.core.account.TrailService;
import synopta.server.account.HashedSecrets;
import synopta.server.web.ServerLock;
import synopta.store.Backup;
import synopta.store.Store;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Accounts from the command line, whether the data folder is served or not. */
final class AccountCommands {
    private static final String PATH = "/api/accounts";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Path data;
    private final PrintStream out;

    /** Works on the accounts of a data folder, and says what came of it. */
    AccountCommands(Path data, PrintStream out) {
        this.data = data;
        this.out = out;
    }

    /** `list`, `add NAME ROLE`, `code NAME` or `close NAME`; whether it was done. */
    boolean did(List<String> words) throws IOException, InterruptedException {
        if (!Backup.isKeptIn(data) && !words.get(0).equals("add")) {
            out.printf("There is no data in %s. Name the folder that Synopta serves.%n", data);
            return false;
        }
        try {
            Optional<ServerLock.Address> served = ServerLock.of(data);
            Optional<Boolean> answered = served.isPresent() ? served(served.get(), words) : Optional.empty();
            return answered.isPresent() ? answered.get() : alone(words);
        } catch (IllegalArgumentException | Store.Unusable e) {
            out.println(e.getMessage());
            return false;
        }
    }

    /** Checks the trail; whether every entry is as it was written. */
    boolean verified() throws IOException, InterruptedException {
        if (!Backup.isKeptIn(data)) {
            out.printf("There is no data in %s. Name the folder that Synopta serves.%n", data);
            return false;
        }
        Optional<ServerLock.Address> served = ServerLock.of(data);
        Optional<HttpResponse<String>> answer = served.isEmpty()
                ? Optional.empty()
                : served.get().ask("GET", "/api/trail/check", "", HttpResponse.BodyHandlers.ofString());
        if (answer.isPresent()) {
            JsonNode check = JSON.readTree(answer.get().body());
            return said(new TrailService.Check(
                    check.path("entries").asLong(),
                    Optional.of(check.path("broken")).filter(JsonNode::isNumber).map(JsonNode::asLong),
                    check.path("last").asString()));
        }
        try (Store store = Store.inFolder(data)) {
            return said(new TrailService(store.trail(), new HashedSecrets(), Clock.systemUTC()).check());
        }
    }

    private boolean said(TrailService.Check check) {
        check.broken()
                .ifPresentOrElse(
                        number -> out.printf(
                                "The trail is broken: entry %d is not as it was written, or one before it is missing.%n",
                                number),
                        () -> out.printf(
                                "The trail is whole: %d entries, the last with the hash %s%n"
                                        + "Keep that hash elsewhere: entries cut off at the end show only against it.%n",
                                check.entries(), check.last()));
        return check.broken().isEmpty();
    }

    private boolean alone(List<String> words) {
        try (Store store = Store.inFolder(data)) {
            AccountService accounts =
                    new AccountService(store.accounts(), store.accounts(), new HashedSecrets(), Clock.systemUTC());
            switch (words.get(0)) {
                case "add" ->
                    given(
                            words.get(1),
                            accounts.open(words.get(1), Role.of(words.get(2))).code());
                case "code" -> given(words.get(1), accounts.reset(words.get(1)).code());
                case "close" ->
                    closed(accounts.change(words.get(1), null, false).name());
                default -> accounts.all().forEach(this::listed);
            }
            return true;
        }
    }

    private void listed(Account account) {
        listed(account.name(), account.role().slug(), account.isActive());
    }

    private void listed(String name, String role, boolean isActive) {
        out.printf("%-40s %-8s %s%n", name, role, isActive ? "" : "closed");
    }

    private void given(String name, String code) {
        out.printf(
                "%s chooses a password at the sign-in page with the code %s; it works once, for a day.%n", name, code);
    }

    private void closed(String name) {
        out.printf("%s may not sign in any more.%n", name);
    }

    /** Asks the server that has the folder open; empty where none answers. */
    private Optional<Boolean> served(ServerLock.Address server, List<String> words)
            throws IOException, InterruptedException {
        String one =
                PATH + "/" + UriUtils.encodePathSegment(words.get(words.size() > 1 ? 1 : 0), StandardCharsets.UTF_8);
        HttpResponse.BodyHandler<String> text = HttpResponse.BodyHandlers.ofString();
        Optional<HttpResponse<String>> answer = switch (words.get(0)) {
            case "add" ->
                server.ask(
                        "POST",
                        PATH,
                        JSON.writeValueAsString(Map.of("name", words.get(1), "role", words.get(2))),
                        text);
            case "code" -> server.ask("POST", one + "/reset", "", text);
            case "close" -> server.ask("PATCH", one, "{\"active\":false}", text);
            default -> server.ask("GET", PATH, "", text);
        };
        return answer.map(got -> said(words, got.statusCode(), JSON.readTree(got.body())));
    }

    private boolean said(List<String> words, int status, JsonNode body) {
        if (status >= 300) {
            out.println(body.path("detail").asString());
            return false;
        }
        switch (words.get(0)) {
            case "add", "code" ->
                given(body.path("name").asString(), body.path("code").asString());
            case "close" -> closed(body.path("name").asString());
            default ->
                Stream.of(body)
                        .flatMap(all -> all.valueStream())
                        .forEach(account -> listed(
                                account.path("name").asString(),
                                account.path("role").asString(),
                                account.path("active").asBoolean()));
        }
        return true;
    }
}
