package synopta.benchmark;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Base64;
import java.util.stream.Stream;

/** The server as a process of its own, over real HTTP, with an account that may do all. */
final class ServedHouse implements AutoCloseable {
    private static final String PASSWORD = "measured-only-here";
    private static final String MANAGER =
            "Basic " + Base64.getEncoder().encodeToString(("manager:" + PASSWORD).getBytes(StandardCharsets.UTF_8));
    private static final Duration START = Duration.ofMinutes(2);

    private final HttpClient client = HttpClient.newHttpClient();
    private final Process process;
    private final String address;

    /** An answer and how long it took. */
    record Timed(int status, double milliseconds) {}

    private ServedHouse(Process process, String address) {
        this.process = process;
        this.address = address;
    }

    /** Starts on a data folder, and waits until it answers. */
    static ServedHouse on(Path data, Path knowledge) throws IOException, InterruptedException {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Path packs = knowledge.toAbsolutePath().normalize();
        ProcessBuilder builder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-jar",
                application(packs.getParent()).toString(),
                "--server.port=" + port,
                "--synopta.data=" + data,
                "--synopta.knowledge=" + packs);
        builder.environment().put("SYNOPTA_SETUP_PASSWORD", PASSWORD);
        Process process = builder.redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        ServedHouse house = new ServedHouse(process, "http://127.0.0.1:" + port);
        long end = System.nanoTime() + START.toNanos();
        while (!house.answers()) {
            if (!process.isAlive() || System.nanoTime() > end) {
                house.close();
                throw new IllegalStateException("The server did not start. Run ./synopta serve and see what it says.");
            }
            Thread.sleep(100);
        }
        return house;
    }

    /** As its module made it last. */
    private static Path application(Path root) throws IOException {
        try (Stream<Path> made = Files.list(root.resolve(Path.of("server", "target")))) {
            return made.filter(file -> file.toString().endsWith("-app.jar"))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("The server is not built. Run ./synopta bench."));
        }
    }

    private boolean answers() throws InterruptedException {
        try {
            return send("GET", "/api/health", "").status() == 200;
        } catch (IOException e) {
            return false;
        }
    }

    /** Asks, and waits for the whole answer. */
    Timed send(String method, String path, String body) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .header("Authorization", MANAGER)
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build();
        long start = System.nanoTime();
        int status =
                client.send(request, HttpResponse.BodyHandlers.ofByteArray()).statusCode();
        return new Timed(status, (System.nanoTime() - start) / 1e6);
    }

    /** Processor time used so far, all its threads together, in milliseconds. */
    double processorMilliseconds() {
        return process.info().totalCpuDuration().orElse(Duration.ZERO).toMillis();
    }

    @Override
    public void close() {
        process.destroy();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
