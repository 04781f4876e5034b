package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.zip.ZipFile;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Parts over HTTP: what they have become, where they are used, what may stand in, and machines of other brands. */
public class PartsTest extends ServedTest {
    @Test
    public void aPartIsFoundByHalfItsNumberAndByASlip() {
        assertEquals(
                each(get("/api/parts?q=qv-118&limit=3").body(), "part"), List.of("QV-1180", "QV-1180-1", "QV-1183"));
        assertTrue(each(get("/api/parts?q=QV1138").body(), "part").contains("QV-1183"));
        assertEquals(get("/api/parts?q=ZZZZZZ").body().size(), 0);
        Answer part = get("/api/parts/QV1183");
        assertEquals(part.text("/part/price"), "14.50");
        assertEquals(part.body().get("stock").size(), 3);
        assertTrue(each(part.body().get("kits"), "quantity").contains("1"));
        assertEquals(get("/api/parts/QV4410K").body().get("contents").size(), 4);
        Answer missing = get("/api/parts/QV1138");
        assertEquals(missing.status(), 404);
        assertTrue(missing.text("/detail").contains("search under Parts"), missing.text("/detail"));
    }

    @Test
    public void machinesComePageByPageAndAllOfThemAsTables() throws IOException {
        List<String> paged = new ArrayList<>();
        String after = "";
        while (after != null) {
            Answer page = get("/api/parts/QV1183/models?limit=7&after=" + after);
            paged.addAll(each(page.body().get("models"), "model"));
            after = page.body().get("next").isNull() ? null : page.text("/next");
        }
        int counted = 0;
        for (JsonNode count : get("/api/parts/QV1183/models/counts").body()) {
            counted += count.get("models").asInt();
        }
        assertEquals(paged.size(), counted);
        List<String> csv = new String(bytes("/api/parts/QV1183/models.csv"), StandardCharsets.UTF_8)
                .lines()
                .toList();
        assertEquals(csv.get(0), "model,brand,appliance,fuel,via,slots,listed,ranges");
        assertEquals(csv.stream().skip(1).map(l -> l.split(",")[0]).toList(), paged);
        assertTrue(csv.get(1).endsWith("succession,belt,QV-1180,any build"), csv.get(1));
        for (String line : new String(bytes("/api/parts/QV1183/models.csv?brand=Orrinvale"), StandardCharsets.UTF_8)
                .lines()
                .skip(1)
                .toList()) {
            assertEquals(line.split(",")[1], "Orrinvale");
        }
        assertEquals(rows("/api/parts/QV1183/models.xlsx"), csv.size());
        assertEquals(get("/api/parts/QV1183/models?limit=0").status(), 400);
    }

    private long rows(String path) throws IOException {
        Path book = Files.createTempFile("models", ".xlsx");
        Files.write(book, bytes(path));
        try (ZipFile zip = new ZipFile(book.toFile());
                InputStream page = zip.getInputStream(zip.getEntry("xl/worksheets/sheet1.xml"))) {
            String xml = new String(page.readAllBytes(), StandardCharsets.UTF_8);
            return Pattern.compile("<row ").matcher(xml).results().count();
        }
    }

    @Test
    public void aSuccessionIsAGraphWithWhatIsSuppliedToday() {
        Answer split = get("/api/parts/QV1320/succession");
        assertEquals(split.body().get("steps").size(), 3);
        assertEquals(
                split.body().get("today").get("supply").toString(),
                "[{\"part\":\"QV-1322\",\"quantity\":1},{\"part\":\"QV-1325-K\",\"quantity\":1}]");
        assertEquals(split.text("/today/changes/0"), "drill the upper hole to 5 mm");
        assertEquals(
                each(get("/api/parts/QV1325K/succession").body().get("parts"), "part"),
                List.of("QV-1320", "QV-1322", "QV-1323", "QV-1325-K"),
                "what goes with it is shown, too");
    }

    @Test
    public void whatMayStandInIsComparedByItsSpecifications() {
        Answer knob = get("/api/parts/QV6610/equivalents");
        JsonNode gray = knob.body().get("equivalents").get(0);
        assertEquals(gray.get("part").get("part").asString(), "CS-8810");
        assertEquals(gray.get("allowed").asBoolean(), false, "only the specifications speak for it");
        Answer beside = get("/api/parts/QV6610/compare/CS8810");
        assertEquals(each(beside.body().get("specs"), "outcome"), List.of("does-not-matter", "same", "same"));
        Answer fit = post("/api/fit", "{\"model\":\"RE1524W\",\"part\":\"QV6610\"}");
        assertEquals(fit.text("/verdict"), "fits");
        assertTrue(each(fit.body().get("suggestions"), "part").contains("CS-8810"));
    }

    @DataProvider
    Object[][] fits() {
        return new Object[][] {
            {"HV4415W", "HN3340", "", "depends", "serial"},
            {"HV4415W", "HN3340", "9E-H41999", "fits", null},
            {"HV4415W", "HN3340", "9E-H42000", "does-not-fit", null},
            {"HV4415W", "HN3342", "9J-H42107", "fits", null},
            {"TH7820W", "QV4410K", "", "fits", null},
            {"HV4415W", "QV2107-2", "", "does-not-fit", null},
            {"TH7820W", "QV-1184", "", "unknown", null},
        };
    }

    @Test(dataProvider = "fits")
    public void aFitGoesBySerialKitAndNumber(String model, String part, String serial, String verdict, String ask) {
        Answer fit =
                post("/api/fit", "{\"model\":\"%s\",\"serial\":\"%s\",\"part\":\"%s\"}".formatted(model, serial, part));
        assertEquals(fit.text("/verdict"), verdict, fit.body().toString());
        JsonNode asked = fit.body().get("ask");
        assertEquals(asked.isNull() ? null : asked.asString(), ask);
        if (verdict.equals("unknown")) {
            assertTrue(
                    fit.body().get("nearest").toString().contains("QV-1183"),
                    fit.body().toString());
        }
    }

    @Test
    public void theHouseMayWantGenuinePartsOnly() {
        String rules = "{\"genuineOnly\":false}";
        String pair = "/api/parts?q=CS&limit=100";
        String other = get(pair).body().get(0).get("part").asString();
        assertEquals(get("/api/settings").text("/genuineOnly"), "false");
        String used = "/api/parts/%s/models?limit=1".formatted(key(other));
        assertEquals(get(used).body().get("models").size(), 1, other);
        try {
            assertEquals(send("PUT", "/api/settings", "{\"genuineOnly\":true}").status(), 200);
            assertEquals(get(used).body().get("models").size(), 0);
        } finally {
            send("PUT", "/api/settings", rules);
        }
        for (String wrong : List.of(
                "{\"taxPercent\":\"-1\"}",
                "{\"taxPercent\":\"a lot\"}",
                "{\"perHour\":\"1.234\"}",
                "{\"horizonYears\":0}",
                "{\"quoteDays\":9999}")) {
            assertEquals(send("PUT", "/api/settings", wrong).status(), 422, wrong);
        }
        assertEquals(get("/api/settings").text("/taxPercent"), "6.5", "nothing was changed");
    }

    @Test
    public void aBranchHasItsOwnWordsUntilTheyAreEmptied() {
        String at = "/api/settings";
        ServedTest.Answer kept =
                send("PUT", at, "{\"secondUnit\":\"inch\",\"branchContacts\":{\"Staithe\":\"at the quay\"}}");
        assertEquals(kept.text("/branchContacts/Staithe"), "at the quay");
        assertEquals(send("PUT", at, "{\"oilShafts\":false}").text("/branchContacts/Staithe"), "at the quay");
        ServedTest.Answer usual = send(
                "PUT", at, "{\"secondUnit\":\"millimeter\",\"oilShafts\":true,\"branchContacts\":{\"Staithe\":\" \"}}");
        assertFalse(usual.body().get("branchContacts").has("Staithe"));
        assertEquals(
                send("PUT", at, "{\"contact\":\"%s\"}".formatted("x".repeat(201)))
                        .status(),
                422);
        assertEquals(get("/api/cases/1/sheet?units=ells").status(), 422);
    }

    private static String key(String part) {
        return part.replaceAll("[^A-Z0-9]", "");
    }

    @Test
    public void modelsOfOtherBrandsThatTakeTheBagComeAsAListAndATable() {
        Answer found = get("/api/compatible?model=TH7820W&part=QV-1183&part=QV1441");
        JsonNode first = found.body().get("models").get(0);
        assertEquals(first.get("model").asString(), "DE7-4082W", "it takes both");
        assertEquals(first.get("via").get("QV-1441").asString(), "direct");
        assertTrue(each(found.body().get("models"), "brand").stream().noneMatch("Thistlemoor"::equals));
        List<String> csv = new String(
                        bytes("/api/compatible.csv?model=TH7820W&part=QV-1183&part=QV1441"), StandardCharsets.UTF_8)
                .lines()
                .toList();
        assertEquals(csv.get(0), "model,brand,appliance,fuel,differing,QV-1183,QV-1441");
        assertEquals(csv.size() - 1, found.body().get("total").asInt());
        assertEquals(get("/api/compatible?part=NOWHERE").status(), 422);
        assertEquals(get("/api/compatible").status(), 400);
    }
}
