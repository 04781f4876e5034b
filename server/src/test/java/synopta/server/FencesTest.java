package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.SocketException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.account.Role;

/** What other pages, other names and endless senders would do to the house. */
public class FencesTest extends ServedTest {
    private static final String CASE = "{\"line\":\"from elsewhere\"}";
    private static final String CALL = "{\"line\":\"th7820w thumps\"}";

    /** Sends head and body as they are, and reads the beginning of the answer. */
    private static String raw(String head, String body) throws IOException {
        URI server = address();
        try (Socket socket = new Socket(server.getHost(), server.getPort())) {
            socket.getOutputStream().write((head + body).getBytes(StandardCharsets.UTF_8));
            return said(socket);
        }
    }

    private static String said(Socket socket) throws IOException {
        byte[] answer = new byte[8_000];
        int read = socket.getInputStream().read(answer);
        return new String(answer, 0, Math.max(0, read), StandardCharsets.UTF_8);
    }

    private static String head(String method, String path, String host, String more, String body) {
        return "%s %s HTTP/1.1\r\nHost: %s\r\nAuthorization: %s\r\n%sContent-Length: %d\r\nConnection: close\r\n\r\n"
                .formatted(method, path, host, as(Role.MANAGER), more, body.length());
    }

    @Test
    public void aNameOfTheServerThatIsInSettingsIsAnsweredAndAnotherIsNot() throws IOException {
        assertTrue(raw(head("GET", "/api/health", "parts.example", "", ""), "").startsWith("HTTP/1.1 421"));
        try {
            assertEquals(
                    send("PUT", "/api/settings", "{\"hosts\":[\"Parts.Example\"]}")
                            .status(),
                    200);
            assertTrue(
                    raw(head("GET", "/api/health", "parts.example", "", ""), "").startsWith("HTTP/1.1 200"));
            assertTrue(raw(head("GET", "/api/health", "parts.example.org", "", ""), "")
                    .startsWith("HTTP/1.1 421"));
            Answer refused = send("PUT", "/api/settings", "{\"hosts\":[\"http://parts.example\"]}");
            assertEquals(refused.status(), 422);
            assertTrue(refused.text("/detail").contains("without a port"));
        } finally {
            send("PUT", "/api/settings", "{\"hosts\":[]}");
        }
    }

    /** Headers that a browser sends with what another site's page asks for, and how that is answered. */
    @DataProvider
    Object[][] pages() {
        String json = "Content-Type: application/json\r\n";
        return new Object[][] {
            {json + "Origin: http://elsewhere.example\r\n", 403},
            {json + "Origin: null\r\n", 403},
            {json + "Sec-Fetch-Site: cross-site\r\n", 403},
            {json + "Sec-Fetch-Site: same-site\r\n", 403},
            {"Content-Type: text/plain\r\n", 415},
            {"", 415},
            {json + "Sec-Fetch-Site: same-origin\r\n", 201},
            {json, 201},
        };
    }

    @Test(dataProvider = "pages")
    public void aPageOfAnotherSiteChangesNothing(String headers, int status) throws IOException {
        String host = address().getAuthority();
        String answer = raw(head("POST", "/api/cases", host, headers, CASE), CASE);
        assertTrue(answer.startsWith("HTTP/1.1 %d".formatted(status)), headers + answer);
    }

    @Test
    public void anImportSaysWhatItIs() throws IOException {
        String imported = raw(head("POST", "/api/catalogue/imports", address().getAuthority(), "", "PK"), "PK");
        assertTrue(imported.startsWith("HTTP/1.1 415"), "an import that does not say what it is: " + imported);
    }

    @Test
    public void aNameThatIsNotOursIsNotAnswered() throws IOException {
        int port = address().getPort();
        String rebound = raw(head("GET", "/api/cases", "elsewhere.example:" + port, "", ""), "");
        assertTrue(rebound.startsWith("HTTP/1.1 421"), rebound);
        assertTrue(rebound.contains("--host elsewhere.example"), rebound);
        assertFalse(rebound.contains("\"line\""), rebound);
        for (String ours : new String[] {"localhost", "127.0.0.1"}) {
            String answer = raw(head("GET", "/api/settings", ours + ":" + port, "", ""), "");
            assertTrue(answer.startsWith("HTTP/1.1 200"), answer);
        }
    }

    @Test
    public void aBodyWithoutEndIsCountedWhileItComes() throws IOException {
        URI server = address();
        try (Socket socket = new Socket(server.getHost(), server.getPort())) {
            OutputStream out = socket.getOutputStream();
            out.write("POST /api/cases HTTP/1.1\r\nHost: %s\r\nAuthorization: %s\r\nContent-Type: application/json\r\n"
                    .formatted(server.getAuthority(), as(Role.MANAGER))
                    .concat("Transfer-Encoding: chunked\r\n\r\na\r\n{\"line\":\"x\r\n")
                    .getBytes(StandardCharsets.US_ASCII));
            byte[] chunk = ("10000\r\n" + "x".repeat(0x10000) + "\r\n").getBytes(StandardCharsets.US_ASCII);
            long sent = sent(out, chunk, 600);
            assertTrue(sent < 600, "the server read all of it");
            assertTrue(said(socket).startsWith("HTTP/1.1 413"));
        }
        assertEquals(get("/api/settings").status(), 200);
    }

    @Test
    public void aHundredWhoSendTheirBodySlowlyHoldNobodyUpAndOneAddressHoldsNoMoreThanItsShare() throws Exception {
        List<Socket> slow = new ArrayList<>();
        try {
            sendSlowly(100, slow);
            for (int i = 0; i < 5; i++) {
                assertEquals(post("/api/counter", CALL).status(), 200);
            }
            // More than its share, as the next call may take a place before the last of them.
            sendSlowly(70, slow);
            Answer refused = calledUntil(503);
            assertEquals(refused.status(), 503);
            assertEquals(refused.whole().headers().firstValue("Retry-After").orElse(""), "1");
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
        assertEquals(calledUntil(200).status(), 200, "once they have gone");
    }

    /** A counter call, made anew for some seconds until it is answered so. */
    private static Answer calledUntil(int status) throws InterruptedException {
        Answer answer = post("/api/counter", CALL);
        for (int tries = 0; answer.status() != status && tries < 50; tries++) {
            Thread.sleep(100);
            answer = post("/api/counter", CALL);
        }
        return answer;
    }

    private static void sendSlowly(int senders, List<Socket> slow) throws IOException {
        URI server = address();
        for (int i = 0; i < senders; i++) {
            Socket socket = new Socket(server.getHost(), server.getPort());
            slow.add(socket);
            String head =
                    head("POST", "/api/counter", server.getAuthority(), "Content-Type: application/json\r\n", CASE);
            socket.getOutputStream().write((head + "{").getBytes(StandardCharsets.US_ASCII));
        }
    }

    /** How many chunks went out before the other end had enough. */
    private static int sent(OutputStream out, byte[] chunk, int most) throws IOException {
        for (int i = 0; i < most; i++) {
            try {
                out.write(chunk);
            } catch (SocketException closed) {
                return i;
            }
        }
        return most;
    }

    @Test
    public void everyAnswerCarriesTheFencesAndWhatIsPersonalIsNotStored() throws IOException {
        for (String path : new String[] {"/", "/api/cases", "/nowhere", "/api/models/%zz"}) {
            String answer = raw(head("GET", path, address().getAuthority(), "", ""), "");
            for (String header : new String[] {
                "Content-Security-Policy: default-src 'self'", "X-Content-Type-Options: nosniff", "Permissions-Policy: "
            }) {
                assertTrue(answer.contains(header), path + " without " + header + ": " + answer);
            }
        }
        assertEquals(
                get("/api/cases").whole().headers().firstValue("Cache-Control").orElseThrow(), "no-store");
    }

    @Test
    public void whatIsNotThereIsSaidAlikeEverywhere() {
        for (String nothing : List.of("/missing.js", "/nowhere", "/WEB-INF/web.xml", "/error", "/api/nothing")) {
            Answer missing = get(nothing);
            assertEquals(missing.status(), 404, nothing);
            assertTrue(missing.type().startsWith("application/problem+json"), nothing + " " + missing.type());
        }
        Answer typed = send("GET", "/nowhere", "", "Accept", "text/html");
        assertEquals(typed.status(), 404);
        assertTrue(typed.whole().body().contains("<title>Synopta</title>"), "a person sees the interface say so");
    }
}
