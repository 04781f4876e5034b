package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The machines as they are drawn: at the counter, in the gallery, on the sheet. */
public class DrawingsTest extends Browser {
    /** The least width a drawing is shown at, and about that of the counter. */
    private static final int[] WIDTHS = {420, 556};

    private Locator drawing() {
        return page.locator("svg.machine").first();
    }

    private Locator place(String slot) {
        return page.locator("[data-place=" + slot + "]");
    }

    @DataProvider
    Object[][] layouts() {
        return new Object[][] {
            {"dryer/A"},
            {"dryer/B"},
            {"dryer/C"},
            {"dryer/D"},
            {"dryer/E"},
            {"dryer/F"},
            {"dryer/G"},
            {"dryer/H"},
            {"range/freestanding"},
            {"range/freestanding-gas"},
            {"range/wall-oven"},
            {"dishwasher/tall-tub"},
            {"dishwasher/slimline"},
            {"dishwasher/drawer"},
            {"microwave/countertop"},
            {"microwave/over-range"},
        };
    }

    @Test(dataProvider = "layouts")
    public void everyPlaceIsNamedForEyeAndScreenReaderAndNoLabelOverlapsAnotherOrIsCutOff(String layout) {
        at("/models/constructions/" + layout);
        assertThat(drawing()).isVisible();
        assertNamedForScreenReaders();
        assertAccessible();
        Locator stages = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("View"))
                .getByRole(AriaRole.BUTTON);
        assertThat(stages.first()).isVisible();
        int named = 0;
        Locator gas = page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName("natural gas").setExact(true));
        int fuels = gas.count() + 1;
        for (int fuel = 0; fuel < fuels; fuel++) {
            if (fuel == 1) {
                stages.first().click();
                gas.click();
            }
            for (int stage = 1; stage < stages.count(); stage++) {
                stages.nth(stage).click();
                if (drawing().isVisible()) {
                    named += labelsApart(layout + ", stage " + stage);
                }
            }
        }
        stages.first().click();
        int places = page.locator(".places li").count();
        assertTrue(named >= places, named + " labels for " + places + " places");
    }

    private void assertNamedForScreenReaders() {
        List<?> names = (List<?>) page.evaluate("""
                () => [...document.querySelectorAll('svg.machine [data-place]')]
                    .map(place => place.getAttribute('aria-label'))""");
        assertTrue(names.size() > 11, names.toString());
        names.forEach(name -> assertTrue(((String) name).matches("[A-Z][^:]+( ×\\d)?: .{4,}"), "" + name));
        assertEquals(names.stream().distinct().count(), names.size());
        assertThat(drawing()).hasAttribute("aria-label", Pattern.compile("front|FRONT"));
    }

    /** How many labels there are, after none was found to touch another or to leave the drawing, at both widths. */
    private int labelsApart(String what) {
        for (int width : WIDTHS) {
            drawing().evaluate("(svg, width) => { svg.style.width = width + 'px'; }", width);
            List<Box> boxes = boxes();
            Box sheet = boxes.get(0);
            for (int i = 1; i < boxes.size(); i++) {
                Box box = boxes.get(i);
                String at = what + " at " + width + " px: " + box.text;
                assertTrue(box.x >= sheet.x && box.x + box.width <= sheet.x + sheet.width, at + " is cut off");
                assertTrue(box.y >= sheet.y - 1 && box.y + box.height <= sheet.y + sheet.height + 1, at);
                boxes.subList(1, i).forEach(other -> assertTrue(apart(box, other), at + " overlaps " + other.text));
            }
        }
        return page.locator(".machine .label").count();
    }

    /** A line box on the screen in CSS pixels, and the text in it. */
    private record Box(double x, double y, double width, double height, String text) {}

    /** The drawing, then its labels, read in one call: a call for each takes four times as long. */
    private List<Box> boxes() {
        List<?> read = (List<?>) drawing().evaluate("""
                svg => [svg, ...document.querySelectorAll('.machine .label, .machine .word')].map(e => {
                    const { x, y, width, height } = e.getBoundingClientRect();
                    return [x, y, width, height].map(String).concat(e === svg ? '' : e.textContent);
                })""");
        return read.stream()
                .map(e -> (List<?>) e)
                .map(e -> new Box(number(e, 0), number(e, 1), number(e, 2), number(e, 3), (String) e.get(4)))
                .toList();
    }

    private static double number(List<?> values, int index) {
        return Double.parseDouble((String) values.get(index));
    }

    /** The line boxes of letters overlap a little before the letters do: a fifth of their height is let pass. */
    private static boolean apart(Box a, Box b) {
        double slack = a.height / 5;
        return a.x + a.width <= b.x + 1
                || b.x + b.width <= a.x + 1
                || a.y + a.height - slack <= b.y
                || b.y + b.height - slack <= a.y;
    }

    @Test
    public void aSuspectedPlaceHasAPatternAndANumberAndOneIsTakenByTheKeyboard() {
        caller("th7820w thumps once a turn");
        assertThat(place("rear-roller")).hasAttribute("aria-label", Pattern.compile("×2: rear.*suspect 1, \\d+.%"));
        assertTrue((Boolean) place("rear-roller")
                .locator(".figure")
                .first()
                .evaluate("f => getComputedStyle(f).fill.startsWith('url')"));
        assertThat(drawing()).containsText("rear roller ×2");
        place("motor").focus();
        assertThat(region("Likely causes")).containsText("Drive motor: under the drum, in the middle");
        assertThat(region("Likely causes").locator(".pointed .code")).hasText(Pattern.compile("QV-\\d+.*"));
        page.keyboard().press("Enter");
        Locator asked = page.getByRole(AriaRole.DIALOG);
        assertThat(asked).containsText("This part? Drive motor");
        assertThat(asked).containsText("shaft at both ends");
        assertAccessible();
        page.keyboard().press("Escape");
        assertThat(asked).isHidden();
        place("motor").click();
        page.keyboard().press("Enter");
        assertThat(region("Bag")).containsText("drive motor");
        place("motor").click();
        assertThat(region("Bag")).not().containsText("drive motor");
    }

    @Test
    public void theMachinePeelsLayerByLayerAndEndsWithTheBeltPath() {
        caller("th7820w belt broken");
        assertThat(drawing()).isVisible();
        assertThat(place("vent")).isVisible();
        press("l");
        assertThat(drawing()).containsText("terminals");
        press("l");
        assertThat(place("vent")).isHidden();
        assertThat(drawing()).containsText("lint filter");
        for (int i = 0; i < 4; i++) {
            press("l");
        }
        Locator run = page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Belt path"));
        assertThat(run).hasAttribute("aria-label", Pattern.compile("Motor pulley: ribs on it, \\d+° of wrap"));
        assertThat(region("Likely causes")).containsText("against its spring");
        assertThat(region("Likely causes")).containsText("the belt runs over it");
        assertAccessible();
        press("l");
        assertThat(run).isHidden();
        assertThat(place("vent")).isVisible();
    }

    @Test
    public void aWordOfSeveralMeaningsIsChosenByPictureWithKeysAlone() {
        caller("electric dryer grinds, a new bearing");
        Locator which = page.getByRole(AriaRole.DIALOG);
        assertThat(which).containsText("“bearing”: which part?");
        assertThat(which).containsText("thick rubber tire");
        assertThat(which).containsText("in the middle of the drum");
        assertThat(which.locator("svg")).hasCount(3);
        assertAccessible();
        page.keyboard().press("Enter");
        press("m");
        assertThat(which.getByRole(AriaRole.BUTTON).filter(new Locator.FilterOptions().setHasText("Drum glide")))
                .isFocused();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
        assertThat(region("Known")).containsText("Requested: rear drum bearing");
        assertThat(which).isHidden();
        assertThat(drawing()).isVisible();
        caller("electric dryer dead, he says the sensor");
        assertThat(which).not().containsText("Flame sensor");
        page.keyboard().press("Enter");
        press("m");
        page.keyboard().press("Escape");
        assertThat(which).isHidden();
        assertThat(region("Known")).containsText("which part?");
    }

    @Test
    public void theGalleryShowsEveryConstructionAndWhatIsTakenForOneAnother() {
        at("/models");
        Locator all = region("Constructions").getByRole(AriaRole.LINK);
        assertThat(all).hasCount(layouts().length);
        assertAccessible();
        all.first().click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .containsText("Top on clips");
        region("Places").getByText("Rear drum roller").hover();
        assertThat(drawing()).containsText("rear roller ×2");
        assertThat(region("Often confused")).containsText("Triangle ring");
        assertThat(region("Often confused")).containsText("C-clip");
        assertAccessible();
    }

    @Test
    public void theSheetShowsWhereItGoesAndHowTheBeltLies() {
        caller("th7820w thumps once a turn");
        assertThat(region("Bag")).containsText("QV-4410-K");
        button("Hold").click();
        assertThat(page).hasURL(Pattern.compile("/cases/\\d+"));
        at(page.url().replaceFirst(".*/cases/", "/sheet/"));
        Locator sheet = page.getByRole(AriaRole.ARTICLE);
        assertThat(sheet).containsText("Rear drum roller ×2: rear, under the drum: one left, one right");
        assertThat(sheet).containsText("Motor pulley: ribs on it");
        labelsApart("the sheet");
        assertAccessible();
    }
}
