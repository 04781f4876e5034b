package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.Test;

/** The catalog in and out over HTTP; every test leaves the catalog as it was. */
public class CatalogTest extends ServedTest {
    private static Map<String, String> unzipped(byte[] zip) throws IOException {
        Map<String, String> files = new LinkedHashMap<>();
        ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip));
        for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
            files.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
        return files;
    }

    private static byte[] zipped(Map<String, String> files) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    private static byte[] exported() {
        return bytes("/api/catalogue/export.zip");
    }

    /** The catalog with one file changed. */
    private static byte[] with(String file, UnaryOperator<String> change) throws IOException {
        Map<String, String> files = unzipped(exported());
        files.compute(file, (name, text) -> change.apply(text));
        return zipped(files);
    }

    private static Answer imported(byte[] zip, boolean dryRun) {
        return sendBytes("/api/catalogue/imports?dryRun=" + dryRun, "application/zip", zip);
    }

    @Test
    public void whatGoesOutComesBackInByteForByte() throws IOException {
        byte[] before = exported();
        Answer taken = imported(before, false);
        assertEquals(taken.status(), 200);
        assertEquals(fields(taken.body()), Set.of("accepted", "faults", "warnings"));
        assertEquals(taken.body().at("/accepted/models.csv").asInt(), 400);
        assertEquals(taken.body().get("faults").size(), 0);
        assertTrue(Arrays.equals(exported(), before));
    }

    @Test
    public void aDryRunChangesNothingAndOneFileLeavesTheOthersAlone() throws IOException {
        byte[] before = exported();
        Map<String, String> models = Map.of(
                "models.csv",
                unzipped(before).get("models.csv") + "ZZ-100-W,Thistlemoor,dryer,electric,240,Skerry,,,1,\r\n");
        String read = "{\"text\":\"zz100w\"}";
        assertEquals(
                imported(zipped(models), true).body().at("/accepted/models.csv").asInt(), 401);
        assertNotEquals(post("/api/tag/read", read).text("/candidates/0/model"), "ZZ-100-W");
        assertEquals(imported(zipped(models), false).status(), 200);
        assertEquals(post("/api/tag/read", read).text("/candidates/0/model"), "ZZ-100-W", "read at once");
        assertEquals(imported(before, false).status(), 200);
        assertTrue(Arrays.equals(exported(), before));
    }

    @Test
    public void faultsAreNamedByFileLineAndColumnAndNothingIsChanged() throws IOException {
        byte[] before = exported();
        byte[] cycle = with("supersessions.csv", text -> text + "QV-1183,1,QV-1180,1,,\r\n");
        Answer refused = imported(cycle, false);
        assertEquals(refused.status(), 422);
        assertEquals(refused.type(), "application/problem+json");
        assertTrue(refused.text("/detail").startsWith("Nothing was imported"), refused.text("/detail"));
        assertEquals(refused.text("/faults/0/file"), "supersessions.csv");
        assertTrue(refused.text("/faults/0/message").contains("QV-1180 → QV-1180-1 → QV-1183 → QV-1180"));

        byte[] twice = with("models.csv", text -> text + "th 7820 w,Thistlemoor,dryer,,,Skerry,,,1,\r\n");
        Answer checked = imported(twice, true);
        assertEquals(checked.status(), 200, "a dry run has done what it was asked");
        assertEquals(checked.body().at("/faults/0/line").asInt(), 402);
        byte[] kettle = with("models.csv", text -> text.replaceFirst(",dryer,", ",kettle,"));
        assertEquals(imported(kettle, true).text("/faults/0/column"), "appliance");
        assertTrue(Arrays.equals(exported(), before));
    }

    @Test
    public void whatIsNoCatalogIsRefusedAndTheServerAnswersOn() throws Exception {
        Answer noZip = imported("no zip".getBytes(StandardCharsets.UTF_8), false);
        assertEquals(noZip.status(), 422);
        assertTrue(noZip.text("/detail").contains("not a readable zip"));
        Answer climbing = imported(zipped(Map.of("../../models.csv", "model")), false);
        assertTrue(climbing.text("/detail").contains("path outside the zip"), climbing.text("/detail"));
        String noughts = "\0".repeat(40_000_000);
        assertTrue(imported(zipped(Map.of("fits.csv", noughts)), false)
                .text("/detail")
                .contains("unpacks to more than"));
        assertEquals(
                sendBytes("/api/catalogue/imports", "text/plain", new byte[1]).status(), 415);
        assertTrue(tooLarge(2_000_000_000L).startsWith("HTTP/1.1 413"), "2 GB are refused before they are sent");
        assertEquals(get("/api/catalogue").status(), 200);
    }

    /** Says how long the body will be, and waits for the answer before it sends any of it. */
    private static String tooLarge(long length) throws IOException {
        URI server = address();
        try (Socket socket = new Socket(server.getHost(), server.getPort())) {
            socket.getOutputStream()
                    .write(
                            ("POST /api/catalogue/imports HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/zip\r\n"
                                            + "Content-Length: " + length + "\r\n\r\n")
                                    .getBytes(StandardCharsets.US_ASCII));
            byte[] answer = new byte[4000];
            int read = socket.getInputStream().read(answer);
            return new String(answer, 0, read, StandardCharsets.UTF_8);
        }
    }

    @Test
    public void tablesGoOutAsCsvAndWorkbook() {
        String brands = new String(bytes("/api/catalogue/tables/brands.csv"), StandardCharsets.UTF_8);
        assertTrue(brands.startsWith("brand,family,serial_scheme\r\nHalvorn,South Works,south\r\n"), brands);
        byte[] book = bytes("/api/catalogue/tables/models.xlsx");
        assertEquals(new String(book, 0, 2, StandardCharsets.US_ASCII), "PK");
        Answer unknown = get("/api/catalogue/tables/nothing.csv");
        assertEquals(unknown.status(), 404);
        assertTrue(unknown.text("/detail").contains("Use one of serial_schemes, brands"));
        assertEquals(get("/api/catalogue").body().size(), 13);
        List<String> kinds = each(get("/api/catalogue/check").body(), "kind");
        assertTrue(kinds.contains("part-unused"), kinds.toString());
    }

    @Test
    public void aSerialIsDecodedAndTwinsAreNamed() {
        Answer serial = post("/api/serial/decode", "{\"brand\":\"Halvorn\",\"serial\":\"7C-X04711\"}");
        assertEquals(
                serial.body().get("built").toString(),
                "[{\"from\":\"2017-03-01\",\"to\":\"2017-03-31\"},{\"from\":\"2007-03-01\",\"to\":\"2007-03-31\"},"
                        + "{\"from\":\"1997-03-01\",\"to\":\"1997-03-31\"}]");
        assertTrue(serial.body().get("unreadable").isNull());
        Answer of =
                post("/api/serial/decode", "{\"brand\":\"Halvorn\",\"serial\":\"7C-X04711\",\"model\":\"HV-4415-W\"}");
        assertTrue(of.body().get("dropped").size() > 0);
        Answer unreadable = post("/api/serial/decode", "{\"brand\":\"Halvorn\",\"serial\":\"7Z-X04711\"}");
        assertTrue(unreadable.text("/unreadable").contains("Z is not a month code"));

        Answer twins = get("/api/models/TH7820W/twins");
        assertTrue(each(twins.body().get("twins"), "brand").stream().allMatch("Orrinvale"::equals));
        assertTrue(twins.body().at("/twins/0/shared").size() > 10);
        Answer weights = get("/api/tag/weights");
        assertTrue(each(weights.body().get("groups"), "basis").stream().noneMatch(String::isBlank));
    }

    @Test
    public void aFitIsJudgedByTheSerialAndTheBuildDate() throws IOException {
        byte[] before = exported();
        Map<String, String> files = unzipped(before);
        String early = "HV-4415-W,trial,HN-TRIAL-1,1,,2017-03-31,,,\r\n";
        String late = "HV-4415-W,trial,HN-TRIAL-2,1,2017-04-01,,7C-X00001,,\r\n";
        String parts = "HN-TRIAL-%d,m,lamp,n,yes,current,1,yes,\r\n";
        byte[] with = zipped(Map.of(
                "fits.csv", files.get("fits.csv") + early + late,
                "parts.csv", files.get("parts.csv") + parts.formatted(1) + parts.formatted(2)));
        assertEquals(imported(with, false).status(), 200);
        try {
            String ask = "{\"model\":\"HV-4415-W\",\"serial\":%s,\"built\":%s,\"part\":\"HN-TRIAL-%d\"}";
            Answer open = post("/api/fit", ask.formatted("null", "null", 1));
            assertEquals(open.text("/verdict") + " " + open.text("/ask"), "depends built");
            Answer serial = post("/api/fit", ask.formatted("null", "\"2017-04-02\"", 2));
            assertEquals(serial.text("/verdict") + " " + serial.text("/ask"), "depends serial");
            assertEquals(
                    post("/api/fit", ask.formatted("\"7C-X04711\"", "null", 1)).text("/verdict"), "fits");
            assertEquals(
                    post("/api/fit", ask.formatted("\"7D-X04711\"", "null", 1)).text("/verdict"),
                    "does-not-fit",
                    "April 2017");
            assertEquals(
                    post("/api/fit", ask.formatted("\"7D-X04711\"", "null", 2)).text("/verdict"), "fits");
        } finally {
            assertEquals(imported(before, false).status(), 200);
        }
    }

    @Test
    public void anUnlistedNumberNamesItsPlatformsAndTheCaseGoesOnWithOne() {
        Answer read = post("/api/tag/read", "{\"text\":\"th6153k\"}");
        assertTrue(read.body().get("unlisted").asDouble() > 0.2);
        assertEquals(read.text("/platforms/0/platform"), "Dunlin");
        assertEquals(read.text("/platforms/0/brand"), "Thistlemoor");
        Answer open = post("/api/counter", "{\"line\":\"th6153k thumps\"}");
        assertTrue(each(open.body().get("constructions"), "platform").containsAll(List.of("Dunlin", "Dunlin Gas")));
        assertEquals(open.body().get("needs").size(), 0, "nothing is guessed in silence");
        Answer gas = post("/api/counter", "{\"line\":\"th6153k thumps\",\"inspected\":[\"fuel:gas\"]}");
        assertEquals(gas.text("/constructions/0/platform"), "Dunlin Gas");
        Answer chosen =
                post("/api/counter", "{\"line\":\"th6153k thumps\",\"platform\":\"Dunlin\",\"fuel\":\"electric\"}");
        assertEquals(chosen.text("/platform"), "Dunlin");
        assertEquals(chosen.text("/needs/0/fit/verdict"), "fits");
        assertTrue(chosen.text("/needs/0/fit/reasons/0").contains("the model itself is not in the catalog"));
        Answer kept = post(
                "/api/cases",
                "{\"line\":\"th6153k thumps\",\"platform\":\"Dunlin\",\"inspected\":[\"fuel:gas\"],\"serial\":\"27V-P004711\"}");
        Answer again = get("/api/cases/" + kept.text("/number"));
        assertEquals(again.text("/platform"), "Dunlin");
        assertEquals(again.body().get("inspected").toString(), "[\"fuel:gas\"]");
        assertEquals(again.text("/serial"), "27V-P004711");
    }
}
