package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.testng.annotations.Test;

/** Each place of the interface: its empty, full and failing state, and that everybody can use it. */
public class PagesTest extends Browser {
    @Test
    public void theEmptyCounterSaysWhatToDoAndOffersNothingToKeep() {
        at("/");
        assertThat(line()).isFocused();
        assertThat(region("Likely causes")).containsText("Type what the caller says");
        assertThat(button("Hold")).isDisabled();
        assertThat(button("Hand over")).isDisabled();
        assertAccessible();
    }

    @Test
    public void theFullCounterIsAccessible() {
        caller("th7B2O-w thumps, no heat, 8 yrs since the move");
        assertThat(region("Bag")).containsText("QV-4410-K");
        assertAccessible();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        assertAccessible();
    }

    @Test
    public void whatIsNotKnownIsAskedForAndAnsweredWithOneKey() {
        caller("drier squeaks, dunno the model");
        assertThat(region("Machine")).containsText("Tag location");
        assertThat(region("Known")).containsText("Fuel not known");
        assertThat(region("Cautions")).containsText("Shut the gas off first");
        assertAccessible();
        press("e");
        assertThat(region("Known")).containsText("Fuel: electric");
        assertThat(region("Cautions")).not().containsText("gas off");
        button("Remove: Fuel: electric").click();
        assertThat(region("Known")).containsText("Fuel not known");
    }

    @Test
    public void aCharacterIsCheckedWithOneKey() {
        caller("dg740b2w takes forever");
        assertThat(region("Machine")).containsText("Check character 2: G or E?");
        assertAccessible();
        press("t");
        assertThat(region("Machine")).containsText("DE7-4082W");
        assertThat(region("Machine")).not().containsText("Check character");
    }

    @Test
    public void aModelThatIsNotInTheCatalogGoesOnWithItsConstructionOrWithTheNearest() {
        caller("th6153k thumps, electric");
        assertThat(region("Machine")).containsText("not in the catalog");
        assertThat(region("Machine")).containsText("Tag location");
        assertThat(region("Bag")).containsText("Likely numbers.");
        assertThat(region("Bag")).not().containsText("100%");
        assertAccessible();
        button("Dunlin").click();
        assertThat(region("Known")).containsText("Platform Dunlin");
        assertThat(region("Bag")).containsText("drum roller");
        button("Remove: Platform Dunlin").click();
        assertThat(region("Bag")).containsText("Likely numbers.");
        region("Machine").getByRole(AriaRole.BUTTON).first().click();
        assertThat(region("Machine")).containsText("Built");
    }

    @Test
    public void whatTellsConstructionsApartIsAskedAndAnswered() {
        at("/");
        page.evaluate("localStorage.setItem('synopta.case', JSON.stringify({line: 'hv5117k thumps, electric',"
                + " rechecked: [...'5117'].map((character, i) => ({position: i + 3, character}))}))");
        at("/");
        assertThat(region("Machine")).containsText("Not in the catalog");
        assertThat(region("Machine")).containsText("How does it open?");
        assertThat(region("Machine")).containsText("Gannet");
        assertAccessible();
        button("Top stays").click();
        assertThat(region("Machine")).not().containsText("Gannet");
        assertThat(region("Machine")).not().containsText("How does it open?");
        button("Samphire").click();
        assertThat(region("Known")).containsText("Platform Samphire");
    }

    @Test
    public void aSerialInTheLineTellsWhenTheMachineWasBuilt() {
        caller("hv4415w scrapes at the front, s/n 7C-X04711");
        assertThat(region("Known")).containsText("Built in March 2017");
        assertThat(region("Known")).containsText("not 2007");
        button("Remove: Built in March 2017").click();
        assertThat(region("Known")).not().containsText("March 2017");
    }

    @Test
    public void theSheetIsAccessibleAndPrintsWithoutTheHeadOfThePage() {
        String number = keepOpen("tm2205b dead, fuse blew twice");
        at("/sheet/" + number);
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("TM-2205-B");
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("can kill weeks after");
        assertAccessible();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
        assertThat(page.getByRole(AriaRole.BANNER)).isHidden();
    }

    @Test
    public void anotherPurchaseOptionIsChosenAndTheTotalFollows() {
        caller("th7820w thumps once a turn");
        Locator ways = region("Purchase options");
        assertThat(ways).containsText("41.90");
        assertThat(page.locator(".total")).containsText("41.90");
        press("o");
        assertThat(page.locator(".total")).containsText("46.60");
        assertThat(ways).containsText("Costs $4.70 more");
        assertThat(region("Bag")).containsText("4 × ");
        ways.getByText("Required parts", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".total")).containsText("41.90");
    }

    @Test
    public void whatIsStruckOutComesBackAndAQuestionCanWait() {
        caller("th7820w squeaks, 9 yrs");
        Locator question = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Next question"));
        assertThat(question).isVisible();
        String first = question.locator(".ask").textContent();
        press("n");
        assertThat(question.locator(".ask")).not().hasText(first);
        button("Remove: 9 years old").click();
        assertThat(region("Known")).not().containsText("9 years old");
        press("u");
        assertThat(region("Known")).containsText("9 years old");
        page.keyboard().press("3");
        assertThat(region("Known")).containsText("answered: not known");
        assertThat(question.locator(".ask")).not().hasText(first);
    }

    @Test
    public void tenThousandCharactersAreTakenInStride() {
        caller("th7820w " + "thumps and bangs, ".repeat(555));
        assertThat(region("Machine")).containsText("TH-7820-W");
        assertThat(region("Known")).containsText("Thumps");
        assertEquals(page.evaluate("document.documentElement.scrollWidth"), 1280);
    }

    @Test
    public void nothingIsFetchedFromElsewhere() {
        List<String> fetched = new ArrayList<>();
        Consumer<Request> noted = request -> fetched.add(request.url());
        page.onRequest(noted);
        caller("th7820w thumps");
        assertThat(region("Bag")).containsText("QV-4410-K");
        at("/cases");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Cases")))
                .isVisible();
        page.offRequest(noted);
        assertTrue(fetched.size() > 5, fetched.toString());
        fetched.forEach(url -> assertTrue(url.startsWith(address), url));
    }

    @Test
    public void aCaseOrSheetThatIsNotThereSaysWhereToLook() {
        refusing("status of 4");
        at("/cases/999999");
        assertThat(page.getByText("There is no case 999999")).isVisible();
        at("/sheet/999999");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Go to cases");
    }
}
