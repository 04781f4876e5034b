package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ForcedColors;
import com.microsoft.playwright.options.Media;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The counter in smaller windows, on paper and in the colors of the system; and what stands there before a call. */
public class SizesTest extends Browser {
    private static final String CALL = "th7820w thumps, no heat, 8 yrs";

    /** Width and height; 853 by 533 is a screen of 1280 by 800 enlarged to 150 %. */
    @DataProvider
    Object[][] windows() {
        return new Object[][] {{1280, 800}, {1024, 768}, {1024, 600}, {853, 533}, {768, 1024}, {390, 844}};
    }

    private void inView(Locator what, int width, int height) {
        BoundingBox box = what.boundingBox();
        assertTrue(
                box.x >= 0 && box.y >= 0 && box.x + box.width <= width && box.y + box.height <= height + 1,
                "%s is at %s, %s with %s by %s".formatted(what, box.x, box.y, box.width, box.height));
    }

    @Test(dataProvider = "windows")
    public void theLineTheQuestionAndTheTotalStayInView(int width, int height) {
        page.setViewportSize(width, height);
        caller(CALL);
        assertThat(region("Bag").or(button("Bag")).first()).isVisible();
        for (String scrolled : List.of("0", "document.body.scrollHeight")) {
            page.evaluate("() => scrollTo(0, %s)".formatted(scrolled));
            inView(line(), width, height);
            inView(page.getByLabel("Next question"), width, height);
            inView(page.locator(".total .btn-act"), width, height);
        }
        assertAccessible();
    }

    @Test
    public void aFullCaseStaysWithinTheWindowAndItsCautionsAreWholeWhileTheyAreRead() {
        keepOpen("tg7820w squeals");
        assertThat(page.getByText("Check character")).isVisible();
        inView(page.locator(".total"), 1280, 800);
        inView(page.getByText("No customer name"), 1280, 800);
        page.locator("body").press("Escape");
        page.keyboard().press("s");
        assertThat(region("Cautions")).containsText("Enter: they were read");
        assertEquals(
                page.evaluate("() => (e => e.scrollHeight - e.clientHeight)(document.querySelector('.cautions'))"), 0);
        inView(page.locator(".total"), 1280, 800);
    }

    @Test
    public void theColumnsBecomeStepsThatAreTakenByKeys() {
        page.setViewportSize(390, 844);
        caller(CALL);
        assertThat(page.getByText("Rear drum roller, worn")).isVisible();
        Locator bag = page.getByLabel("Steps of the call").getByText("Bag");
        bag.focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("dryer repair kit")).isVisible();
        assertThat(page.getByText("Rear drum roller, worn")).isHidden();
        page.getByLabel("Steps of the call").getByText("Known").click();
        assertThat(page.getByText("caller: “thumps”")).isVisible();
        assertThat(page.getByText("dryer repair kit")).isHidden();
        page.setViewportSize(1280, 800);
        assertThat(page.getByText("dryer repair kit")).isVisible();
        assertThat(page.getByText("Rear drum roller, worn")).isVisible();
    }

    @Test
    public void paperForcedColorsAndLessMotionKeepDrawingLabelsAndBars() {
        caller(CALL);
        Locator bar = page.locator(".suspects .bar").first();
        assertThat(bar).isVisible();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(bar).isVisible();
        assertThat(page.locator(".drawing svg").first()).isVisible();
        assertThat(page.locator(".drawing").getByText("rear roller").first()).isVisible();
        assertEquals(
                page.evaluate("() => getComputedStyle(document.querySelector('.of-bag .gives')).overflowY"),
                "visible",
                "nothing is cut off on paper");
        page.emulateMedia(new Page.EmulateMediaOptions()
                .setMedia(Media.SCREEN)
                .setForcedColors(ForcedColors.ACTIVE)
                .setReducedMotion(ReducedMotion.REDUCE));
        assertNotEquals(
                page.evaluate("() => getComputedStyle(document.querySelector('.suspects .bar')).fill"),
                page.evaluate("() => getComputedStyle(document.body).backgroundColor"));
        assertThat(page.locator(".drawing").getByText("rear roller").first()).isVisible();
        assertEquals(page.evaluate("() => getComputedStyle(document.querySelector('.btn')).transitionDuration"), "0s");
        page.emulateMedia(new Page.EmulateMediaOptions()
                .setForcedColors(ForcedColors.NONE)
                .setReducedMotion(ReducedMotion.NO_PREFERENCE));
    }

    @Test
    public void everyControlOfACallIsWithinTwelveTabsOrHasAKey() {
        caller(CALL);
        assertThat(region("Bag")).containsText("Fits");
        Object far = page.evaluate("""
                () => {
                  const starts = ['#line', '.of-known', '.of-causes', '.of-bag'];
                  const controls = [...document.querySelectorAll(
                      "main a[href], main button, main input, main select, main summary, main [tabindex='0']")]
                    .filter(e => !e.disabled && e.tabIndex >= 0 && e.offsetParent !== null);
                  let since = 0;
                  let column = '';
                  return controls.filter(control => {
                    const at = starts.find(start => control.closest(start)) ?? column;
                    const byKey = control.querySelector('kbd') || control.id === 'branch'
                        || control.closest('.purchase-options th') || control.matches("[tabindex='0']");
                    since = at !== column || byKey ? 0 : since + 1;
                    column = at;
                    return since > 12;
                  }).map(e => e.getAttribute('aria-label') ?? e.textContent);
                }""");
        assertEquals(far, List.of());
    }

    @Test
    public void theFocusIsNotLostWhenTheControlThatHasItGoes() {
        caller(CALL);
        assertThat(region("Bag")).containsText("Fits");
        for (String control : List.of("[aria-label='Next question'] .answers button", ".known-list .btn-strike")) {
            page.locator(control).first().focus();
            page.waitForResponse("**/api/counter", () -> page.keyboard().press("Enter"));
            page.waitForTimeout(200);
            assertTrue(
                    (Boolean) page.evaluate("() => document.activeElement !== document.body"),
                    control + " took the focus along");
        }
    }

    @Test
    public void oneKeyGoesFromColumnToColumn() {
        caller(CALL);
        assertThat(region("Bag")).containsText("Fits");
        page.keyboard().press("F6");
        assertThat(line()).isFocused();
        page.keyboard().press("F6");
        assertTrue((Boolean) page.evaluate("() => !!document.activeElement.closest('.of-known')"));
        page.keyboard().press("Shift+F6");
        assertThat(line()).isFocused();
        page.keyboard().press("Shift+F6");
        assertTrue((Boolean) page.evaluate("() => !!document.activeElement.closest('.of-bag')"));
        page.keyboard().press("=");
        assertThat(page.locator(".purchase-options").getByText("labor")).isVisible();
    }

    @Test
    public void anEmptyCounterShowsWhatWaitsAndLinesToTry() {
        String number = keepOpen("th7820w squeals, 8 yrs");
        at("/");
        Locator calls = region("Open calls, longest first");
        assertThat(calls).containsText("case " + number);
        calls.getByRole(AriaRole.LINK).last().click();
        page.waitForURL(Pattern.compile("/cases/\\d+"));
        at("/");
        assertThat(region("Follow-ups")).containsText("Case ");
        Locator examples = region("Lines to try").getByRole(AriaRole.BUTTON);
        assertThat(examples).hasCount(5);
        assertAccessible();
        String said = examples.nth(2).textContent();
        examples.nth(2).click();
        assertThat(line()).hasValue(said);
        assertThat(region("Likely causes")).containsText("%");
    }

    @Test
    public void theTourOfFiveLinesAndAllKeysStandUnderTheQuestionMark() {
        caller(CALL);
        page.keyboard().press("?");
        Locator tour = page.getByRole(AriaRole.DIALOG);
        assertThat(tour.locator(".tour li")).hasCount(5);
        assertThat(tour).containsText("Type what the caller says");
        assertThat(tour).containsText("to the next column");
        assertAccessible();
        page.keyboard().press("Escape");
        assertThat(tour).hasCount(0);
    }
}
