package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A stop over HTTP: nothing leaves the counter, and the case says why. */
public class StopTest extends ServedTest {
    @Test
    public void whereGasIsSmelledNothingIsHandedOverAndTheCaseKeepsWhatWasSaid() {
        Answer refused = post("/api/cases", """
                {"line":"gas dryer smells of gas","lines":[{"part":"QV-1183","quantity":1}],
                 "cautionsShown":["mains","gas"],"status":"handed-over"}""");
        assertEquals(refused.status(), 422, refused.body().toString());
        assertTrue(
                refused.text("/detail").startsWith("Nothing is handed over"),
                refused.body().toString());
        Answer kept = post("/api/cases", "{\"line\":\"gas dryer smells of gas\",\"status\":\"open\"}");
        assertEquals(kept.status(), 201);
        long number = kept.body().get("number").asLong();
        JsonNode revision =
                get("/api/cases/%d/revisions".formatted(number)).body().get(0);
        assertEquals(revision.get("action").asString(), "stop");
        assertTrue(revision.get("why").asString().contains("fire service from outside"), revision.toString());
    }
}
