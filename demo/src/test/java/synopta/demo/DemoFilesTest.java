package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import synopta.core.catalog.CatalogImportCheck;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.RowFault;
import synopta.core.catalog.Sheet;
import synopta.core.fit.CatalogCheck;
import synopta.core.fit.CatalogWarning;
import synopta.formats.catalog.CatalogImportReader;
import synopta.formats.catalog.CatalogWriter;
import synopta.formats.catalog.ImportLimits;

/** The demo catalog through its files and back. */
public class DemoFilesTest {
    private static final CatalogTables DEMO = DemoCatalog.of(7, DemoCatalog.MODELS);
    private static final InMemoryCatalog MEMORY = new InMemoryCatalog(DEMO);
    private static final InMemoryCatalog NOTHING = new InMemoryCatalog(CatalogTables.EMPTY);

    private static <T> void assertSame(CatalogImportReader.Read read, Sheet<T> sheet) {
        assertEquals(read.delivery().sent(sheet).orElseThrow().rows(), rows(sheet), sheet.name());
    }

    private static <T> List<T> rows(Sheet<T> sheet) {
        List<T> rows = new ArrayList<>();
        MEMORY.each(sheet, rows::add);
        return rows;
    }

    @Test
    public void everyRowComesBackFromFolderAndZipAsItWas() throws IOException {
        Path folder = Files.createTempDirectory("catalog");
        CatalogWriter.folder(MEMORY, folder);
        Path zip = folder.resolve("all.zip");
        try (OutputStream out = Files.newOutputStream(zip)) {
            CatalogWriter.zip(MEMORY, out);
        }
        for (Path source : List.of(folder, zip)) {
            CatalogImportReader.Read read = CatalogImportReader.read(source, ImportLimits.USUAL, file -> {});
            assertEquals(read.faults(), List.<RowFault>of());
            assertEquals(read.warnings(), List.<RowFault>of());
            Sheet.ALL.forEach(sheet -> assertSame(read, sheet));
            assertEquals(CatalogImportCheck.faultsOf(read.delivery(), NOTHING), List.<RowFault>of());
        }
        ByteArrayOutputStream again = new ByteArrayOutputStream();
        CatalogWriter.zip(MEMORY, again);
        assertEquals(again.toByteArray(), Files.readAllBytes(zip), "no time, no chance in it");
    }

    @Test
    public void theDemoIsSoundButForAFewPartsNobodyUses() {
        List<CatalogWarning> warnings = CatalogCheck.of(MEMORY);
        assertTrue(warnings.size() < 40, warnings.size() + " remarks");
        assertTrue(warnings.stream().noneMatch(r -> r.kind() == CatalogWarning.Kind.DEAD_END));
    }
}
