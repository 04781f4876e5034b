package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.Sheet;
import synopta.store.Store;

/** The verbs of the one script that need no server. */
public class CommandLineTest {
    private Path folder;
    private Path data;
    private ByteArrayOutputStream said;

    @BeforeMethod
    public void fresh() throws IOException {
        folder = Files.createTempDirectory("verbs");
        data = folder.resolve("data");
        said = new ByteArrayOutputStream();
    }

    private PrintStream out() {
        return new PrintStream(said, true, StandardCharsets.UTF_8);
    }

    private String said() {
        return said.toString(StandardCharsets.UTF_8);
    }

    private long rows(Sheet<?> sheet) {
        try (Store store = Store.inFolder(data)) {
            return store.catalogStore().count(sheet);
        }
    }

    @Test
    public void thePacksThatShipAreSoundAndABrokenOneIsRefusedWithItsPlace() throws IOException {
        Path knowledge = Path.of(System.getProperty("synopta.root"), "knowledge");
        assertTrue(CommandLine.checked(knowledge, out()), said());
        assertTrue(said().contains("dryer, H (Bulkhead with front glides)"), said());
        assertTrue(said().contains("links from our own judgment"), said());
        String pack = Files.readString(knowledge.resolve("microwave.json"));
        Path broken = Files.createDirectories(folder.resolve("packs"));
        Files.writeString(broken.resolve("microwave.json"), pack.replace("\"line-fuse\": 3", "\"grease-filter\": 3"));
        assertFalse(CommandLine.checked(broken, out()));
        assertTrue(said().contains("Refused: microwave.json"), said());
    }

    @Test
    public void whatIsGeneratedIsTakenInAndAnsweredForByCount() throws IOException {
        Path files = folder.resolve("files");
        assertTrue(CommandLine.generated("900", files, out()));
        assertTrue(said().contains("models on 25 platforms"), said());
        assertTrue(CommandLine.taken(files, data, out()), said());
        long models = Files.lines(files.resolve("models.csv")).count() - 1;
        assertTrue(models > 880 && models < 920, models + " models");
        assertEquals(rows(Sheet.MODELS), models);
        assertTrue(said().contains("rows of fits.csv"), said());
    }

    @Test
    public void aBadRowIsNamedAndWhatWasThereStays() throws IOException {
        Path files = folder.resolve("files");
        CommandLine.generated("60", files, out());
        CommandLine.taken(files, data, out());
        long before = rows(Sheet.FITS);
        List<String> fits = Files.readAllLines(files.resolve("fits.csv"));
        String[] cells = fits.get(20).split(",", -1);
        cells[2] = "NO-SUCH-PART";
        fits.set(20, String.join(",", cells));
        Files.write(files.resolve("fits.csv"), fits);
        Files.writeString(files.resolve("prices.csv"), "part,price,currency,mood\nQV-1183,1.00,USD,good\n");
        assertFalse(CommandLine.taken(files, data, out()));
        assertTrue(said().contains("Nothing was changed: 1 faults."), said());
        assertTrue(said().contains("fits.csv, line 21: part (NOSUCHPART) is not in parts.csv"), said());
        assertTrue(said().contains("Ignored: prices.csv, line 1: mood"), said());
        assertEquals(rows(Sheet.FITS), before);
        assertTrue(rows(Sheet.PRICES) > 1, "the prices stay too");
    }

    @Test
    public void whatIsNotThereOrCannotBeOpenedIsSaid() throws IOException {
        assertFalse(CommandLine.taken(folder.resolve("nowhere"), data, out()));
        assertTrue(said().contains("Folder or zip"), said());
        Path files = folder.resolve("files");
        CommandLine.generated("60", files, out());
        Files.createDirectories(data);
        Files.writeString(data.resolve("synopta.mv.db"), "no database");
        assertFalse(CommandLine.taken(files, data, out()));
        assertTrue(said().contains("cannot be opened"), said());
    }

    @Test
    public void whatIsCopiedComesBackIntoAnEmptyFolderAndNothingIsWrittenOver() throws Exception {
        Path files = folder.resolve("files");
        Path copy = folder.resolve("copy.zip");
        assertFalse(CommandLine.copied(data, copy, out()));
        assertTrue(said().contains("There is no data in"), said());
        CommandLine.generated("60", files, out());
        CommandLine.taken(files, data, out());
        long fits = rows(Sheet.FITS);
        assertFalse(CommandLine.copied(data, folder.resolve("nowhere").resolve("copy.zip"), out()));
        assertTrue(said().contains("does not exist"), said());
        Files.write(data.resolve("serving"), List.of("http://127.0.0.1:9", "of a process that was killed"));
        assertTrue(CommandLine.copied(data, copy, out()), said());
        byte[] kept = Files.readAllBytes(copy);
        assertFalse(CommandLine.copied(data, copy, out()));
        assertTrue(said().contains("Name another file"), said());
        assertEquals(Files.readAllBytes(copy), kept);
        assertFalse(CommandLine.restored(copy, data, out()));
        assertTrue(said().contains("Name an empty folder"), said());
        data = folder.resolve("again");
        assertTrue(CommandLine.restored(copy, data, out()), said());
        assertEquals(rows(Sheet.FITS), fits);
        try (Stream<Path> left = Files.list(folder)) {
            assertTrue(left.noneMatch(path -> path.toString().endsWith(".part")));
        }
    }

    /** A name and what stands in the file. */
    @DataProvider
    Object[][] noCopies() throws IOException {
        ByteArrayOutputStream zip = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(zip)) {
            out.putNextEntry(new ZipEntry("models.csv"));
            out.write('x');
        }
        ByteArrayOutputStream broken = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(broken)) {
            out.putNextEntry(new ZipEntry("synopta.mv.db"));
            out.write("no database".getBytes(StandardCharsets.UTF_8));
        }
        return new Object[][] {
            {"a text", "no zip".getBytes(StandardCharsets.UTF_8), "is not a whole backup"},
            {"a catalog", zip.toByteArray(), "contains no synopta.mv.db"},
            {"a broken copy", broken.toByteArray(), "is damaged"},
        };
    }

    @Test(dataProvider = "noCopies")
    public void whatIsNoCopyIsRefusedAndLeavesTheFolderEmpty(String what, byte[] content, String words)
            throws IOException {
        Path file = Files.write(folder.resolve("file.zip"), content);
        assertFalse(CommandLine.restored(file, data, out()));
        assertTrue(said().contains(words), what + ": " + said());
        assertFalse(Files.exists(data.resolve("synopta.mv.db")), what);
        assertFalse(CommandLine.restored(folder.resolve("nowhere.zip"), data, out()));
        assertTrue(said().contains("does not exist"), said());
    }

    @DataProvider
    Object[][] sizes() {
        return new Object[][] {{"0"}, {"-5"}, {"many"}, {"3000000"}, {"99999999999"}, {""}};
    }

    @Test(dataProvider = "sizes")
    public void aSizeThatCannotBeIsRefused(String models) throws IOException {
        assertFalse(CommandLine.generated(models, folder.resolve("files"), out()));
        assertTrue(said().contains("must be a whole number from 1 to"), said());
        assertFalse(Files.exists(folder.resolve("files")));
    }
}
