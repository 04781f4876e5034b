package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.Test;

/** Makes the pictures of docs/screenshots from the demo data; run by `./synopta pictures`, not with the tests. */
public class Pictures extends Browser {
    private static final Path FOLDER = Path.of(System.getProperty("synopta.root"), "docs", "screenshots");

    private void picture(String name) {
        page.mouse().move(0, 0);
        page.waitForTimeout(400);
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }

    @Test
    public void theMainViews() {
        caller("th7B2O-w thumps, no heat, 8 yrs since the move");
        page.getByText("Heater box, coil open").click();
        assertThat(region("Bag")).containsText("QV-2107-2");
        picture("counter-thumping-dryer");

        caller("dg740b2w takes forever, 6 yrs");
        assertThat(region("Machine")).containsText("again");
        picture("counter-read-again");

        caller("drier squeaks, dunno the model");
        assertThat(region("Known")).containsText("Fuel not known");
        picture("counter-model-not-known");

        for (String line : List.of(
                "th7820w squeaks, broke the belt again, 9 yrs", "hv4415 scrapes at the front, marks on clothes")) {
            caller(line);
            assertThat(region("Bag")).containsText("fits");
            button("Said to the person").click();
            page.keyboard().press("h");
            assertThat(page.getByText("handed over")).isVisible();
        }
        caller("tm2205b microwave dead, fuse blew twice");
        assertThat(region("Bag")).containsText("fits");
        button("Said to the person").click();
        button("Hand over").click();
        assertThat(page.getByText("handed over")).isVisible();
        picture("counter-microwave-handed-over");
        page.keyboard().press("p");
        assertThat(page.getByText("In the bag").first()).isVisible();
        picture("sheet");

        at("/day-book");
        assertThat(page.getByText("scrapes at the front")).isVisible();
        picture("day-book");
    }
}
