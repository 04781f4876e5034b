package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The test bench, as a person goes through it. */
public class TestBenchTest extends Browser {
    private Locator outcome() {
        return page.getByRole(AriaRole.STATUS);
    }

    private void enter(String label, String figure) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(figure);
    }

    @Test
    public void nothingIsJudgedBeforeItIsEnteredAndWhatIsMissingIsNamed() {
        refusing("status of 4");
        at("/bench");
        assertThat(outcome()).containsText("Still needed: nameplate volts, nameplate watts, meter reading.");
        assertThat(page.getByLabel("Method")).containsText("volts times volts, divided by watts");
        assertAccessible();
        enter("Nameplate volts", "240");
        enter("Nameplate watts", "5.4 kW");
        assertThat(outcome()).hasText("Still needed: meter reading.");
        assertThat(page.getByText("5,400 W (5.4 kW)")).isVisible();
        enter("Meter reading", "21");
        assertThat(outcome()).containsText("off value");
        assertThat(outcome()).containsText("one of two coils may be open");
        assertThat(outcome().getByRole(AriaRole.IMG))
                .hasAttribute("aria-label", Pattern.compile("21 Ω; a good part reads 9.6 to 11.7 Ω"));
        enter("Meter reading", "OL");
        assertThat(outcome()).containsText("the coil is open");
        enter("Terminal to case", "50k");
        assertThat(outcome()).containsText("grounded");
        enter("Nameplate volts", "5 A");
        assertThat(page.getByText("“5 A” is not understood in V. Enter 240.")).isVisible();
        assertThat(outcome()).isEmpty();
        enter("Nameplate volts", "0");
        assertThat(outcome()).containsText("must be above 0");
        assertAccessible();
    }

    @Test
    public void everyCheckHasAMethodAndAWorkedExampleAndTakesUnitsAsTheyAreSpoken() {
        at("/bench");
        for (String[] check : new String[][] {
            {"Heating element", "Nameplate watts", "5400 watts", "is within 10%"},
            {"Two coils, three terminals", "Reading C–B", "21.5", "C–B"},
            {"Gas orifice", "Burner input", "18k", "licensed technician"},
            {"Vent duct", "Straight", "40", "A vent that is too long"},
            {"Supply voltage", "Meter reading", "118 volts", "240 V leg"},
            {"Stored charge", "Charged to", "2.1 kV", "which can kill"},
            {"Wrench fit", "Tool", "8 mm", "It fits"},
            {"Temperature sensor", "Meter reading", "10.4k", "Warm it in your hand"},
            {"Thermostat, thermal fuse", "Meter reading", "OL", "It is open although it is colder than 155 °F (68 °C)"},
            {"Usual range", "Meter reading", "0", "shorted"},
            {"Fuse substitution", "New fuse, amps", "15 A", "not acceptable"},
        }) {
            page.getByLabel("Checks")
                    .getByText(check[0], new Locator.GetByTextOptions().setExact(true))
                    .click();
            assertThat(outcome()).containsText("Still needed");
            button("Worked example").click();
            assertThat(outcome()).containsText("Next:");
            enter(check[1], check[2]);
            assertThat(outcome()).containsText(check[3]);
        }
        assertAccessible();
    }

    @Test
    public void theOldPartIsFoundByInchesAndFractionsAndForItsMachine() {
        refusing("status of 4");
        at("/bench/match");
        assertThat(outcome()).containsText("Still needed: one measure of the old part.");
        page.getByLabel("Length laid flat, once round").fill("92 1/4 in");
        page.getByLabel("Ribs").fill("4");
        assertThat(outcome().getByRole(AriaRole.ROW).nth(1)).containsText("%");
        assertThat(outcome()).containsText("Measure next");
        page.getByLabel("Length laid flat, once round").fill("60 in");
        page.getByLabel("From model").fill("TH-7820-W");
        Locator own = outcome()
                .getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("%\\s*fits")));
        assertThat(own.first()).isVisible();
        assertAccessible();
        page.getByLabel("From model").fill("NOSUCH");
        assertThat(outcome()).containsText("Model NOSUCH is not in the catalog");
        page.getByLabel("From model").fill("TH-7820-W");
        String part = own.first().locator(".code").textContent();
        own.first().getByText("Use").click();
        assertThat(region("Bag")).containsText(part);
    }

    @Test
    public void aMeterIsPracticedOnAPartThatShowsItsConditionWhenAsked() {
        at("/bench/meter");
        page.getByLabel("Test").selectOption("heater-coil-ohms");
        Locator display = page.getByLabel("Meter reading");
        assertThat(display).hasText(Pattern.compile("OL|[\\d.]+ Ω"));
        assertAccessible();
        button("Red lead to case").click();
        assertThat(page.getByRole(AriaRole.RADIO).nth(2)).isChecked();
        assertThat(display).hasText(Pattern.compile("OL|4200 Ω"));
        page.getByRole(AriaRole.RADIO).nth(2).focus();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("ArrowUp");
        assertThat(page.getByRole(AriaRole.RADIO).first()).isChecked();
        assertThat(page.getByText("Practice only")).isVisible();
        button("Show condition").click();
        assertThat(page.getByText(Pattern.compile("This part is (good|open|shorted|grounded)\\.")))
                .isVisible();
        button("Another part").click();
        assertThat(page.getByText("Practice only")).isVisible();
        page.getByLabel("Appliance").selectOption("microwave");
        page.getByLabel("Test").selectOption("magnetron-ohms");
        assertThat(page.getByText("licensed technician only")).isVisible();
    }

    /** Leads are moved with the keyboard alone until an open part is at hand; its reading then counts in the case. */
    @Test
    public void aReadingOfThePracticeMeterMovesTheSuspectsOfTheCase() {
        caller("oven, broil dead, bake fine");
        Locator practice = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("practice"));
        for (int i = 0; i < 12 && !practice.isVisible(); i++) {
            press("n");
            page.waitForTimeout(150);
        }
        Locator suspects = page.getByLabel("Suspects");
        String before = suspects.textContent();
        practice.focus();
        page.keyboard().press("Enter");
        Locator meter = page.getByRole(AriaRole.DIALOG);
        Locator display = meter.getByLabel("Meter reading");
        for (int i = 0; i < 40 && !"OL".equals(display.textContent()); i++) {
            meter.getByText("Another part").focus();
            page.keyboard().press("Enter");
            page.waitForTimeout(150);
        }
        assertThat(display).hasText("OL");
        assertAccessible();
        meter.getByText("Use this reading").focus();
        page.keyboard().press("Enter");
        assertThat(meter).isHidden();
        assertThat(region("Known")).containsText("meter: OL");
        assertThat(suspects).not().hasText(before);
    }

    @Test
    public void aReadingAsksForWhatItsVerdictHangsOnAndIsJudgedByIt() {
        caller("electric dryer no heat, thermistor 9 k");
        assertThat(region("Known")).containsText("How warm is the room?");
        assertAccessible();
        page.getByLabel("Room temperature").fill("68");
        page.keyboard().press("Enter");
        assertThat(region("Known")).containsText("Blower sensor off its curve");
        assertThat(region("Known")).not().containsText("How warm is the room?");
        caller("gas oven slow to heat, oven igniter pulls 2.9");
        assertThat(region("Known")).containsText("Which kind is it?");
        region("Known")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("round").setExact(true))
                .click();
        assertThat(region("Known")).containsText("Igniter draws enough");
        caller("dryer no heat, heater box reads 24 ohms");
        page.getByLabel("Nameplate volts").fill("240");
        page.getByLabel("Nameplate watts").fill("5400");
        page.keyboard().press("Enter");
        assertThat(region("Known")).containsText("Heater reads open or off");
    }
}
