package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.client.j2se.MatrixToImageWriter;
import com.google.zxing.qrcode.QRCodeWriter;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The day book in the browser: two counters on one case, outcomes, counts, lessons. */
public class CasesTest extends Browser {
    private String handOver(String line) {
        caller(line);
        assertThat(region("Bag")).containsText("Fits");
        page.keyboard().press("Tab");
        page.keyboard().press("s");
        page.keyboard().press("h");
        assertThat(page.getByText("handed over").first()).isVisible();
        return page.url().replaceAll(".*/cases/", "");
    }

    @Test
    public void ofTwoCountersOnOneCaseTheSecondIsToldAndLosesNothing() {
        caller("th7820w thumps");
        page.keyboard().press("Tab");
        page.keyboard().press("k");
        page.waitForURL(Pattern.compile("/cases/\\d+"));
        String number = page.url().replaceAll(".*/cases/", "");
        try (BrowserContext other = page.context().browser().newContext()) {
            Page second = other.newPage();
            second.navigate(page.url());
            Locator theirs = second.getByLabel("What the caller says");
            assertThat(theirs).hasValue("th7820w thumps");
            page.getByLabel("What the caller says").fill("th7820w thumps, 8 yrs");
            page.keyboard().press("Enter");
            assertThat(region("Known")).containsText("8 years old");
            page.waitForResponse(
                    "**/api/cases/" + number, () -> button("Keep open").click());
            theirs.fill("th7820w thumps and squeals");
            second.keyboard().press("Enter");
            assertThat(second.getByText("Squeals").first()).isVisible();
            second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep open"))
                    .click();
            Locator told = second.getByRole(AriaRole.ALERT);
            assertThat(told).containsText("is now “th7820w thumps, 8 yrs”");
            assertThat(theirs).hasValue("th7820w thumps and squeals");
            second.waitForResponse(
                    answer -> answer.request().method().equals("PATCH"),
                    () -> second.getByText("Save mine over theirs").click());
            assertThat(told).hasCount(0);
            page.reload();
            assertThat(page.getByLabel("What the caller says")).hasValue("th7820w thumps and squeals");
        }
    }

    @Test
    public void anOutcomeIsToldWithThreeKeysFromTheScanOfASheet() {
        String number = handOver("th7820w belt broken, drum sits still, 8 yrs");
        at("/day-book/ask-after");
        assertThat(page.getByText("To ask after").last()).isVisible();
        assertAccessible();
        page.keyboard().type("synopta case " + number);
        page.keyboard().press("Enter");
        assertThat(region("What it was")).containsText("Drum belt, broken");
        assertAccessible();
        page.keyboard().press("1");
        page.keyboard().press("f");
        page.keyboard().press("Enter");
        page.waitForURL("**/ask-after");
        at("/day-book/outcome/" + number);
        assertThat(region("Told before")).containsText("fixed, Drum belt, broken");
        Locator idler = region("Where it was").locator("[data-place=idler]");
        idler.focus();
        page.keyboard().press("Enter");
        assertThat(region("What it was")).containsText("Idler pulley: under the drum, beside the motor");
        page.keyboard().press("2");
        assertThat(page.getByLabel("Idler pulley, seized")).isChecked();
        assertAccessible();
        page.keyboard().press("n");
        page.getByLabel(Pattern.compile("QV-")).first().selectOption("wrong-part");
        page.getByLabel("In their words").fill("one rib short");
        button("Write it down").click();
        page.waitForURL("**/ask-after");
        at("/day-book/outcome/" + number);
        assertThat(region("Told before")).containsText("not fixed, Idler pulley, seized");
        assertThat(region("Told before")).containsText("wrong part for the machine");
        assertThat(region("Told before").getByRole(AriaRole.LISTITEM)).hasCount(2);
    }

    @Test
    public void whereThereIsNoScannerAPictureOfTheCodeIsTaken() throws IOException, WriterException {
        String number = handOver("th7820w thumps");
        at("/day-book/ask-after");
        Path picture = Files.createTempFile("code", ".png");
        Files.writeString(picture, "no picture");
        page.getByLabel("No scanner?").setInputFiles(picture);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Take one as PNG or JPEG");
        MatrixToImageWriter.writeToPath(
                new QRCodeWriter().encode("SYNOPTA CASE " + number, BarcodeFormat.QR_CODE, 240, 240), "png", picture);
        page.getByLabel("No scanner?").setInputFiles(picture);
        page.waitForURL("**/day-book/outcome/" + number);
        Files.delete(picture);
    }

    @Test
    public void howRightWeWereIsShownWithItsFiguresAndTakenAway() throws IOException {
        at("/day-book/how-right");
        assertThat(page.getByText("right the first time").first()).isVisible();
        Locator shares = region("Right the first time");
        assertThat(shares).containsText("dryer");
        page.getByLabel("Right the first time, by").selectOption("specialist");
        assertThat(shares).containsText("Wenna");
        assertAccessible();
        Locator calibration = region("Said so likely, and it was");
        calibration.getByText("The figures").click();
        assertThat(calibration.getByRole(AriaRole.TABLE)).containsText("between");
        Download csv = page.waitForDownload(() -> calibration.getByText("CSV").click());
        assertTrue(Files.readString(csv.path()).startsWith("from,to,said,was,of,low,high"));
        page.getByLabel("From").fill("2999-01-01");
        assertThat(page.getByText("Nothing was told of any case")).isVisible();
    }

    @Test
    public void aLessonChangesNothingUntilSomebodyAcceptsItAndIsTakenBack() {
        at("/day-book/lessons");
        assertThat(page.getByText("In force: the packs as they ship")).isVisible();
        assertAccessible();
        Locator first = page.locator(".proposals tbody tr").first();
        first.getByRole(AriaRole.CHECKBOX).check();
        assertThat(button("Say who decides")).isDisabled();
        page.getByLabel("Decided by").fill("Ada");
        first.getByRole(AriaRole.BUTTON).click();
        Locator behind = page.locator(".proposals .behind");
        assertThat(behind.getByRole(AriaRole.LINK).first())
                .hasAttribute("href", Pattern.compile("/day-book/record/\\d+"));
        button("Accept 1").click();
        assertThat(page.getByText("In force: version")).isVisible();
        Locator versions = region("Versions");
        assertThat(versions).containsText("by Ada");
        versions.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Compare"))
                .last()
                .click();
        assertThat(versions).containsText("as shipped there");
        Locator words = page.locator(".proposals tbody tr td:nth-child(2)").first();
        String unwanted = words.innerText();
        page.getByLabel(Pattern.compile("^Choose: ")).first().check();
        button("Decline 1").click();
        assertThat(words).not().hasText(unwanted);
        page.getByLabel("the 1 one declined").check();
        assertThat(words).containsText(unwanted.replaceAll("\\s+", " "));
        assertThat(words).containsText("declined by Ada");
        versions.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Go back to it"))
                .last()
                .click();
        assertThat(versions).containsText("back to the packs: 0 figures");
        assertAccessible();
    }

    @Test
    public void aCustomerIsNamedFoundAndErasedInOneStep() {
        caller("th7820w thumps");
        assertThat(region("Bag")).containsText("Fits");
        page.getByText("Customer not named").click();
        page.getByLabel("Customer", new Page.GetByLabelOptions().setExact(true)).fill("Perpetua Quillfeather");
        page.getByLabel("Telephone").fill("55-0199");
        page.getByLabel("Served by").fill("Ida");
        page.getByLabel("Served by").blur();
        assertAccessible();
        button("Keep open").click();
        page.waitForURL(Pattern.compile("/cases/\\d+"));
        String kept = page.url();
        at("/day-book");
        page.getByLabel("Find a case").fill("quillf 55-0199");
        assertThat(page.locator("tbody tr")).hasCount(1);
        assertThat(page.locator("tbody tr")).containsText("Ida, for Perpetua Quillfeather");
        page.navigate(kept);
        page.getByText("Perpetua Quillfeather").first().click();
        button("Erase both").click();
        assertThat(page.getByText("Customer not named")).isVisible();
        at("/day-book");
        page.getByLabel("Find a case").fill("quillfeather");
        assertThat(page.getByText("No case has these words")).isVisible();
        assertEquals(page.getByText("Quillfeather").count(), 0);
    }
}
