package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** When the server fails, somebody else was faster, or the screen is another. */
public class TroubleTest extends Browser {
    @DataProvider
    Object[][] places() {
        return new Object[][] {
            {"/models/TH7820W"},
            {"/parts/QV1183"},
            {"/guide/dryer"},
            {"/catalog"},
            {"/settings"},
            {"/cases"},
            {"/cases/accuracy"},
            {"/cases/updates"},
            {"/cases/1/history"},
            {"/cases/1/outcome"},
            {"/sheet/1"},
            {"/quotes"},
        };
    }

    @Test(dataProvider = "places")
    public void aPlaceSaysWhenTheServerFails(String place) {
        refusing("status of 500");
        page.route(
                Pattern.compile("/api/(?!session)"),
                route -> route.fulfill(new Route.FulfillOptions()
                        .setStatus(500)
                        .setContentType("application/problem+json")
                        .setBody("{\"detail\":\"The data could not be read. Try again.\"}")));
        at(place);
        assertThat(page.getByText("The data could not be read. Try again.").first())
                .isVisible();
        assertThat(page.getByRole(AriaRole.NAVIGATION).first()).isVisible();
    }

    @Test
    public void afterAConflictTheirsIsTakenWhenItIsWanted() {
        refusing("status of 409");
        String number = held("th7820w thumps");
        try (BrowserContext other = page.context().browser().newContext()) {
            other.addCookies(context.cookies());
            Page second = other.newPage();
            second.navigate(page.url());
            Locator theirs = second.getByLabel("What the caller says");
            assertThat(theirs).hasValue("th7820w thumps");
            theirs.fill("th7820w thumps, 8 yrs");
            second.keyboard().press("Enter");
            assertThat(second.getByText("8 years old")).isVisible();
            Locator hold = second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hold"));
            second.waitForResponse("**/api/cases/" + number, hold::click);
        }
        page.getByLabel("What the caller says").fill("th7820w thumps and squeals");
        press("Enter");
        assertThat(region("Known")).containsText("Squeals");
        button("Hold").click();
        button("Discard mine, keep theirs").click();
        assertThat(page.getByLabel("What the caller says")).hasValue("th7820w thumps, 8 yrs");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    }

    @DataProvider
    Object[][] screens() {
        return new Object[][] {{1024, 768}, {800, 600}, {640, 400}};
    }

    /** 640 by 400 is what a screen of 1280 by 800 has left at a zoom of 200 %. */
    @Test(dataProvider = "screens")
    public void nothingIsCutOffOnASmallerScreenOrWhenItIsEnlarged(int width, int height) {
        page.setViewportSize(width, height);
        for (String place : List.of("/", "/models/TH7820W", "/parts/QV1183", "/bench", "/cases", "/settings")) {
            at(place);
            assertThat(page.getByRole(AriaRole.MAIN)).isVisible();
            assertEquals(
                    page.evaluate("() => document.documentElement.scrollWidth - innerWidth"),
                    0,
                    place + " at " + width);
        }
        caller("th7820w thumps, 8 yrs");
        assertThat(page.locator(".total .sum")).containsText("$41.90");
        if (width <= 900) {
            page.getByLabel("Steps of the call").getByText("Bag").click();
        }
        assertThat(region("Bag")).containsText("QV-4410-K");
        Locator total = page.locator(".total button").last();
        total.scrollIntoViewIfNeeded();
        assertThat(total).isInViewport();
    }

    @Test
    public void whoWantsLessMotionHasNone() {
        try (BrowserContext calm =
                page.context().browser().newContext(new NewContextOptions().setReducedMotion(ReducedMotion.REDUCE))) {
            calm.addCookies(context.cookies());
            Page still = calm.newPage();
            still.navigate(address + "/models/constructions/dryer/A");
            assertThat(still.getByRole(AriaRole.MAIN)).isVisible();
            assertTrue((Boolean) still.evaluate("""
                    () => [...document.querySelectorAll('*')].every(e => {
                        const style = getComputedStyle(e);
                        return parseFloat(style.transitionDuration) < 0.01 && parseFloat(style.animationDuration) < 0.01;
                    })"""));
        }
    }
}
