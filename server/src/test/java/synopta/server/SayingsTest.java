package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What callers say, over HTTP: read, tried, added by the house, learned from cases, and what is not covered. */
public class SayingsTest extends ServedTest {
    private static final String SAYINGS = "/api/knowledge/dishwasher/sayings";

    private static Answer saying(String path, String text) {
        return post(path, """
                {"finding":"dishes-dirty","answer":"yes","text":"%s"}""".formatted(text));
    }

    private static double heard(String line) {
        for (JsonNode heard :
                post("/api/counter", "{\"line\":\"%s\"}".formatted(line)).body().get("heard")) {
            if (heard.get("finding").asString().equals("dishes-dirty")) {
                return heard.get("probability").asDouble();
            }
        }
        return 0;
    }

    @Test
    public void aSayingOfTheHouseIsHeardUntilItIsTakenBack() {
        String line = "dishwasher, flurbed my crockery";
        assertEquals(heard(line), 0.0);
        Answer added = saying(SAYINGS, "Flurbed my crockery!");
        assertEquals(added.status(), 200, added.body().toString());
        JsonNode house = added.body()
                .get("sayings")
                .valueStream()
                .filter(s -> s.get("house").asBoolean())
                .findFirst()
                .orElseThrow();
        assertEquals(house.get("text").asString(), "flurbed my crockery");
        assertTrue(heard(line) >= 0.9, "heard with " + heard(line));
        assertEquals(saying(SAYINGS, "flurbed my crockery").status(), 422, "it is there already");
        Answer taken = saying(SAYINGS + "/withdraw", "flurbed my crockery");
        assertFalse(taken.body().toString().contains("flurbed"), taken.body().toString());
        assertEquals(heard(line), 0.0);
        assertEquals(saying(SAYINGS + "/withdraw", "flurbed my crockery").status(), 422, "it is not there");
        assertEquals(get(SAYINGS + "?finding=nothing").status(), 404);
    }

    @Test
    public void aSentenceIsTriedAndTheReadingsSayWhatSpokeForThem() {
        JsonNode tried = post("/api/knowledge/dryer/try", "{\"text\":\"it quit heating, need a drum belt\"}")
                .body();
        JsonNode first = tried.get("readings").get(0);
        assertEquals(first.get("finding").asString() + "=" + first.get("answer").asString(), "heats=no");
        assertEquals(first.get("strength").asString(), "heard");
        assertTrue(first.get("nearest").size() > 0, first.toString());
        assertTrue(first.get("decided").toString().contains("heat"), first.toString());
        assertEquals(tried.at("/parts/0/partTypes/0").asString(), "drum-belt");
        assertEquals(tried.at("/parts/0/how").asString(), "asked");
        assertTrue(each(tried.get("intents"), "intent").contains("wants"), tried.toString());
        assertEquals(post("/api/knowledge/dryer/try", "{\"text\":\" \"}").status(), 422);
    }

    @Test
    public void wordsThatWereConfirmedInTwoCasesAreProposed() {
        for (int i = 0; i < 2; i++) {
            Answer kept = post("/api/cases", """
                    {"line":"dryer gone all frosty on us","findings":[{"finding":"heats","answer":"no","said":"gone all frosty on us"}],
                     "excluded":["reading:dead=yes:gone all frosty on us"]}""");
            assertEquals(kept.status(), 201, kept.body().toString());
            assertEquals(
                    get("/api/cases/" + kept.body().get("number").asLong())
                            .body()
                            .at("/findings/0/said")
                            .asString(),
                    "gone all frosty on us");
        }
        List<String> subjects = each(get("/api/updates").body().get("proposals"), "subject");
        assertTrue(subjects.contains("heats|no|gone all frosty on us"), subjects.toString());
        assertFalse(subjects.contains("dead|yes|gone all frosty on us"), subjects.toString());
    }

    @DataProvider
    Object[][] lines() {
        return new Object[][] {
            {"my washer won't spin", "washer"},
            {"the refrigerator isn't cold", "refrigerator"},
            {"dryer won't heat, the washer is fine", null},
        };
    }

    @Test(dataProvider = "lines")
    public void anApplianceThatIsNotCoveredIsSaidToBeSoAndNothingIsDiagnosed(String line, String notCovered) {
        for (Answer answer : List.of(
                post("/api/counter", "{\"line\":\"%s\"}".formatted(line)),
                post("/api/diagnosis", "{\"complaint\":\"%s\"}".formatted(line)))) {
            JsonNode said = answer.body().get("notCovered");
            assertEquals(
                    said == null || said.isNull() ? null : said.asString(),
                    notCovered,
                    answer.body().toString());
            assertEquals(
                    answer.body().get("heard").isEmpty(),
                    notCovered != null,
                    answer.body().toString());
        }
    }

    @Test
    public void theSettingsSayThatAllIsHeardAndIntentsAreToldWithTheComplaint() {
        JsonNode settings = get("/api/settings").body();
        assertTrue(settings.get("hearingMissing").isNull(), settings.toString());
        JsonNode hearing = post("/api/counter", "{\"line\":\"th7820w I need a drum belt, how much is it\"}")
                .body()
                .get("hearing");
        List<String> intents = each(hearing.get("intents"), "intent");
        assertTrue(intents.contains("wants") && intents.contains("price"), hearing.toString());
        assertEquals(hearing.at("/named/0/how").asString(), "asked");
    }
}
