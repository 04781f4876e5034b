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
    public void anAnswerThatIsHoveredShowsHowLikelyEachFaultWouldBecome() {
        caller("dishwasher leaves water in the bottom, hums");
        assertThat(question()).containsText("Is the filter in the bottom clean?");
        String before = suspects().textContent();
        question().getByText("yes").hover();
        question().getByText("yes").hover(new Locator.HoverOptions().setPosition(6, 6));
        assertThat(page.getByText("If “filter clean”")).isVisible();
        assertThat(suspects()).not().hasText(before);
        String foreseen = suspects().locator(".numeric").nth(1).textContent();
        question().getByText("yes").click();
        page.mouse().move(0, 0);
        assertThat(region("Known")).containsText("Filter clean");
        assertThat(suspects()).containsText("Drain hose, kinked or blocked");
        assertThat(suspects().locator(".numeric").first()).hasText(foreseen);
        Locator next = question().getByText("yes").first();
        next.focus();
        assertThat(page.getByText("How likely each fault is")).isVisible();
        page.keyboard().press("Shift+Tab");
        page.keyboard().press("Tab");
        assertThat(next).isFocused();
        assertThat(page.getByText("How likely each fault is")).isHidden();
    }

    @Test
    public void theReasonsAreOneKeyAwayAndEvidenceIsRemovedThere() {
        caller("th7820w thumps, no heat");
        assertThat(suspects()).containsText("Rear drum roller, worn");
        press("w");
        Locator why = region("Why?");
        assertThat(why).containsText("Thumps");
        assertThat(why).containsText(Pattern.compile("for \\d\\.\\d"));
        assertAccessible();
        why.getByLabel("Remove: Thumps").click();
        assertThat(region("Known")).not().containsText("“thumps”");
        press("w");
        assertThat(why).isHidden();
    }

    @Test
    public void aWordOfTwoMeaningsAndAReadingWithoutAPlaceAreChosen() {
        caller("electric dryer, a new bearing, element reads 24 ohms");
        assertThat(region("Known")).containsText("“bearing”: which part?");
        assertThat(region("Known")).containsText("“24 ohms”: reading of which test?");
        assertAccessible();
        region("Known").getByText("rear drum bearing").click();
        assertThat(region("Known")).containsText("Requested: rear drum bearing");
        assertThat(region("Known")).not().containsText("which part?");
        region("Known").getByText("Heating coil, wires disconnected").click();
        assertThat(region("Known")).containsText("Coil good");
        page.getByLabel("Nameplate volts").fill("240");
        page.getByLabel("Nameplate watts").fill("2400");
        page.keyboard().press("Enter");
        assertThat(region("Hand over")).containsText("do not sell: heating coil");
    }

    @Test
    public void aDoubtAboutARightPartIsAnsweredAndSellsNothing() {
        caller("th7820w a wavy washer is left over");
        assertThat(region("Likely causes")).containsText("That is normal");
        assertThat(region("Hand over")).containsText("nothing is sold for it");
        assertThat(button("Hand over")).isDisabled();
    }

    @Test
    public void aReadingIsTakenWhereATechnicianWouldTakeOne() {
        caller("oven, broil dead, bake fine");
        press("f");
        assertThat(region("Known")).containsText("Work done by: licensed technician");
        press("f");
        assertThat(region("Known")).containsText("Work done by: customer");
        press("f");
        assertThat(region("Known")).containsText("Work done by: technician");
        assertThat(page.getByText("could still be asked")).isVisible();
        for (int i = 0; i < 12 && !page.getByLabel("Meter reading").isVisible(); i++) {
            press("n");
            page.waitForTimeout(150);
        }
        page.getByLabel("Meter reading").fill("24");
        page.keyboard().press("Enter");
        assertThat(region("Known")).containsText("meter: 24");
        assertTrue(region("Known").textContent().contains("good"));
    }

    @Test
    public void theFaultGuideLinksFaultsAndFindings() {
        at("/guide");
        assertThat(page.getByText("Drum belt, broken").first()).isVisible();
        assertThat(region("Entry")).containsText("Belt slack or gone");
        assertThat(region("Entry")).containsText("common practice");
        assertAccessible();
        region("Entry").getByText("Idler pulley, seized").click();
        assertThat(region("Entry")).containsText("Causes");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Microwave")))
                .click();
        page.getByLabel("Find a fault or a finding").fill("fuses");
        region("Findings").getByText("How many of its fuses have blown so far?").click();
        assertThat(region("Entry")).containsText("Door interlock switch, failed");
        assertAccessible();
    }

    @Test
    public void aCodeSaysWhatItMeansHereAndWhatToDoFirst() {
        caller("pd9197g shows E24, 6 yrs");
        Locator causes = region("Likely causes");
        assertThat(causes).containsText("Code E24: Motor does not reach its speed.");
        assertThat(causes).containsText("Breaker off for five minutes");
        assertThat(region("Known")).containsText("Fault code shown");
        assertAccessible();
        caller("dryer shows E24");
        assertThat(causes).containsText("Code E24: not listed for this machine. Ask the brand");
    }

    @Test
    public void theInsideOfAMicrowaveIsNotSoldToACustomer() {
        caller("tm2205b dead, fuse blew twice");
        assertThat(region("Bag")).containsText("QV-3120");
        page.keyboard().press("Tab");
        for (int i = 0; i < 3 && !region("Known").textContent().contains("Work done by: customer"); i++) {
            press("f");
        }
        assertThat(region("Known")).containsText("Work done by: customer");
        assertThat(region("Bag")).containsText("Not sold: line fuse.");
        assertThat(region("Bag")).containsText("Only a licensed technician may fit it");
        assertThat(region("Bag")).not().containsText("QV-3120");
        assertAccessible();
    }

    @Test
    public void theFaultGuideReportsWhereItIsThin() {
        at("/guide/dryer");
        page.getByText("Pack report: where the guide is thin").click();
        Locator report =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Report of construction H"));
        assertThat(report).containsText("Parts without a fault: none");
        assertThat(report).containsText("Links from our own judgment");
        assertAccessible();
    }
}
