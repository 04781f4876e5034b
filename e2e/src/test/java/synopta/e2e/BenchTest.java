package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The bench, as a person goes through it. */
public class BenchTest extends Browser {
    private Locator outcome() {
        return page.getByRole(AriaRole.STATUS);
    }

    @Test
    public void aReadingIsJudgedAsItIsTypedAndDrawnAgainstItsBand() {
        at("/bench");
        assertThat(outcome()).containsText("Enter what is missing");
        assertAccessible();
        page.getByLabel("The meter shows").fill("21");
        assertThat(outcome()).containsText("off value");
        assertThat(outcome()).containsText("one of two coils may be open");
        assertThat(outcome().getByRole(AriaRole.IMG))
                .hasAttribute("aria-label", Pattern.compile("21 Ω; a good part lies between 9.6 and 11.7 Ω"));
        page.getByLabel("The meter shows").fill("OL");
        assertThat(outcome()).containsText("the coil is broken");
        page.getByLabel("Terminal to casing").fill("50k");
        assertThat(outcome()).containsText("grounded");
        page.getByLabel("Volts on the plate").fill("0");
        assertThat(outcome()).containsText("must be above 0");
        assertAccessible();
    }

    @Test
    public void everyCheckIsReachedByItsNameAndSaysWhatToDoNext() {
        at("/bench");
        for (String[] check : new String[][] {
            {"Gas orifice", "Input of the burner", "18000", "licensed person"},
            {"Vent duct", "Straight", "40", "Too long a vent"},
            {"Supply", "The meter shows", "118", "one of the two legs is missing"},
            {"Stored charge", "Charged to", "2100", "which can kill"},
            {"Which tool fits", "Tool", "8 mm", "It serves"},
            {"Thermistor", "The meter shows", "10.4k", "Warm it in the hand"},
            {"Fuse in its place", "New one, amps", "15", "not acceptable"},
        }) {
            page.getByLabel("Checks").getByText(check[0]).click();
            page.getByLabel(check[1], new Page.GetByLabelOptions().setExact(true))
                    .fill(check[2]);
            assertThat(outcome()).containsText(check[3]);
        }
        assertAccessible();
    }

    @Test
    public void theOldPartIsFoundByInchesAndFractionsAndForItsMachine() {
        at("/bench/match");
        page.getByLabel("Length laid flat").fill("92 1/4 in");
        page.getByLabel("Ribs").fill("4");
        assertThat(outcome().getByRole(AriaRole.ROW).nth(1)).containsText("%");
        assertThat(outcome()).containsText("Measure next");
        page.getByLabel("Out of model").fill("TH-7820-W");
        assertThat(outcome()).containsText("fit");
        assertAccessible();
        page.getByLabel("Out of model").fill("NOSUCH");
        assertThat(outcome()).containsText("No model NOSUCH is in the catalogue");
    }
}
