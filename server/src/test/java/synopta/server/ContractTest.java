package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The contract over real HTTP. */
public class ContractTest extends ServedTest {
    @Test
    public void aTagIsReadAsTheContractSays() {
        Answer read = post(
                "/api/tag/read", "{\"text\":\"Model No. dg7 40B2-w\",\"brand\":null,\"appliance\":null,\"limit\":500}");
        assertEquals(read.status(), 200);
        assertTrue(fields(read.body()).containsAll(Set.of("normalized", "candidates", "unlisted", "recheck")));
        assertEquals(read.text("/normalized"), "DG740B2W");
        assertEquals(read.text("/candidates/0/model"), "DG7-4082W");
        assertEquals(
                read.body().at("/candidates/0/differences").toString(),
                "[{\"position\":6,\"typed\":\"B\",\"catalogue\":\"8\"}]");
        double sum = read.body().get("unlisted").asDouble();
        for (JsonNode candidate : read.body().get("candidates")) {
            sum += candidate.get("probability").asDouble();
        }
        assertEquals(sum, 1, 1e-9);
        assertEquals(read.body().at("/recheck/position").asInt(), 2);
        assertEquals(read.body().at("/recheck/options").toString(), "[\"G\",\"E\"]");
        Answer again =
                post("/api/tag/read", "{\"text\":\"dg740b2w\",\"rechecked\":[{\"position\":2,\"character\":\"E\"}]}");
        assertEquals(again.text("/candidates/0/model"), "DE7-4082W");
        assertTrue(post("/api/tag/read", "{\"text\":\"TM2205B\"}")
                .body()
                .get("recheck")
                .isNull());
    }

    @Test
    public void aModelAndItsPartsAreFoundByTheNormalizedForm() {
        Answer model = get("/api/models/TH7820W");
        assertEquals(model.text("/model"), "TH-7820-W");
        assertEquals(model.text("/layout"), "A");
        JsonNode parts = get("/api/models/TH7820W/parts").body().get("parts");
        assertTrue(fields(parts.get(0))
                .containsAll(Set.of("slot", "partType", "quantity", "part", "builtFrom", "builtTo")));
        assertTrue(each(parts, "part").contains("QV-2107"));
        Answer layouts = get("/api/layouts/dryer");
        assertEquals(each(layouts.body(), "layout"), List.of("A", "B", "C", "D", "E", "F", "G", "H"));
    }

    @Test
    public void aDiagnosisSaysWhatWasHeardWhatIsSuspectedAndWhatToAsk() {
        Answer diagnosis = post("/api/diagnosis", """
                {"model":null,"appliance":"dryer","fuel":"electric","ageYears":8,
                 "complaint":"hums but the drum sits still",
                 "findings":[{"finding":"drum-turns","answer":"no"}],
                 "readings":[{"test":"heating-element-ohms","value":21.5},{"test":"thermal-fuse-ohms","value":"OL"}]}""");
        assertEquals(diagnosis.status(), 200);
        assertTrue(diagnosis.body().get("heard").toString().contains("\"phrase\":\"drum sits still\""));
        JsonNode belt = diagnosis.body().at("/suspects/1");
        assertEquals(diagnosis.text("/suspects/0/partType"), "thermal-fuse");
        assertEquals(belt.get("partType").asString() + " " + belt.get("fault").asString(), "drum-belt broken");
        assertTrue(belt.get("slot").isNull());
        assertTrue(belt.at("/because/0/weight").asDouble() > 0);
        JsonNode next = diagnosis.body().at("/next/0");
        assertTrue(fields(next)
                .containsAll(Set.of("finding", "question", "answers", "expectedGainBits", "minutes", "who")));
        assertEquals(next.get("answers").toString(), "[\"yes\",\"no\"]");
        assertTrue(diagnosis.body().get("next").toString().contains("[\"stiff\",\"free\",\"drags\"]"));
        double all = 0;
        for (JsonNode choice : next.get("choices")) {
            all += choice.get("probability").asDouble();
            assertTrue(choice.get("suspects").size() > 3, choice.toString());
        }
        assertEquals(all, 1, 1e-9, "one of the answers it must be");
        JsonNode sell = diagnosis.body().at("/advice/options/0");
        assertTrue(sell.get("cost").asString().matches("\\d+\\.\\d\\d"));
        assertTrue(Set.of("sell", "ask", "test-first", "refer").contains(diagnosis.text("/advice/action")));
        assertTrue(each(diagnosis.body().get("cautions"), "hazard").contains("mains"));
    }

    @Test
    public void whatAPersonMayDoDecidesWhatIsAsked() {
        String ask = "{\"appliance\":\"microwave\",\"complaint\":\"runs, no heat\",\"person\":\"%s\"}";
        List<String> anybody =
                each(post("/api/diagnosis", ask.formatted("customer")).body().get("next"), "who");
        assertEquals(Set.copyOf(anybody), Set.of("customer"));
        List<String> licensed =
                each(post("/api/diagnosis", ask.formatted("licensed")).body().get("next"), "who");
        assertTrue(licensed.contains("licensed"));
        assertEquals(post("/api/diagnosis", ask.formatted("cat")).status(), 422);
    }

    @Test
    public void wordsOfTwoMeaningsReadingsAndDoubtsAreHeard() {
        Answer two = post("/api/diagnosis", """
                {"appliance":"dryer","complaint":"a new bearing, element reads 24 ohms, maybe it squeals"}""");
        JsonNode hearing = two.body().get("hearing");
        assertEquals(hearing.at("/named/0/meanings").size(), 3);
        assertEquals(hearing.at("/unplaced/0/tests").size(), 2);
        assertFalse(two.body().at("/heard/0/sure").asBoolean());
        Answer doubt = post("/api/diagnosis", """
                {"appliance":"dryer","complaint":"a wavy washer is left over"}""");
        assertTrue(doubt.text("/hearing/doubts/0/answer").startsWith("That is normal"));
        assertEquals(doubt.text("/advice/action"), "ask");
        Answer thought = post("/api/diagnosis", """
                {"appliance":"dryer","findings":[{"finding":"heats","answer":"no","sure":false}]}""");
        assertTrue(each(thought.body().get("next"), "finding").contains("heats"), "it may be asked again");
    }

    @Test
    public void theBagTellsWhereEachPieceComesFromAndWhatBecameOfEveryRequest() {
        Answer rollers = post("/api/counter", "{\"line\":\"TH-7820-W thumps, drum rollers, rear two, and a glide\"}");
        assertEquals(each(rollers.body().get("bag"), "source").subList(0, 2), List.of("requested", "goes-with"));
        assertEquals(rollers.text("/bag/0/part"), "QV-5618");
        assertEquals(rollers.body().at("/bag/0/quantity").asInt(), 2, "pieces, not what they are sold in");
        JsonNode requests = rollers.body().get("requests");
        assertEquals(each(requests, "status"), List.of("in-bag", "not-on-this-machine"));
        assertEquals(each(requests, "phrase"), List.of("drum rollers", "glide"));
        assertFalse(rollers.text("/requests/1/why").isBlank());
    }

    @Test
    public void aPackIsShownAsAMap() {
        Answer shelf = get("/api/knowledge");
        assertEquals(each(shelf.body().get("packs"), "appliance").size(), 4);
        Answer map = get("/api/knowledge/dryer");
        Set<String> faults = Set.copyOf(each(map.body().get("faults"), "id"));
        Set<String> findings = Set.copyOf(each(map.body().get("findings"), "id"));
        for (JsonNode link : map.body().get("links")) {
            assertTrue(faults.contains(link.get("fault").asString()), link.toString());
            assertTrue(findings.contains(link.get("finding").asString()), link.toString());
        }
        assertTrue(each(map.body().get("links"), "through").contains("the heat circuit"));
        assertEquals(get("/api/knowledge/kettle").status(), 422);
    }

    @Test
    public void machinesAndPartsAreDrawnAndTheBeltIsMeasured() {
        JsonNode c = get("/api/layouts/dryer").body().get(5);
        assertEquals(each(c.get("layers"), "layer"), List.of("cabinet", "panels", "drum", "air", "wiring"));
        JsonNode belt = c.get("belt");
        assertTrue(belt.get("lengthMm").asDouble() > 2000 && belt.get("slackMm").asDouble() > 0, belt.toString());
        assertEquals(each(belt.get("stations"), "role"), List.of("drum", "idler", "motor", "idler"));
        assertEquals(each(belt.get("stations"), "face"), List.of("ribbed", "flat", "ribbed", "flat"));
        for (JsonNode station : belt.get("stations")) {
            double radius = station.get("diameterMm").asDouble() / 2;
            double dx =
                    station.get("on").get("xMm").asDouble() - station.get("xMm").asDouble();
            double dy =
                    station.get("on").get("yMm").asDouble() - station.get("yMm").asDouble();
            assertEquals(Math.hypot(dx, dy), radius, 1e-9);
        }
        assertTrue(get("/api/layouts/range").body().get(0).get("belt").isNull());
        JsonNode pictures = get("/api/knowledge/dryer/pictures").body();
        assertEquals(pictures.get("partTypes").size(), 56);
        assertTrue(each(pictures.get("words"), "word").containsAll(List.of("bearing", "slide", "sensor", "wheel")));
        assertEquals(get("/api/knowledge/kettle/pictures").status(), 422);
    }

    @Test
    public void aFitIsJudgedWithItsChain() {
        Answer changed =
                post("/api/fit", "{\"model\":\"TH-7820-W\",\"serial\":null,\"built\":null,\"part\":\"QV-2107\"}");
        assertEquals(changed.text("/verdict"), "fits-with-change");
        assertEquals(changed.body().get("supply").toString(), "[{\"part\":\"QV-2107-2\",\"quantity\":1}]");
        assertEquals(changed.body().get("changes").toString(), "[\"trim the tab on the case\"]");
        assertTrue(changed.body().get("ask").isNull());
        assertEquals(changed.body().get("reasons").size(), 2);
        assertEquals(
                post("/api/fit", "{\"model\":\"TH7820W\",\"part\":\"qv1180\"}").text("/verdict"), "fits");
        assertEquals(
                post("/api/fit", "{\"model\":\"TM-2205-B\",\"part\":\"QV-1183\"}")
                        .text("/verdict"),
                "does-not-fit");
        assertEquals(
                post("/api/fit", "{\"model\":\"TM-2205-B\",\"part\":\"NOWHERE\"}")
                        .text("/verdict"),
                "unknown");
    }

    @Test
    public void aBasketIsTheLeastPurchaseWithMoneyAsDecimals() {
        Answer basket = post(
                "/api/basket",
                "{\"needs\":[{\"part\":\"QV-1180\",\"quantity\":2}],\"wants\":[],"
                        + "\"policy\":{\"genuineOnly\":true,\"branch\":null,\"neededInDays\":null}}");
        assertEquals(
                basket.body().get("best").toString(),
                "{\"kinds\":[\"least\",\"fewest-lines\",\"from-stock-now\"],\"lines\":[{\"part\":\"QV-1183\",\"quantity\":2,\"unitPrice\":\"14.50\","
                        + "\"covers\":[{\"part\":\"QV-1180\",\"quantity\":2}],\"price\":\"29.00\"}],\"total\":\"29.00\",\"net\":\"29.00\",\"spare\":[],\"undone\":[]}");
        assertEquals(basket.text("/currency"), "USD");
        Answer impossible = post("/api/basket", "{\"needs\":[{\"part\":\"NOWHERE\",\"quantity\":1}]}");
        assertEquals(impossible.status(), 200);
        assertTrue(impossible.body().get("best").isNull());
        assertEquals(impossible.text("/impossible/0/part"), "NOWHERE");
    }

    @Test
    public void theCounterWorksAWholeCaseInOneCall() {
        Answer worked = post("/api/counter", """
                {"line":"th7B2O-w thumps, 8 yrs since the flood","findings":[{"finding":"squeals","answer":"unknown"}],
                 "excluded":["age"],"selected":["heater-open"],"deselected":[]}""");
        assertEquals(worked.text("/model/model"), "TH-7820-W");
        assertEquals(each(worked.body().get("pieces"), "kind"), List.of("model", "complaint", "age", "not-understood"));
        List<String> known = each(worked.body().get("known"), "key");
        assertTrue(known.contains("finding:thumps") && !known.contains("age"), known.toString());
        assertTrue(each(worked.body().get("known"), "source").contains("answered: not known"));
        assertFalse(each(worked.body().get("next"), "finding").contains("squeals"));
        assertEquals(worked.body().get("selling").toString(), "[\"rear-roller-worn\",\"heater-open\"]");
        assertEquals(worked.text("/basket/best/total"), "105.40", "roller kit 41.90 and heater box 63.50");
        assertEquals(worked.text("/needs/0/fit/verdict"), "fits");
        assertTrue(each(worked.body().get("cautions"), "hazard").containsAll(List.of("mains", "sharp-metal")));
        Answer empty = post("/api/counter", "{}");
        assertTrue(empty.body().get("model").isNull()
                && empty.body().get("suspects").isEmpty());
    }

    @Test
    public void theInterfaceIsServedForEveryPlaceAndBringsNothingFromElsewhere() {
        for (String place : List.of("/", "/day-book", "/sheet/1", "/cases/12")) {
            Answer page = get(place);
            assertEquals(page.status(), 200, place);
            assertTrue(page.whole().body().contains("<title>Synopta</title>"), place);
            String policy =
                    page.whole().headers().firstValue("Content-Security-Policy").orElseThrow();
            assertTrue(policy.startsWith("default-src 'self'"));
            assertFalse(page.whole().body().contains("http://")
                    || page.whole().body().contains("https://"));
        }
    }

    @Test
    public void theInterfaceIsBuiltFromTheDocumentThatIsServed() throws IOException {
        JsonNode served = get("/v3/api-docs").body();
        JsonNode kept = JSON.readTree(Files.readString(ROOT.resolve("ui/openapi.json")));
        Path target = ROOT.resolve("server/target/openapi.json");
        Files.writeString(target, served.toPrettyString() + "\n");
        assertTrue(
                kept.equals(served), "ui/openapi.json is old: copy server/target/openapi.json over it and build again");
        for (String path : List.of(
                "/api/tag/read",
                "/api/models/{model}",
                "/api/models/{model}/parts",
                "/api/diagnosis",
                "/api/fit",
                "/api/basket",
                "/api/cases",
                "/api/cases/{number}")) {
            assertTrue(served.get("paths").has(path), path);
        }
    }
}
