package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** The repair practices of the house, its contacts on repair sheets, and the units beside sizes. */
public class SettingsTest extends Browser {
    @AfterMethod
    public void asUsual() {
        put(
                "/api/settings",
                "{\"oilShafts\":true,\"replaceRings\":true,\"region\":\"united-states\",\"secondUnit\":\"millimeter\","
                        + "\"replaceAll\":true,\"quoteTerms\":\"\",\"contact\":\"\",\"branchContacts\":{\"Staithe\":\"\"}}");
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
    public void aChangeIsSaidToBeSavedAndWhatItDoesToAnOpenCallIsShown() {
        String number = keepOpen("th7820w thumps, rear roller is worn flat, 8 yrs");
        at("/settings");
        page.getByLabel("Replace only the failed part").click();
        assertThat(page.getByText("✓ saved")).isVisible();
        Locator effect = region("Effect on open calls")
                .locator(".row-line")
                .filter(new Locator.FilterOptions().setHasText("Case " + number));
        assertThat(effect).containsText(Pattern.compile("Before: .*QV-.*Now: .*QV-"));
        assertAccessible();
        effect.getByRole(AriaRole.LINK).click();
        page.waitForURL("**/cases/" + number);
    }

    @Test
    public void aQuoteHasTheMachineThePhoneOfTheBranchAndTheTermsOfTheHouse() {
        at("/settings");
        page.getByLabel("Phone or address of Staithe (optional)").fill("(541) 555-0140");
        page.getByLabel("Phone or address of Staithe (optional)").press("Enter");
        assertThat(page.getByText("✓ saved")).isVisible();
        page.getByLabel("Terms on quotes (optional)").fill("Electrical parts are not taken back.");
        page.getByLabel("Terms on quotes (optional)").press("Enter");
        at("/settings");
        assertThat(page.getByLabel("Terms on quotes (optional)")).hasValue("Electrical parts are not taken back.");
        caller("th7820w thumps, 8 yrs");
        assertThat(region("Bag")).containsText("Fits");
        button("Quote").click();
        page.getByRole(AriaRole.DIALOG).getByLabel("Branch").selectOption("Staithe");
        page.getByRole(AriaRole.DIALOG).getByText("Create quote").click();
        Locator quote = page.getByRole(AriaRole.ARTICLE);
        assertThat(quote).containsText("Staithe · (541) 555-0140");
        assertThat(quote).containsText("TH-7820-W, dryer");
        assertThat(quote).containsText("Electrical parts are not taken back.");
        assertAccessible();
    }

    @Test
    public void aBranchHasItsOwnContactAndSizesAreInTheUnitsOfTheHouse() {
        at("/settings");
        page.getByLabel("Phone or address of the house").fill("ask at the desk");
        page.getByLabel("Phone or address of the house").press("Enter");
        page.getByLabel("Phone or address of Staithe (optional)").fill("at the quay, until five");
        page.getByLabel("Phone or address of Staithe (optional)").press("Enter");
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
