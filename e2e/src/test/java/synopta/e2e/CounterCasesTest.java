package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** One case and the next: what is kept, and what begins anew. */
public class CounterCasesTest extends Browser {
    @Test
    public void aCaseThatGoesOnWithAConstructionOpensAgainWithIt() {
        caller("th6153k thumps, electric");
        button("Dunlin").click();
        assertThat(region("Bag")).containsText("drum roller");
        press("k");
        assertThat(page.getByText(Pattern.compile("Case \\d+ on hold"))).isVisible();
        page.reload();
        assertThat(region("Known")).containsText("Platform Dunlin");
        assertThat(region("Machine")).containsText("using platform Dunlin");
        line().fill("th7820w thumps once a turn");
        assertThat(region("Machine")).containsText("TH-7820-W");
        assertThat(region("Known")).not().containsText("Platform Dunlin");
    }

    @Test
    public void aCaseOpensAgainFromTheListOfCasesAsItWas() {
        String number = keepOpen("th7820w squeaks, broke the belt again");
        at("/cases");
        assertThat(page.getByRole(AriaRole.TABLE)).containsText("broke the belt again");
        assertAccessible();
        page.getByLabel("Search cases").fill("belt again");
        page.getByLabel("Open case " + number).click();
        assertThat(line()).hasValue("th7820w squeaks, broke the belt again");
        assertThat(region("Bag")).containsText("idler pulley");
        page.keyboard().press("/");
        page.keyboard().press("End");
        page.keyboard().type(", 9 yrs");
        page.keyboard().press("Enter");
        assertThat(region("Known")).containsText("9 years old");
        page.waitForResponse("**/api/cases/" + number, () -> button("Hold").click());
        at("/cases");
        assertThat(page.getByRole(AriaRole.TABLE)).containsText("9 yrs");
        page.getByLabel("Search cases").fill("no such words anywhere");
        assertThat(page.getByText("No case matches")).isVisible();
    }

    @Test
    public void theCallerAfterAKeptCaseBeginsWithAnEmptyCounter() {
        String number = keepOpen("th7820w thumps");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Counter"))
                .click();
        assertThat(line()).hasValue("");
        assertThat(page.getByText("new case")).isVisible();
        caller("hv4415 scrapes at the front, marks on clothes");
        assertThat(region("Bag")).containsText("Fits");
        assertThat(button("Read to customer")).isVisible();
        button("Hold").click();
        assertThat(page.getByText(Pattern.compile("Case \\d+ on hold"))).not().containsText("Case " + number + " ");
        at("/cases/" + number);
        assertThat(line()).hasValue("th7820w thumps");
    }

    @Test
    public void whatWasSaidToOneCallerIsNotTakenAsSaidToTheNext() {
        caller("th7820w thumps, 8 yrs");
        button("Read to customer").click();
        assertThat(region("Cautions")).containsText("Read to customer, recorded");
        page.getByLabel("What the caller says").fill("tm2205b microwave dead, fuse blew twice, 6 yrs");
        assertThat(region("Cautions")).containsText("can kill weeks after unplugging");
        assertThat(button("Read the cautions first")).isDisabled();
    }

    @Test
    public void aLineWrittenOverBeginsAnotherCase() {
        caller("th7820w thumps");
        page.getByText("Front drum roller, worn").click();
        button("Read to customer").click();
        line().fill("hv4415 scrapes at the front, marks on clothes");
        assertThat(region("Bag")).containsText("drum glide");
        assertThat(button("Read to customer")).isVisible();
        line().fill("hv4415 scrapes at the front, marks on clothes, 9 yrs");
        button("Read to customer").click();
        line().fill("hv4415 scrapes at the front, marks on clothes, 10 yrs");
        assertThat(region("Known")).containsText("10 years old");
        assertThat(region("Cautions")).containsText("Read to customer, recorded");
    }

    @Test
    public void aSmellOfGasStopsEverythingAndIsKeptWithTheCase() {
        caller("th7820w gas dryer, no heat, smells of gas");
        Locator stop = page.getByRole(AriaRole.ALERT);
        assertThat(stop).containsText("No switch, flame or phone inside");
        assertAccessible();
        assertThat(page.getByText("$0.00")).isVisible();
        assertThat(region("Bag")).hasCount(0);
        button("Hold").click();
        assertThat(page.getByText(Pattern.compile("Case \\d+ on hold"))).isVisible();
        line().fill("th7820w gas dryer, no heat");
        page.keyboard().press("Enter");
        assertThat(stop).hasCount(0);
        assertThat(region("Bag")).isVisible();
    }

    @Test
    public void twoCountersOnOneCaseLoseNothing() {
        String number = keepOpen("th7820w squeaks");
        Page other = context.newPage();
        other.navigate(address + "/cases/" + number);
        assertThat(other.getByLabel("What the caller says")).hasValue("th7820w squeaks");
        line().fill("th7820w squeaks, 9 yrs");
        page.keyboard().press("Enter");
        assertThat(region("Known")).containsText("9 years old");
        button("Hold").click();
        page.waitForResponse(r -> r.url().contains("/api/counter"), () -> line().fill("th7820w squeaks, 9 yrs old"));
        other.getByLabel("What the caller says").fill("th7820w squeaks, loud");
        other.keyboard().press("Enter");
        other.keyboard().press("Escape");
        other.keyboard().press("k");
        assertThat(other.getByText(Pattern.compile("was changed.* meanwhile"))).isVisible();
        assertThat(other.getByLabel("What the caller says")).hasValue("th7820w squeaks, loud");
    }

    @Test
    public void whatWasTypedOutlivesAReloadAndAServerThatDoesNotAnswer() {
        refusing("net::ERR_FAILED");
        caller("th7820w thumps");
        assertThat(region("Bag")).containsText("QV-4410-K");
        page.reload();
        assertThat(line()).hasValue("th7820w thumps");
        page.route("**/api/counter", Route::abort);
        line().fill("th7820w thumps, 8 yrs");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("does not answer");
        assertThat(line()).hasValue("th7820w thumps, 8 yrs");
        page.unroute("**/api/counter");
        button("Try again").click();
        assertThat(region("Known")).containsText("8 years old");
    }
}
