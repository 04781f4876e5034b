package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What nobody should send, and somebody will. */
public class BadRequestsTest extends ServedTest {
    @BeforeClass
    public void aCaseToChange() {
        post("/api/cases", "{\"line\":\"a case to change\"}");
    }

    @DataProvider
    Object[][] awkward() {
        return new Object[][] {
            {"broken JSON", "POST", "/api/cases", "{\"line\": ", 400, "line 1"},
            {"a word for a number", "POST", "/api/cases", "{\"ageYears\":\"old\"}", 400, "ageYears"},
            {
                "a half quantity",
                "POST",
                "/api/basket",
                "{\"needs\":[{\"part\":\"A\",\"quantity\":1.5}]}",
                400,
                "quantity"
            },
            {"no body", "POST", "/api/tag/read", "", 400, "JSON"},
            {"a missing field", "POST", "/api/tag/read", "{}", 422, "text"},
            {"a limit of none", "POST", "/api/tag/read", "{\"text\":\"x\",\"limit\":0}", 422, "limit"},
            {
                "an unknown appliance",
                "POST",
                "/api/diagnosis",
                "{\"appliance\":\"toaster\"}",
                422,
                "must be one of dryer"
            },
            {"no appliance", "POST", "/api/diagnosis", "{\"complaint\":\"\"}", 422, "The appliance is not known"},
        };
    }

    @DataProvider
    Object[][] awkwardDiagnoses() {
        return new Object[][] {
            {"an unknown model", "POST", "/api/diagnosis", "{\"model\":\"ZZ1\"}", 422, "Read the tag"},
            {"an age below nought", "POST", "/api/diagnosis", "{\"appliance\":\"dryer\",\"ageYears\":-1}", 422, "Age"},
            {
                "an unknown finding",
                "POST",
                "/api/diagnosis",
                "{\"appliance\":\"dryer\",\"findings\":[{\"finding\":\"x\",\"answer\":\"yes\"}]}",
                422,
                "(x)"
            },
            {
                "a reading that is none",
                "POST",
                "/api/diagnosis",
                "{\"appliance\":\"dryer\",\"readings\":[{\"test\":\"thermal-fuse-ohms\",\"value\":\"beep\"}]}",
                422,
                "OL"
            },
        };
    }

    @DataProvider
    Object[][] awkwardToo() {
        String long10 = "thump, no heat, ".repeat(625);
        return new Object[][] {
            {
                "a quantity of none",
                "POST",
                "/api/basket",
                "{\"needs\":[{\"part\":\"A\",\"quantity\":0}]}",
                422,
                "between 1"
            },
            {"an unknown part", "POST", "/api/cases", "{\"lines\":[{\"part\":\"NOPE\",\"quantity\":1}]}", 422, "NOPE"},
            {"an unknown status", "POST", "/api/cases", "{\"status\":\"gone\"}", 422, "open, handed-over"},
            {"a line too long", "POST", "/api/counter", "{\"line\":\"" + "x".repeat(20_001) + "\"}", 422, "line"},
            {"a body too large", "POST", "/api/counter", "{\"line\":\"" + "x".repeat(2_000_001) + "\"}", 413, "2 MB"},
            {"an unknown model's page", "GET", "/api/models/ZZ1", "", 404, "ZZ1"},
            {"a case that is not there", "GET", "/api/cases/999999", "", 404, "999999"},
            {"a case number that is none", "GET", "/api/cases/first", "", 400, "first"},
            {"a slash in a model", "GET", "/api/models/a%2Fb", "", 400, "letters and digits"},
            {"a day that is none", "GET", "/api/cases?from=yesterday", "", 400, "yesterday"},
            {"an address that is not there", "GET", "/api/nowhere", "", 404, "/v3/api-docs"},
            {"a line of 10,000 characters", "POST", "/api/counter", "{\"line\":\"" + long10 + "\"}", 422, "line"},
            {"a line as long as it may be", "POST", "/api/counter", "{\"line\":\"" + "x".repeat(2000) + "\"}", 200, ""},
            {"a patch of a wrong kind", "PATCH", "/api/cases/1", "{\"ageYears\":\"old\"}", 400, "ageYears"},
            {"an empty line", "POST", "/api/counter", "{\"line\":\"\"}", 200, ""},
        };
    }

    @Test(dataProvider = "awkward")
    public void whateverIsSentGetsAnAnswerAPersonCanActOn(
            String what, String method, String path, String body, int status, String words) {
        Answer answer = send(method, path, body);
        assertEquals(answer.status(), status, answer.whole().body());
        String text = answer.whole().body();
        assertFalse(text.contains("Exception") || text.contains("\tat "), text);
        if (status >= 400) {
            assertEquals(answer.type().replaceAll(";.*", ""), "application/problem+json");
            assertTrue(answer.text("/detail").contains(words), answer.text("/detail"));
        }
    }

    @Test(dataProvider = "awkwardDiagnoses")
    public void andSoDoesWhatNoMachineCanShow(
            String what, String method, String path, String body, int status, String words) {
        whateverIsSentGetsAnAnswerAPersonCanActOn(what, method, path, body, status, words);
    }

    @Test(dataProvider = "awkwardToo")
    public void andSoDoesWhatIsImpossibleTooLongOrNotThere(
            String what, String method, String path, String body, int status, String words) {
        whateverIsSentGetsAnAnswerAPersonCanActOn(what, method, path, body, status, words);
    }
}
