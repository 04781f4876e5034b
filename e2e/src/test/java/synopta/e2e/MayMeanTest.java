package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** What a clause may mean is confirmed and rejected, by keys and by the mouse. */
public class MayMeanTest extends Browser {
    private static final String UNSURE = "th7820w it makes a noise and kinda smells";

    private Locator offered() {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("May mean"));
    }

    private String first() {
        return offered().locator("button > span:first-child").first().innerText();
    }

    @Test
    public void aReadingIsConfirmedByOneKeyAndIsKnownThen() {
        caller(UNSURE);
        assertThat(offered()).containsText("may mean");
        assertAccessible();
        String meant = first();
        page.keyboard().press("Tab");
        press("y");
        assertThat(region("Known")).containsText(meant);
        assertThat(offered().getByText(meant, new Locator.GetByTextOptions().setExact(true)))
                .hasCount(0);
    }

    @Test
    public void aRejectedReadingIsNotOfferedAgainUntilItIsBroughtBack() {
        caller(UNSURE);
        assertThat(offered()).isVisible();
        String rejected = first();
        Locator again = offered().getByText(rejected, new Locator.GetByTextOptions().setExact(true));
        page.keyboard().press("Tab");
        press("i");
        assertThat(again).hasCount(0);
        press("u");
        assertThat(again).hasCount(1);
        button("Not said: " + rejected).click();
        assertThat(again).hasCount(0);
    }
}
