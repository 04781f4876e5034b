package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The application on a folder in which one pack is open. */
public class BrokenPackTest {
    private final HttpClient client = HttpClient.newHttpClient();

    private static Path folderWithABrokenRange() throws IOException {
        Path folder = Files.createTempDirectory("knowledge");
        Path shipped = ServedTest.ROOT.resolve("knowledge");
        Files.createDirectory(folder.resolve("tag"));
        for (String file : new String[] {"dryer.json", "microwave.json", "tag/edit-costs.json"}) {
            Files.copy(shipped.resolve(file), folder.resolve(file));
        }
        String range = Files.readString(shipped.resolve("range.json"));
        assertTrue(range.contains("\"strength\": 0.95"));
        Files.writeString(folder.resolve("range.json"), range.replace("\"strength\": 0.95", "\"strength\": 1.2"));
        return folder;
    }

    @Test
    public void theSoundPacksServeAndTheBrokenOneIsNamedWithItsFaults() throws Exception {
        try (ConfigurableApplicationContext application = SpringApplication.run(
                Synopta.class,
                "--server.port=0",
                "--SYNOPTA_SETUP_PASSWORD=by-hand-1",
                "--synopta.data=" + Files.createTempDirectory("api"),
                "--synopta.knowledge=" + folderWithABrokenRange())) {
            int port =
                    ((WebServerApplicationContext) application).getWebServer().getPort();
            JsonNode shelf = get("http://127.0.0.1:" + port + "/api/knowledge");
            assertEquals(shelf.get("packs").size(), 2);
            String refused = shelf.get("refused").get(0).asString();
            assertTrue(refused.startsWith("range.json, faults["), refused);
            assertTrue(refused.contains("Strength (1.2) must lie above 0"), refused);
            assertEquals(diagnosed(port, "dryer"), 200);
            assertEquals(diagnosed(port, "range"), 422, "there is no knowledge of it");
        }
    }

    private JsonNode get(String address) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address))
                .header("Authorization", ServedTest.basic("manager", "by-hand-1"))
                .build();
        return ServedTest.JSON.readTree(
                client.send(request, HttpResponse.BodyHandlers.ofString()).body());
    }

    private int diagnosed(int port, String appliance) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/diagnosis"))
                .header("Content-Type", "application/json")
                .header("Authorization", ServedTest.basic("manager", "by-hand-1"))
                .POST(HttpRequest.BodyPublishers.ofString(
                        "{\"appliance\":\"" + appliance + "\",\"complaint\":\"no heat\"}"))
                .build();
        return client.send(request, HttpResponse.BodyHandlers.ofString()).statusCode();
    }
}
