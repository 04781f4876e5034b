package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a purchase depends on: the day, the quantity, the supplier, the settings of the house. */
public class PurchaseTest extends Browser {
    @AfterMethod
    public void asUsual() {
        put("/api/settings", "{\"taxPercent\":\"6.5\",\"taxIncluded\":false,\"quoteDays\":14,\"horizonYears\":5}");
        put("/api/supplier-feed", "{\"mode\":\"up\"}");
    }

    private Locator total() {
        return page.locator(".total .sum");
    }

    @Test
    public void whatIsNeededTodayIsBoughtFromStockOrSaidToBeLate() {
        caller("HV-9143-K door drops, door spring");
        assertThat(total()).hasText("$3.60");
        page.getByLabel("Branch").selectOption("Staithe");
        page.getByLabel("One more of HN-8731").click();
        assertThat(total()).hasText("$7.20");
        page.getByLabel("2 of HN-8731").focus();
        for (int i = 0; i < 39; i++) {
            page.keyboard().press("+");
        }
        assertThat(total()).hasText("$147.60");
        page.getByLabel("Needed by").selectOption("Today");
        assertThat(total()).not().hasText("$147.60");
        assertThat(region("Bag")).containsText("Not enough in stock for these conditions");
        assertThat(region("Bag")).not().containsText("Select a cause");
        page.getByLabel("Needed by").selectOption("No date");
        assertThat(total()).hasText("$147.60");
    }

    @Test
    public void theOtherQuantityIsSoldWithOneClick() {
        caller("HV-4415-W just the left glide please, scrapes at the front, marks on clothes, 9 yrs");
        assertThat(total()).hasText("$7.14");
        Locator other = page.getByRole(AriaRole.NOTE).getByRole(AriaRole.BUTTON).nth(1);
        String words = other.textContent();
        other.click();
        assertThat(other).hasAttribute("aria-pressed", "true");
        assertThat(total()).hasText(words.replaceAll(".*for (\\$[\\d.]+).*", "$1"));
    }

    @DataProvider
    Object[][] feeds() {
        return new Object[][] {
            {"slow", "The order is saved and will be sent again automatically."},
            {"out-of-stock", "out of stock"},
            {"up", "Ordered, available"},
        };
    }

    @Test(dataProvider = "feeds")
    public void whatTheSupplierDidWithAnOrderIsSaid(String mode, String words) {
        put("/api/supplier-feed", "{\"mode\":\"%s\"}".formatted(mode));
        caller("HV-9143-K door drops, door spring");
        assertThat(total()).hasText("$3.60");
        page.getByLabel("Branch").selectOption("Staithe");
        page.getByLabel("One more of HN-8731").click();
        assertThat(total()).hasText("$7.20");
        page.getByLabel("2 of HN-8731").focus();
        for (int i = 0; i < 39; i++) {
            page.keyboard().press("+");
        }
        assertThat(total()).hasText("$147.60");
        button("Reserve").click();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Reserve"))
                .click();
        assertThat(page.locator(".outcome")).containsText(words);
    }

    @Test
    public void taxAndValidityOfTheSettingsAreOnTheQuoteAndInItsExports() {
        at("/settings");
        set("Sales tax, %", "8");
        set("Valid for, days", "10");
        Locator included = page.getByLabel("Prices include tax");
        caller("th7820w thumps, 8 yrs");
        assertThat(total()).hasText("$41.90");
        press("Tab", "q");
        page.keyboard().type("Marl");
        press("Enter");
        Locator quote = page.getByRole(AriaRole.ARTICLE);
        assertThat(quote).containsText("Sales tax, 8%");
        assertThat(quote).containsText("$3.35");
        assertThat(quote).containsText("$45.25");
        assertThat(quote).containsText("12/10/2026");
        String at = page.url().replaceAll(".*/quotes/", address + "/api/quotes/");
        assertTrue(context.request().get(at + "/quote.csv").text().contains("QV-4410-K"));
        String json = context.request().get(at).text();
        assertTrue(json.contains("\"taxPercent\":\"8\"") && json.contains("\"total\":\"45.25\""), json);
        assertThat(page.getByText("CSV")).hasAttribute("href", Pattern.compile("/quote\\.csv$"));
        at("/settings");
        included.check();
        caller("th7820w thumps, 8 yrs");
        assertThat(total()).hasText("$41.90");
        press("Tab", "q");
        press("Enter");
        assertThat(quote).containsText("$41.90");
        assertThat(quote).containsText("Includes tax, 8%");
    }

    private void set(String label, String value) {
        page.getByLabel(label).fill(value);
        page.waitForResponse("**/api/settings", () -> page.getByLabel(label).press("Enter"));
    }

    @Test
    public void theHorizonAndLaborOfTheSettingsMoveWhatIsWorthRenewing() {
        caller("th7820w thumps, 9 yrs");
        Locator repair = page.locator(".repair");
        assertThat(repair).containsText("Cost per year");
        String before = repair.textContent();
        at("/settings");
        set("Labor per hour, USD", "140");
        caller("th7820w thumps, 9 yrs");
        assertThat(repair).containsText("Cost per year");
        assertTrue(!repair.textContent().equals(before), before);
        at("/settings");
        set("Labor per hour, USD", "64");
    }

    @Test
    public void aRowOfTheBagIsCountedUpAndDownWithPlusAndMinus() {
        caller("HV-9143-K door drops, door spring");
        assertThat(total()).hasText("$3.60");
        press("Tab", "ArrowDown", "+");
        assertThat(total()).hasText("$7.20");
        press("-");
        assertThat(total()).hasText("$3.60");
    }

    @Test
    public void theFuelIsAnsweredWithItsLetterAndACharacterWithR() {
        caller("dryer no heat, 8 yrs");
        assertThat(region("Known")).containsText("Fuel not known");
        press("Tab", "g");
        assertThat(region("Known")).containsText("Fuel: natural gas");
        press("x");
        caller("dryer no heat, 8 yrs");
        assertThat(region("Known")).containsText("Fuel not known");
        press("Tab", "b");
        assertThat(region("Known")).containsText("Fuel: LP");
        caller("dg740b2w takes forever, 6 yrs");
        assertThat(region("Machine")).containsText("Check character");
        press("Tab", "r");
        assertThat(region("Machine")).not().containsText("Check character");
    }

    @Test
    public void bothCoilsOfAHeaterAreJudgedByTheirPairs() {
        at("/bench/coils");
        button("Worked example").click();
        page.getByLabel("Reading C–A").fill("21.3");
        page.getByLabel("Reading C–B").fill("OL");
        page.getByLabel("Reading A–B").fill("OL");
        Locator judged = page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("Next:"));
        assertThat(judged.locator(".judgment")).hasAttribute("data-verdict", "open");
        assertThat(judged).containsText("C–B");
        page.getByLabel("Reading C–B").fill("21.3");
        page.getByLabel("Reading A–B").fill("42.7");
        assertThat(judged.locator(".judgment")).hasAttribute("data-verdict", "good");
        assertEquals(page.getByRole(AriaRole.ALERT, new Page.GetByRoleOptions()).count(), 0);
    }
}
