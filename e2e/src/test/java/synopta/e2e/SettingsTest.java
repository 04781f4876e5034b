package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** The repair practices of the house, its contacts on repair sheets, and the units beside sizes. */
public class SettingsTest extends Browser {
    @AfterMethod
    public void asUsual() {
        context.request()
                .put(
                        address + "/api/settings",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData(
                                        "{\"oilShafts\":true,\"replaceRings\":true,\"region\":\"united-states\",\"secondUnit\":\"millimeter\",\"contact\":\"\",\"branchContacts\":{\"Staithe\":\"\"}}"));
    }

    private Locator handedOver(String line) {
        caller(line);
        assertThat(region("Bag")).containsText("Fits");
        page.getByLabel("Branch").selectOption("Staithe");
        page.getByLabel("Branch").blur();
        press("s");
        press("h");
        assertThat(page.getByText("handed over").first()).isVisible();
        press("p");
        return page.getByRole(AriaRole.ARTICLE);
    }

    @Test
    public void aRepairPracticeIsInTheStepsOfTheNextSheet() {
        at("/settings");
        Locator dry = page.getByLabel("Keep shafts dry: oil collects lint");
        dry.click();
        assertThat(dry).isChecked();
        Locator reused = page.getByLabel("Reuse rings and washers unless they are bent");
        reused.click();
        assertThat(reused).isChecked();
        assertAccessible();
        Locator sheet = handedOver("th7820w thumps, 8 yrs");
        assertThat(sheet).containsText("stays dry: oil draws lint");
        assertThat(sheet).containsText("triangle ring, kept");
        assertThat(sheet).not().containsText("machine oil");
    }

    @Test
    public void aBranchHasItsOwnContactAndSizesAreInTheUnitsOfTheHouse() {
        at("/settings");
        page.getByLabel("Contact of the house").fill("ask at the desk");
        page.getByLabel("Contact of the house").press("Enter");
        page.getByLabel("Contact of Staithe (optional)").fill("at the quay, until five");
        page.getByLabel("Contact of Staithe (optional)").press("Enter");
        Locator inches = page.getByLabel("Show inches beside sizes in millimeters");
        inches.click();
        assertThat(inches).isChecked();
        at("/settings");
        assertThat(inches).isChecked();
        Locator sheet = handedOver("mb5739k thumps, 8 yrs");
        assertThat(sheet).containsText("Saltmarsh & Vane, Staithe, at the quay, until five");
        assertThat(sheet).containsText("5 to 25 mm (0.197 to 0.984 in)");
        press("u");
        assertThat(sheet).containsText("5/16 in (7.94 mm) nut driver");
        assertAccessible();
    }
}
