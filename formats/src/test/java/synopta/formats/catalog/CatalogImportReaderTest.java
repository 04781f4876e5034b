package synopta.formats.catalog;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.Brand;
import synopta.core.catalog.CatalogDump;
import synopta.core.catalog.Model;
import synopta.core.catalog.RowFault;
import synopta.core.catalog.Sheet;

public class CatalogImportReaderTest {
    private static final ImportLimits SMALL = new ImportLimits(3 << 20, 4 << 20, 50, 150_000, 1_000_000);
    private static final String BRANDS = "brand,family,serial_scheme\r\nThistlemoor,North Works,\r\n";
    private Path file;

    @BeforeMethod
    public void fresh() throws IOException {
        file = Files.createTempFile("delivery", ".zip");
    }

    @AfterMethod
    public void gone() throws IOException {
        Files.delete(file);
    }

    private CatalogImportReader.Read read(Map<String, byte[]> entries) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
                zip.closeEntry();
            }
        }
        return CatalogImportReader.read(file, SMALL, begun -> {});
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static String said(List<RowFault> faults) {
        StringBuilder said = new StringBuilder();
        faults.forEach(f -> said.append("%s:%d:%s %s\n".formatted(f.file(), f.line(), f.column(), f.message())));
        return said.toString();
    }

    @Test
    public void columnsComeInAnyOrderAndUnknownOnesAreWarnedOf() throws IOException {
        String models = "\uFEFFplatform,Model,color,appliance,brand,note,popularity,fuel\n"
                + "Skerry,TH-7820-W,white,dryer,Thistlemoor,\"two\nlines, \"\"quoted\"\"\",2.5,electric\n\n";
        CatalogImportReader.Read read = read(Map.of("catalog/models.csv", utf8(models), "readme.txt", utf8("x")));
        assertEquals(said(read.faults()), "");
        Model model = read.delivery().sent(Sheet.MODELS).orElseThrow().rows().get(0);
        assertEquals(model.note(), "two\nlines, \"quoted\"");
        assertEquals(model.popularity(), 2.5);
        assertTrue(model.volts() == null);
        assertEquals(
                read.warnings().stream()
                        .map(w -> w.file() + " " + w.column())
                        .sorted()
                        .toList(),
                List.of("models.csv color", "readme.txt "));
    }

    private static final String PARTS = "part,part_type,genuine,status,returnable,pack_quantity,specs\n";
    private static final String SCHEMES = "scheme,pattern,year_codes,period\n";
    private static final String MODELS = "model,brand,appliance,platform,built_from,built_to,popularity,fuel,volts\n";

    @DataProvider(name = "rows that cannot be read")
    Object[][] faulty() {
        return new Object[][] {
            {
                "models.csv",
                MODELS + "a1,B,dryer,P,2018-13-01,,,,\n",
                "models.csv:2:built_from (2018-13-01) must be a date"
            },
            {"models.csv", MODELS + "a1,B,dryer,P,2018-02-01,2017-02-01,,,\n", "models.csv:2:built_to Build range"},
            {
                "models.csv",
                MODELS + "\n\"x\ny1\",B,dryer,P,,,,,\n--,B,dryer,P,,,,,\n",
                "models.csv:5:model Model number (--)"
            },
            {"models.csv", MODELS + "a1,B,kettle,P,,,,,\n", "models.csv:2:appliance Appliance (kettle) must be one of"},
            {"models.csv", MODELS + "a1,B,dryer,P,,,-1,coal,\n", "models.csv:2:fuel Fuel (coal)"},
            {"models.csv", MODELS + "a1,B,dryer,P,,,0,,\n", "models.csv:2:popularity must be above 0"},
            {"models.csv", MODELS + "a1,B,dryer,P,,,\"1,5\",,\n", "models.csv:2:popularity (1,5) must be a number"},
            {
                "models.csv",
                MODELS + "a1,B,dryer,P,,,,,0\n",
                "models.csv:2:volts (0) must be a whole number of at least 1"
            },
            {"models.csv", MODELS + "a1,,dryer,P,,,,,\n", "models.csv:2:brand is empty"},
            {"models.csv", MODELS + "a" + "1".repeat(60) + ",B,dryer,P,,,,,\n", "models.csv:2:model has 61 characters"},
        };
    }

    @DataProvider(name = "files that cannot be read")
    Object[][] faultyFiles() {
        String models = "model,brand,appliance,platform\n";
        return new Object[][] {
            {"models.csv", "model,brand,brand\n", "models.csv:1:brand is in the header twice"},
            {"models.csv", "model,brand\n", "models.csv:1:appliance is missing from the header"},
            {"models.csv", "", "models.csv:1: is empty"},
            {"models.csv", MODELS + "a1,\"B,dryer,P,,,,,\n", "models.csv:2: is not CSV"},
            {"parts.csv", PARTS + "p1,t,maybe,current,yes,1,\n", "parts.csv:2:genuine (maybe) must be yes or no"},
            {"parts.csv", PARTS + "p1,t,yes,old,yes,1,\n", "parts.csv:2:status Status (old) must be one of current"},
            {"parts.csv", PARTS + "p1,t,yes,current,yes,0,\n", "parts.csv:2:pack_quantity (0)"},
            {"parts.csv", PARTS + "p1,t,yes,current,yes,1,ribs\n", "parts.csv:2:specs (ribs) must be pairs"},
            {"prices.csv", "part,price,currency\np1,1.005,USD\n", "prices.csv:2:price Amount (1.005)"},
            {
                "prices.csv",
                "part,price,currency\np1,1.00,euro\n",
                "prices.csv:2:currency Currency (euro) must be three capital letters"
            },
            {"fits.csv", "model,slot,part,serial_from,serial_to\nm1,s,p1,B2,-\n", "fits.csv:2:serial_to Serial"},
            {"serial_schemes.csv", SCHEMES + "s,YQ,A=2010,week\n", "serial_schemes.csv:2:pattern "},
            {"serial_schemes.csv", SCHEMES + "s,Y,A=10,week\n", "serial_schemes.csv:2:year_codes (A=10)"},
            {"../models.csv", models, "../models.csv:0: has a path outside the zip"},
            {"/etc/models.csv", models, "/etc/models.csv:0: has a path outside the zip"},
            {"a/b/holiday.txt", "", ".zip:0: contains no catalog file"},
        };
    }

    @Test(dataProvider = "files that cannot be read")
    public void aFaultOfAnyFileIsNamedToo(String name, String text, String expected) throws IOException {
        aFaultNamesFileLineAndColumnAndHowToMendIt(name, text, expected);
    }

    @Test(dataProvider = "rows that cannot be read")
    public void aFaultNamesFileLineAndColumnAndHowToMendIt(String name, String text, String expected)
            throws IOException {
        String said = said(read(Map.of(name, utf8(text))).faults());
        assertTrue(said.contains(expected), said);
    }

    @Test
    public void oneBadRowAmongManyIsNamedAndTheOthersAreRead() throws IOException {
        StringBuilder text = new StringBuilder(BRANDS);
        for (int i = 0; i < 100_000; i++) {
            text.append(i == 4711 ? ",no name,\n" : "Brand %d,North,\n".formatted(i));
        }
        CatalogImportReader.Read read = read(Map.of("brands.csv", utf8(text.toString())));
        assertEquals(said(read.faults()), "brands.csv:4714:brand is empty. Fill it in.\n");
        assertEquals(read.delivery().sent(Sheet.BRANDS).orElseThrow().rows().size(), 100_000);
    }

    @Test
    public void wrongEncodingsBombsAndBrokenZipsAreRefused() throws IOException {
        byte[] latin = "brand,family\nM\u00fcller,N\n".getBytes(StandardCharsets.ISO_8859_1);
        assertTrue(said(read(Map.of("brands.csv", latin)).faults())
                .contains("brands.csv:1: is not UTF-8 here or shortly after"));
        byte[] bomb = new byte[2 << 20];
        assertTrue(said(read(Map.of("brands.csv", bomb)).faults()).contains("unpacks to more than 50 times its size"));
        byte[] big = utf8(BRANDS + noise(3 << 20));
        assertTrue(said(read(Map.of("brands.csv", big)).faults()).contains("is larger than 3 MB when unpacked"));
        Map<String, byte[]> both = new TreeMap<>(Map.of(
                "brands.csv",
                utf8(BRANDS + noise(5 << 19)),
                "platforms.csv",
                utf8("platform,appliance\n" + noise(5 << 19))));
        assertTrue(said(read(both).faults()).contains("makes the import larger than 4 MB"));
        StringBuilder rows = new StringBuilder(BRANDS);
        for (int i = 0; i < 160_000; i++) {
            rows.append(Integer.toString(i * 7919, 36)).append('\n');
        }
        String tooMany = said(read(Map.of("brands.csv", utf8(rows.toString()))).faults());
        assertTrue(tooMany.contains("has more than 150000 rows"), tooMany);
        Map<String, byte[]> twice = new TreeMap<>(Map.of("brands.csv", utf8(BRANDS), "old/brands.csv", utf8(BRANDS)));
        assertTrue(said(read(twice).faults()).contains("is in the zip twice. Keep one."));
        Files.write(file, utf8("no zip"));
        assertTrue(said(CatalogImportReader.read(file, SMALL, begun -> {}).faults())
                .contains("is not a readable zip"));
    }

    /** Rows that hardly pack, so that only their size counts. */
    private static String noise(int bytes) {
        Random random = new Random(1);
        StringBuilder text = new StringBuilder();
        while (text.length() < bytes) {
            text.append(Long.toString(random.nextLong(), 36)).append(text.length() % 5 == 0 ? "\n" : "");
        }
        return text.toString();
    }

    @Test
    public void whatASpreadsheetWouldRunGoesOutGuardedAndComesBackAsItWas() throws IOException {
        List<String> names = List.of("=1+1", "+49", "-x", "@home", "'=quoted", "''-twice", "'plain", "a=b", "7\t");
        CatalogDump brands = new CatalogDump() {
            @Override
            public <T> void each(Sheet<T> sheet, Consumer<T> reader) {
                names.forEach(name -> reader.accept(sheet.rows().cast(new Brand(name, "f", null))));
            }
        };
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        CatalogWriter.csv(brands, Sheet.BRANDS, out);
        assertTrue(
                out.toString(StandardCharsets.UTF_8).lines().skip(1).noneMatch(l -> "=+-@".indexOf(l.charAt(0)) >= 0));
        List<String> back =
                read(Map.of("brands.csv", out.toByteArray()))
                        .delivery()
                        .sent(Sheet.BRANDS)
                        .orElseThrow()
                        .rows()
                        .stream()
                        .map(b -> b.brand())
                        .toList();
        assertEquals(back.subList(0, 8), names.subList(0, 8));

        ByteArrayOutputStream book = new ByteArrayOutputStream();
        CatalogWriter.workbook(brands, Sheet.BRANDS, book);
        try (ReadableWorkbook read = new ReadableWorkbook(new ByteArrayInputStream(book.toByteArray()))) {
            assertEquals(read.getFirstSheet().read().get(1).getCellText(0), "=1+1", "a text, not a formula");
            assertEquals(read.getFirstSheet().read().get(0).getCellText(2), "serial_scheme");
        }
    }
}
