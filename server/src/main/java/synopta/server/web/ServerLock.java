package synopta.server.web;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Who serves a data folder: a file in it, with the address and a key that is another at every start. Whoever may read the
 * folder may ask for anything, as they could change the files themselves; nobody else can know the key.
 */
@Component
public class ServerLock {
    public static final String HEADER = "Synopta-Key";
    private static final String FILE = "serving";
    private static final Logger LOG = LoggerFactory.getLogger(ServerLock.class);
    private final String key = UUID.randomUUID().toString();
    private final Path file;

    ServerLock(@Value("${synopta.data}") Path data) {
        file = data.resolve(FILE);
    }

    @EventListener
    void ready(ApplicationReadyEvent event) throws IOException {
        if (event.getApplicationContext() instanceof WebServerApplicationContext web) {
            String bound = web.getEnvironment().getProperty("server.address", "127.0.0.1");
            String host = bound.equals("0.0.0.0") ? "127.0.0.1" : bound;
            String address = "%s://%s:%d"
                    .formatted(
                            web.getEnvironment().containsProperty("server.ssl.bundle") ? "https" : "http",
                            host,
                            web.getWebServer().getPort());
            Files.deleteIfExists(file);
            Files.createFile(file);
            // Of its owner alone, before anything stands in it.
            file.toFile().setReadable(false, false);
            file.toFile().setReadable(true, true);
            Files.write(file, List.of(address, key));
            LOG.info("Synopta is ready at {}", address);
        }
    }

    @PreDestroy
    void stop() throws IOException {
        Files.deleteIfExists(file);
    }

    /** Whether this is the key. */
    public boolean knows(@Nullable String asked) {
        return asked != null
                && MessageDigest.isEqual(
                        key.getBytes(StandardCharsets.US_ASCII), asked.getBytes(StandardCharsets.US_ASCII));
    }

    /** Where a folder is served; empty when it is not, as far as it says. */
    public static Optional<Address> of(Path data) throws IOException {
        Path file = data.resolve(FILE);
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        List<String> lines = Files.readAllLines(file);
        return lines.size() < 2 ? Optional.empty() : Optional.of(new Address(URI.create(lines.get(0)), lines.get(1)));
    }

    /** Where a folder is served, and the key. */
    public record Address(URI uri, String key) {
        /**
         * Asks for something with the key; empty where nobody answers, for a process that was killed leaves its address
         * behind.
         *
         * @param body JSON, or nothing
         */
        public <T> Optional<HttpResponse<T>> ask(
                String method, String path, String body, HttpResponse.BodyHandler<T> answer)
                throws IOException, InterruptedException {
            HttpRequest.Builder request = HttpRequest.newBuilder(uri.resolve(path))
                    .header(HEADER, key)
                    .method(
                            method,
                            body.isEmpty()
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofString(body));
            if (!body.isEmpty()) {
                request.header("Content-Type", "application/json");
            }
            try {
                HttpClient client = HttpClient.newBuilder()
                        .sslContext(AnyCertificate.context())
                        .build();
                return Optional.of(client.send(request.build(), answer));
            } catch (ConnectException e) {
                return Optional.empty();
            }
        }
    }
}
