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

/** The catalog and the models, as a person goes through them. */
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
        page.getByLabel("Choose a catalog zip file").setInputFiles(zip);
    }

    @Test
    public void aZipIsCheckedFirstAndImportedWhenItIsApplied() throws IOException {
        at("/catalog");
        assertThat(region("Export")).containsText("400");
        Download whole =
                page.waitForDownload(() -> page.getByText("Whole catalog (zip)").click());
        Path kept = Files.createTempFile("catalog", ".zip");
        whole.saveAs(kept);
        choose(kept);
        assertThat(region("Import")).containsText("has no faults");
        assertAccessible();
        button("Apply").click();
        assertThat(region("Import")).containsText("Imported ");
    }

    @Test
    public void faultsAreListedAndCanBeExported() throws IOException {
        at("/catalog");
        choose(zip("prices.csv", "part,price,currency,color\nQV-1183,cheap,USD,red\n=QV-9,1.00,USD,red\n"));
        assertThat(region("Import")).containsText("(cheap) must be a number such as 18.40");
        assertThat(region("Import")).containsText("Ignored: 1");
        assertThat(button("Apply")).hasCount(0);
        assertAccessible();
        Download list = page.waitForDownload(
                () -> button("Export the list (CSV)").first().click());
        String text = Files.readString(list.path());
        assertEquals(text.lines().findFirst().orElseThrow(), "\"file\",\"line\",\"column\",\"message\"");
        assertTrue(text.contains("\"prices.csv\",\"2\",\"price\","), text);
    }

    @Test
    public void theCatalogIsCheckedForLikelyMistakes() {
        at("/catalog");
        button("Check for likely mistakes").click();
        assertThat(region("Likely mistakes")).containsText("Parts no model uses");
        assertAccessible();
    }

    @Test
    public void aMachineIsFoundByWhatCanBeReadOfItWithTheKeyboardAlone() {
        at("/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Models"))
                .focus();
        page.keyboard().press("Enter");
        page.getByLabel("Model number, as far as it can be read").focus();
        page.keyboard().type("th7B2O-w");
        assertThat(page.getByRole(AriaRole.LINK).getByText("TH-7820-W")).isVisible();
        page.keyboard().press("Tab");
        page.keyboard().press("Enter");
        assertThat(region("Parts by place")).containsText("QV-1180");
        assertThat(region("Equivalent models")).containsText("DE7-4082W");
        assertThat(region("Equivalent models")).containsText("different parts: door spring");
        assertAccessible();
        region("Equivalent models").getByText("DE7-4082W").click();
        assertThat(region("Model")).containsText("Orrinvale dryer, electric");
    }

    @Test
    public void anAddressWithoutAMachineSaysWhatToDo() {
        refusing("status of 4");
        at("/models/NOSUCHTHING");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Model NOSUCHTHING is not in the catalog");
    }
}
