package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What holds in every place of the interface, and the way from one to the next. */
public class AllPagesTest extends Browser {
    /** No masthead has more to go through than this. */
    private static final int TABS = 25;

    /** An address, and what stands there when it is all there. */
    @DataProvider
    Object[][] places() {
        return new Object[][] {
            {"/", "Likely causes"},
            {"/models", "Dryer"},
            {"/models/TH7820W", "TH-7820-W"},
            {"/models/constructions/dryer/A", "Drum belt"},
            {"/parts", "Parts"},
            {"/parts/QV1183", "QV-1183"},
            {"/bench", "Test bench"},
            {"/bench/orifice", "Gas orifice"},
            {"/guide", "Fault guide"},
            {"/guide/dryer", "Drum belt"},
            {"/catalog", "Likely mistakes"},
            {"/settings", "Repair practices"},
            {"/cases", "handed over"},
            {"/cases/follow-ups", "outcome not known"},
            {"/cases/accuracy", "right first time"},
            {"/cases/updates", "Nothing changes until you accept it"},
            {"/cases/1/history", "History of case 1"},
            {"/cases/1/outcome", "Fault found"},
            {"/cases/1", "Likely causes"},
            {"/sheet/1", "Read first"},
            {"/quotes", "Quotes"},
        };
    }

    @DataProvider
    Object[][] moved() {
        return new Object[][] {
            {"/machines/TH7820W", "/models/TH7820W"},
            {"/machines/built/dryer/A", "/models/constructions/dryer/A"},
            {"/knowledge/dryer", "/guide/dryer"},
            {"/shelf", "/catalog"},
            {"/house-rules", "/settings"},
            {"/day-book", "/cases"},
            {"/day-book/ask-after", "/cases/follow-ups"},
            {"/day-book/how-right", "/cases/accuracy"},
            {"/day-book/lessons", "/cases/updates"},
            {"/day-book/record/1", "/cases/1/history"},
            {"/day-book/outcome/1", "/cases/1/outcome"},
        };
    }

    @Test(dataProvider = "moved")
    public void anOldAddressLeadsToTheOneOfToday(String old, String today) {
        at(old);
        page.waitForURL(address + today);
        assertThat(page.getByRole(AriaRole.MAIN)).isVisible();
    }

    @Test(dataProvider = "places")
    public void aPlaceIsAccessibleNeitherCutOffNorSilentAndItsKeysAreReached(String address, String words) {
        at(address);
        assertThat(page.getByRole(AriaRole.MAIN).getByText(words).first()).isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        assertAccessible();
        assertEquals(
                page.evaluate("() => document.documentElement.scrollWidth - innerWidth"), 0, "nothing beyond the edge");
        assertEquals(page.getByRole(AriaRole.MAIN).count(), 1, "one place at a time");
        assertThat(page)
                .hasTitle(Pattern.compile(address.equals("/") ? "Counter · Synopta" : "^(?!Counter).+ · Synopta"));
        boolean reached = false;
        for (int tab = 0; tab < TABS && !reached; tab++) {
            page.keyboard().press("Tab");
            reached = (Boolean) page.evaluate(
                    "() => document.activeElement !== document.body && !document.activeElement.closest('nav, .skip')");
        }
        assertTrue(reached, "the keyboard reaches something to act on beyond the places");
        for (int width : new int[] {768, 390}) {
            page.setViewportSize(width, 844);
            page.waitForTimeout(100);
            assertEquals(
                    page.evaluate(
                            "() => Math.max(document.documentElement.scrollWidth - innerWidth, 0)"
                                    + " + Math.max(document.querySelector('main').scrollWidth - document.querySelector('main').clientWidth - 1, 0)"),
                    0,
                    "nothing beyond the edge at " + width);
            assertAccessible();
        }
    }

    @Test
    public void theCounterNeedsNoScrollingOnTheScreenOfACounter() {
        caller("th7820w thumps, no heat, 8 yrs");
        assertThat(region("Bag")).containsText("Fits");
        assertEquals(
                page.evaluate("() => document.documentElement.scrollHeight <= innerHeight"),
                true,
                "1280 by 800 is enough");
        assertTrue(
                (Boolean) page.evaluate("() => document.querySelector('.of-bag .gives').offsetHeight"
                        + " >= 0.5 * document.querySelector('.of-bag').offsetHeight - 1"),
                "the bag has half of the column");
    }

    @Test
    public void aCaseIsFollowedFromTheCounterToItsOutcomeByKeysAlone() {
        String number = held("th7820w belt broken, drum sits still, 8 yrs");
        handedOverFromItsOutcome(number);
        Locator kept = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("case " + number));
        kept.focus();
        page.keyboard().press("Enter");
        page.waitForURL("**/cases/" + number + "/history");
        assertThat(region("Known")).containsText("caller: “drum sits still”");
        assertThat(region("Likely causes")).containsText("Drum belt, broken");
        assertThat(region("In the bag")).containsText("required");
        assertThat(region("Cautions")).containsText("✓ Line voltage");
        assertThat(page.getByText("open → handed-over")).isVisible();
        Locator first = page.getByLabel("Revisions").getByRole(AriaRole.BUTTON).first();
        first.focus();
        page.keyboard().press("Enter");
        assertThat(region("Cautions")).containsText("○ not read: Line voltage");
        at("/cases");
        page.getByLabel("Search cases").fill(number + " sits");
        assertThat(page.locator("tbody tr")).hasCount(1);
        Locator outcome = page.getByLabel("Outcome of case " + number);
        outcome.focus();
        page.keyboard().press("Enter");
        page.waitForURL("**/cases/" + number + "/outcome");
        assertThat(region("Fault found")).containsText("Drum belt, broken");
        press("0", "n", "Enter");
        page.waitForURL("**/follow-ups");
        at("/cases/" + number + "/history");
        assertThat(region("Earlier entries")).containsText("not fixed, fault unknown");
    }

    private void handedOverFromItsOutcome(String number) {
        at("/cases/" + number + "/outcome");
        assertThat(page.getByText("is still open: no part was handed over")).isVisible();
        page.getByText("Hand over first").click();
        assertThat(region("Bag")).containsText("Fits");
        page.keyboard().press("Tab");
        press("s", "h");
        assertThat(page.getByText("handed over").first()).isVisible();
    }

    @Test
    public void anAddressOfNoPageSaysSoAndLeadsBack() {
        at("/models");
        page.evaluate(
                "() => { history.pushState(null, '', '/nowhere'); dispatchEvent(new PopStateEvent('popstate')); }");
        assertThat(page.getByText("No page has this address")).isVisible();
        assertAccessible();
        page.locator("main").getByText("counter").click();
        assertThat(line()).isVisible();
    }
}
