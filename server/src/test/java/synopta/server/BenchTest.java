package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The bench over HTTP, in the forms of the contract. */
public class BenchTest extends ServedTest {
    @DataProvider
    Object[][] checks() {
        String fuse = "{\"amps\":20,\"volts\":250,\"speed\":\"F\",\"breakingAmps\":1500,\"size\":\"6x32-mm\"}";
        return new Object[][] {
            {"element", "{\"volts\":240,\"watts\":5400,\"ohms\":10.9,\"toCaseOhms\":\"OL\",\"supplyVolts\":208}", "good"
            },
            {"element", "{\"volts\":240,\"watts\":5400,\"ohms\":\"OL\"}", "open"},
            {"element", "{\"volts\":240,\"watts\":5400,\"ohms\":\"21R\"}", "off-value"},
            {"element", "{\"volts\":240,\"watts\":5400,\"ohms\":\"beeps\"}", "shorted"},
            {"element", "{\"volts\":240,\"watts\":5400,\"ohms\":10.9,\"toCaseOhms\":\"50k\"}", "grounded"},
            {
                "coils",
                "{\"volts\":240,\"coils\":[{\"from\":\"C\",\"to\":\"A\",\"watts\":1000},{\"from\":\"C\",\"to\":\"B\",\"watts\":1400}],"
                        + "\"readings\":[{\"from\":\"A\",\"to\":\"B\",\"ohms\":\"OL\"},{\"from\":\"C\",\"to\":\"B\",\"ohms\":41}],"
                        + "\"toCase\":[{\"terminal\":\"A\",\"ohms\":\"OL\"}]}",
                "open"
            },
            {"thermistor", "{\"r25Ohms\":10000,\"betaKelvin\":3977,\"celsius\":25,\"ohms\":\"10.4k\"}", "good"},
            {"thermistor", "{\"platinumOhmsAtZero\":1000,\"celsius\":25,\"ohms\":1098}", "good"},
            {
                "thermistor",
                "{\"steinhartHart\":{\"a\":0.001032,\"b\":0.0002387,\"c\":1.58e-7},\"celsius\":0,\"ohms\":12000}",
                "off-value"
            },
            {"fuse", "{\"original\":%s,\"candidate\":%s}".formatted(fuse, fuse), "acceptable"},
            {"orifice", "{\"gas\":\"natural-gas\",\"inputBtuPerHour\":18000}", "advice"},
        };
    }

    @DataProvider
    Object[][] otherChecks() {
        return new Object[][] {
            {"duct", "{\"straightFt\":12,\"elbows90\":2,\"elbows45\":1}", "within"},
            {"duct", "{\"straightFt\":30,\"elbows90\":2,\"elbows45\":0}", "over"},
            {"supply", "{\"nominalVolts\":240,\"volts\":238}", "normal"},
            {"supply", "{\"nominalVolts\":240,\"volts\":222,\"point\":\"service\"}", "tolerable"},
            {"supply", "{\"nominalVolts\":240,\"volts\":118}", "outside"},
            {"capacitor", "{\"microfarads\":1,\"volts\":2100,\"bleedMegohms\":10,\"safeVolts\":60}", "warning"},
            {
                "belt",
                "{\"pulleys\":[{\"xMm\":0,\"yMm\":0,\"diameterMm\":200,\"side\":\"inside\"},"
                        + "{\"xMm\":150,\"yMm\":0,\"diameterMm\":50,\"side\":\"inside\"}]}",
                "runs"
            },
            {"range", "{\"appliance\":\"range\",\"test\":\"broil-ohms\",\"reading\":24}", "good"},
            {"range", "{\"appliance\":\"range\",\"test\":\"thermocouple-mv\",\"reading\":4}", "off-value"},
            {"thermostat", "{\"opensCelsius\":120,\"celsius\":22,\"ohms\":\"OL\"}", "open"},
            {"tool", "{\"tool\":\"8 mm\",\"head\":\"5/16 in\"}", "serves"},
        };
    }

    @Test(dataProvider = "checks")
    public void everyCheckGivesItsVerdictWithTheReasonAndWhatToDo(String check, String body, String verdict) {
        Answer answer = post("/api/bench/" + check, body);
        assertEquals(answer.status(), 200, answer.body().toString());
        assertEquals(answer.text("/verdict"), verdict);
        assertTrue(answer.text("/why").length() > 10, answer.body().toString());
        assertFalse(answer.text("/why").matches(".*\\d,\\d{1,2}(\\D.*|)"), "a point whatever the machine's locale");
        assertTrue(
                answer.text("/next").length() > 10 || check.equals("tool"),
                answer.body().toString());
        assertTrue(answer.text("/source").length() > 10, answer.body().toString());
    }

    @Test
    public void theFiguresAreThoseOfThePublishedTables() {
        Answer element = post("/api/bench/element", "{\"volts\":240,\"watts\":5400,\"ohms\":10.9,\"supplyVolts\":208}");
        assertEquals(element.body().get("expectedOhms").asDouble(), 10.6666667, 1e-6);
        assertEquals(element.body().get("wattsAtSupply").asDouble(), 4056, 1e-6);
        Answer orifice = post("/api/bench/orifice", "{\"gas\":\"natural-gas\",\"inputBtuPerHour\":18000}");
        assertEquals(orifice.body().get("diameterInch").asDouble(), 0.0768078218818, 1e-12);
        assertEquals(orifice.text("/drill"), "48");
        Answer capacitor = post("/api/bench/capacitor", "{\"microfarads\":1,\"volts\":2100,\"bleedMegohms\":\"OL\"}");
        assertEquals(capacitor.body().get("joules").asDouble(), 2.205, 1e-9);
        assertTrue(capacitor.body().get("secondsToSafe").isNull());
        Answer belt = post(
                "/api/bench/belt",
                "{\"pulleys\":[{\"xMm\":0,\"yMm\":0,\"diameterMm\":200},{\"xMm\":150,\"yMm\":0,\"diameterMm\":50}]}");
        assertEquals(belt.body().get("lengthMm").asDouble(), 731.046519174, 1e-6);
        assertEquals(
                belt.body().get("wraps").get(0).get("degrees").asDouble()
                        + belt.body().get("wraps").get(1).get("degrees").asDouble(),
                360,
                1e-9);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"element", "{\"volts\":0,\"watts\":5400,\"ohms\":10}", "Rated voltage (0.0 V)"},
            {"element", "{\"volts\":240,\"ohms\":10}", "watts"},
            {"element", "{\"volts\":240,\"watts\":5400,\"ohms\":\"lots\"}", "Enter ohms as"},
            {"element", "{\"volts\":240,\"watts\":5400,\"ohms\":-3}", "at least 0"},
            {"thermistor", "{\"r25Ohms\":10000,\"celsius\":25,\"ohms\":10000}", "or platinumOhmsAtZero"},
            {"orifice", "{\"gas\":\"electric\",\"inputBtuPerHour\":18000}", "natural-gas or lp"},
            {"supply", "{\"nominalVolts\":220,\"volts\":220}", "one of 120"},
            {"belt", "{\"pulleys\":[{\"xMm\":0,\"yMm\":0,\"diameterMm\":200}]}", "2 to 50 pulleys"},
            {"duct", "{\"straightFt\":-1,\"elbows90\":2,\"elbows45\":1}", "Straight length"},
        };
    }

    @Test(dataProvider = "otherChecks")
    public void soDoesWhatIsCheckedWithoutAMeter(String check, String body, String verdict) {
        everyCheckGivesItsVerdictWithTheReasonAndWhatToDo(check, body, verdict);
    }

    /** A line, the test and the reading in it, and what stands beside it in the bench's request. */
    @DataProvider
    Object[][] spoken() {
        return new Object[][] {
            {"dryer heater box reads 52 ohms", "heating-element-ohms", "52", "off-value"},
            {"dryer heater box reads OL to the case", "heater-case-ohms", "\"OL\"", "good"},
            {
                "dryer heater box 10.8 ohms, 240 volts 5.4 kw",
                "heating-element-ohms",
                "10.8,\"volts\":240,\"watts\":5400",
                "good"
            },
            {"dryer thermistor 9 k, the room is 68 F", "sensor-ohms", "9000,\"celsius\":20", "off-value"},
            {"dryer thermistor 9 k", "sensor-ohms", "9000", "plausible"},
            {"gas oven flat igniter draws 2.9 amps", "oven-igniter-amps", "2.9,\"kind\":\"flat\"", "off-value"},
            {"gas oven igniter draws 2.9 amps", "oven-igniter-amps", "2.9", "no-verdict"},
        };
    }

    @Test(dataProvider = "spoken")
    public void theSameReadingHasTheSameVerdictAtTheCounterAndOnTheBench(
            String line, String test, String reading, String verdict) {
        String appliance = line.startsWith("dryer") ? "dryer" : "range";
        Answer bench = post(
                "/api/bench/range",
                "{\"appliance\":\"%s\",\"test\":\"%s\",\"reading\":%s}".formatted(appliance, test, reading));
        assertEquals(bench.text("/verdict"), verdict, bench.body().toString());
        JsonNode said =
                post("/api/counter", "{\"line\":\"%s\"}".formatted(line)).body().at("/hearing/readings/0");
        assertEquals(said.at("/test").asString(), test, said.toString());
        assertEquals(said.at("/verdict").asString(), verdict);
        assertEquals(said.at("/need"), bench.body().at("/need"));
        JsonNode entered = post(
                        "/api/counter",
                        "{\"line\":\"%s\",\"readings\":[{\"test\":\"%s\",\"value\":%s}]}"
                                .formatted(appliance, test, reading))
                .body()
                .at("/hearing/readings/0");
        assertEquals(entered.at("/why"), bench.body().at("/why"));
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedWithTheRemedy(String check, String body, String words) {
        Answer answer = post("/api/bench/" + check, body);
        assertEquals(answer.status(), 422, answer.body().toString());
        assertTrue(answer.text("/detail").contains(words), answer.text("/detail"));
    }

    @Test
    public void aMeterToPracticeWithReadsThePartThatWasShuffledAndTellsWhenAsked() {
        String leads =
                "{\"appliance\":\"dryer\",\"test\":\"heater-coil-ohms\",\"shuffles\":%d,\"red\":\"1\",\"black\":\"2\",\"reveal\":%s}";
        for (int shuffles = 0; shuffles < 12; shuffles++) {
            Answer hidden = post("/api/bench/meter", leads.formatted(shuffles, false));
            assertTrue(hidden.body().get("condition").isNull());
            assertEquals(hidden.text("/partType"), "heating-element");
            Answer shown = post("/api/bench/meter", leads.formatted(shuffles, true));
            assertEquals(shown.body().get("ohms"), hidden.body().get("ohms"));
            assertEquals(
                    shown.text("/condition").equals("open"),
                    "OL".equals(shown.body().get("ohms").asString()));
        }
        assertEquals(
                post("/api/bench/meter", leads.replace("heater-coil-ohms", "x").formatted(1, true))
                        .status(),
                422);
    }

    @Test
    public void theOldPartIsFoundByItsMeasuresWithAndWithoutAMachine() {
        Answer free = post(
                "/api/match",
                "{\"partType\":\"drum-belt\",\"measures\":{\"length-mm\":\"92 1/4 in\",\"ribs\":4},\"model\":null,\"limit\":5}");
        assertEquals(free.status(), 200, free.body().toString());
        assertEquals(free.body().get("candidates").size(), 5);
        assertTrue(free.body().get("candidates").get(0).get("fits").isNull());
        double sum = 0;
        for (var candidate : free.body().get("candidates")) {
            sum += candidate.get("probability").asDouble();
        }
        assertTrue(sum > 0.3 && sum <= 1 + 1e-9, free.body().toString());
        Answer known = post(
                "/api/match",
                "{\"partType\":\"drum-belt\",\"measures\":{\"ribs\":4},\"model\":\"TH-7820-W\",\"limit\":10}");
        assertTrue(
                known.body().get("candidates").get(0).get("fits").asBoolean(),
                known.body().toString());
        assertEquals(
                post("/api/match", "{\"partType\":\"sail\",\"measures\":{\"a\":1}}")
                        .status(),
                422);
        assertEquals(
                post("/api/match", "{\"partType\":\"drum-belt\",\"measures\":{}}")
                        .status(),
                422);
    }
}
