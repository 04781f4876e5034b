package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Parts: in a place of their own, and as what a caller asks for. */
public class PartsTest extends Browser {
    private Locator link(String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    public void anOldNumberIsFollowedToWhatItIsTodayByKeyboard() throws IOException {
        at("/parts");
        assertThat(region("Find")).isVisible();
        page.keyboard().press("/");
        page.keyboard().type("qv 1320");
        assertThat(region("Find")).containsText("door catch with strike");
        page.keyboard().press("Tab");
        page.keyboard().press("Enter");
        assertThat(region("Part")).containsText("superseded");
        assertThat(region("Supersession"))
                .containsText("Current number: QV-1322 with QV-1325-K: drill the upper hole to 5 mm.");
        assertThat(region("Supersession")).containsText("together, drop-in");
        assertThat(region("Where used")).containsText("TH-7820-W");
        assertAccessible();
        Download csv = page.waitForDownload(() -> link("CSV").click());
        assertEquals(Files.readAllLines(csv.path()).get(0), "model,brand,appliance,fuel,via,slots,listed,ranges");
        region("Where used").getByRole(AriaRole.BUTTON).getByText("Orrinvale").click();
        assertThat(region("Where used").getByRole(AriaRole.CELL).getByText("TH-7820-W"))
                .hasCount(0);
        region("Supersession").getByText("QV-1325-K").last().click();
        assertThat(region("Kit contents")).containsText("QV-1326");
        assertThat(region("Stock by branch")).containsText("Ropewalk");
    }

    @Test
    public void oneThatIsNoLongerMadeIsPutBesideOneOfItsSpecification() {
        refusing("status of 404");
        at("/parts/QV6610");
        assertThat(region("Supersession")).containsText("Discontinued");
        assertThat(region("Alternatives")).containsText("CS-8810");
        region("Alternatives")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Compare"))
                .first()
                .click();
        assertThat(region("Side by side")).containsText("CS-8810 has the same specifications as QV-6610");
        assertThat(region("Side by side")).containsText("A splined knob does not grip a D-shaped shaft.");
        assertAccessible();
        page.getByLabel("compared with", new Page.GetByLabelOptions().setExact(true))
                .fill("qv1183");
        page.keyboard().press("Enter");
        assertThat(region("Side by side")).containsText("QV-1183 has different specifications");
        page.getByLabel("compared with", new Page.GetByLabelOptions().setExact(true))
                .fill("nowhere");
        page.keyboard().press("Enter");
        assertThat(region("Side by side").getByRole(AriaRole.ALERT)).containsText("is not in the catalog");
    }

    @Test
    public void aNumberInTheLineStartsFromThePartAndTheSerialPicksTheMotor() {
        caller("2 x qv1180");
        assertThat(region("Bag")).containsText("2 × QV-1183");
        assertThat(region("Bag")).containsText("Depends on the model");
        assertThat(region("Known")).containsText("Requested: 2 x QV-1180");
        caller("hv4415w HN-3340");
        assertThat(region("Bag")).containsText("Depends on the serial number");
        caller("hv4415w HN-3340 sn 9J-H42107");
        assertThat(region("Bag")).containsText("Does not fit");
        press("v");
        assertThat(region("Bag")).containsText("HV-4415-W takes HN-3342 at motor");
        assertAccessible();
        button("Use it").click();
        assertThat(region("Bag")).containsText("HN-3342 drive motor");
        assertThat(page.getByLabel("What the caller says")).hasValue("hv4415w HN-3342 sn 9J-H42107");
        button("Remove: Requested: HN-3342").click();
        assertThat(region("Bag")).not().containsText("HN-3342");
    }

    @Test
    public void whatABoxBringsIsNotSoldBesideIt() {
        caller("th7820w QV-2107 and a QV-5480");
        assertThat(region("Bag")).containsText("Includes QV-5480; do not sell it separately.");
        assertThat(region("Hand over")).containsText("$63.50");
    }

    @Test
    public void modelsOfOtherBrandsThatTakeTheBagAreOneKeyAway() {
        caller("th7820w QV-1183");
        assertThat(region("Bag")).containsText("QV-1183");
        press("c");
        assertThat(region("Models")).containsText("DE7-4082W");
        assertThat(region("Models")).containsText("by supersession");
        assertAccessible();
        Download csv = page.waitForDownload(() -> link("CSV").click());
        assertEquals(csv.suggestedFilename(), "compatible-models.csv");
        press("b");
        assertThat(page.getByLabel("What the caller says")).hasValue("th7820w QV-1183");
    }

    @Test
    public void theHouseMaySellGenuinePartsOnly() {
        at("/settings");
        page.getByLabel("Genuine parts only").click();
        assertThat(page.getByLabel("Genuine parts only")).isChecked();
        assertAccessible();
        page.getByLabel(Pattern.compile("same specification")).click();
        assertThat(page.getByLabel("Genuine parts only")).not().isChecked();
    }
}
