package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Typing never misfires, nothing is lost, and what was done is taken back. */
public class CounterKeysTest extends Browser {
    private Locator calls() {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Open calls"));
    }

    private Locator first() {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Next question"));
    }

    @Test
    public void whatIsTypedAfterEnterGoesBackIntoTheLineAndDoesNothingElse() {
        caller("th7820w thumps");
        assertThat(region("Bag")).containsText("QV-4410-K");
        page.keyboard().type("also no heat, handed down, quit last week");
        assertThat(line()).hasValue("th7820w thumps also no heat, handed down, quit last week");
        assertThat(page).hasURL(address + "/");
        assertThat(region("Cautions")).containsText("Read to customer");
        assertThat(region("Cautions")).not().containsText("recorded");
        assertAccessible();
    }

    @Test
    public void aGraveKeyWaitsForEnterAndIsOfferedToBeTakenBack() {
        caller("th7820w thumps");
        assertThat(region("Bag")).containsText("QV-4410-K");
        page.keyboard().press("Escape");
        page.keyboard().press("s");
        assertThat(region("Cautions")).containsText("Enter: they were read");
        page.keyboard().press("w");
        assertThat(region("Cautions")).not().containsText("Enter");
        page.keyboard().press("Enter");
        assertThat(region("Cautions")).not().containsText("recorded");
        press("w", "s");
        assertThat(region("Cautions")).containsText("Recorded as read. Undo");
        assertAccessible();
        page.keyboard().press("Control+z");
        assertThat(region("Cautions")).not().containsText("recorded");
        press("s", "h");
        assertThat(page.getByText(Pattern.compile("Case \\d+ handed over\\."))).isVisible();
        button("Undo").click();
        assertThat(page.getByText(Pattern.compile("Case \\d+ on hold"))).isVisible();
        assertThat(button("Hand over")).isEnabled();
    }

    @Test
    public void everyStepIsTakenBackAndDoneAgainWhateverItWas() {
        caller("th7820w thumps");
        assertThat(first()).isVisible();
        page.keyboard().press("1");
        assertThat(region("Known")).containsText("answered");
        button("Remove: Thumps").click();
        assertThat(region("Known")).not().containsText("caller: “thumps”");
        page.keyboard().press("Control+z");
        assertThat(region("Known")).containsText("caller: “thumps”");
        page.keyboard().press("Control+z");
        assertThat(region("Known")).not().containsText("answered");
        button("Remove QV-4410-K").click();
        assertThat(page.locator("[data-row]").filter(new Locator.FilterOptions().setHasText("QV-4410-K")))
                .hasCount(0);
        page.keyboard().press("Control+z");
        assertThat(region("Bag")).containsText("QV-4410-K");
        page.keyboard().press("Control+z");
        assertThat(line()).hasValue("");
        page.getByLabel("Needed by").focus();
        page.keyboard().press("Control+Shift+z");
        assertThat(line()).hasValue("th7820w thumps");
    }

    @Test
    public void aNewCallKeepsTheLastOneAndANumberReturnsToIt() {
        caller("hv4415w front glides worn");
        assertThat(region("Bag")).containsText("Fits");
        press("x");
        page.keyboard().type("th7820w squeaks");
        Locator held = calls().getByText("hv4415w front glides");
        assertThat(held).isVisible();
        assertThat(calls()).containsText(Pattern.compile("\\d+ min"));
        assertAccessible();
        String number = held.getAttribute("href").replaceAll("\\D", "");
        String place = held.locator(".call-number").textContent();
        page.keyboard().press("Alt+Digit" + place);
        assertThat(page).hasURL(address + "/cases/" + number);
        assertThat(line()).hasValue("hv4415w front glides worn");
        assertThat(calls()).containsText("th7820w squeaks");
        press("z");
        assertThat(calls()).containsText("number?");
        page.keyboard()
                .press(calls().getByText("th7820w squeaks")
                        .locator(".call-number")
                        .textContent());
        assertThat(line()).hasValue("th7820w squeaks");
        at("/cases");
        Locator row = page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("front glides worn"));
        assertThat(row.first()).containsText("in the bag");
        assertThat(row.first()).containsText("on hold");
    }

    @Test
    public void aCallThatIsLeftKeepsAllMachinesOfItsVisit() {
        caller("hv9143k two door springs please, and a drain pump for my dishwasher HD-4902-S");
        assertThat(button("add as another machine")).isVisible();
        press("j");
        assertThat(line()).hasValue(Pattern.compile("drain pump.*HD-4902-S"));
        assertThat(region("Bag")).containsText("OS-20256");
        press("x");
        assertThat(calls().locator(".call").filter(new Locator.FilterOptions().setHasText("drain pump")))
                .hasCount(1);
        assertThat(calls().locator(".call").filter(new Locator.FilterOptions().setHasText("HV-9143-K")))
                .hasCount(1);
    }

    @Test
    public void aLineThatIsTypedOverKeepsTheCallThatStoodThere() {
        caller("hv4415w rumbles when it turns");
        line().fill("pg4470k igniter please");
        assertThat(calls().getByText("hv4415w rumbles when")).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("Delete");
        assertThat(calls()).containsText("Enter to discard");
        page.keyboard().press("Enter");
        assertThat(line()).hasValue("");
        button("Undo").click();
        assertThat(line()).hasValue("pg4470k igniter please");
    }

    @Test
    public void whereTheAdviceIsToSellTheQuestionsAreFoldedAndOneKeyBringsThem() {
        caller("th7820w thumps, 8 yrs");
        assertThat(region("Known")).containsText("does not agree with the tag, built 2009 to 2014");
        caller("mb4460 drier squeaks, broke the belt again, 9 yrs");
        assertThat(region("Hand over")).containsText("Sell.");
        assertThat(first()).hasCount(0);
        press("n");
        assertThat(first()).isVisible();
        caller("dg74082 gas dryer hums but won't turn");
        assertThat(region("Hand over").locator(".advice")).containsText("Does it run once");
        String advised = region("Hand over").locator(".advice").textContent();
        assertThat(first().locator(".ask > span")).hasText(advised.replaceAll("(?s).*“(.*)”.*", "$1"));
    }

    @Test
    public void theRanksOfCausesLookLikeNoKeys() {
        caller("th7820w thumps");
        Locator rank = page.locator(".suspects .rank").first();
        assertEquals(page.locator(".suspects kbd").count(), 0);
        assertThat(rank).hasCSS("border-radius", "50%");
    }
}
