package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What it takes, and the sheet, over HTTP. */
public class TeardownTest extends ServedTest {
    @Test
    public void aPlatformsPlacesAreReachedWithMinutesToolsAndWhatIsWorthRenewing() {
        Answer opened = post(
                "/api/teardown",
                "{\"model\":null,\"platform\":\"Skerry\",\"slots\":[\"front-roller\"],\"ageYears\":8}");
        assertEquals(opened.status(), 200, opened.body().toString());
        assertTrue(each(opened.body().get("steps"), "step").contains("Take off the front panel with the door"));
        assertEquals(opened.body().get("minutes").asDouble(), 27.0, "4, 3, 6, 6 to open, 2 times 4 to exchange");
        assertTrue(opened.body().get("tools").toString().contains("5/16 in nut driver"));
        var open = opened.body().get("whileOpen").get(0);
        assertEquals(
                open.get("expectedSaving").asString().startsWith("-"),
                !open.get("advised").asBoolean(),
                "advised when it saves");
        assertTrue(open.get("risk").asDouble() > 0 && open.get("risk").asDouble() < 1);
    }

    @DataProvider
    Object[][] wrongs() {
        return new Object[][] {
            {"{\"slots\":[\"belt\"]}", "Send the model"},
            {"{\"platform\":\"Nowhere\",\"slots\":[\"belt\"]}", "Platform (Nowhere)"},
            {"{\"platform\":\"Skerry\",\"slots\":[\"wing\"]}", "no place wing"},
            {"{\"platform\":\"Skerry\",\"slots\":[]}", "slots"},
            {"{\"model\":\"XX-1\",\"slots\":[\"belt\"]}", "XX-1"},
        };
    }

    @Test(dataProvider = "wrongs")
    public void whatCannotBeOpenedIsRefusedWithWhatToDo(String body, String said) {
        Answer answer = post("/api/teardown", body);
        assertEquals(answer.status(), 422, answer.body().toString());
        assertTrue(answer.body().toString().contains(said), answer.body().toString());
    }

    @Test
    public void theSheetOfACaseIsPrintedReadAndTakenAsData() {
        Answer kept = post(
                "/api/cases",
                "{\"line\":\"th7820w thumps, 8 yrs\",\"cautionsShown\":[\"mains\"],\"readTo\":\" the technician \",\"status\":\"handed-over\","
                        + "\"lines\":[{\"part\":\"QV-4410-K\",\"quantity\":1}]}");
        assertEquals(kept.status(), 201, kept.body().toString());
        assertEquals(kept.text("/readTo"), "the technician");
        String at = "/api/cases/" + kept.text("/number");
        assertEquals(new String(bytes(at + "/sheet.pdf"), 0, 5, StandardCharsets.US_ASCII), "%PDF-");
        String text = new String(bytes(at + "/sheet.txt"), StandardCharsets.UTF_8);
        assertTrue(text.contains("[ ] 1 x QV-4410-K") && text.contains("READ FIRST"), text);
        Answer sheet = get(at + "/sheet");
        assertEquals(
                each(sheet.body().get("sections"), "heading").subList(0, 2), List.of("Read first", "Handover notes"));
        assertEquals(get("/api/cases/99999/sheet").status(), 404);
    }
}
