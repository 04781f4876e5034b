package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Quotes, pieces set aside and the supplier's stand-in, over HTTP. */
public class OrdersTest extends ServedTest {
    private static final String QUOTE = "{\"branch\":\"Staithe\",\"customer\":\"Marl & Daughter\",\"caseNumber\":null,"
            + "\"lines\":[{\"part\":\"qv4410k\",\"quantity\":1},{\"part\":\"QV-1183\",\"quantity\":2}]}";

    @AfterMethod
    public void theSupplierAnswersAgain() {
        send("PUT", "/api/supplier-feed", "{\"mode\":\"up\"}");
    }

    @Test
    public void aQuoteIsWrittenOnceAndTakenAwayInFourFormats() {
        Answer written = post("/api/quotes", QUOTE);
        assertEquals(written.status(), 201);
        String at = written.whole().headers().firstValue("Location").orElseThrow();
        assertEquals(get(at).body(), written.body());
        assertEquals(written.text("/total"), "75.51");
        assertEquals(written.text("/tax"), "4.61", "6.5 % of 70.90 is 4.6085");
        assertEquals(written.text("/taxRule"), "Tax is rounded once, on the total, half up.");
        assertEquals(written.text("/lines/0/part"), "QV-4410-K", "as the catalog writes it");
        String csv = new String(bytes(at + "/quote.csv"), StandardCharsets.UTF_8);
        assertTrue(csv.contains("QV-1183,drum belt,2,14.50,29.00,USD"), csv);
        String pdf = new String(bytes(at + "/quote.pdf"), 0, 5, StandardCharsets.US_ASCII);
        assertEquals(pdf, "%PDF-");
        assertEquals(get("/api/quotes").text("/quotes/0/number"), written.text("/number"), "the newest comes first");
        assertEquals(get("/api/quotes/99999").status(), 404);
    }

    @DataProvider
    Object[][] wrongs() {
        return new Object[][] {
            {"/api/quotes", "{\"branch\":\"\",\"lines\":[{\"part\":\"QV-1183\",\"quantity\":1}]}", "branch"},
            {"/api/quotes", "{\"branch\":\"Staithe\",\"lines\":[]}", "lines"},
            {"/api/quotes", "{\"branch\":\"Staithe\",\"lines\":[{\"part\":\"NOWHERE-1\",\"quantity\":1}]}", "NOWHERE-1"
            },
            {"/api/quotes", "{\"branch\":\"Staithe\",\"lines\":[{\"part\":\"QV-1180\",\"quantity\":1}]}", "no price"},
            {"/api/quotes", "{\"branch\":\"Staithe\",\"lines\":[{\"part\":\"QV-1183\",\"quantity\":0}]}", "quantity"},
            {
                "/api/reservations",
                "{\"branch\":\"Staithe\",\"lines\":[{\"part\":\"NOWHERE-1\",\"quantity\":1}]}",
                "NOWHERE-1"
            },
            {
                "/api/repair-or-replace",
                "{\"appliance\":\"dryer\",\"ageYears\":-1,\"parts\":\"1.00\",\"minutes\":5}",
                "age in years (-1.0)"
            },
            {
                "/api/repair-or-replace",
                "{\"appliance\":\"dryer\",\"ageYears\":1,\"parts\":\"1.00\",\"minutes\":5,\"newLifeYears\":0}",
                "Mean life"
            },
        };
    }

    @Test(dataProvider = "wrongs")
    public void whatCannotBePromisedIsRefusedWithWhatToDo(String path, String body, String said) {
        Answer answer = post(path, body);
        assertEquals(answer.status(), 422, answer.body().toString());
        assertTrue(answer.body().toString().contains(said), answer.body().toString());
    }

    private static String wish(String part, int quantity, boolean order) {
        return "{\"branch\":\"Staithe\",\"order\":%s,\"lines\":[{\"part\":\"%s\",\"quantity\":%d}]}"
                .formatted(order, part, quantity);
    }

    private static int free(String part) {
        for (var row : get("/api/parts/" + part).body().get("stock")) {
            if (row.get("branch").asString().equals("Staithe")) {
                return row.get("onHand").asInt();
            }
        }
        return 0;
    }

    @Test
    public void twoCountersWantAllThatIsLeftAndOneOfThemIsTold() {
        String part = "CS8741";
        int left = free(part);
        assertTrue(left > 0, "the scenario has some");
        List<String> states = Stream.of(1, 2)
                .map(counter -> CompletableFuture.supplyAsync(() -> post("/api/reservations", wish(part, left, false))))
                .toList()
                .stream()
                .map(CompletableFuture::join)
                .map(answer -> answer.text("/outcomes/0/state"))
                .sorted()
                .toList();
        assertEquals(states, List.of("gone", "reserved"));
        assertEquals(free(part), 0);
        Answer third = post("/api/reservations", wish(part, 1, false));
        assertEquals(third.text("/outcomes/0/free"), "0");
        assertTrue(third.text("/outcomes/0/said").contains("Only 0 left"), third.text("/outcomes/0/said"));
    }

    @Test
    public void whateverTheSupplierDoesTheCounterGoesOnAndSaysSo() {
        assertEquals(send("PUT", "/api/supplier-feed", "{\"mode\":\"asleep\"}").status(), 422);
        send("PUT", "/api/supplier-feed", "{\"mode\":\"down\"}");
        Answer down = post("/api/reservations", wish("QV-1183", 9_000, true));
        assertEquals(down.text("/outcomes/0/state"), "waiting");
        assertTrue(down.text("/outcomes/0/said").contains("sent again automatically"));
        assertEquals(post("/api/counter", "{\"line\":\"th7820w thumps\"}").status(), 200);
        send("PUT", "/api/supplier-feed", "{\"mode\":\"slow\"}");
        assertEquals(post("/api/reservations", wish("QV-1183", 9_000, true)).text("/outcomes/0/state"), "waiting");
        send("PUT", "/api/supplier-feed", "{\"mode\":\"out-of-stock\"}");
        assertEquals(post("/api/reservations", wish("QV-1183", 9_000, true)).text("/outcomes/0/state"), "out-of-stock");
        send("PUT", "/api/supplier-feed", "{\"mode\":\"up\"}");
        Answer up = post("/api/reservations", wish("QV-1183", 9_000, true));
        assertEquals(up.text("/outcomes/0/state"), "ordered");
        String ordered = "/api/reservations/" + up.text("/outcomes/0/number");
        assertEquals(send("DELETE", ordered, "").text("/state"), "released", "the supplier takes the order back");
        assertEquals(send("DELETE", ordered, "").status(), 422, "only once");
    }

    @Test
    public void aReservationOfACaseIsListedAndTakenBack() {
        String asked = wish("QV-8701", 1, false).replace("\"order\"", "\"caseNumber\":77,\"order\"");
        int before = free("QV8701");
        assertEquals(post("/api/reservations", asked).text("/outcomes/0/state"), "reserved");
        Answer mine = get("/api/reservations?caseNumber=77");
        assertEquals(free("QV8701"), before - 1);
        assertEquals(
                send("DELETE", "/api/reservations/" + mine.text("/outcomes/0/number"), "")
                        .text("/state"),
                "released");
        assertEquals(free("QV8701"), before);
        assertEquals(send("DELETE", "/api/reservations/99999", "").status(), 404);
    }

    /** The mean life of the pack, scale 14 and shape 2.2: 14 x gamma(1 + 1/2.2) = 12.3987, by hand. */
    @Test
    public void repairAndReplacementStandSideBySideByTheYear() {
        Answer both = post(
                "/api/repair-or-replace",
                "{\"appliance\":\"dryer\",\"ageYears\":9,\"parts\":\"41.90\",\"minutes\":55}");
        assertEquals(both.text("/repair"), "74.90", "41.90 and 55 minutes at 36.00 an hour");
        assertEquals(both.body().get("newLifeYears").asDouble(), 12.3987, 1e-3);
        assertEquals(both.text("/newPerYear"), "41.94", "520.00 by 12.3987 years");
        Answer other = post(
                "/api/repair-or-replace",
                "{\"appliance\":\"dryer\",\"ageYears\":9,\"parts\":\"41.90\",\"minutes\":55,"
                        + "\"newPrice\":\"300.00\",\"newLifeYears\":10,\"perHour\":\"0.00\"}");
        assertEquals(other.text("/newPerYear"), "30.00");
        assertEquals(other.text("/repair"), "41.90");
    }
}
