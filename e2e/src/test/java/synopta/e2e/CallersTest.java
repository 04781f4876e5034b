package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Three callers, played through the real interface from the worn tag to the sheet. */
public class CallersTest extends Browser {
    private void assertWholeCounterInSight() {
        assertEquals(page.evaluate("document.documentElement.scrollHeight"), 800, "the page does not scroll");
        assertEquals(page.evaluate("document.documentElement.scrollWidth"), 1280);
        assertThat(page.locator(".total")).isInViewport(new LocatorAssertions.IsInViewportOptions().setRatio(1));
    }

    @Test
    public void aWornTagAndAThumpingElectricDryer() {
        caller("th7B2O-w thumps, no heat, 8 yrs since the move");
        assertThat(region("Machine")).containsText("TH-7820-W");
        assertThat(region("Machine")).containsText("Thistlemoor dryer, electric");
        assertThat(region("Known")).containsText("Not understood: “move”");
        assertThat(region("Likely causes")).containsText("Rear drum roller, worn");
        assertThat(button("Rear drum roller ×2: rear, under the drum: one left, one right, suspect 1"))
                .isVisible();
        assertThat(region("Bag")).containsText("QV-4410-K");
        assertWholeCounterInSight();

        page.getByText("Heater assembly, coil open").click();
        assertThat(region("Bag")).containsText("QV-2107-2");
        assertThat(region("Bag")).containsText("Fits, with a change: trim the tab on the case");
        assertThat(region("Hand over")).containsText("$105.40");
        assertWholeCounterInSight();

        button("Read to customer").click();
        button("Hand over").click();
        assertThat(page.getByText(Pattern.compile("Case \\d+ handed over"))).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Repair sheet"))
                .click();
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("QV-4410-K");
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("verify that it is dead");
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("trim the tab");
    }

    @Test
    public void aGasDryerThatHumsAndDoesNotTurn() {
        caller("dg74082 gas dryer hums but won't turn");
        assertThat(region("Machine")).containsText("DG7-4082W");
        assertThat(region("Machine")).containsText("natural gas");
        assertThat(region("Cautions")).containsText("Shut the gas off first");
        Locator question = page.getByRole(
                AriaRole.GROUP,
                new Page.GetByRoleOptions().setName("With the power off, how does the drum turn by hand?"));
        question.getByText("free").click();
        assertThat(region("Known")).containsText("Drum spins with one finger");
        assertThat(region("Bag")).containsText("QV-1183");
        assertThat(region("Bag")).containsText("for QV-1180");

        button("Remove: Drum spins with one finger").click();
        assertThat(region("Known")).not().containsText("Drum spins with one finger");
        assertThat(question).isVisible();
        assertWholeCounterInSight();
    }

    @Test
    public void aDeadMicrowaveWhoseFuseBlewTwice() {
        caller("tm2205b microwave dead, fuse blew twice");
        assertThat(region("Bag")).containsText("QV-3120");
        assertThat(region("Bag")).containsText("3 × QV-3121");
        assertThat(region("Bag")).containsText("interlock switch");
        assertThat(region("Cautions")).containsText("can kill weeks after unplugging");
        assertThat(button("Read the cautions first")).isDisabled();
        press("h");
        page.waitForTimeout(300);
        assertTrue(page.url().endsWith("/"), "nothing was handed over: " + page.url());

        button("Read to customer").click();
        assertThat(region("Cautions")).containsText("Read to customer, recorded");
        button("Hand over").click();
        assertThat(page.getByText("handed over")).isVisible();
        assertWholeCounterInSight();
    }

    @Test
    public void aCallerByKeyboardAlone() {
        at("/");
        assertThat(line()).isFocused();
        page.keyboard().type("mb4460 drier squeaks, broke the belt again, 9 yrs");
        page.keyboard().press("Enter");
        assertThat(region("Likely causes")).containsText("Idler pulley, seized");
        press("n", "2");
        assertThat(region("Known")).containsText("answered");
        page.keyboard().press("/");
        page.keyboard().press("Control+A");
        page.keyboard().type("th7820w squeaks, broke the belt again, 9 yrs");
        page.keyboard().press("Escape");
        assertThat(region("Machine")).containsText("TH-7820-W");
        assertThat(region("Bag")).containsText("idler pulley");
        helpOpensAndCloses();
        press("o");
        press("s");
        press("h");
        assertThat(page.getByText("handed over")).isVisible();
        press("p");
        assertThat(page).hasURL(Pattern.compile("/sheet/\\d+"));
        assertThat(page.getByText("Back to the case")).isVisible();
        press("b");
        assertThat(page).hasURL(Pattern.compile("/cases/\\d+"));
        assertThat(page.getByText("handed over")).isVisible();
        press("x");
        assertThat(page.getByLabel("What the caller says")).hasValue("");
        assertThat(page.getByLabel("What the caller says")).isFocused();
    }

    private void helpOpensAndCloses() {
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("hand over");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    }
}
