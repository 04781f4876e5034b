package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;

/** Several machines of one caller over HTTP, and what else a caller may want. */
public class VisitTest extends ServedTest {
    private static long kept(String line, @Nullable Long visit) {
        Answer kept = post("/api/cases", "{\"line\":\"%s\",\"visit\":%s}".formatted(line, visit));
        assertEquals(kept.status(), 201, kept.body().toString());
        return kept.body().get("number").asLong();
    }

    @Test
    public void theMachinesOfAVisitAreCasesThatFindOneAnother() {
        long first = kept("th7820w thumps", null);
        long second = kept("td4614b lower wash arm", first);
        for (long of : List.of(first, second)) {
            assertEquals(
                    each(get("/api/cases/%d/visit".formatted(of)).body(), "number"), List.of("" + first, "" + second));
        }
        send("PATCH", "/api/cases/" + second, "{\"complaint\":\"still\"}");
        assertEquals(get("/api/cases/" + second).text("/visit"), "" + first, "a change leaves it there");
        Answer nowhere = post("/api/cases", "{\"line\":\"th7820w thumps\",\"visit\":999999}");
        assertEquals(nowhere.status(), 422);
        assertTrue(
                nowhere.body().toString().contains("Save the first machine first"),
                nowhere.body().toString());
    }

    @Test
    public void whatIsSaidOfAnotherMachineIsNotHeardForThisOne() {
        Answer worked = post("/api/counter", "{\"line\":\"th7820w drum rollers, and a filter for my dishwasher\"}");
        assertEquals(worked.text("/otherMachine/text"), "a filter for my dishwasher");
        assertEquals(worked.text("/otherMachine/appliance"), "dishwasher");
        assertEquals(each(worked.body().get("bag"), "partType"), List.of("drum-roller", "roller-hardware"));
    }

    @Test
    public void aJobAndLikelyNumbersAreInTheAnswer() {
        Answer job = post("/api/counter", "{\"line\":\"hg4416b from propane to natural gas\"}");
        assertEquals(each(job.body().get("jobs"), "job"), List.of("convert-to-natural-gas"));
        assertEquals(each(job.body().get("bag"), "partType"), List.of("natural-gas-orifice", "natural-gas-limiter"));
        Answer likely = post("/api/counter", "{\"line\":\"electric dryer, drum rollers please\"}");
        assertEquals(likely.text("/likely/0/part"), "QV-5618");
        double share = likely.body().at("/likely/0/probability").asDouble();
        assertTrue(share > 0.4 && share < 0.45, share + " of the electric dryers");
        assertTrue(post("/api/counter", "{\"line\":\"th7820w how much is a belt\"}")
                .body()
                .get("priceOnly")
                .asBoolean());
    }

    @Test
    public void aQuoteOfAPartWithoutAModelSaysThatItsFitWasNotChecked() {
        Answer quote = post(
                "/api/quotes",
                "{\"branch\":\"Staithe\",\"lines\":[{\"part\":\"QV-1183\",\"quantity\":1,\"fitChecked\":false},"
                        + "{\"part\":\"QV-5618\",\"quantity\":2}]}");
        assertEquals(quote.status(), 201, quote.body().toString());
        assertEquals(each(quote.body().get("lines"), "fitChecked"), List.of("false", "true"));
        assertEquals(
                each(get("/api/quotes/" + quote.text("/number")).body().get("lines"), "fitChecked"),
                List.of("false", "true"));
    }

    @Test
    public void theHouseChoosesWhatBecomesOfUnlikelyRequests() {
        assertEquals(get("/api/settings").text("/unlikelyRequests"), "noted");
        assertEquals(
                send("PUT", "/api/settings", "{\"unlikelyRequests\":\"sold\"}").text("/unlikelyRequests"), "sold");
        Answer worked = post("/api/counter", "{\"line\":\"th7820w does not heat, need a belt\"}");
        assertEquals(worked.text("/requests/0/status"), "in-bag");
        assertEquals(worked.text("/requests/0/symptoms"), "");
        assertEquals(
                send("PUT", "/api/settings", "{\"unlikelyRequests\":\"never\"}").status(), 422);
        send("PUT", "/api/settings", "{\"unlikelyRequests\":\"noted\"}");
    }
}
