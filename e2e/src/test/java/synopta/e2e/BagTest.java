package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What to sell, through the real interface. */
public class BagTest extends Browser {
    private static final String GLIDE =
            "HV-4415-W just the left glide please, scrapes at the front, marks on clothes, 9 yrs";

    private Locator total() {
        return page.locator(".total .sum");
    }

    private Locator row(String part) {
        return page.locator("[data-row]").filter(new Locator.FilterOptions().setHasText(part));
    }

    @Test
    public void oneGlideIsMetWithTheRuleAndBothPricesAndTheTotalStaysInSight() {
        caller(GLIDE);
        Locator note = page.getByRole(AriaRole.NOTE);
        assertThat(note).containsText("Requested: 1 × glide.");
        assertThat(note).containsText("Sold in packs of 2");
        assertThat(note.getByRole(AriaRole.BUTTON)).hasCount(2);
        assertThat(total()).hasText("$7.14");
        assertThat(page.locator(".total")).isInViewport();
        assertEquals(page.evaluate("document.documentElement.scrollHeight"), 800, "the page does not scroll");
        assertAccessible();
    }

    @Test
    public void aPartThatIsAskedForByNameIsInTheBagAtOnceAndWhatTheMachineLacksIsSaid() {
        caller("th7820w drum rollers, rear two, and a glide");
        assertThat(row("QV-5618")).containsText("2 × QV-5618");
        assertThat(row("QV-5618")).containsText("Requested: “drum rollers”.");
        assertThat(row("QV-5644")).containsText("Goes with it:");
        assertThat(page.getByText("As requested.")).isVisible();
        assertThat(page.getByRole(AriaRole.NOTE)).containsText("The catalog lists no drum glide for this machine.");
        assertAccessible();
        caller("th7820w does not heat, need a belt");
        assertThat(row("QV-1183")).containsText("Unlikely to cure it, 0 %: the symptoms point to the");
    }

    @Test
    public void purchaseOptionsStandSideBySideAndTheirDifferenceIsSaid() {
        caller("th7820w thumps, 8 yrs");
        Locator ways = region("Purchase options");
        assertThat(ways.getByRole(AriaRole.ROW)).hasCount(1);
        ways.getByText("compare").click();
        assertThat(ways.getByRole(AriaRole.ROW)).hasCount(3);
        assertThat(ways).containsText("Required parts");
        assertThat(total()).hasText("$41.90");
        ways.getByText("Separate parts").first().click();
        assertThat(total()).hasText("$46.60");
        assertThat(ways).containsText("Costs $4.70 more, leaves ");
        ways.getByText("Lowest price, proven").click();
        assertThat(ways).containsText("no part, pack or kit on sale costs less than the pieces in it");
        assertAccessible();
    }

    @Test
    public void theBagIsFilledAndEmptiedByKeysAlone() {
        caller("th7820w thumps, 8 yrs");
        assertThat(total()).hasText("$41.90");
        page.keyboard().press("Tab");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        assertThat(row("QV-8701")).isFocused();
        page.keyboard().press("Enter");
        assertThat(total()).hasText("$67.50");
        assertThat(region("Bag")).containsText("4 × QV-8701");
        row("QV-8701").first().press("Delete");
        assertThat(total()).hasText("$41.90");
        assertThat(region("Removed")).containsText("QV-8701");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add back"))
                .click();
        assertThat(page.getByLabel("Value of QV-8701")).hasValue("24.24");
        page.getByLabel("Value of QV-8701").fill("30.00");
        page.getByLabel("Value of QV-8701").press("Enter");
        assertThat(region("Purchase options")).containsText("67.50");
    }

    @Test
    public void anOptionalPartIsDraggedIntoTheBagAndOutAgain() {
        page.setViewportSize(1280, 1400);
        caller("th7820w thumps, 8 yrs");
        assertThat(total()).hasText("$41.90");
        row("QV-8701").locator(".inside").dragTo(page.locator(".total .sum"));
        assertThat(total()).hasText("$67.50");
        row("QV-8701")
                .getByText("roller shaft")
                .dragTo(page.locator(".besides h3").first());
        assertThat(total()).hasText("$41.90");
        assertThat(region("Removed")).containsText("QV-8701");
    }

    @Test
    public void aQuoteIsWrittenAndTakenAwayFromTheKeyboard() throws IOException {
        caller("th7820w thumps, 8 yrs");
        assertThat(total()).hasText("$41.90");
        page.keyboard().press("Tab");
        press("q");
        page.keyboard().type("Marl & Daughter");
        page.keyboard().press("Enter");
        Locator quote = page.getByRole(AriaRole.ARTICLE);
        assertThat(quote).containsText("Marl & Daughter");
        assertThat(quote).containsText("QV-4410-K");
        assertThat(quote).containsText("Sales tax, 6.5%");
        assertAccessible();
        Download pdf =
                page.waitForDownload(() -> page.getByText("PDF with barcodes").click());
        assertTrue(Files.readString(pdf.path(), StandardCharsets.ISO_8859_1).startsWith("%PDF-"));
        page.getByText("All quotes").click();
        assertThat(page.locator("tbody tr").first()).containsText("Marl & Daughter");
        assertAccessible();
    }

    @Test
    public void theBagIsReservedAtABranchAndASupplierThatIsDownIsSaid() {
        at("/settings");
        page.getByLabel("Down: orders wait and are sent again").click();
        assertThat(page.getByLabel("Down: orders wait and are sent again")).isChecked();
        assertAccessible();
        caller("HV-9143-K door drops, door spring");
        assertThat(total()).hasText("$3.60");
        page.keyboard().press("Tab");
        for (int i = 0; i < 40; i++) {
            page.getByLabel("One more of HN-8731").click();
        }
        assertThat(total()).hasText("$147.60");
        reserve("Nell Foster", "Staithe");
        assertThat(page.locator(".outcome")).containsText("The supplier does not answer");
        at("/settings");
        page.getByLabel("Answers at once").click();
        assertThat(page.getByLabel("Answers at once")).isChecked();
    }

    /** Reserves the bag by keys. */
    private void reserve(String customer, String branch) {
        press("a");
        page.getByLabel("For whom").fill(customer);
        page.getByRole(AriaRole.DIALOG).getByLabel("Branch").selectOption(branch);
        assertAccessible();
        page.getByLabel("Phone (optional)").press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    @Test
    public void whatIsReservedIsListedCalledAboutAndCollectedAndASecondPressTakesNoSecondPiece() {
        caller("HV-9143-K two door springs please");
        assertThat(total()).hasText("$7.20");
        page.keyboard().press("Tab");
        reserve("Ada Pell", "Ropewalk");
        assertThat(page.getByText("1 line reserved or ordered for Ada Pell.")).isVisible();
        page.waitForURL(Pattern.compile("/cases/\\d+"));
        reserve("Ada Pell", "Ropewalk");
        at("/cases/reserved");
        Locator mine = page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Ada Pell"));
        assertThat(mine).hasCount(1);
        assertThat(mine).containsText("2 × HN-8731");
        assertThat(mine).containsText("at Ropewalk");
        assertAccessible();
        mine.getByText("Called", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(mine).containsText("called 11/30/2026");
        mine.getByText("Collected").click();
        assertThat(mine).hasCount(0);
    }

    @Test
    public void aReservationIsTakenBackInPlaceAndMissingStockIsSaidBeforeHandingOver() {
        caller("HD-4902-S drain pump, genuine");
        page.getByLabel("Branch").selectOption("Hill Depot");
        assertThat(region("Bag")).containsText("4 at Hill Depot");
        for (int i = 0; i < 4; i++) {
            page.getByLabel("One more of OS-20256").click();
        }
        assertThat(region("Hand over")).containsText("only 4 of 5 at Hill Depot. Staithe has 3 only.");
        assertThat(region("Hand over")).containsText("Here in 2 days if ordered.");
        page.getByLabel("One less of OS-20256").click();
        assertThat(region("Hand over")).not().containsText("only 4");
        page.keyboard().press("Escape");
        reserve("Ib Marsh", "Hill Depot");
        assertThat(page.getByText("reserved or ordered for Ib Marsh.")).isVisible();
        page.keyboard().press("Control+z");
        at("/cases/reserved");
        assertThat(page.getByRole(AriaRole.HEADING).getByText("Reserved and ordered"))
                .isVisible();
        assertThat(page.getByText("Ib Marsh")).hasCount(0);
    }

    @Test
    public void theCostPerYearOfRepairAndReplacementFollowsItsAssumptions() {
        caller("th7820w thumps, 9 yrs");
        Locator repair = page.locator(".repair");
        assertThat(repair).containsText(Pattern.compile("Cost per year: repair \\$[\\d.]+, replace \\$41\\.94"));
        repair.locator("summary").click();
        page.getByLabel("New machine costs").fill("300");
        page.getByLabel("New machine costs").press("Enter");
        assertThat(repair).containsText("replace $24.20");
    }
}
