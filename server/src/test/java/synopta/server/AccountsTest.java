package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;
import synopta.core.account.Role;
import tools.jackson.databind.JsonNode;

/** Accounts over HTTP: passwords, terminals, codes, PINs, and what somebody tries who has none. */
public class AccountsTest extends ServedTest {
    private static Terminal counter() {
        Terminal terminal = new Terminal();
        assertEquals(terminal.signIn("counter", "counter-demo").status(), 200);
        return terminal;
    }

    /** The code of an account that a manager has just opened. */
    private static String opened(String name, Role role) {
        Answer made = post("/api/accounts", "{\"name\":\"%s\",\"role\":\"%s\"}".formatted(name, role.slug()));
        assertEquals(made.status(), 201, made.body().toString());
        return made.text("/code");
    }

    private static Terminal withPassword(String name, Role role) {
        Terminal terminal = new Terminal();
        assertEquals(chosen(terminal, name, opened(name, role), "by-hand-1").status(), 200);
        return terminal;
    }

    private static Answer chosen(Terminal terminal, String name, String code, String password) {
        return terminal.send(
                "POST",
                "/api/session/code",
                "{\"name\":\"%s\",\"code\":\"%s\",\"password\":\"%s\"}".formatted(name, code, password));
    }

    @Test
    public void aTerminalIsSignedInByACookieThatNoScriptReadsAndNoSiteSends() {
        Terminal terminal = new Terminal();
        Answer before = terminal.send("GET", "/api/session", "");
        assertEquals(before.text("/name"), "");
        assertEquals(each(before.body().get("demo"), "name"), List.of("viewer", "counter", "manager"));
        Answer in = terminal.signIn("Counter", "counter-demo");
        assertEquals(in.text("/name"), "counter", "upper and lower case are one");
        String cookie = in.whole().headers().allValues("Set-Cookie").stream()
                .filter(set -> set.startsWith("synopta-session"))
                .findFirst()
                .orElseThrow();
        assertTrue(cookie.contains("HttpOnly") && cookie.contains("SameSite=Strict"), cookie);
        assertEquals(terminal.send("GET", "/api/cases", "").status(), 200);
    }

    @Test
    public void whatAPageChangesNeedsTheTokenOfThePage() {
        Terminal terminal = counter();
        assertEquals(
                terminal.send("POST", "/api/cases", "{\"line\":\"x\"}", false).status(), 403);
        assertEquals(
                terminal.send("POST", "/api/cases", "{\"line\":\"x\"}", true).status(), 201);
    }

    @Test
    public void aTokenIsNewAtEverySignInAndVoidAfterSigningOut() {
        Terminal terminal = new Terminal();
        terminal.cookies.put("synopta-session", "chosen-by-somebody-else");
        terminal.signIn("counter", "counter-demo");
        String first = terminal.token();
        assertNotEquals(first, "chosen-by-somebody-else");
        terminal.signIn("counter", "counter-demo");
        assertNotEquals(terminal.token(), first);
        Terminal thief = new Terminal();
        thief.cookies.put("synopta-session", first);
        assertEquals(thief.send("GET", "/api/cases", "").status(), 401, "the last token is void");
        thief.cookies.put("synopta-session", terminal.token());
        assertEquals(thief.send("GET", "/api/cases", "").status(), 200);
        assertEquals(terminal.send("DELETE", "/api/session", "").status(), 204);
        assertEquals(thief.send("GET", "/api/cases", "").status(), 401, "a stolen token ends with signing out");
    }

    /** What hands a terminal to an account that has this PIN. */
    private static final String HAND = "{\"name\":\"%s\",\"pin\":\"%s\"}";

    /** An account with a PIN. */
    private static void withPin(String name, String pin) {
        Terminal terminal = withPassword(name, Role.COUNTER);
        String choose = "{\"password\":\"%s\",\"pin\":\"%s\"}";
        assertEquals(
                terminal.send("POST", "/api/session/pin", choose.formatted("by-hand-1", "28x"))
                        .status(),
                422);
        assertEquals(
                terminal.send("POST", "/api/session/pin", choose.formatted("wrong", pin))
                        .status(),
                401);
        Answer chosen = terminal.send("POST", "/api/session/pin", choose.formatted("by-hand-1", pin));
        assertTrue(chosen.body().get("hasPin").asBoolean());
    }

    @Test
    public void aSharedTerminalIsHandedOnByPinAndWhoServedIsWhoIsSignedIn() {
        withPin("Bettina Krull", "2846");
        Terminal shared = counter();
        assertEquals(
                shared.send("POST", "/api/session/switch", HAND.formatted("bettina krull", "0000"))
                        .status(),
                401);
        Answer handed = shared.send("POST", "/api/session/switch", HAND.formatted("bettina krull", "2846"));
        assertEquals(handed.text("/name"), "Bettina Krull");
        Answer kept = shared.send("POST", "/api/cases", "{\"line\":\"th7820w thumps\"}");
        assertEquals(kept.text("/specialist"), "Bettina Krull");
        Answer stranger = new Terminal().send("POST", "/api/session/switch", HAND.formatted("bettina krull", "2846"));
        assertEquals(stranger.status(), 401, "a PIN is nothing where nobody is signed in");
    }

    @Test
    public void aLockedTerminalIsNobodysUntilAPinIsGivenAndStillSaysWhose() {
        withPin("Lovis", "9317");
        Terminal shared = counter();
        shared.send("POST", "/api/session/switch", HAND.formatted("Lovis", "9317"));
        assertTrue(shared.send("POST", "/api/session/lock", "")
                .body()
                .get("locked")
                .asBoolean());
        assertEquals(shared.send("GET", "/api/cases", "").status(), 401);
        assertEquals(shared.send("GET", "/api/session", "").text("/name"), "Lovis");
        shared.send("POST", "/api/session/switch", HAND.formatted("Lovis", "9317"));
        assertEquals(shared.send("GET", "/api/cases", "").status(), 200);
    }

    @Test
    public void aCodeWorksOnceAndAResetSignsOutEverywhere() {
        String code = opened("Ansgar", Role.VIEWER);
        assertEquals(
                post("/api/accounts", "{\"name\":\"ANSGAR\",\"role\":\"viewer\"}")
                        .status(),
                422);
        Terminal terminal = new Terminal();
        assertEquals(chosen(terminal, "Ansgar", code, "short").status(), 422);
        assertEquals(chosen(terminal, "Ansgar", "AAAA-AAAA", "long-enough").status(), 401);
        assertEquals(
                chosen(terminal, "Ansgar", code.toLowerCase().replace("-", ""), "long-enough")
                        .status(),
                200);
        assertEquals(chosen(new Terminal(), "Ansgar", code, "another-one").status(), 401, "it worked once");
        assertEquals(terminal.send("GET", "/api/settings", "").status(), 200);
        String again = post("/api/accounts/Ansgar/reset", "").text("/code");
        assertEquals(terminal.send("GET", "/api/settings", "").status(), 401);
        assertEquals(new Terminal().signIn("Ansgar", "long-enough").status(), 401);
        assertEquals(chosen(terminal, "Ansgar", again, "yet-another").status(), 200);
        send("PATCH", "/api/accounts/Ansgar", "{\"active\":false}");
        assertEquals(terminal.send("GET", "/api/settings", "").status(), 401, "a closed account is out at once");
        assertEquals(new Terminal().signIn("Ansgar", "yet-another").status(), 401);
    }

    @Test
    public void oneManagerAlwaysStays() {
        Answer refused = send("PATCH", "/api/accounts/manager", "{\"role\":\"counter\"}");
        assertEquals(refused.status(), 422);
        assertTrue(
                refused.text("/detail").contains("only manager"), refused.body().toString());
        assertFalse(refused.whole().body().contains("bcrypt"));
        assertFalse(get("/api/accounts").whole().body().contains("bcrypt"), "no secret leaves the server");
    }

    @Test
    public void twoHundredWrongPasswordsAreSlowedAndKeepTheOwnerOutOfNothing() throws IOException {
        withPassword("Hedda", Role.COUNTER);
        int wrong = 0;
        String last = "";
        for (int i = 0; i < 200; i++) {
            last = fromElsewhere("Hedda", "guess-" + i);
            wrong += last.startsWith("HTTP/1.1 401") ? 1 : 0;
        }
        assertTrue(wrong <= 10, wrong + " were looked at");
        assertTrue(last.startsWith("HTTP/1.1 429") && last.contains("Retry-After: "), last);
        assertEquals(new Terminal().signIn("Hedda", "by-hand-1").status(), 200, "at her own address");
    }

    /** Tries a password from another address of this machine. */
    private static String fromElsewhere(String name, String password) throws IOException {
        String head = "GET /api/settings HTTP/1.1\r\nHost: %s\r\nAuthorization: %s\r\nConnection: close\r\n\r\n"
                .formatted(address().getAuthority(), basic(name, password));
        try (Socket socket = new Socket(
                InetAddress.getByName(address().getHost()),
                address().getPort(),
                InetAddress.getByName("127.0.0.2"),
                0)) {
            socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
            InputStream answer = socket.getInputStream();
            return new String(answer.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    public void theCommandLineOpensAccountsWhileServingAndWithout() throws Exception {
        Path folder = Files.createTempDirectory("accounts");
        for (Path data : List.of(data(), folder)) {
            assertTrue(did(data, "add", "Nele", "manager").contains("with the code"));
            assertTrue(did(data, "add", "nele", "manager").contains("is taken"));
            assertTrue(did(data, "list").contains("Nele"));
            assertTrue(did(data, "code", "nobody").contains("There is no account nobody"));
        }
        Matcher code = Pattern.compile("code ([A-Z0-9-]+);").matcher(did(data(), "code", "Nele"));
        assertTrue(code.find());
        assertEquals(chosen(new Terminal(), "Nele", code.group(1), "nele-nele").status(), 200);
        assertTrue(did(data(), "close", "Nele").contains("may not sign in"));
        assertEquals(
                send("GET", "/api/settings", "", "Authorization", basic("Nele", "nele-nele"))
                        .status(),
                401);
    }

    private static String did(Path data, String... words) throws Exception {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        new AccountCommands(data, new PrintStream(said)).did(List.of(words));
        return said.toString(StandardCharsets.UTF_8);
    }

    @Test
    public void setupIsOverOnceSomebodyHasAnAccount() {
        Answer late = new Terminal()
                .send("POST", "/api/setup", "{\"name\":\"Eve\",\"code\":\"AAAA\",\"password\":\"by-hand-1\"}");
        assertEquals(late.status(), 401);
        JsonNode health = new Terminal().send("GET", "/api/health", "").body();
        assertEquals(health.get("status").asString(), "up");
    }
}
