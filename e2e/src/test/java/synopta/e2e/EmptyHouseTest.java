package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import synopta.server.Synopta;

/** A house with no catalog and no case yet, and one pack of the fault guide that cannot be loaded. */
public class EmptyHouseTest extends Browser {
    private ConfigurableApplicationContext empty;
    private String house;

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
        empty = SpringApplication.run(
                Synopta.class,
                "--server.port=0",
                "--spring.jmx.enabled=false",
                "--synopta.data=" + Files.createTempDirectory("empty"),
                "--synopta.knowledge=" + knowledge);
        house = "http://127.0.0.1:"
                + ((WebServerApplicationContext) empty).getWebServer().getPort();
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
