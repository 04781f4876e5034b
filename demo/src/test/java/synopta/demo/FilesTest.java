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
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.DeliveryCheck;
import synopta.core.catalog.MemoryCatalog;
import synopta.core.catalog.RowFault;
import synopta.core.catalog.Sheet;
import synopta.core.fit.CatalogueCheck;
import synopta.core.fit.Remark;
import synopta.formats.catalog.CatalogueWriter;
import synopta.formats.catalog.DeliveryReader;
import synopta.formats.catalog.Limits;

/** The demo catalogue through its files and back. */
public class FilesTest {
    private static final CatalogTables DEMO = DemoCatalogue.of(7, DemoCatalogue.MODELS);
    private static final MemoryCatalog MEMORY = new MemoryCatalog(DEMO);
    private static final MemoryCatalog NOTHING = new MemoryCatalog(CatalogTables.EMPTY);

    private static <T> void assertSame(DeliveryReader.Read read, Sheet<T> sheet) {
        assertEquals(read.delivery().sent(sheet).orElseThrow().rows(), rows(sheet), sheet.name());
    }

    private static <T> List<T> rows(Sheet<T> sheet) {
        List<T> rows = new ArrayList<>();
        MEMORY.each(sheet, rows::add);
        return rows;
    }

    @Test
    public void everyRowComesBackFromFolderAndZipAsItWas() throws IOException {
        Path folder = Files.createTempDirectory("catalogue");
        CatalogueWriter.folder(MEMORY, folder);
        Path zip = folder.resolve("all.zip");
        try (OutputStream out = Files.newOutputStream(zip)) {
            CatalogueWriter.zip(MEMORY, out);
        }
        for (Path source : List.of(folder, zip)) {
            DeliveryReader.Read read = DeliveryReader.read(source, Limits.USUAL, file -> {});
            assertEquals(read.faults(), List.<RowFault>of());
            assertEquals(read.warnings(), List.<RowFault>of());
            Sheet.ALL.forEach(sheet -> assertSame(read, sheet));
            assertEquals(DeliveryCheck.faultsOf(read.delivery(), NOTHING), List.<RowFault>of());
        }
        ByteArrayOutputStream again = new ByteArrayOutputStream();
        CatalogueWriter.zip(MEMORY, again);
        assertEquals(again.toByteArray(), Files.readAllBytes(zip), "no time, no chance in it");
    }

    @Test
    public void theDemoIsSoundButForAFewPartsNobodyUses() {
        List<Remark> remarks = CatalogueCheck.of(MEMORY);
        assertTrue(remarks.size() < 40, remarks.size() + " remarks");
        assertTrue(remarks.stream().noneMatch(r -> r.kind() == Remark.Kind.DEAD_END));
    }
}
