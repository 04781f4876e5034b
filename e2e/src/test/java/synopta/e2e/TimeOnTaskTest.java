package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;

/**
 * Ten jobs by keys alone, counted by the keystroke-level model (Card, Moran and Newell 1980: 0.28 s for a key of an average
 * typist; 1.3 s is taken for a decision). What the caller says in between is not counted. The table of
 * docs/time-on-task.md must be what is counted here.
 */
public class TimeOnTaskTest extends Browser {
    private static final double KEY = 0.28;
    private static final double DECISION = 1.3;
    private static final int NO_LIMIT = 60;

    private final List<String> table = new ArrayList<>();
    private int keys;
    private int decisions;

    private void start(int decided) {
        keys = 0;
        decisions = decided;
    }

    private void typed(String text) {
        page.keyboard().type(text);
        keys += text.length();
    }

    /** A chord counts as its keys. */
    private void pressed(String... some) {
        for (String key : some) {
            page.keyboard().press(key);
            keys += key.split("\\+").length;
        }
    }

    private void done(String job, int limit) {
        double seconds = KEY * keys + DECISION * decisions;
        table.add(String.format(Locale.ROOT, "| %s | %d | %d | %.1f |", job, keys, decisions, seconds));
        assertTrue(seconds <= limit, "%s takes %.1f s".formatted(job, seconds));
    }

    private void atHand(String line) {
        caller(line);
        assertThat(region("Bag")).containsText("Fits");
    }

    @AfterClass
    public void theTableIsTheOneOfTheDocument() throws IOException {
        String doc = Files.readString(Path.of(System.getProperty("synopta.root"), "docs", "time-on-task.md"));
        List<String> missing = table.stream().filter(row -> !doc.contains(row)).toList();
        assertEquals(String.join("\n", missing), "", "rows that docs/time-on-task.md lacks");
    }

    @Test
    public void aWornTagBecomesASheet() {
        at("/");
        assertThat(line()).isFocused();
        start(2);
        typed("th7b2ow thumps 8 yrs");
        pressed("Escape");
        assertThat(region("Bag")).containsText("QV-4410-K");
        pressed("s", "Enter");
        assertThat(region("Cautions")).containsText("✓");
        pressed("h", "Enter");
        assertThat(page.getByText("handed over").first()).isVisible();
        pressed("p");
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("Read first");
        done("Worn tag to repair sheet", 15);
    }

    @Test
    public void aSecondCallIsHeldAndBack() {
        String first = held("th7820w thumps, 8 yrs");
        start(2);
        pressed("x");
        assertThat(line()).hasValue("");
        page.keyboard().type("hd4902s rack falls off its rail");
        assertThat(region("Known")).containsText("dishwasher");
        assertThat(page.locator(".call[href='/cases/%s']".formatted(first))).isVisible();
        int number = (Integer) page.evaluate(
                "number => [...document.querySelectorAll('.call')].findIndex(e => e.pathname === '/cases/' + number) + 1",
                first);
        pressed("Alt+" + number);
        assertThat(line()).hasValue("th7820w thumps, 8 yrs");
        done("Second call held, and the first back", 4);
    }

    @Test
    public void aBagIsReservedAtAnotherBranch() {
        atHand("th7820w thumps, 8 yrs");
        start(2);
        pressed("Escape", "a");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        typed("Marl");
        pressed("Tab", "Tab");
        typed("St");
        pressed("Tab", "Enter");
        assertThat(page.locator(".outcome")).containsText("Staithe");
        done("Reserved at another branch", 10);
    }

    @Test
    public void aNumberIsPriced() {
        at("/");
        assertThat(line()).isFocused();
        start(1);
        typed("qv1183 price");
        assertThat(page.getByText(Pattern.compile("\\$\\d+\\.\\d{2}")).first()).isVisible();
        assertThat(region("Bag")).containsText("QV-1183");
        done("Number to price", 5);
    }

    @Test
    public void aReturnIsRegistered() {
        atHand("th7820w belt broken, drum sits still, 8 yrs");
        press("s", "h");
        assertThat(page.getByText("handed over").first()).isVisible();
        String number = page.url().replaceAll(".*/cases/", "");
        at("/cases/follow-ups");
        assertThat(page.getByText("Follow-ups").last()).isVisible();
        start(2);
        typed(number);
        pressed("Enter");
        assertThat(region("Fault found")).containsText("Drum belt, broken");
        pressed("n", "r");
        typed("wrong p");
        pressed("Enter");
        page.waitForURL("**/follow-ups");
        at("/cases/" + number + "/outcome");
        assertThat(region("Earlier entries")).containsText("wrong part");
        done("Return registered, with its reason", 10);
    }

    @Test
    public void aQuestionIsAnsweredAndTakenBack() {
        atHand("th7820w thumps, no heat, 8 yrs");
        int known = page.locator(".known-list li").count();
        start(1);
        pressed("1");
        assertThat(page.locator(".known-list li")).not().hasCount(known);
        done("Question answered", NO_LIMIT);
        start(1);
        pressed("Control+z");
        assertThat(page.locator(".known-list li")).hasCount(known);
        done("Last step undone", NO_LIMIT);
    }

    @Test
    public void aQuoteIsCreated() {
        atHand("th7820w thumps, 8 yrs");
        start(1);
        pressed("Escape", "q");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        typed("Marl");
        pressed("Enter");
        assertThat(page.getByRole(AriaRole.ARTICLE)).containsText("Marl");
        done("Quote for a named customer", NO_LIMIT);
    }

    @Test
    public void theWorkIsShownAndTheModelsOfOtherBrands() {
        atHand("th7820w thumps, 8 yrs");
        start(1);
        pressed("Escape", "d");
        assertThat(page.getByText("nut driver").first()).isVisible();
        done("Teardown plan", NO_LIMIT);
        start(1);
        pressed("c");
        page.waitForURL("**/compatible**");
        assertThat(page.getByRole(AriaRole.TABLE).first()).isVisible();
        done("Models of other brands that take the bag", NO_LIMIT);
    }
}
