package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.client.j2se.MatrixToImageWriter;
import com.google.zxing.qrcode.QRCodeWriter;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Cases in the browser: two counters on one case, outcomes, accuracy, suggested updates. */
public class CasesTest extends Browser {
    private String handOver(String line) {
        caller(line);
        assertThat(region("Bag")).containsText("Fits");
        page.keyboard().press("Tab");
        press("s");
        press("h");
        assertThat(page.getByText("handed over").first()).isVisible();
        return page.url().replaceAll(".*/cases/", "");
    }

    @Test
    public void ofTwoCountersOnOneCaseTheSecondIsWarnedAndLosesNothing() {
        String number = held("th7820w thumps");
        try (BrowserContext other = page.context().browser().newContext()) {
            other.addCookies(context.cookies());
            Page second = other.newPage();
            second.navigate(page.url());
            Locator theirs = second.getByLabel("What the caller says");
            assertThat(theirs).hasValue("th7820w thumps");
            page.getByLabel("What the caller says").fill("th7820w thumps, 8 yrs");
            page.keyboard().press("Enter");
            assertThat(region("Known")).containsText("8 years old");
            page.waitForResponse("**/api/cases/" + number, () -> button("Hold").click());
            theirs.fill("th7820w thumps and squeals");
            second.keyboard().press("Enter");
            assertThat(second.getByText("Squeals").first()).isVisible();
            second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hold"))
                    .click();
            Locator warning = second.getByRole(AriaRole.ALERT);
            assertThat(warning).containsText("is now “th7820w thumps, 8 yrs”");
            assertThat(theirs).hasValue("th7820w thumps and squeals");
            second.waitForResponse(
                    answer -> answer.request().method().equals("PATCH"),
                    () -> second.getByText("Save mine").click());
            assertThat(warning).hasCount(0);
            page.reload();
            assertThat(page.getByLabel("What the caller says")).hasValue("th7820w thumps and squeals");
        }
    }

    @Test
    public void anOutcomeIsEnteredWithThreeKeysFromTheScanOfASheet() {
        String number = handOver("th7820w belt broken, drum sits still, 8 yrs");
        at("/cases/follow-ups");
        assertThat(page.getByText("Follow-ups").last()).isVisible();
        assertAccessible();
        page.keyboard().type("synopta case " + number);
        page.keyboard().press("Enter");
        assertThat(region("Fault found")).containsText("Drum belt, broken");
        assertAccessible();
        press("1", "f", "Enter");
        page.waitForURL("**/follow-ups");
        at("/cases/" + number + "/outcome");
        assertThat(region("Earlier entries")).containsText("fixed, Drum belt, broken");
        Locator idler = region("Location").locator("[data-place=idler]");
        idler.press("Enter");
        assertThat(region("Fault found")).containsText("Idler pulley: under the drum, beside or behind the motor");
        page.keyboard().press("2");
        assertThat(page.getByLabel("Idler pulley, seized")).isChecked();
        assertAccessible();
        press("n");
        page.getByLabel(Pattern.compile("QV-")).first().selectOption("wrong-part");
        page.getByLabel("Notes").fill("one rib short");
        button("Save").click();
        page.waitForURL("**/follow-ups");
        at("/cases/" + number + "/outcome");
        Locator entries = region("Earlier entries");
        assertThat(entries).containsText("not fixed, Idler pulley, seized");
        assertThat(entries).containsText("wrong part");
        assertThat(entries.getByRole(AriaRole.LISTITEM)).hasCount(2);
    }

    @Test
    public void whereThereIsNoScannerAPictureOfTheCodeIsTaken() throws IOException, WriterException {
        refusing("status of 4");
        String number = handOver("th7820w thumps");
        at("/cases/follow-ups");
        Path picture = Files.createTempFile("code", ".png");
        Files.writeString(picture, "no picture");
        page.getByLabel("No scanner?").setInputFiles(picture);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Use PNG or JPEG");
        MatrixToImageWriter.writeToPath(
                new QRCodeWriter().encode("SYNOPTA CASE " + number, BarcodeFormat.QR_CODE, 240, 240), "png", picture);
        page.getByLabel("No scanner?").setInputFiles(picture);
        page.waitForURL("**/cases/" + number + "/outcome");
        Files.delete(picture);
    }

    @Test
    public void accuracyIsShownWithItsFiguresAndExported() throws IOException {
        at("/cases/accuracy");
        assertThat(page.getByText("right first time").first()).isVisible();
        Locator shares = region("Right first time");
        assertThat(shares).containsText("dryer");
        page.getByLabel("Right first time, by").selectOption("specialist");
        assertThat(shares).containsText("Wenna");
        assertAccessible();
        Locator calibration = region("Predicted vs. actual");
        calibration
                .getByText("Table", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(calibration.getByRole(AriaRole.TABLE)).containsText("95% interval");
        Download csv = page.waitForDownload(() -> calibration.getByText("CSV").click());
        assertTrue(Files.readString(csv.path()).startsWith("from,to,said,was,of,low,high"));
        page.getByLabel("From").fill("2999-01-01");
        assertThat(page.getByText("No outcome is known")).isVisible();
    }

    @Test
    public void aSuggestedUpdateChangesNothingUntilAcceptedAndIsRestored() {
        at("/cases/updates");
        assertThat(page.getByText("In use: ")).isVisible();
        assertAccessible();
        Locator first = page.locator(".proposals tbody tr").first();
        assertThat(first)
                .containsText(Pattern.compile("than the (guide|catalog) says: .*\\. Based on \\d+ of \\d+ cases\\."));
        first.getByRole(AriaRole.CHECKBOX).check();
        first.getByRole(AriaRole.BUTTON).click();
        Locator behind = page.locator(".proposals .behind");
        assertThat(behind.getByRole(AriaRole.LINK).first())
                .hasAttribute("href", Pattern.compile("/cases/\\d+/history"));
        button("Accept 1").click();
        assertThat(page.getByText("In use: version")).isVisible();
        Locator versions = region("Versions");
        assertThat(versions).containsText("by manager");
        versions.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Compare"))
                .last()
                .click();
        assertThat(versions).containsText("as shipped in");
        declinedIsListedApart();
        versions.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Restore"))
                .last()
                .click();
        assertThat(versions).containsText("restored as shipped: 0 figures");
        assertAccessible();
    }

    private void declinedIsListedApart() {
        Locator words = page.locator(".proposals tbody tr td:nth-child(2)").first();
        String unwanted = words.innerText();
        page.getByLabel(Pattern.compile("^Select: ")).first().check();
        button("Decline 1").click();
        assertThat(words).not().hasText(unwanted);
        page.getByLabel("1 declined").check();
        assertThat(words).containsText(unwanted.replaceAll("\\s+", " "));
        assertThat(words).containsText("declined by manager");
    }

    @Test
    public void aCustomerIsNamedFoundAndErasedInOneStep() {
        caller("th7820w thumps");
        assertThat(region("Bag")).containsText("Fits");
        page.getByText("No customer name").click();
        page.getByLabel("Customer", new Page.GetByLabelOptions().setExact(true)).fill("Perpetua Quillfeather");
        page.getByLabel("Phone").fill("(503) 555-0199");
        assertAccessible();
        button("Hold").click();
        page.waitForURL(Pattern.compile("/cases/\\d+"));
        String kept = page.url();
        at("/cases");
        for (String words : List.of("quillf 5035550199", "503-555-0199", "555 0199 today", "quillf " + shownDay())) {
            page.getByLabel("Search cases").fill(words);
            assertThat(page.locator("tbody tr")).hasCount(1);
        }
        customersAndStaffAreFoundApart();
        assertThat(page.locator("tbody tr")).containsText("manager, for Perpetua Quillfeather");
        page.navigate(kept);
        region("Known").getByText("Perpetua Quillfeather").first().click();
        button("Erase customer data").click();
        assertThat(page.getByText("No customer name")).isVisible();
        at("/cases");
        page.getByLabel("Search cases").fill("quillfeather");
        assertThat(page.getByText("No case matches")).isVisible();
        assertEquals(page.getByText("Quillfeather").count(), 0);
    }

    private void customersAndStaffAreFoundApart() {
        page.getByLabel("Search cases").fill("manager");
        page.getByLabel("Search in").selectOption("in the customer");
        assertThat(page.getByText("No case matches")).isVisible();
        page.getByLabel("Search in").selectOption("in who served");
        assertThat(page.locator("tbody tr").first()).containsText("manager");
        page.getByLabel("Search in").selectOption("in the customer");
        page.getByLabel("Search cases").fill("quillf");
        assertThat(page.locator("tbody tr")).hasCount(1);
    }

    /** The day of the newest case, as the list shows it. */
    private String shownDay() {
        page.getByLabel("Search cases").fill("");
        return page.locator("tbody tr td:nth-child(2)").first().innerText().split(",")[0];
    }

    @Test
    public void olderCasesFollowAndAllOfThemAreExportedAndPrinted() {
        at("/cases");
        Locator rows = page.locator("tbody tr");
        assertThat(rows.first()).isVisible();
        int first = rows.count();
        button("Older cases").click();
        assertThat(rows.nth(first)).isVisible();
        page.getByLabel("Search cases").fill("dryer");
        for (String form : List.of("CSV", "XLSX", "JSON", "daily report")) {
            String href = page.getByText(form, new Page.GetByTextOptions().setExact(true))
                    .getAttribute("href");
            APIResponse answer = context.request().get(address + href);
            assertTrue(answer.ok() && answer.body().length > 100, href);
        }
    }
}
