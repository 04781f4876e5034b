package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What callers say, over HTTP: heard with a probability, offered, rejected. */
public class HearingTest extends ServedTest {
    private Answer counter(String line, String excluded) {
        return post("/api/counter", """
                {"line":"%s","excluded":[%s]}""".formatted(line, excluded));
    }

    /** A line, the finding that is heard in it, and its answer. */
    @DataProvider
    Object[][] lines() {
        return new Object[][] {
            {"th7820w it quit heating", "heats", "no"},
            {"th7820w my heat is gone", "heats", "no"},
            {"th7820w squealing real loud", "squeals", "yes"},
            {"th7820w takes all day to dry one load", "long-drying", "yes"},
        };
    }

    @Test(dataProvider = "lines")
    public void whatIsSaidIsHeardWithItsProbability(String line, String finding, String answer) {
        JsonNode heard = counter(line, "").body().get("heard");
        JsonNode first = heard.get(0);
        assertEquals(first.get("finding").asString() + " " + first.get("answer").asString(), finding + " " + answer);
        double probability = first.get("probability").asDouble();
        assertTrue(probability >= 0.5 && probability <= 1, heard.toString());
        assertTrue(line.contains(first.get("phrase").asString().strip()), heard.toString());
    }

    @Test
    public void aLineThatHoldsNoSignHasNoFinding() {
        Answer worked = counter("th7820w could you deliver to my work instead, the gate at home sticks", "");
        assertEquals(
                worked.body().get("heard").size(), 0, worked.body().get("heard").toString());
    }

    @Test
    public void anOfferedReadingHasWordsAndIsNotOfferedAgainOnceItIsRejected() {
        String line = "th7820w it makes a noise and kinda smells";
        JsonNode option = counter(line, "").body().at("/maybe/0/options/0");
        assertFalse(option.isMissingNode());
        double probability = option.get("probability").asDouble();
        assertTrue(probability >= 0.08 && probability < 0.5, option.toString());
        assertFalse(option.get("words").asString().isBlank());
        String key = option.get("key").asString();
        List<String> left = each(counter(line, "\"" + key + "\"").body().at("/maybe/0/options"), "key");
        assertFalse(left.contains(key), left.toString());
        assertTrue(counter(line, "").body().at("/maybe/0/options").size() <= 3);
    }
}
