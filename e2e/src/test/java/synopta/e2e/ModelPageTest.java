package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Models, constructions and parts as a specialist goes through them, and the sheet with its prices. */
public class ModelPageTest extends Browser {
    @Test
    public void aModelIsFoundAndAPartOfItUsedByKeysAlone() {
        at("/models");
        assertThat(page.getByLabel("Model number, as far as it can be read")).isVisible();
        page.keyboard().press("/");
        assertThat(page.getByLabel("Model number, as far as it can be read")).isFocused();
        page.keyboard().type("th782ow");
        assertThat(page.locator(".candidates").first()).containsText("TH-7820-W");
        page.keyboard().press("Enter");
        page.waitForURL("**/models/TH7820W");
        Locator parts = region("Parts by place");
        Locator belt = parts.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("QV-1180"));
        assertThat(belt).containsText(Pattern.compile("QV-1180\\s*now QV-1183"));
        assertThat(belt).containsText(Pattern.compile("\\$\\d+\\.\\d{2}"));
        assertAccessible();
        page.getByRole(AriaRole.MAIN).click();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        assertThat(line()).hasValue(Pattern.compile("TH-7820-W QV-5052"));
        assertThat(region("Bag")).containsText("QV-5052");
    }

    @Test
    public void aConstructionListsItsModelsAndWhatWasLookedAtIsRemembered() {
        at("/models/constructions/dryer/A");
        Locator models = region("Models of this construction");
        assertThat(models.getByRole(AriaRole.LISTITEM)).hasCount(24);
        models.getByText("More models").click();
        assertThat(models.getByRole(AriaRole.LISTITEM).nth(24)).isVisible();
        models.getByRole(AriaRole.LINK).first().click();
        String model = region("Model").locator(".model-number").textContent();
        at("/models");
        assertThat(region("Looked at last")).containsText(model);
        assertThat(region("Parts sold for most in 90 days")).containsText("case");
        at("/parts");
        assertThat(region("Sold most in 90 days")).containsText("piece");
        assertAccessible();
    }

    @Test
    public void theSheetHasPricesIfWantedAndTheCallersWords() {
        caller("th7820w thumps, 8 yrs");
        assertThat(region("Bag")).containsText("QV-4410-K");
        press("s");
        press("h");
        assertThat(page.getByText("handed over").first()).isVisible();
        press("p");
        Locator sheet = page.getByRole(AriaRole.ARTICLE);
        assertThat(sheet).containsText("Caller said: “th7820w thumps, 8 yrs”");
        assertThat(sheet).containsText("(541) 555-01");
        assertThat(sheet).not().containsText("$");
        page.keyboard().press("$");
        assertThat(sheet).containsText("Sum of the prices");
        assertThat(sheet).containsText("$41.90");
        assertAccessible();
    }
}
