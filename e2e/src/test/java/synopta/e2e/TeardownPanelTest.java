package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The teardown plan, and the repair sheet, from the keyboard. */
public class TeardownPanelTest extends Browser {
    @Test
    public void fromTheCounterToTheSheetByKeysAlone() throws IOException {
        caller("th7820w thumps, 8 yrs");
        assertThat(region("Bag")).containsText("QV-4410-K");
        page.keyboard().press("Tab");
        press("d");
        Locator plan = region("Teardown plan");
        assertThat(plan).containsText("±");
        assertThat(plan).containsText("5/16 in nut driver");
        assertThat(plan).containsText("Slide the drum out");
        assertThat(plan).containsText("Other accessible parts");
        assertThat(plan).containsText("worth it from");
        assertEquals(page.evaluate("document.documentElement.scrollHeight"), 800, "the page does not scroll");
        assertAccessible();
        press("d");
        assertThat(plan).isHidden();
        press("s");
        region("Cautions").locator("summary").click();
        page.getByLabel("Read to").fill("the technician");
        page.getByLabel("Read to").blur();
        press("h");
        assertThat(page.getByText("handed over").first()).isVisible();
        press("p");
        theSheetTellsToolsAndChecks();
        Download pdf = page.waitForDownload(() -> page.getByText("PDF", new Page.GetByTextOptions().setExact(true))
                .click());
        assertTrue(Files.readString(pdf.path(), StandardCharsets.ISO_8859_1).startsWith("%PDF-"));
    }

    private void theSheetTellsToolsAndChecks() {
        Locator sheet = page.getByRole(AriaRole.ARTICLE);
        assertThat(sheet).containsText("QV-4410-K");
        assertThat(sheet).containsText("Every roller spins freely.");
        assertThat(sheet).containsText("flat-blade screwdriver");
        assertThat(sheet).containsText("5/16 in (7.94 mm) nut driver");
        press("u");
        assertThat(sheet).not().containsText("7.94 mm");
        assertAccessible();
    }

    @Test
    public void theDrawingOpensUpAsStepsAreTickedAndWhatIsSeenGoesIntoTheCase() {
        caller("th7820w thumps, 8 yrs");
        assertThat(region("Bag")).containsText("QV-4410-K");
        page.keyboard().press("Tab");
        press("d");
        Locator plan = region("Teardown plan");
        button("Slide the drum out").click();
        assertThat(plan.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setPressed(true)))
                .hasCount(1);
        assertThat(page.getByText("drum, belt").first()).isVisible();
        assertThat(plan).containsText("1 Replace: 2 x rear drum roller");
        assertThat(page.getByLabel(Pattern.compile("Rear drum roller.*number 1")))
                .isVisible();
        Locator looks = plan.getByRole(AriaRole.LIST).last();
        looks.locator("li")
                .filter(new Locator.FilterOptions().setHasText("spin every"))
                .getByRole(AriaRole.BUTTON)
                .last()
                .click();
        assertThat(region("Known")).containsText("oller");
        button("Back to causes").click();
        assertThat(page.getByText("How likely each fault is")).isVisible();
    }
}
