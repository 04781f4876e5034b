package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Clock;
import org.testng.annotations.Test;
import synopta.core.account.Role;
import synopta.core.account.TrailEntry;
import synopta.core.account.TrailService;
import synopta.server.account.HashedSecrets;
import synopta.store.Store;
import tools.jackson.databind.JsonNode;

/** Who did what: what is noted, and that nothing noted is changed unseen. */
public class TrailTest extends ServedTest {
    private static JsonNode last() {
        return get("/api/trail").body().get(0);
    }

    @Test
    public void whatDecidesOrLetsDataOutIsNotedWithWhoAndWhatOnlyLooksIsNot() {
        send("PUT", "/api/settings", "{}");
        assertEquals(last().get("action").asString(), "Change settings");
        assertEquals(last().get("who").asString(), "manager");
        assertEquals(last().get("terminal").asString(), "127.0.0.1");
        long number = last().get("number").asLong();
        get("/api/settings");
        assertEquals(
                send("PUT", "/api/settings", "{}", "Authorization", as(Role.COUNTER))
                        .status(),
                403);
        assertEquals(last().get("number").asLong(), number, "what was refused was not done");
        bytes("/api/case-exports/cases.csv?q=Quillfeather");
        assertEquals(last().get("action").asString(), "Export cases and stock movements as files");
        assertFalse(last().toString().contains("Quillfeather"), "no name of a customer is kept here");
        new Terminal().signIn("viewer", "viewer-demo");
        assertEquals(last().get("action").asString() + last().get("who").asString(), "Sign inviewer");
    }

    @Test
    public void partsThatLeaveAreNotedWithTheCautionsThatWereRead() {
        Answer kept = send(
                "POST",
                "/api/cases",
                "{\"line\":\"th7820w thumps\",\"lines\":[{\"part\":\"QV-1183\",\"quantity\":1}],"
                        + "\"cautionsShown\":[\"mains\",\"gas\"],\"status\":\"handed-over\"}",
                "Authorization",
                as(Role.COUNTER));
        assertEquals(
                last().get("action").asString(),
                "Hand over case %s; cautions read: gas, mains".formatted(kept.text("/number")));
        assertEquals(last().get("who").asString(), "counter");
        assertTrue(new String(bytes("/api/trail/trail.csv"), StandardCharsets.UTF_8).contains("Hand over case"));
    }

    @Test
    public void aChangedOrMissingEntryIsFound() throws Exception {
        Path data = Files.createTempDirectory("trail");
        try (Store store = Store.inFolder(data)) {
            TrailService trail = new TrailService(store.trail(), new HashedSecrets(), Clock.systemUTC());
            for (int i = 1; i <= 9; i++) {
                trail.note(new TrailEntry.Deed("Ida", "10.0.0.7", "Change settings", "PUT /api/settings"));
            }
        }
        assertTrue(verified(data).contains("whole: 9 entries"));
        change(data, "update trail_entry set who = 'Tom' where number = 4");
        assertTrue(verified(data).contains("entry 4 is not as it was written"));
        change(data, "update trail_entry set who = 'Ida' where number = 4");
        assertTrue(verified(data).contains("whole"));
        change(data, "delete from trail_entry where number = 6");
        assertTrue(verified(data).contains("entry 7 is not as it was written, or one before it is missing"));
    }

    private static void change(Path data, String sql) throws Exception {
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:file:" + data.resolve("synopta"), "synopta", "");
                Statement statement = connection.createStatement()) {
            assertEquals(statement.executeUpdate(sql), 1);
        }
    }

    private static String verified(Path data) throws Exception {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        new AccountCommands(data, new PrintStream(said)).verified();
        return said.toString(StandardCharsets.UTF_8);
    }

    @Test
    public void theTrailOfTheHouseIsWholeWhileItIsServed() throws Exception {
        assertTrue(verified(data()).contains("The trail is whole"));
    }
}
