package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** What callers say: tried and added in the fault guide; what is not covered is said at the counter. */
public class SayingsTest extends Browser {
    @Test
    public void aSentenceIsTriedAndItsReadingLeadsToTheFinding() {
        at("/guide/dryer");
        Locator field = page.getByLabel("Try a sentence: what would be heard, and why");
        field.fill("my heat is gone");
        field.press("Enter");
        Locator tried = region("Try a sentence");
        assertThat(tried).containsText("heard");
        assertThat(tried.getByRole(AriaRole.ROW).nth(1)).containsText("%");
        assertAccessible();
        tried.locator("tbody button").first().click();
        assertThat(region("Entry")).containsText("What callers say");
    }

    @Test
    public void aSayingIsAddedAndTakenBack() {
        at("/guide/microwave");
        region("Findings").getByRole(AriaRole.BUTTON).first().click();
        Locator sayings = region("Sayings");
        sayings.getByLabel("Add what a caller said").fill("it went frumious on me");
        sayings.getByLabel("Add what a caller said").press("Enter");
        assertThat(sayings).containsText("it went frumious on me");
        assertThat(sayings).containsText("added here");
        assertAccessible();
        button("Take back: it went frumious on me").click();
        assertThat(sayings).not().containsText("frumious");
    }

    @Test
    public void anApplianceThatIsNotCoveredIsSaidAndAPastedFormKeepsItsFieldsApart() {
        caller("my washer won't spin");
        assertThat(region("Likely causes")).containsText("Not covered: washer");
        assertAccessible();
        at("/");
        page.getByLabel("What the caller says: model or part number, complaint, age, fuel")
                .fill("");
        page.evaluate("""
                () => {
                  const data = new DataTransfer();
                  data.setData("text", "Model: th7820w\\nSerial: M12345678\\n\\nno heat");
                  document.activeElement.dispatchEvent(
                    new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }));
                }""");
        assertThat(page.getByLabel("What the caller says: model or part number, complaint, age, fuel"))
                .hasValue("Model: th7820w, Serial: M12345678, no heat");
        assertThat(region("Known")).containsText("M12345678");
    }
}
