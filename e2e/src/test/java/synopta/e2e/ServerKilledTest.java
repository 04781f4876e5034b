package synopta.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.OutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.concurrent.CompletableFuture;
import org.testng.annotations.Test;
import synopta.core.catalog.InMemoryCatalog;
import synopta.demo.DemoCatalog;
import synopta.formats.catalog.CatalogWriter;

/** The whole application as a process of its own, killed the moment a save was answered. */
public class ServerKilledTest {
    private final HttpClient client = HttpClient.newHttpClient();

    /** A running server: its process and its address. */
    private record Running(Process process, String address) {}

    private static Running start(Path data) throws IOException {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        "synopta.server.Synopta",
                        "--server.port=0",
                        "--synopta.demo=true",
                        "--synopta.data=" + data,
                        "--synopta.knowledge=" + Path.of(System.getProperty("synopta.root"), "knowledge"))
                .redirectErrorStream(true)
                .start();
        BufferedReader said = process.inputReader(StandardCharsets.UTF_8);
        StringBuilder all = new StringBuilder();
        for (String line = said.readLine(); line != null; line = said.readLine()) {
            all.append(line).append('\n');
            if (line.contains("Synopta is ready at ")) {
                return new Running(process, line.substring(line.indexOf("http://")));
            }
        }
        throw new IllegalStateException("The server ended by itself.\n" + all);
    }

    /** A request of the manager. */
    private static HttpRequest.Builder to(String address) {
        String manager = Base64.getEncoder().encodeToString("manager:manager-demo".getBytes(StandardCharsets.UTF_8));
        return HttpRequest.newBuilder(URI.create(address)).header("Authorization", "Basic " + manager);
    }

    private HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private void assertCaseIsThere(String address, int number) throws IOException, InterruptedException {
        String found = send(to(address + "/api/cases/" + number)).body();
        assertTrue(found.contains("th7820w thumps, caller " + number), found);
    }

    private void keepCase(String address, int number) throws IOException, InterruptedException {
        String body = "{\"line\":\"th7820w thumps, caller %d\",\"status\":\"open\"}".formatted(number);
        HttpResponse<String> kept = send(to(address + "/api/cases")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
        assertEquals(kept.statusCode(), 201);
        assertEquals(kept.headers().firstValue("Location").orElseThrow(), "/api/cases/" + number);
    }

    /** Enough fits that they take seconds to put in place. */
    private static final int MODELS = 1_500;

    private String models(String address) throws IOException, InterruptedException {
        return send(to(address + "/api/catalogue/tables/models.csv")).body();
    }

    /** Sends a catalog, and returns while its fits are being written. */
    private void beginImport(String address) throws IOException, InterruptedException {
        Path zip = Files.createTempFile("big", ".zip");
        try (OutputStream out = Files.newOutputStream(zip)) {
            CatalogWriter.zip(new InMemoryCatalog(DemoCatalog.of(3, MODELS)), out);
        }
        CompletableFuture<HttpResponse<String>> sent = client.sendAsync(
                to(address + "/api/catalogue/imports")
                        .header("Content-Type", "application/zip")
                        .POST(HttpRequest.BodyPublishers.ofFile(zip))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        String progress = address + "/api/catalogue/imports/progress";
        String doing = "";
        while (!doing.contains("writing fits.csv")) {
            assertFalse(sent.isDone(), "the import was over before it could be cut off");
            doing = send(to(progress)).body();
        }
    }

    @Test
    public void whatWasAnsweredIsThereAndTheOldCatalogIsWholeAfterTheServerWasKilledInTheMiddleOfAnImport()
            throws Exception {
        Path data = Files.createTempDirectory("killed");
        Running running = start(data);
        keepCase(running.address, 1);
        running.process.destroyForcibly().waitFor();
        running = start(data);
        assertCaseIsThere(running.address, 1);
        String before = models(running.address);
        beginImport(running.address);
        keepCase(running.address, 2);
        running.process.destroyForcibly().waitFor();
        Running again = start(data);
        try {
            assertCaseIsThere(again.address, 1);
            assertCaseIsThere(again.address, 2);
            assertEquals(models(again.address), before);
        } finally {
            again.process.destroyForcibly();
        }
    }
}
