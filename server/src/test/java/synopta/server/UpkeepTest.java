package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import synopta.store.Backup;
import synopta.store.Store;
import tools.jackson.databind.JsonNode;

/** What the house keeps a copy of, and when its terminals lock. */
public class UpkeepTest extends ServedTest {
    @AfterClass
    public void usual() {
        settings("{\"lockMinutes\":15}");
    }

    private static Answer settings(String change) {
        return send("PUT", "/api/settings", change);
    }

    @Test
    public void aBackupIsListedOnceItIsVerifiedAndHoldsWhatIsKept() throws IOException {
        long number = post("/api/cases", "{\"line\":\"th7820w thumps\",\"status\":\"open\"}")
                .body()
                .get("number")
                .asLong();
        Answer made = post("/api/backups", "");
        assertEquals(made.status(), 200);
        JsonNode first = made.body().get("backups").get(0);
        assertTrue(first.get("bytes").asLong() > 10_000);
        assertEquals(get("/api/backups").body(), made.body());
        Path file = Path.of(made.text("/folder")).resolve(first.get("file").asString());
        Path restored = Files.createTempDirectory("restored");
        Backup.restore(file, restored);
        try (Store store = Store.inFolder(restored);
                Stream<Path> left = Files.list(file.getParent())) {
            assertTrue(store.cases().find(number).isPresent());
            assertEquals(left.count(), 1, "nothing is left of the verifying");
        }
    }

    @Test
    public void theMinutesUntilATerminalLocksAreThoseOfTheHouse() {
        assertEquals(settings("{\"lockMinutes\":4}").status(), 200);
        assertEquals(get("/api/session").body().get("lockMinutes").asInt(), 4);
        assertEquals(settings("{\"lockMinutes\":0}").status(), 422);
    }
}
