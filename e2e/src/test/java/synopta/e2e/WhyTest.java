package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Why the suspects stand where they stand, and what would move them. */
public class WhyTest extends Browser {
    private Locator question() {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Next question"));
    }

    private Locator suspects() {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Suspects"));
    }

    @Test
    public void anAnswerThatIsHeldUpShowsWhereTheBarsWouldStand() {
        caller("dishwasher leaves water in the bottom, hums");
        assertThat(question()).containsText("Is the filter in the bottom clean?");
        String before = suspects().textContent();
        question().getByText("yes").hover();
        question().getByText("yes").hover(new Locator.HoverOptions().setPosition(6, 6));
        assertThat(page.getByText("if “filter clean”")).isVisible();
        assertThat(suspects()).not().hasText(before);
        String foreseen = suspects().locator(".numeric").nth(1).textContent();
        question().getByText("yes").click();
        page.mouse().move(0, 0);
        assertThat(region("Known")).containsText("Filter clean");
        assertThat(suspects()).containsText("Drain hose, kinked or blocked");
        assertThat(suspects().locator(".numeric").first()).hasText(foreseen);
    }

    @Test
    public void whatMovedTheSuspectsIsOneKeyAwayAndEvidenceIsStruckOutThere() {
        caller("th7820w thumps, no heat");
        assertThat(suspects()).containsText("Rear drum roller, worn");
        page.keyboard().press("w");
        Locator moved = region("What moved them");
        assertThat(moved).containsText("Thumps");
        assertThat(moved).containsText(Pattern.compile("for \\d\\.\\d"));
        assertAccessible();
        moved.getByLabel("Without: Thumps").click();
        assertThat(region("Known")).not().containsText("“thumps”");
        page.keyboard().press("w");
        assertThat(moved).isHidden();
    }

    @Test
    public void aWordOfTwoMeaningsAndAReadingWithoutAPlaceAreChosen() {
        caller("electric dryer, a new bearing, element reads 24 ohms");
        assertThat(region("Known")).containsText("“bearing”: which is meant?");
        assertThat(region("Known")).containsText("“24 ohms”: of what?");
        assertAccessible();
        region("Known").getByText("rear drum bearing").click();
        assertThat(region("Known")).containsText("Asked for: rear drum bearing");
        assertThat(region("Known")).not().containsText("which is meant?");
        region("Known").getByText("Heating coil, wires off").click();
        assertThat(region("Known")).containsText("Coil good");
        assertThat(region("Hand over")).containsText("Do not sell: heating coil");
    }

    @Test
    public void aDoubtAboutARightPartIsAnsweredAndSellsNothing() {
        caller("th7820w a wavy washer is left over");
        assertThat(region("Points to")).containsText("Right so");
        assertThat(region("Hand over")).containsText("nothing is sold on it");
        assertThat(button("Hand over")).isDisabled();
    }

    @Test
    public void aReadingIsTakenWhereAFitterWouldTakeOne() {
        caller("oven, broil dead, bake fine");
        page.keyboard().press("f");
        assertThat(region("Known")).containsText("Next steps are for a licensed person");
        page.keyboard().press("f");
        assertThat(region("Known")).containsText("Next steps are for anybody");
        page.keyboard().press("f");
        assertThat(region("Known")).containsText("Next steps are for a fitter");
        assertThat(question()).isVisible();
        for (int i = 0; i < 12 && !page.getByLabel("The meter shows").isVisible(); i++) {
            page.keyboard().press("n");
            page.waitForTimeout(150);
        }
        page.getByLabel("The meter shows").fill("24");
        page.keyboard().press("Enter");
        assertThat(region("Known")).containsText("meter: 24");
        assertTrue(region("Known").textContent().contains("good"));
    }

    @Test
    public void whatIsKnownIsLookedThroughAsAMap() {
        at("/knowledge");
        assertThat(page.getByText("Drum belt, broken").first()).isVisible();
        assertThat(region("What is known of it")).containsText("Belt slack or gone");
        assertThat(region("What is known of it")).containsText("common practice");
        assertAccessible();
        region("What is known of it").getByText("Idler pulley, seized").click();
        assertThat(region("What is known of it")).containsText("Brings about");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Microwave")))
                .click();
        page.getByLabel("Find a fault or a finding").fill("fuses");
        region("Findings").getByText("How many of its own fuses so far?").click();
        assertThat(region("What is known of it")).containsText("Door interlock switch, failed");
        assertAccessible();
    }
}
