package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The bench, as a person goes through it. */
public class TestBenchTest extends Browser {
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
            {"Sensor", "The meter shows", "10.4k", "Warm it in the hand"},
            {"Thermostat, thermal fuse", "The meter shows", "OL", "It is open, though it is colder"},
            {"Usual range", "The meter shows", "0", "shorted"},
            {"Fuse in its place", "New one, amps", "15", "not acceptable"},
        }) {
            page.getByLabel("Checks")
                    .getByText(check[0], new Locator.GetByTextOptions().setExact(true))
                    .click();
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
        assertThat(outcome()).containsText("No model NOSUCH is in the catalog");
    }

    @Test
    public void aMeterIsPracticedOnAPartThatTellsItsConditionWhenAsked() {
        at("/bench/meter");
        page.getByLabel("What is read").selectOption("heater-coil-ohms");
        Locator display = page.getByLabel("The meter shows");
        assertThat(display).hasText(Pattern.compile("OL|[\\d.]+ Ω"));
        assertAccessible();
        button("Red lead to casing").click();
        assertThat(page.getByRole(AriaRole.RADIO).nth(2)).isChecked();
        assertThat(display).hasText(Pattern.compile("OL|4200 Ω"));
        page.getByRole(AriaRole.RADIO).nth(2).focus();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("ArrowUp");
        assertThat(page.getByRole(AriaRole.RADIO).first()).isChecked();
        assertThat(page.getByText("For practice")).isVisible();
        button("What is it?").click();
        assertThat(page.getByText(Pattern.compile("This one is (good|open|shorted|grounded)\\.")))
                .isVisible();
        button("Another part").click();
        assertThat(page.getByText("For practice")).isVisible();
        page.getByLabel("Appliance").selectOption("microwave");
        page.getByLabel("What is read").selectOption("magnetron-ohms");
        assertThat(page.getByText("qualified person only")).isVisible();
    }

    /** Leads are moved with the keyboard alone until an open part is at hand; its reading then counts in the case. */
    @Test
    public void aReadingOfThePracticeMeterMovesTheSuspectsOfTheCase() {
        caller("oven, broil dead, bake fine");
        Locator practice = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("practice"));
        for (int i = 0; i < 12 && !practice.isVisible(); i++) {
            page.keyboard().press("n");
            page.waitForTimeout(150);
        }
        Locator suspects = page.getByLabel("Suspects");
        String before = suspects.textContent();
        practice.focus();
        page.keyboard().press("Enter");
        Locator meter = page.getByRole(AriaRole.DIALOG);
        Locator display = meter.getByLabel("The meter shows");
        for (int i = 0; i < 40 && !"OL".equals(display.textContent()); i++) {
            meter.getByText("Another part").focus();
            page.keyboard().press("Enter");
            page.waitForTimeout(150);
        }
        assertThat(display).hasText("OL");
        assertAccessible();
        meter.getByText("Take this reading").focus();
        page.keyboard().press("Enter");
        assertThat(meter).isHidden();
        assertThat(region("Known")).containsText("meter: OL");
        assertThat(suspects).not().hasText(before);
    }
}
