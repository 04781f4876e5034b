package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Callers who know what they want, through the real interface. */
public class RequestTest extends Browser {
    private Locator row(String part) {
        return page.locator("[data-row]").filter(new Locator.FilterOptions().setHasText(part));
    }

    private Locator group(String name) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(name));
    }

    private Locator note(String name) {
        return page.getByRole(AriaRole.NOTE, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    public void aGasConversionIsSoldAsASetWithItsNotesOnTheSheet() {
        caller("HG-4416-B from propane to natural gas, need the orifice");
        assertThat(note("Job: Convert LP to natural gas")).containsText("licensed only");
        assertThat(row("natural gas orifice")).containsText("Fits");
        assertThat(row("natural gas limiter")).containsText("half a set burns wrong");
        assertAccessible();
        press("s", "h");
        page.getByText("Repair sheet").click();
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("soap-and-water leak test on every joint");
    }

    @Test
    public void aNumberWithASlipIsAskedAboutAndANumberWithoutAModelIsSoldUnchecked() throws IOException {
        caller("QV-118E");
        assertThat(region("Bag")).containsText("No part has this number. One character differs:");
        region("Bag").getByText("QV-1183").click();
        assertThat(line()).hasValue("QV-1183");
        assertThat(row("QV-1183")).containsText("Depends on the model");
        assertThat(region("Part QV-1183")).containsText("Thistlemoor dryer");
        assertAccessible();
        button("Quote").click();
        button("Create quote").click();
        page.waitForURL("**/quotes/*");
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("Fit not checked: no model was given.");
        Download csv = page.waitForDownload(() -> page.getByText("CSV").click());
        assertTrue(Files.readString(csv.path()).contains("not checked"));
    }

    @Test
    public void wherePlacesHaveNumbersOfTheirOwnTheDrawingAsksWhichOne() {
        caller("TD-8290-W need a rack");
        assertThat(page.getByText("Ask which one.")).isVisible();
        assertAccessible();
        page.locator("svg [data-place=upper-rack]").click();
        assertThat(line()).hasValue("TD-8290-W need a rack, upper");
        assertThat(row("QV-4821")).containsText("Fits");
        assertThat(row("QV-4821")).hasCount(1);
        caller("TD-8290-W need a rack");
        region("Bag").getByText("lower rack").click();
        assertThat(row("QV-4821")).hasCount(0);
        assertThat(page.locator("[data-row]")).hasCount(1);
    }

    @Test
    public void withoutAModelTheLikelyNumbersAreOfferedAndOneIsUsed() {
        caller("electric dryer, drum rollers please");
        Locator likely = group("Likely numbers");
        assertThat(likely).containsText("The model number on the tag settles it");
        assertThat(likely).containsText(Pattern.compile("QV-5618.*43%"));
        assertAccessible();
        likely.getByRole(AriaRole.BUTTON).first().click();
        assertThat(line()).hasValue("electric dryer, drum rollers please, QV-5618");
        assertThat(row("QV-5618")).isVisible();
    }

    @Test
    public void whoAsksOnlyForAPriceSeesEachBranch() {
        caller("TH-7820-W how much is a drum belt");
        assertThat(page.getByText("Price and stock.")).isVisible();
        Locator branches =
                page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Stock of QV-1183 by branch"));
        assertThat(branches).containsText("Ropewalk");
        assertAccessible();
        caller("th7820w do the rollers come with the washers?");
        assertThat(page.getByText("Sold with it, as parts of their own: rings and washers."))
                .isVisible();
        assertThat(region("Bag")).not().containsText("QV-");
    }

    @Test
    public void modelsPartsAndTheDrawingPutTheirNumbersIntoTheCaseAtHand() {
        caller("TH-7820-W");
        at("/parts/QV-1183");
        assertThat(page.getByText("Use at counter")).isVisible();
        press("u");
        assertThat(line()).hasValue("TH-7820-W, QV-1183");
        assertThat(row("QV-1183")).containsText("Fits");
        at("/models/HV-4415-W");
        page.getByLabel("Use HN-6758 at counter").click();
        assertThat(line()).hasValue("TH-7820-W, QV-1183, HV-4415-W HN-6758");
    }

    @Test
    public void theHouseMayAskFirstBeforeAnUnlikelyPartIsSold() {
        settings("asked-first");
        try {
            caller("th7820w does not heat, need a belt");
            assertThat(region("Bag")).containsText("Requested, not in the bag: “belt”.");
            assertThat(row("QV-1183")).hasCount(0);
            button("Sell it all the same").click();
            assertThat(row("QV-1183")).containsText("Fits");
        } finally {
            settings("noted");
        }
    }

    private void settings(String practice) {
        put("/api/settings", "{\"unlikelyRequests\":\"" + practice + "\"}");
    }

    @Test
    public void twoMachinesOfAVisitHaveBagsOfTheirOwnAndLeaveTogether() {
        caller("th7820w rear rollers, and a lower wash arm for my dishwasher TD-4614-B");
        assertThat(row("QV-5618")).containsText("2 × QV-5618");
        assertThat(region("Bag")).not().containsText("wash arm");
        press("j");
        assertThat(line()).hasValue("a lower wash arm for my dishwasher TD-4614-B");
        assertThat(row("QV-15676")).containsText("Fits");
        Locator machines = group("Machines of this visit");
        assertThat(machines).containsText("TH-7820-W");
        assertThat(machines).containsText("cautions not read");
        assertAccessible();
        button("Quote").click();
        button("Create quote").click();
        page.waitForURL("**/quotes/*");
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("QV-5618");
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("lower wash arm");
        at("/");
        assertThat(region("Bag")).containsText("wash arm");
        press("Tab", "s", "h");
        assertThat(line()).hasValue("th7820w rear rollers");
        assertThat(row("QV-5618")).isVisible();
        press("s", "h");
        page.waitForURL(Pattern.compile("/cases/\\d+"));
        assertThat(page.getByText(Pattern.compile("sheet of case \\d+"))).isVisible();
        press("x");
        assertThat(machines).hasCount(0);
    }
}
