package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Fault codes over HTTP, and parts that are not for everybody. */
public class CodesTest extends ServedTest {
    @Test
    public void aCodeMeansWhatItsBrandOrFamilySays() {
        assertEquals(
                each(get("/api/codes?brand=Pelladine&appliance=dryer&code=e-24").body(), "means"),
                List.of("Too hot at the outlet", "Motor does not reach its speed"));
        assertEquals(
                each(get("/api/codes?brand=Halvorn&appliance=dryer&code=E24").body(), "means"),
                List.of("Too hot at the outlet"));
        assertEquals(get("/api/codes?brand=Orrinvale&code=E24").body().size(), 0);
        assertEquals(get("/api/codes").body().size(), 15);
        assertEquals(get("/api/codes?appliance=kettle").status(), 422);
    }

    /** A line, the code read, and what it means on that machine. */
    @DataProvider
    Object[][] lines() {
        return new Object[][] {
            {"HV-9172-W shows e24", "E24", "Too hot at the outlet"},
            {"PD9197/G error E24", "E24", "Motor does not reach its speed"},
            {"TH-7820-W shows E24", "E24", "not listed for this machine"},
            {"dryer shows E24", "E24", "not listed for this machine"},
            {"DW8202W blinks 7 then 1", "blink 7-1", "Water does not get warm"},
        };
    }

    @Test(dataProvider = "lines")
    public void theCounterReadsTheCodeAndCarriesNoMeaningAcrossBrands(String line, String code, String means) {
        Answer answer = post("/api/counter", "{\"line\":\"%s\"}".formatted(line));
        assertEquals(answer.text("/code"), code);
        assertEquals(answer.text("/hearing/code/means"), means);
        assertTrue(answer.text("/hearing/code/words").contains("It names the circuit, not the part"));
        assertTrue(each(answer.body().get("known"), "words").contains("Fault code shown"));
    }

    @Test
    public void aCodeSentBesideTheComplaintIsReadAsOneInIt() {
        Answer answer = post(
                "/api/diagnosis", "{\"appliance\":\"dishwasher\",\"complaint\":\"not draining\",\"code\":\"F2 E2\"}");
        assertEquals(answer.text("/code"), "F2 E2");
        assertTrue(post("/api/diagnosis", "{\"appliance\":\"dishwasher\",\"complaint\":\"not draining\"}")
                .body()
                .get("code")
                .isNull());
    }

    @Test
    public void theInsideOfAMicrowaveIsSoldToATechnicianAndNotToACustomer() {
        String asked = "{\"line\":\"TM-2205-B dead, fuse blew twice\",\"person\":\"%s\"}";
        Answer technician = post("/api/counter", asked.formatted("technician"));
        assertTrue(each(technician.body().get("needs"), "partType").contains("line-fuse"));
        Answer customer = post("/api/counter", asked.formatted("customer"));
        assertEquals(
                customer.body().get("needs").size(),
                0,
                customer.body().get("needs").toString());
        assertTrue(each(customer.body().get("withheld"), "partType").contains("line-fuse"));
        assertTrue(each(customer.body().get("withheld"), "why").get(0).contains("Only a licensed technician"));
    }
}
