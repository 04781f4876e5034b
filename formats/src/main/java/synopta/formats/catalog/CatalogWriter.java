package synopta.formats.catalog;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import synopta.core.catalog.CatalogDump;
import synopta.core.catalog.Sheet;
import synopta.formats.table.TableWriter;

/** Writes catalogs in the format they are read from, and tables as workbooks. */
public final class CatalogWriter {
    private CatalogWriter() {}

    /** All sheets as a zip of CSV files; the entries bear no time, so that equal catalogs give equal bytes. */
    public static void zip(CatalogDump catalog, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        for (Sheet<?> sheet : Sheet.ALL) {
            ZipEntry entry = new ZipEntry(sheet.file());
            entry.setTime(0);
            zip.putNextEntry(entry);
            csv(catalog, sheet, zip);
            zip.closeEntry();
        }
        zip.finish();
    }

    /** All sheets as CSV files of a folder, made when missing. */
    public static void folder(CatalogDump catalog, Path folder) throws IOException {
        Files.createDirectories(folder);
        for (Sheet<?> sheet : Sheet.ALL) {
            try (OutputStream out = Files.newOutputStream(folder.resolve(sheet.file()))) {
                csv(catalog, sheet, out);
            }
        }
    }

    /** One sheet as CSV: UTF-8, RFC 4180, in the order of the catalog. */
    public static void csv(CatalogDump catalog, Sheet<?> sheet, OutputStream out) throws IOException {
        table(catalog, sheet).csv(out);
    }

    /** One sheet as a workbook. Its cells are texts, which no spreadsheet runs. */
    public static void workbook(CatalogDump catalog, Sheet<?> sheet, OutputStream out) throws IOException {
        table(catalog, sheet).workbook(out);
    }

    private static <T> TableWriter table(CatalogDump catalog, Sheet<T> sheet) {
        SheetFormat<T> format = SheetFormat.of(sheet);
        return new TableWriter(
                sheet.name(),
                format.columns(),
                reader ->
                        catalog.each(sheet, row -> reader.accept(format.write().apply(row))));
    }
}
