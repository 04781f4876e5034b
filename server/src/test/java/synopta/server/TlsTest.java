package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.io.PrintStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.util.Base64;
import java.util.List;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.Test;

/** Served over TLS with a certificate and its key in PEM files, as the script starts it. */
public class TlsTest {
    private static final char[] PASSWORD = "changeit".toCharArray();

    private static KeyStore made(Path folder) throws Exception {
        Path file = folder.resolve("made.p12");
        int ended = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "keytool")
                                .toString(),
                        "-genkeypair",
                        "-alias",
                        "a",
                        "-keyalg",
                        "RSA",
                        "-dname",
                        "CN=localhost",
                        "-ext",
                        "san=dns:localhost,ip:127.0.0.1",
                        "-storetype",
                        "PKCS12",
                        "-keystore",
                        file.toString(),
                        "-storepass",
                        new String(PASSWORD))
                .inheritIO()
                .start()
                .waitFor();
        assertEquals(ended, 0);
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(file)) {
            store.load(in, PASSWORD);
        }
        return store;
    }

    private static String pem(Path file, String kind, byte[] der) throws Exception {
        Files.writeString(
                file,
                "-----BEGIN %s-----\n%s\n-----END %s-----\n"
                        .formatted(kind, Base64.getMimeEncoder().encodeToString(der), kind));
        return "file:" + file;
    }

    private static HttpClient trusting(KeyStore store) throws Exception {
        KeyStore trusted = KeyStore.getInstance("PKCS12");
        trusted.load(null, null);
        trusted.setCertificateEntry("a", store.getCertificate("a"));
        TrustManagerFactory managers = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        managers.init(trusted);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, managers.getTrustManagers(), null);
        return HttpClient.newBuilder().sslContext(context).build();
    }

    private static String[] arguments(Path folder, KeyStore store) throws Exception {
        String bundle = "--spring.ssl.bundle.pem.synopta.keystore.";
        byte[] certificate = store.getCertificate("a").getEncoded();
        byte[] key = store.getKey("a", PASSWORD).getEncoded();
        return new String[] {
            "--server.port=0",
            "--spring.jmx.enabled=false",
            "--synopta.demo=true",
            "--synopta.data=" + folder.resolve("data"),
            "--synopta.knowledge=" + ServedTest.ROOT.resolve("knowledge"),
            "--server.ssl.bundle=synopta",
            bundle + "certificate=" + pem(folder.resolve("cert.pem"), "CERTIFICATE", certificate),
            bundle + "private-key=" + pem(folder.resolve("key.pem"), "PRIVATE KEY", key)
        };
    }

    private static HttpRequest signIn(int port) {
        return HttpRequest.newBuilder(URI.create("https://localhost:%d/api/session".formatted(port)))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString("{\"name\":\"counter\",\"password\":\"counter-demo\"}"))
                .build();
    }

    @Test
    public void theCookieIsSecureTheAnswerAsksForTlsFromNowOnAndTheCommandLineStillReachesIt() throws Exception {
        Path folder = Files.createTempDirectory("tls");
        KeyStore store = made(folder);
        try (ConfigurableApplicationContext served = SpringApplication.run(Synopta.class, arguments(folder, store))) {
            int port = ((WebServerApplicationContext) served).getWebServer().getPort();
            HttpResponse<String> signedIn = trusting(store).send(signIn(port), HttpResponse.BodyHandlers.ofString());
            assertEquals(signedIn.statusCode(), 200, signedIn.body());
            List<String> cookies = signedIn.headers().allValues("Set-Cookie");
            assertTrue(cookies.stream().anyMatch(c -> c.startsWith("synopta-session") && c.contains("Secure")));
            assertTrue(
                    signedIn.headers().firstValue("Strict-Transport-Security").isPresent());
            ByteArrayOutputStream said = new ByteArrayOutputStream();
            assertTrue(new AccountCommands(folder.resolve("data"), new PrintStream(said)).did(List.of("list", "", "")));
            assertTrue(said.toString(StandardCharsets.UTF_8).contains("manager"));
        }
    }
}
