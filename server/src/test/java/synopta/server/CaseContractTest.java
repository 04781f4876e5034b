package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Locale;
import org.testng.annotations.Test;

/** The contract of cases, over real HTTP. */
public class CaseContractTest extends ServedTest {
    private static final String FUSE_CASE =
            "{\"line\":\"tm2205b dead, fuse blew twice\",\"ageYears\":8,\"findings\":[{\"finding\":\"when-died\",\"answer\":\"door\"}],"
                    + "\"readings\":[],\"lines\":[{\"part\":\"QV-3120\",\"quantity\":1}],\"status\":\"%s\",\"cautionsShown\":[%s]}";

    private static String fuseCase(String status, String shown) {
        return String.format(Locale.ROOT, FUSE_CASE, status, shown);
    }

    @Test
    public void aCaseIsKeptChangedAndFoundAgain() {
        Answer kept = post("/api/cases", fuseCase("open", "\"mains\""));
        assertEquals(kept.status(), 201);
        assertEquals(kept.whole().headers().firstValue("ETag").orElseThrow(), "\"1\"");
        long number = kept.body().get("number").asLong();
        assertTrue(each(kept.body().get("cautions"), "hazard").contains("stored-charge"));
        String path = "/api/cases/" + number;
        Answer changed = send("PATCH", path, "{\"complaint\":\"it smells\"}", "If-Match", "\"1\"");
        assertEquals(changed.status(), 200);
        assertEquals(changed.text("/complaint"), "it smells");
        assertEquals(changed.text("/line"), "tm2205b dead, fuse blew twice", "what was not sent stays");
        assertEquals(
                send("PATCH", path, "{\"complaint\":\"late\"}", "If-Match", "\"1\"")
                        .status(),
                409);
        assertEquals(get(path).text("/complaint"), "it smells");
        assertEquals(get(path).whole().headers().firstValue("ETag").orElseThrow(), "\"2\"");
        assertEquals(get("/api/cases?q=smells").body().at("/cases/0/number").asLong(), number);
        assertEquals(get("/api/cases?q=nothing-like-it").body().get("cases").size(), 0);
        assertEquals(get("/api/cases?from=2999-01-01").body().get("cases").size(), 0);
    }

    @Test
    public void handingOverIsRefusedWhileAGraveCautionWasNotShown() {
        Answer refused = post("/api/cases", fuseCase("handed-over", "\"mains\""));
        assertEquals(refused.status(), 422);
        assertEquals(refused.type(), "application/problem+json");
        assertTrue(refused.text("/detail").contains("stored-charge"));
        assertEquals(refused.text("/errors/0/field"), "cautionsShown");
        Answer open = post("/api/cases", fuseCase("open", ""));
        String path = "/api/cases/" + open.body().get("number").asLong();
        assertEquals(send("PATCH", path, "{\"status\":\"handed-over\"}").status(), 422);
        Answer done =
                send("PATCH", path, "{\"status\":\"handed-over\",\"cautionsShown\":[\"mains\",\"stored-charge\"]}");
        assertEquals(done.text("/status"), "handed-over");
    }
}
