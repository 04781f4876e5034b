package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.testng.IHookCallBack;
import org.testng.IHookable;
import org.testng.ITestResult;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.BeforeSuite;
import synopta.server.Synopta;

/**
 * The application on the demo data and one page of a headless Chromium, shared by all tests of a process and emptied after
 * each: a new page for each would start a new process of the browser, which takes longer than most tests.
 */
public abstract class Browser implements IHookable {
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");
    /** A serial means another year when the tests run later: they begin at one moment. */
    private static final Clock CLOCK =
            Clock.offset(Clock.systemUTC(), Duration.between(Instant.now(), Instant.parse("2026-11-30T12:00:00Z")));

    private static ConfigurableApplicationContext application;
    private static Playwright playwright;
    private static com.microsoft.playwright.Browser browser;
    static String address;

    private static final List<String> TROUBLES = new ArrayList<>();
    private static final List<String> REFUSALS = new ArrayList<>();
    /** Who a test is that asks the server by itself (RFC 7617). */
    static final String MANAGER =
            "Basic " + Base64.getEncoder().encodeToString("manager:manager-demo".getBytes(StandardCharsets.US_ASCII));

    /** Every test begins as the manager of the demo. */
    private static List<Cookie> signedIn;

    static BrowserContext context;
    static Page page;

    /** A page that another process keeps waiting is not a page that is wrong, ms. */
    private static final double PATIENCE = 20_000;

    /** Once in each process, however many suites the runner makes of its classes. */
    @BeforeSuite
    public void start() throws IOException {
        if (application != null) {
            return;
        }
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
        Path root = Path.of(System.getProperty("synopta.root"));
        SpringApplication served = new SpringApplication(Synopta.class);
        served.addInitializers(made -> ((GenericApplicationContext) made)
                .registerBean("served", Clock.class, () -> CLOCK, bean -> bean.setPrimary(true)));
        application = served.run(
                "--server.port=0",
                "--synopta.demo=true",
                "--synopta.history=150",
                "--synopta.house=Saltmarsh & Vane",
                "--synopta.data=" + Files.createTempDirectory("e2e"),
                "--synopta.knowledge=" + root.resolve("knowledge"));
        address = "http://127.0.0.1:"
                + ((WebServerApplicationContext) application).getWebServer().getPort();
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(ARGUMENTS));
        openPage();
        signedIn = signIn("manager", "manager-demo");
    }

    /** Signs the browser in without its page; what it then sends by itself. */
    static List<Cookie> signIn(String name, String password) {
        context.clearCookies();
        context.request()
                .post(
                        address + "/api/session",
                        RequestOptions.create().setData(Map.of("name", name, "password", password)));
        return context.cookies();
    }

    /** A test during which the page reported an error fails too. */
    @Override
    public void run(IHookCallBack test, ITestResult result) {
        test.runTestMethod(result);
        if (result.getThrowable() == null) {
            assertEquals(String.join("\n", TROUBLES), "", "errors of the page");
        }
    }

    private static void openPage() {
        context = browser.newContext();
        page = context.newPage();
        page.setDefaultTimeout(PATIENCE);
        page.onPageError(TROUBLES::add);
        page.onConsoleMessage(message -> {
            if (message.type().equals("error") && REFUSALS.stream().noneMatch(message.text()::contains)) {
                TROUBLES.add(message.text() + " " + message.location());
            }
        });
    }

    @BeforeMethod
    public void open() {
        page.setViewportSize(1280, 800);
        TROUBLES.clear();
        REFUSALS.clear();
    }

    /** Leaves nothing of a test in the browser; a document without scripts is opened, so that none writes any more. */
    @AfterMethod(alwaysRun = true)
    public void empty() {
        context.pages().stream().filter(other -> other != page).forEach(Page::close);
        page.unrouteAll();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.SCREEN));
        page.navigate(address + "/api/settings");
        page.evaluate("() => { localStorage.clear(); sessionStorage.clear(); }");
        context.clearCookies();
        context.addCookies(signedIn);
    }

    /** This test asks for what the server refuses: a console message with these words is no trouble. */
    void refusing(String... words) {
        REFUSALS.addAll(List.of(words));
    }

    /** Opens a place of the interface. */
    void at(String place) {
        page.navigate(address + place);
    }

    /** Sets something as the manager, without a page. */
    static void put(String path, String json) {
        assertTrue(context.request()
                .put(
                        address + path,
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setHeader("Authorization", MANAGER)
                                .setData(json))
                .ok());
    }

    /** A new caller: an empty counter, the line typed and left. */
    void caller(String line) {
        at("/");
        page.getByLabel("What the caller says").fill(line);
        page.keyboard().press("Enter");
    }

    /** What cannot be taken back later: the key waits for Enter. */
    private static final Set<String> GRAVE = Set.of("s", "h");

    /** Presses these keys one after another; at the counter letters are switched on first. */
    void press(String... keys) {
        for (String key : keys) {
            boolean isLetter = key.matches("[a-z]");
            Locator mode = page.locator(".keys-mode");
            if (isLetter
                    && mode.count() > 0
                    && mode.getAttribute("aria-pressed").equals("false")) {
                page.keyboard().press("Escape");
            }
            page.keyboard().press(key);
            if (GRAVE.contains(key) && mode.count() > 0) {
                page.keyboard().press("Enter");
            }
        }
    }

    /** The number of a case that is held. */
    String held(String line) {
        caller(line);
        assertThat(region("Bag")).containsText("Fits");
        press("Tab", "k");
        page.waitForURL(Pattern.compile("/cases/\\d+"));
        return page.url().replaceAll(".*/cases/", "");
    }

    /** What the caller says. */
    Locator line() {
        return page.getByLabel("What the caller says");
    }

    /** The number of a case that is put on hold with its button. */
    String keepOpen(String said) {
        caller(said);
        button("Hold").click();
        Locator kept = page.getByText(Pattern.compile("Case \\d+ on hold"));
        assertThat(kept).isVisible();
        return kept.textContent().replaceAll("\\D+", " ").strip().split(" ")[0];
    }

    Locator region(String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /**
     * No rule of axe is broken, contrast among them. Only what is broken is described and sent, which takes half the
     * time of a full report.
     */
    void assertAccessible() {
        if (!(Boolean) page.evaluate("() => 'axe' in window")) {
            page.evaluate(AxeBuilder.getAxeScript());
        }
        List<?> broken = (List<?>) page.evaluate("""
                () => axe.run(document, { resultTypes: ['violations'] }).then(found =>
                    found.violations.map(rule => rule.id + ': ' + rule.nodes.map(node => node.html)))""");
        assertEquals(broken, List.of());
    }
}
