package synopta.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.StreamSupport;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.testng.annotations.BeforeSuite;
import synopta.core.account.Role;
import synopta.demo.DemoAccount;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The application on the demo data, started once for all tests, and real HTTP to it. */
public abstract class ServedTest {
    static final JsonMapper JSON = JsonMapper.builder().build();
    static final Path ROOT = Path.of(System.getProperty("synopta.root"));
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    /** A serial means another year, and a quote ends on another day, when the tests run later: they begin at one moment. */
    private static final Clock CLOCK =
            Clock.offset(Clock.systemUTC(), Duration.between(Instant.now(), Instant.parse("2026-11-30T12:00:00Z")));

    private static String address;
    private static Path data;

    /** A status, the content type, the headers and the body read as JSON. */
    record Answer(int status, String type, HttpResponse<String> whole, JsonNode body) {
        String text(String pointer) {
            return body.at(pointer).asString();
        }
    }

    @BeforeSuite
    public void start() throws IOException {
        data = Files.createTempDirectory("api");
        SpringApplication served = new SpringApplication(Synopta.class);
        served.addInitializers(context -> ((GenericApplicationContext) context)
                .registerBean("served", Clock.class, () -> CLOCK, bean -> bean.setPrimary(true)));
        ConfigurableApplicationContext application = served.run(
                "--server.port=0",
                "--synopta.demo=true",
                "--synopta.data=" + data,
                "--synopta.knowledge=" + ROOT.resolve("knowledge"));
        int port = ((WebServerApplicationContext) application).getWebServer().getPort();
        address = "http://127.0.0.1:" + port;
    }

    /** The data folder that is served. */
    static Path data() {
        return data;
    }

    static URI address() {
        return URI.create(address);
    }

    /** The header that says who asks: an account of the demo, which has the name of its role. */
    static String as(Role role) {
        DemoAccount account = new DemoAccount(role);
        return basic(account.name(), account.password());
    }

    /** The same of any name and password (RFC 7617). */
    static String basic(String name, String password) {
        return "Basic " + Base64.getEncoder().encodeToString((name + ":" + password).getBytes(StandardCharsets.UTF_8));
    }

    /** A request of the manager. */
    private static HttpRequest.Builder to(String path) {
        return HttpRequest.newBuilder(URI.create(address + path)).setHeader("Authorization", as(Role.MANAGER));
    }

    /** What is downloaded from there, as it is. */
    static byte[] bytes(String path) {
        try {
            return CLIENT.send(to(path).build(), HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    static Answer sendBytes(String path, String type, byte[] body) {
        return answer(to(path).header("Content-Type", type).POST(HttpRequest.BodyPublishers.ofByteArray(body)));
    }

    static Answer send(String method, String path, String body, String... headers) {
        HttpRequest.Builder request = to(path).setHeader("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body));
        for (int i = 0; i < headers.length; i += 2) {
            request.setHeader(headers[i], headers[i + 1]);
        }
        return answer(request);
    }

    /** What nobody sends who is known by these headers. */
    static Answer sendAlone(String method, String path, String body, String... headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .setHeader("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body));
        return answer(request.headers(headers));
    }

    private static Answer answer(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
            String type = response.headers().firstValue("Content-Type").orElse("");
            JsonNode json = type.contains("json") ? JSON.readTree(response.body()) : JSON.nullNode();
            return new Answer(response.statusCode(), type, response, json);
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    static Answer post(String path, String body) {
        return send("POST", path, body);
    }

    static Answer get(String path) {
        return send("GET", path, "");
    }

    static Set<String> fields(JsonNode object) {
        return new TreeSet<>(object.propertyNames());
    }

    static List<String> each(JsonNode array, String field) {
        return StreamSupport.stream(array.spliterator(), false)
                .map(item -> item.get(field).asString())
                .toList();
    }
}
