package synopta.server;

import static org.testng.Assert.assertEquals;

import java.util.List;
import java.util.Map;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** What several people change at the same moment. */
public class RacesTest extends ServedTest {
    private static final Map<String, String> CHANGES = Map.of(
            "oilShafts", "false",
            "replaceRings", "false",
            "replaceAll", "false",
            "testFirst", "false",
            "quoteDays", "21",
            "horizonYears", "7",
            "licensedToCustomers", "true");
    private static final String AS_IT_WAS = """
            {"oilShafts":true,"replaceRings":true,"replaceAll":true,"testFirst":true,"quoteDays":14,"horizonYears":5,
             "licensedToCustomers":false}""";

    @AfterMethod
    public void asItWas() {
        send("PUT", "/api/settings", AS_IT_WAS);
    }

    @Test
    public void ofSettingsThatAreChangedAtOnceNoneIsLost() {
        for (int round = 0; round < 5; round++) {
            asItWas();
            List<Integer> statuses = CHANGES.entrySet().parallelStream()
                    .map(change -> send(
                                    "PUT", "/api/settings", "{\"%s\":%s}".formatted(change.getKey(), change.getValue()))
                            .status())
                    .distinct()
                    .toList();
            assertEquals(statuses, List.of(200));
            CHANGES.forEach((name, value) ->
                    assertEquals(get("/api/settings").body().get(name).toString(), value, name));
        }
    }
}
