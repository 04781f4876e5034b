package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.client.j2se.MatrixToImageWriter;
import com.google.zxing.qrcode.QRCodeWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.account.Role;
import tools.jackson.databind.JsonNode;

/** The day book over HTTP: revisions, customers, outcomes, counts, lessons. */
public class CasesTest extends ServedTest {
    private static long kept(String line, String more) {
        Answer kept = post(
                "/api/cases",
                ("{\"line\":\"%s\",\"lines\":[{\"part\":\"QV-1183\",\"quantity\":1}],"
                                + "\"cautionsShown\":[\"mains\",\"gas\"],\"status\":\"handed-over\"%s}")
                        .formatted(line, more));
        assertEquals(kept.status(), 201, kept.body().toString());
        return kept.body().get("number").asLong();
    }

    @Test
    public void aCaseIsKeptAsItStoodAndEveryRevisionStays() {
        long number = kept("th7820w thumps, 8 yrs", "");
        String path = "/api/cases/" + number;
        send("PATCH", path, "{\"complaint\":\"and it squeals\"}", "Authorization", as(Role.COUNTER));
        send("PATCH", path, "{\"complaint\":\"and it squeals\",\"nothing\":1}");
        JsonNode revisions = get("/api/cases/%d/revisions".formatted(number)).body();
        assertEquals(revisions.size(), 2, "what changes nothing is no revision");
        assertTrue(each(revisions.at("/0/known"), "words").contains("Thumps"), revisions.toString());
        assertTrue(revisions.at("/0/suspects/0/probability").asDouble() > 0);
        assertFalse(revisions.at("/0/action").asString().isEmpty());
        assertFalse(revisions.at("/0/rules/0/why").asString().isEmpty());
        assertEquals(each(revisions.at("/1/changes"), "field"), List.of("complaint", "specialist"));
        assertEquals(each(get("/api/cases?q=squeals+counter").body().get("cases"), "number"), List.of("" + number));
    }

    @Test
    public void theSecondOfTwoSavesIsToldWhatTheFirstChanged() {
        long number = kept("th7820w thumps", "");
        String path = "/api/cases/" + number;
        send("PATCH", path, "{\"line\":\"th7820w thumps and squeals\"}", "If-Match", "\"1\"");
        Answer late = send("PATCH", path, "{\"ageYears\":9}", "If-Match", "\"1\"");
        assertEquals(late.status(), 409);
        assertEquals(late.text("/errors/0/field"), "line");
        assertTrue(
                late.text("/errors/0/message").contains("thumps and squeals"),
                late.body().toString());
        assertEquals(get(path).text("/ageYears"), "", "nothing was changed");
    }

    @Test
    public void anErasedCustomerIsInNoAnswerAndNoExport() {
        long number = kept(
                "th7820w thumps, for Perpetua Quillfeather",
                ",\"customer\":\"Perpetua Quillfeather\",\"customerPhone\":\"55-0199\"");
        post(
                "/api/quotes",
                "{\"branch\":\"Staithe\",\"customer\":\"Perpetua Quillfeather\",\"caseNumber\":%d,\"lines\":[{\"part\":\"QV-1183\",\"quantity\":1}]}"
                        .formatted(number));
        assertEquals(
                get("/api/cases?q=quillfeather").body().at("/cases/0/number").asLong(), number);
        assertFalse(text("/api/case-exports/cases.csv?q=thumps").contains("55-0199"), "exports name nobody");
        assertEquals(
                send("DELETE", "/api/cases/%d/customer".formatted(number), "").status(), 204);
        for (String place : List.of(
                "/api/cases/" + number,
                "/api/cases/%d/revisions".formatted(number),
                "/api/cases/%d/sheet.txt".formatted(number),
                "/api/case-exports/cases.csv?q=thumps",
                "/api/case-exports/cases.json?q=thumps",
                "/api/quotes")) {
            assertFalse(text(place).contains("Quillfeather"), place);
        }
        assertEquals(get("/api/cases?q=quillfeather").body().get("cases").size(), 0);
        assertEquals(get("/api/cases/" + number).text("/line"), "th7820w thumps, for …");
    }

    private static String text(String path) {
        return new String(bytes(path), StandardCharsets.UTF_8);
    }

    @Test
    public void aReturnStartsFromTheSheetsCodeOrThePartsAndIsCounted() {
        long number = kept("th7820w belt broken, drum sits still", ",\"answerSeconds\":75");
        String outcome = "/api/cases/%d/outcome".formatted(number);
        assertTrue(each(get("/api/follow-ups?days=0").body(), "number").contains("" + number));
        JsonNode scanned = get("/api/returns?code=SYNOPTA%20CASE%20" + number).body();
        assertEquals(scanned.at("/0/number").asLong(), number);
        assertTrue(each(get("/api/returns?code=qv1183").body(), "number").contains("" + number));
        assertEquals(get("/api/returns?code=NOWHERE-1").status(), 404);
        JsonNode choices = get(outcome).body().get("choices");
        String fault = choices.at("/0/fault").asString();
        assertTrue(choices.at("/0/probability").asDouble() > 0.5, "the likeliest first");
        int before = get("/api/accuracy").body().get("cases").asInt();
        Answer told = send("PUT", outcome, "{\"fault\":\"%s\",\"fixed\":true,\"minutes\":50}".formatted(fault));
        assertEquals(told.status(), 200, told.body().toString());
        JsonNode report = get("/api/accuracy").body();
        assertEquals(report.get("cases").asInt(), before + 1);
        assertFalse(each(get("/api/follow-ups?days=0").body(), "number").contains("" + number));
        send(
                "PUT",
                outcome,
                "{\"fault\":\"%s\",\"fixed\":false,\"returns\":[{\"part\":\"QV-1183\",\"quantity\":1,\"reason\":\"wrong-part\"}]}"
                        .formatted(fault));
        assertEquals(get(outcome).body().get("entries").size(), 2, "the first entry stays");
        assertEquals(get("/api/accuracy").body().get("cases").asInt(), before + 1, "a case counts once");
        tellsTheReturn(number);
    }

    private void tellsTheReturn(long number) {
        assertTrue(text("/api/accuracy/returns.csv").contains("wrong-part,"));
        assertTrue(text("/api/accuracy/calibration.csv").startsWith("from,to,said,was,of,low,high"));
        assertEquals(new String(bytes("/api/accuracy/questions.xlsx"), 0, 2, StandardCharsets.US_ASCII), "PK");
        assertEquals(get("/api/accuracy/nothing.csv").status(), 404);
        assertTrue(text("/api/case-exports/cases.csv?q=" + number).contains("1 x QV-1183: wrong-part"));
        String day = get("/api/cases/" + number).text("/createdAt").substring(0, 10);
        assertEquals(
                new String(bytes("/api/case-exports/day.pdf?day=" + day), 0, 5, StandardCharsets.US_ASCII), "%PDF-");
    }

    private static byte[] picture(String code) throws WriterException, IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        MatrixToImageWriter.writeToStream(new QRCodeWriter().encode(code, BarcodeFormat.QR_CODE, 240, 240), "png", out);
        return out.toByteArray();
    }

    @Test
    public void aReturnStartsFromAPictureOfTheCodeWhereThereIsNoScanner() throws WriterException, IOException {
        long number = kept("th7820w thumps", "");
        String path = "/api/returns/picture";
        Answer found = sendBytes(path, "image/png", picture("SYNOPTA CASE " + number));
        assertEquals(each(found.body(), "number"), List.of("" + number));
        assertTrue(each(sendBytes(path, "image/png", picture("QV-1183")).body(), "number")
                .contains("" + number));
        Answer elsewhere = sendBytes(path, "image/png", picture("OF ANOTHER HOUSE"));
        assertEquals(elsewhere.status(), 404);
        assertTrue(elsewhere.text("/detail").contains("OF ANOTHER HOUSE"));
        Answer none = sendBytes(path, "image/png", "no picture".getBytes(StandardCharsets.UTF_8));
        assertEquals(none.status(), 422, none.body().toString());
        assertTrue(none.text("/detail").contains("PNG or JPEG"), none.body().toString());
        assertEquals(sendBytes(path, "image/png", new byte[16_000_000]).status(), 413);
    }

    /** An outcome that cannot be, and a word of what to do. */
    @DataProvider
    Object[][] wrongs() {
        return new Object[][] {
            {"{\"fault\":\"warp-core\",\"fixed\":true}", "Choose one of its faults"},
            {"{\"fixed\":true,\"minutes\":0}", "Minutes (0)"},
            {"{\"fixed\":false,\"returns\":[{\"part\":\"QV-1183\",\"quantity\":1,\"reason\":\"ugly\"}]}", "changed-mind"
            },
            {
                "{\"fixed\":false,\"returns\":[{\"part\":\"QV-1183\",\"quantity\":0,\"reason\":\"damaged\"}]}",
                "at least 1"
            },
            {"{\"minutes\":5}", "fixed"},
        };
    }

    @Test(dataProvider = "wrongs")
    public void anOutcomeThatCannotBeIsRefusedWithWhatToDo(String body, String said) {
        long number = kept("th7820w thumps", "");
        Answer refused = send("PUT", "/api/cases/%d/outcome".formatted(number), body);
        assertEquals(refused.status(), 422, refused.body().toString());
        assertTrue(refused.body().toString().contains(said), refused.body().toString());
    }

    private static double ofTheRoller() {
        Answer said = post("/api/diagnosis", "{\"model\":\"TH-7820-W\",\"complaint\":\"thumps\",\"ageYears\":8}");
        for (JsonNode suspect : said.body().get("suspects")) {
            if (suspect.get("id").asString().equals("rear-roller-worn")) {
                return suspect.get("probability").asDouble();
            }
        }
        throw new AssertionError("no worn roller among the suspects");
    }

    private static JsonNode proposed(String kind, String subject) {
        for (JsonNode proposal : get("/api/updates").body().get("proposals")) {
            if (proposal.get("kind").asString().equals(kind)
                    && proposal.get("subject").asString().equals(subject)) {
                return proposal;
            }
        }
        throw new AssertionError("%s of %s is not proposed".formatted(kind, subject));
    }

    private static double sure() {
        return post("/api/tag/read", "{\"text\":\"TH782OW\"}")
                .body()
                .at("/candidates/0/probability")
                .asDouble();
    }

    @Test
    public void howTagsAreReadChangesOnlyWhenSomebodyAcceptsItAndMayBeDeclined() {
        long last = 0;
        for (int i = 0; i < 8; i++) {
            last = kept("th782Ow thumps", ",\"model\":\"TH-7820-W\"");
        }
        double before = sure();
        JsonNode slip = proposed("confusion", "0|O");
        assertEquals(slip.at("/seenIn/0").asLong(), last, "the cases behind it, the last first");
        assertTrue(slip.get("appliance").isNull());
        String decide = "{\"figures\":[{\"kind\":\"confusion\",\"appliance\":null,\"subject\":\"0|O\"}]}";
        post("/api/updates/decline", decide);
        assertEquals(proposed("confusion", "0|O").at("/declined/by").asString(), "manager");
        assertEquals(sure(), before);
        assertEquals(post("/api/updates/accept", decide).status(), 200, "a mind may be changed");
        assertTrue(sure() > before, "the house's own slip is taken for one");
        post("/api/updates/back", "{\"version\":0}");
        assertEquals(sure(), before);
    }

    @Test
    public void whatCasesTeachIsProposedAcceptedComparedAndTakenBack() {
        for (int i = 0; i < 12; i++) {
            long number = kept("th7820w thumps, 8 yrs", "");
            send("PUT", "/api/cases/%d/outcome".formatted(number), "{\"fault\":\"rear-roller-worn\",\"fixed\":true}");
        }
        double before = ofTheRoller();
        JsonNode rate = proposed("rate", "rear-roller-worn");
        assertTrue(rate.get("after").asDouble() > rate.get("before").asDouble(), rate.toString());
        assertEquals(ofTheRoller(), before, "nothing changes by itself");
        String accept = "{\"figures\":[{\"kind\":\"rate\",\"appliance\":\"dryer\",\"subject\":\"%s\"}]}";
        assertEquals(post("/api/updates/accept", accept.formatted("no-such")).status(), 422);
        Answer accepted = post("/api/updates/accept", accept.formatted("rear-roller-worn"));
        String version = accepted.text("/version");
        assertTrue(ofTheRoller() > before);
        JsonNode differing =
                get("/api/updates/compare?first=0&second=" + version).body();
        assertEquals(each(differing, "subject"), List.of("rear-roller-worn"));
        Answer back = post("/api/updates/back", "{\"version\":0}");
        assertEquals(back.text("/versions/%s/like".formatted(version)), "0", "the next version goes back");
        assertEquals(ofTheRoller(), before);
        assertEquals(post("/api/updates/back", "{\"version\":99}").status(), 422);
    }
}
