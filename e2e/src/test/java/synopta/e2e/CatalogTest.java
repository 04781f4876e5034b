package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
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

/** The shelf and the machines, as a person goes through them. */
public class CatalogTest extends Browser {
    private static Path zip(String file, String text) throws IOException {
        Path zip = Files.createTempFile("delivery", ".zip");
        try (OutputStream out = Files.newOutputStream(zip);
                ZipOutputStream packed = new ZipOutputStream(out)) {
            packed.putNextEntry(new ZipEntry(file));
            packed.write(text.getBytes(StandardCharsets.UTF_8));
        }
        return zip;
    }

    private void choose(Path zip) {
        page.getByLabel("Choose a zip of the catalog").setInputFiles(zip);
    }

    @Test
    public void aZipIsCheckedFirstAndPutInPlaceOnAWord() throws IOException {
        at("/shelf");
        assertThat(region("Take out")).containsText("399");
        Download whole = page.waitForDownload(
                () -> page.getByText("The whole catalog (zip)").click());
        Path kept = Files.createTempFile("catalog", ".zip");
        whole.saveAs(kept);
        choose(kept);
        assertThat(region("Bring in")).containsText("is sound");
        assertAccessible();
        button("Put it in place").click();
        assertThat(region("Bring in")).containsText("In place: ");
    }

    @Test
    public void faultsStandInATableAndCanBeTakenAway() throws IOException {
        at("/shelf");
        choose(zip("prices.csv", "part,price,currency,color\nQV-1183,cheap,USD,red\n=QV-9,1.00,USD,red\n"));
        assertThat(region("Bring in")).containsText("(cheap) must be a number such as 18.40");
        assertThat(region("Bring in")).containsText("Passed over: 1");
        assertThat(button("Put it in place")).hasCount(0);
        assertAccessible();
        Download list = page.waitForDownload(
                () -> button("Take the list away (CSV)").first().click());
        String text = Files.readString(list.path());
        assertEquals(text.lines().findFirst().orElseThrow(), "\"file\",\"line\",\"column\",\"message\"");
        assertTrue(text.contains("\"prices.csv\",\"2\",\"price\","), text);
    }

    @Test
    public void theCatalogIsLookedOverAndASlipLeadsToItsMachine() {
        at("/shelf");
        button("Look for what is probably not meant").click();
        assertThat(region("Look it over")).containsText("Parts no machine uses");
        assertAccessible();
    }

    @Test
    public void aMachineIsFoundByWhatCanBeReadOfItWithTheKeyboardAlone() {
        at("/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Machines"))
                .focus();
        page.keyboard().press("Enter");
        page.getByLabel("Model number, as far as it can be read").focus();
        page.keyboard().type("th7B2O-w");
        assertThat(page.getByRole(AriaRole.LINK).getByText("TH-7820-W")).isVisible();
        page.keyboard().press("Tab");
        page.keyboard().press("Enter");
        assertThat(region("Parts by place")).containsText("QV-1180");
        assertThat(region("Under other brands")).containsText("DE7-4082W");
        assertThat(region("Under other brands")).containsText("the same parts at every place");
        assertAccessible();
        region("Under other brands").getByText("DE7-4082W").click();
        assertThat(region("Machine")).containsText("Orrinvale dryer, electric");
    }

    @Test
    public void anAddressWithoutAMachineSaysWhatToDo() {
        at("/machines/NOSUCHTHING");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("No model NOSUCHTHING is in the catalog");
    }
}
