package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import org.testng.annotations.Test;

/** What leaves the shelves and comes back, over HTTP. */
public class StockTest extends ServedTest {
    private static final String PART = "HN-16237";

    private int free() {
        for (var row : get("/api/parts/" + PART.replace("-", "")).body().get("stock")) {
            if (row.get("branch").asString().equals("Staithe")) {
                return row.get("onHand").asInt();
            }
        }
        return 0;
    }

    private String kept(String status, int quantity) {
        return post("/api/cases", """
                {"line":"HD-4902-S drain pump","branch":"Staithe","customer":"Nell Foster","customerPhone":"555-0142",
                 "lines":[{"part":"%s","quantity":%d}],"status":"%s",
                 "cautionsShown":["mains","water","weight","sharp-metal","glass"]}""".formatted(PART, quantity, status)).text("/number");
    }

    private Answer reserve(String number, int quantity) {
        return post("/api/reservations", """
                {"branch":"Staithe","caseNumber":%s,"order":true,"until":"2026-12-09",
                 "lines":[{"part":"%s","quantity":%d}]}""".formatted(number, PART, quantity));
    }

    @Test
    public void aSecondPressTakesNoSecondPieceAndWhatIsKeptIsCalledAboutAndCollected() {
        int before = free();
        String number = kept("open", 1);
        String reserved = reserve(number, 1).text("/outcomes/0/number");
        assertEquals(reserve(number, 1).text("/outcomes/0/number"), reserved);
        assertEquals(free(), before - 1);
        Answer standing = get("/api/reservations/standing");
        assertTrue(standing.body().toString().contains("\"customer\":\"Nell Foster\""));
        assertTrue(standing.body().toString().contains("\"until\":\"2026-12-09\""));
        assertEquals(post("/api/reservations/" + reserved + "/call", "").status(), 200);
        assertEquals(post("/api/reservations/" + reserved + "/arrival", "").status(), 422, "nothing was ordered");
        assertEquals(post("/api/reservations/" + reserved + "/collection", "").text("/state"), "collected");
        assertEquals(post("/api/reservations/" + reserved + "/collection", "").status(), 422, "only once");
        assertEquals(free(), before - 1, "it left the shelf");
        assertEquals(get("/api/stock-movements?caseNumber=" + number).text("/0/reason"), "collected");
    }

    @Test
    public void whatIsOrderedComesInAndIsKeptForTheCustomer() {
        int before = free();
        String number = kept("open", 1);
        Answer asked = reserve(number, before + 2);
        String ordered = asked.text("/outcomes/0/number");
        assertEquals(asked.text("/outcomes/0/state"), "ordered");
        assertEquals(post("/api/reservations/" + ordered + "/call", "").status(), 422, "it is not there yet");
        assertEquals(post("/api/reservations/" + ordered + "/arrival", "").text("/state"), "arrived");
        assertEquals(free(), before, "what came in is kept");
        assertEquals(send("DELETE", "/api/reservations/" + ordered, "").text("/state"), "released");
        assertEquals(free(), before + before + 2, "and free once it is not wanted");
    }

    @Test
    public void handingOverTakesFromTheBranchUndoingAndReturningPutBackAndTheSuppliersFigureStays() {
        String exported = new String(bytes("/api/catalogue/export.zip"), StandardCharsets.ISO_8859_1);
        int before = free();
        String number = kept("handed-over", 1);
        assertEquals(free(), before - 1);
        send("PATCH", "/api/cases/" + number, "{\"readTo\":\"the customer\"}");
        assertEquals(free(), before - 1, "saved once more, it leaves once");
        send("PATCH", "/api/cases/" + number, "{\"status\":\"open\"}");
        assertEquals(free(), before, "undone");
        send("PATCH", "/api/cases/" + number, "{\"status\":\"handed-over\"}");
        String back = """
                {"fault":null,"fixed":false,"returns":[{"part":"%s","quantity":1,"reason":"%s"}]}""";
        send("PUT", "/api/cases/" + number + "/outcome", back.formatted(PART, "damaged"));
        assertEquals(free(), before - 1, "what is damaged goes on no shelf");
        send("PUT", "/api/cases/" + number + "/outcome", back.formatted(PART, "wrong-part"));
        assertEquals(free(), before);
        String csv = new String(bytes("/api/stock-movements.csv"), StandardCharsets.UTF_8);
        assertTrue(csv.contains("Staithe,%s,0,1,handed-over,%s".formatted(PART, number)), csv);
        assertTrue(csv.contains("Staithe,%s,1,0,returned,%s".formatted(PART, number)), csv);
        assertEquals(
                new String(bytes("/api/catalogue/export.zip"), StandardCharsets.ISO_8859_1).length(),
                exported.length(),
                "the stock of the catalog is the supplier's");
    }
}
