package synopta.server;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.Test;
import synopta.core.account.Role;
import tools.jackson.databind.JsonNode;

/** Whatever is sent to any call, the answer says what is wrong with it; a house of its own is tried. */
public class NoRequestBreaksItTest {
    private static final long SEED = 777;
    private static final int REQUESTS = 3_000;

    private final HttpClient client = HttpClient.newHttpClient();

    @Test
    public void noneOfManyArbitraryRequestsIsAnsweredByAFailureOfTheServer() throws Exception {
        try (ConfigurableApplicationContext served = SpringApplication.run(
                Synopta.class,
                "--server.port=0",
                "--synopta.demo=true",
                "--synopta.history=20",
                "--spring.jmx.enabled=false",
                "--synopta.data=" + Files.createTempDirectory("arbitrary"),
                "--synopta.knowledge=" + ServedTest.ROOT.resolve("knowledge"))) {
            String address = "http://127.0.0.1:"
                    + ((WebServerApplicationContext) served).getWebServer().getPort();
            JsonNode document =
                    ServedTest.JSON.readTree(send(address, new ArbitraryRequests.Request("GET", "/v3/api-docs", ""))
                            .body());
            ArbitraryRequests requests = new ArbitraryRequests(document, SEED);
            List<String> wrong = new ArrayList<>();
            for (int i = 0; i < REQUESTS; i++) {
                ArbitraryRequests.Request request = requests.next();
                HttpResponse<String> answer = send(address, request);
                String type = answer.headers().firstValue("Content-Type").orElse("");
                if (answer.statusCode() >= 500 || answer.statusCode() >= 400 && !type.contains("problem+json")) {
                    wrong.add(answer.statusCode() + " " + request + " " + answer.body());
                }
            }
            assertEquals(wrong, List.of());
        }
    }

    private HttpResponse<String> send(String address, ArbitraryRequests.Request request)
            throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(address + request.path()))
                        .header("Authorization", ServedTest.as(Role.MANAGER))
                        .header("Content-Type", "application/json")
                        .method(request.method(), HttpRequest.BodyPublishers.ofString(request.body()))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }
}
