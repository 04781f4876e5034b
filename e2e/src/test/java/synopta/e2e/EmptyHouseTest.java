package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import synopta.server.Synopta;

/** A house with no catalog and no case yet, and one pack of the fault guide that cannot be loaded. */
public class EmptyHouseTest extends Browser {
    private ConfigurableApplicationContext empty;
    private static String house;
    private static List<Cookie> mine;

    @BeforeClass
    public void serve() throws IOException {
        Path knowledge = Files.createTempDirectory("knowledge");
        Path shipped = Path.of(System.getProperty("synopta.root"), "knowledge");
        try (Stream<Path> files = Files.walk(shipped)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Path copy = knowledge.resolve(shipped.relativize(file));
                Files.createDirectories(copy.getParent());
                Files.copy(file, copy);
            }
        }
        Path microwave = knowledge.resolve("microwave.json");
        Files.writeString(microwave, Files.readString(microwave).replaceFirst("\"prior\":", "\"prier\":"));
        SpringApplication started = new SpringApplication(Synopta.class);
        ListAppender<ILoggingEvent> said = new ListAppender<>();
        started.addInitializers(context -> {
            said.start();
            ((Logger) LoggerFactory.getLogger("synopta")).addAppender(said);
        });
        empty = started.run(
                "--server.port=0",
                "--spring.jmx.enabled=false",
                "--synopta.data=" + Files.createTempDirectory("empty"),
                "--synopta.knowledge=" + knowledge);
        house = "http://127.0.0.1:"
                + ((WebServerApplicationContext) empty).getWebServer().getPort();
        setUp(codeIn(said));
    }

    private static String codeIn(ListAppender<ILoggingEvent> said) {
        return said.list.stream()
                .map(ILoggingEvent::getFormattedMessage)
                .filter(line -> line.contains("/setup"))
                .map(line -> line.substring(line.lastIndexOf(' ') + 1))
                .findFirst()
                .orElseThrow();
    }

    /** Opens the first account with the code that the start printed. */
    private static void setUp(String code) {
        context.clearCookies();
        page.navigate(house + "/setup");
        assertThat(page.getByRole(AriaRole.HEADING)).hasText("Set up");
        page.keyboard().type(code);
        page.getByLabel("Your name").fill("Rieke Sands");
        page.getByLabel("New password").fill("by-hand-1");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("What the caller says")).isVisible();
        mine = context.cookies();
    }

    @BeforeMethod
    public void enter() {
        context.clearCookies();
        context.addCookies(mine);
    }

    @Test
    public void theFirstManagerIsWhoeverReadsTheCodeOfTheStart() {
        page.navigate(house + "/settings");
        assertThat(region("Your account")).containsText("signed in as Rieke Sands, manager");
        assertThat(region("Accounts")).containsText("Rieke Sands");
    }

    @AfterClass
    public void end() {
        empty.close();
    }

    @Test
    public void everyPlaceSaysWhatIsMissingAndWhatToDo() {
        for (List<String> place : List.of(
                List.of("/cases", "No case"),
                List.of("/quotes", "No quote was created yet"),
                List.of("/models", "Type a model number"),
                List.of("/parts", "Type a part number"),
                List.of("/catalog", "Import"),
                List.of("/cases/accuracy", "No outcome is known"),
                List.of("/cases/updates", "No suggestion"))) {
            page.navigate(house + place.get(0));
            assertThat(page.getByRole(AriaRole.MAIN)).containsText(place.get(1));
            assertThat(page.getByText("The cautions for the microwave could not be loaded"))
                    .isVisible();
        }
        assertAccessible();
    }

    /** After the others: then there is a catalog. */
    @Test(dependsOnMethods = {"everyPlaceSaysWhatIsMissingAndWhatToDo", "aComplaintIsStillWorkedAndNoPartIsMadeUp"})
    public void theCounterOpensWithWhatToDoFirstAndLoadsTheDemoData() {
        page.navigate(house);
        page.evaluate("() => localStorage.clear()");
        page.reload();
        Locator steps = region("First steps");
        assertThat(steps).containsText("Import your catalog");
        assertThat(steps).containsText("fault guide finds the likely cause");
        assertAccessible();
        steps.getByText("Load the demo data").click();
        assertThat(steps).hasCount(0);
        page.getByLabel("What the caller says").fill("th7820w thumps, 8 yrs");
        assertThat(region("Bag")).containsText("QV-4410-K");
    }

    @Test
    public void aComplaintIsStillWorkedAndNoPartIsMadeUp() {
        page.navigate(house);
        page.getByLabel("What the caller says").fill("dryer drum does not turn, 8 yrs");
        press("Enter");
        assertThat(region("Likely causes")).containsText("Drum belt, broken");
        assertThat(page.locator(".total .sum")).containsText("0.00");
    }

    @Test
    public void thePackThatCannotBeLoadedIsNamedWithItsFault() {
        page.navigate(house + "/guide");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Pack not loaded: microwave.json");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("lacks prior");
        page.navigate(house);
        page.getByLabel("What the caller says").fill("microwave hums, no heat");
        press("Enter");
        assertThat(region("Likely causes")).containsText("The fault guide does not cover microwaves yet");
    }
}
