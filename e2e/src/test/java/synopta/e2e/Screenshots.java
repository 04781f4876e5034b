package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.Test;

/** Makes the pictures of docs/screenshots from the demo data; run by `./synopta pictures`, not with the tests. */
public class Screenshots extends Browser {
    private static final Path FOLDER = Path.of(System.getProperty("synopta.root"), "docs", "screenshots");

    private void picture(String name) {
        page.mouse().move(0, 0);
        page.waitForTimeout(400);
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }

    private void handedOver(String line) {
        caller(line);
        assertThat(region("Bag")).containsText("Fits");
        button("Read to customer").click();
        button("Hand over").click();
        assertThat(page.getByText("handed over")).isVisible();
    }

    @Test
    public void theMainViews() {
        caller("th7B2O-w thumps, no heat, 8 yrs since the move");
        page.getByText("Heater assembly, coil open").click();
        assertThat(region("Bag")).containsText("QV-2107-2");
        picture("counter-thumping-dryer");

        caller("dg740b2w takes forever, 6 yrs");
        assertThat(region("Machine")).containsText("Check character");
        picture("counter-check-character");

        handedOver("th7820w squeaks, broke the belt again, 9 yrs");
        handedOver("hv4415 scrapes at the front, marks on clothes");
        handedOver("tm2205b microwave dead, fuse blew twice");
        press("p");
        assertThat(page.getByText("In the bag").first()).isVisible();
        picture("sheet");

        at("/cases");
        assertThat(page.getByText("scrapes at the front")).isVisible();
        picture("cases");
    }

    @Test
    public void theCases() {
        at("/cases/148/outcome");
        assertThat(region("Fault found")).containsText("predicted");
        picture("cases-outcome");
        at("/cases/148/history");
        assertThat(region("Likely causes")).containsText("%");
        picture("cases-history");
        at("/cases/accuracy");
        assertThat(page.getByText("right first time").first()).isVisible();
        picture("cases-accuracy");
        at("/cases/updates");
        assertThat(page.locator(".proposals")).isVisible();
        picture("cases-updates");
    }

    @Test
    public void theSale() {
        caller("th7820w thumps, 8 yrs");
        assertThat(region("Bag")).containsText("QV-4410-K");
        button("Read to customer").click();
        press("d");
        button("Take off the front panel").click();
        picture("counter-teardown");
    }

    @Test
    public void aVisit() {
        caller(
                "HG-4416-B from propane to natural gas, need the orifice, and a lower wash arm for my dishwasher TD-4614-B");
        assertThat(page.getByText("add as another machine")).isVisible();
        press("j");
        assertThat(region("Bag")).containsText("wash arm");
        page.locator(".visit-machines .btn").first().click();
        assertThat(region("Bag")).containsText("Convert LP to natural gas");
        picture("counter-visit");
        press("x");
    }

    @Test
    public void aQuote() {
        caller("HV-4415-W just the left glide please, scrapes at the front, marks on clothes, 9 yrs");
        page.getByLabel("Branch").selectOption("Staithe");
        button("Read to customer").click();
        press("o");
        assertThat(region("Purchase options")).containsText("more");
        press("q");
        page.keyboard().type("Marl & Daughter");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Subtotal")).isVisible();
        picture("quote");
        at("/settings");
        assertThat(page.getByText("Valid for, days")).isVisible();
        picture("settings");
    }

    @Test
    public void theFaultGuide() {
        at("/guide");
        assertThat(region("Entry")).containsText("Belt slack or gone");
        picture("guide");
    }

    @Test
    public void theDrawings() {
        caller("electric dryer grinds, a new bearing");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("which part?");
        picture("counter-which-part");

        at("/models");
        assertThat(region("Constructions").locator("svg")).hasCount(16);
        picture("constructions");

        at("/parts/QV1320");
        assertThat(region("Where used")).containsText("TH-7820-W");
        picture("parts");
    }

    @Test
    public void theBench() {
        at("/bench/element");
        button("Worked example").click();
        page.getByLabel("Meter reading").fill("21");
        assertThat(page.getByText("off value")).isVisible();
        picture("bench");
    }

    @Test
    public void theCatalog() throws IOException {
        at("/models/TH7820W");
        page.getByLabel("Model number").fill("th 78");
        assertThat(region("Equivalent models")).containsText("DE7-4082W");
        assertThat(page.getByText("TH-7B20-S")).isVisible();
        picture("models");

        at("/catalog");
        page.getByLabel("Choose a catalog zip file").setInputFiles(faulty());
        assertThat(region("Import")).containsText("Faults: ");
        button("Check for likely mistakes").click();
        assertThat(region("Likely mistakes")).containsText("Parts no model uses");
        picture("catalog");
    }

    /** A price list with three mistakes in it. */
    private static Path faulty() throws IOException {
        Path zip = Files.createTempDirectory("delivery").resolve("spring-prices.zip");
        try (OutputStream out = Files.newOutputStream(zip);
                ZipOutputStream packed = new ZipOutputStream(out)) {
            packed.putNextEntry(new ZipEntry("prices.csv"));
            packed.write(
                    "part,price,currency\nQV-1183,14.50,USD\nQV-3120,\"3,10\",USD\nQV-3121,5.80,euro\nqv3121,,USD\n"
                            .getBytes(StandardCharsets.UTF_8));
        }
        return zip;
    }
}
