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
    /** An address, and what stands there when it is all there. */
    @DataProvider
    Object[][] places() {
        return new Object[][] {
            {"/", "Points to"},
            {"/machines", "Dryer"},
            {"/machines/TH7820W", "TH-7820-W"},
            {"/machines/built/dryer/A", "Drum belt"},
            {"/parts", "Parts"},
            {"/parts/QV1183", "QV-1183"},
            {"/bench", "Bench"},
            {"/bench/orifice", "Orifice"},
            {"/knowledge", "Knowledge"},
            {"/knowledge/dryer", "Drum belt"},
            {"/shelf", "Shelf"},
            {"/house-rules", "House rules"},
            {"/day-book", "handed over"},
            {"/day-book/ask-after", "To ask after"},
            {"/day-book/how-right", "right the first time"},
            {"/day-book/lessons", "Nothing changes by itself"},
            {"/day-book/record/1", "as it stood"},
            {"/day-book/outcome/1", "What it was"},
            {"/cases/1", "Points to"},
            {"/sheet/1", "Sheet"},
            {"/quotes", "Quotes"},
            {"/nowhere", "Points to"},
        };
    }

    @Test(dataProvider = "places")
    public void aPlaceIsAccessibleNeitherCutOffNorSilentAndItsKeysAreReached(String address, String words) {
        at(address);
        assertThat(page.getByText(words).first()).isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        assertAccessible();
        assertEquals(
                page.evaluate("() => document.documentElement.scrollWidth - innerWidth"), 0, "nothing beyond the edge");
        assertEquals(page.getByRole(AriaRole.MAIN).count(), 1, "one place at a time");
        assertThat(page).hasTitle(Pattern.compile("\\S"));
        page.keyboard().press("Tab");
        assertTrue(
                (Boolean) page.evaluate("() => document.activeElement !== document.body"),
                "the keyboard finds something to act on");
    }

    @Test
    public void theCounterNeedsNoScrollingOnTheScreenOfACounter() {
        caller("th7820w thumps, no heat, 8 yrs");
        assertThat(region("Bag")).containsText("Fits");
        assertEquals(
                page.evaluate("() => document.documentElement.scrollHeight <= innerHeight"),
                true,
                "1280 by 800 is enough");
    }

    @Test
    public void aCaseIsFollowedThroughTheDayBookByKeysAlone() {
        caller("th7820w belt broken, drum sits still, 8 yrs");
        assertThat(region("Bag")).containsText("Fits");
        page.keyboard().press("Tab");
        page.keyboard().press("k");
        page.waitForURL(Pattern.compile("/cases/\\d+"));
        String number = page.url().replaceAll(".*/cases/", "");
        at("/day-book/outcome/" + number);
        assertThat(page.getByText("is still open: nothing has left yet")).isVisible();
        page.getByText("Hand over first").click();
        assertThat(region("Bag")).containsText("Fits");
        page.keyboard().press("Tab");
        page.keyboard().press("s");
        page.keyboard().press("h");
        assertThat(page.getByText("handed over").first()).isVisible();
        Locator kept = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("case " + number));
        kept.focus();
        page.keyboard().press("Enter");
        page.waitForURL("**/day-book/record/" + number);
        assertThat(region("Known")).containsText("caller: “drum sits still”");
        assertThat(region("Pointed to")).containsText("Drum belt, broken");
        assertThat(region("In the bag")).containsText("needed");
        assertThat(region("Cautions")).containsText("✓ Mains");
        assertThat(page.getByText("open → handed-over")).isVisible();
        Locator first = page.getByLabel("Kept").getByRole(AriaRole.BUTTON).first();
        first.focus();
        page.keyboard().press("Enter");
        assertThat(region("Cautions")).containsText("○ not shown: Mains");
        at("/day-book");
        page.getByLabel("Find a case").fill(number + " sits");
        assertThat(page.locator("tbody tr")).hasCount(1);
        Locator outcome = page.getByLabel("Outcome of case " + number);
        outcome.focus();
        page.keyboard().press("Enter");
        page.waitForURL("**/day-book/outcome/" + number);
        assertThat(region("What it was")).containsText("Drum belt, broken");
        page.keyboard().press("0");
        page.keyboard().press("n");
        page.keyboard().press("Enter");
        page.waitForURL("**/ask-after");
        at("/day-book/record/" + number);
        assertThat(region("Told before")).containsText("not fixed, nobody knows what it was");
    }
}
