package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.util.Base64;
import java.util.Map;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Signing in, handing a terminal on while a call is open, and what each role is shown. */
public class AccountsTest extends Browser {
    private static final String PASSWORD = "by-hand-1";

    /** What the server says of those who are not signed in is no trouble here. */
    @BeforeMethod
    public void refusals() {
        refusing("401");
    }

    /** An account with a password and a PIN. */
    private static void open(String name, String pin) {
        String code = post(MANAGER, "/api/accounts", Map.of("name", name, "role", "counter"))
                .replaceAll(".*\"code\":\"([^\"]+)\".*", "$1");
        post("", "/api/session/code", Map.of("name", name, "code", code, "password", PASSWORD));
        String own = "Basic " + Base64.getEncoder().encodeToString((name + ":" + PASSWORD).getBytes());
        post(own, "/api/session/pin", Map.of("password", PASSWORD, "pin", pin));
    }

    private static String post(String authorization, String path, Map<String, String> body) {
        context.clearCookies();
        RequestOptions sent = RequestOptions.create().setData(body);
        if (!authorization.isEmpty()) {
            sent.setHeader("Authorization", authorization);
        }
        return context.request().post(address + path, sent).text();
    }

    private Locator heading() {
        return page.getByRole(AriaRole.HEADING).first();
    }

    @Test
    public void anAccountOfTheDemoIsOneClickAndAWrongPasswordIsSaid() {
        context.clearCookies();
        at("/cases");
        assertThat(heading()).hasText("Sign in");
        assertAccessible();
        page.keyboard().type("counter");
        page.keyboard().press("Tab");
        page.keyboard().type("wrong");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("The name or the password is not right");
        button("Sign in as counter").click();
        assertThat(heading()).hasText("Cases");
        assertThat(page.getByRole(AriaRole.BANNER)).containsText("counter");
    }

    @Test
    public void theNextPersonServesByPinAndTheCallStaysAsItWas() {
        open("Wiebke Nordstrand", "2846");
        signIn("counter", "counter-demo");
        caller("th7820w thumps, 8 yrs");
        assertThat(region("Bag")).containsText("Fits");
        button("counter: switch or lock").click();
        assertThat(heading()).hasText("Who serves?");
        assertThat(line()).not().isVisible();
        assertAccessible();
        page.getByLabel("Name").selectOption("Wiebke Nordstrand");
        page.getByLabel("PIN").fill("1111");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("not right");
        page.getByLabel("PIN").fill("2846");
        page.keyboard().press("Enter");
        assertThat(region("Bag")).containsText("Fits");
        assertThat(line()).hasValue(Pattern.compile("th7820w thumps.*"));
        button("Hold").click();
        page.waitForURL(Pattern.compile("/cases/\\d+"));
        at("/cases");
        assertThat(page.locator("tbody tr").first()).containsText("Wiebke Nordstrand");
    }

    @Test
    public void whatIsEnteredIsThereAgainAfterTheSessionEndedOnTheServer() {
        signIn("counter", "counter-demo");
        caller("th7820w thumps, 8 yrs");
        assertThat(region("Bag")).containsText("Fits");
        press("n", "2");
        assertThat(region("Known")).containsText("answered");
        context.clearCookies();
        // By the page itself: what it asks in the background may be refused first, and then nothing can be reached.
        button("Hold").dispatchEvent("click");
        assertThat(heading()).hasText("Sign in");
        button("Sign in as counter").click();
        assertThat(line()).hasValue("th7820w thumps, 8 yrs");
        assertThat(region("Known")).containsText("answered");
    }

    @Test
    public void aRoleIsShownWhatItMayDo() {
        signIn("viewer", "viewer-demo");
        at("/settings");
        assertThat(page.getByText("Only a manager may change these settings.")).isVisible();
        assertThat(page.getByLabel("Sales tax, %")).isDisabled();
        page.getByText("What each role may do").click();
        Locator row = page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Change settings"));
        assertThat(row).containsText("no");
        assertAccessible();
        at("/catalog");
        assertThat(page.getByText("Only a manager may import a catalog.")).isVisible();
        at("/cases");
        assertThat(page.getByText("Export these cases")).hasCount(0);
    }

    @Test
    public void aManagerSetsWhenTerminalsLockAndMakesABackup() {
        signIn("manager", "manager-demo");
        at("/settings");
        Locator minutes = region("Access and privacy").getByLabel("Lock a terminal after, minutes");
        minutes.fill("9");
        page.keyboard().press("Tab");
        assertThat(page.getByText("✓ saved")).isVisible();
        at("/settings");
        assertThat(minutes).hasValue("9");
        minutes.fill("15");
        page.keyboard().press("Enter");
        assertThat(page.getByText("✓ saved")).isVisible();
        button("Back up now").click();
        assertThat(region("Backups").locator("tbody tr")).containsText("synopta-");
        assertAccessible();
    }

    @Test
    public void aManagerOpensAnAccountAndItsOwnerChoosesThePassword() {
        at("/settings");
        Locator accounts = region("Accounts");
        accounts.getByLabel("Name of a new account").fill("Folkert");
        button("Open account").click();
        String code = accounts.locator(".given-code").textContent();
        assertAccessible();
        at("/settings");
        assertThat(region("Trail")).containsText("Every entry is as it was written");
        assertThat(region("Trail").locator("tbody tr").first()).containsText("Open, change and close accounts");
        assertAccessible();
        region("Your account").getByText("Sign out").click();
        button("Use a one-time code").click();
        page.keyboard().type(code.toLowerCase());
        page.getByLabel("Name").fill("folkert");
        page.getByLabel("New password").fill(PASSWORD);
        page.keyboard().press("Enter");
        assertThat(line()).isVisible();
        at("/settings");
        assertThat(region("Your account")).containsText("signed in as Folkert, counter");
        Locator own = region("Your account");
        own.getByLabel("Present password").first().fill(PASSWORD);
        own.getByLabel("PIN for shared terminals").fill("7319");
        page.keyboard().press("Enter");
        assertThat(own.getByLabel("New PIN")).isVisible();
    }
}
