package synopta.formats.catalog;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import synopta.core.catalog.CatalogDump;
import synopta.core.catalog.Sheet;

/** Writes catalogues in the format they are read from, and tables as workbooks. */
public final class CatalogueWriter {
    /** Rows of a worksheet, the header's included: what spreadsheets take (ECMA-376, common practice). */
    public static final int MOST_WORKSHEET_ROWS = 1_048_576;

    private static final String VERSION = "1.0";

    private CatalogueWriter() {}

    /** All sheets as a zip of CSV files; the entries bear no time, so that equal catalogues give equal bytes. */
    public static void zip(CatalogDump catalogue, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        for (Sheet<?> sheet : Sheet.ALL) {
            ZipEntry entry = new ZipEntry(sheet.file());
            entry.setTime(0);
            zip.putNextEntry(entry);
            csv(catalogue, sheet, zip);
            zip.closeEntry();
        }
        zip.finish();
    }

    /** All sheets as CSV files of a folder, made when missing. */
    public static void folder(CatalogDump catalogue, Path folder) throws IOException {
        Files.createDirectories(folder);
        for (Sheet<?> sheet : Sheet.ALL) {
            try (OutputStream out = Files.newOutputStream(folder.resolve(sheet.file()))) {
                csv(catalogue, sheet, out);
            }
        }
    }

    /** One sheet as CSV: UTF-8, RFC 4180, in the order of the catalogue. */
    public static <T> void csv(CatalogDump catalogue, Sheet<T> sheet, OutputStream out) throws IOException {
        SheetFormat<T> format = SheetFormat.of(sheet);
        Writer text = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8), 1 << 16);
        CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180);
        printer.printRecord(format.columns());
        try {
            catalogue.each(sheet, row -> {
                try {
                    for (String cell : format.write().apply(row)) {
                        printer.print(SafeCell.write(cell));
                    }
                    printer.println();
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
        printer.flush();
    }

    /** One sheet as a workbook. Its cells are texts, which no spreadsheet runs. */
    public static <T> void workbook(CatalogDump catalogue, Sheet<T> sheet, OutputStream out) throws IOException {
        SheetFormat<T> format = SheetFormat.of(sheet);
        Workbook book = new Workbook(out, "Synopta", VERSION);
        Worksheet page = book.newWorksheet(sheet.name());
        for (int column = 0; column < format.columns().size(); column++) {
            page.value(0, column, format.columns().get(column));
        }
        page.freezePane(0, 1);
        int[] row = {1};
        catalogue.each(sheet, each -> {
            if (row[0] >= MOST_WORKSHEET_ROWS) {
                throw new TooManyRows(sheet);
            }
            String[] cells = format.write().apply(each);
            for (int column = 0; column < cells.length; column++) {
                page.value(row[0], column, cells[column]);
            }
            row[0]++;
        });
        book.finish();
    }

    /** The sheet has more rows than a worksheet takes. */
    public static final class TooManyRows extends RuntimeException {
        private static final long serialVersionUID = 1L;

        TooManyRows(Sheet<?> sheet) {
            super("%s has more rows than a worksheet takes (%d). Take the CSV file instead."
                    .formatted(sheet.name(), MOST_WORKSHEET_ROWS));
        }
    }
}
