package synopta.formats.table;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Consumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/**
 * Writes a table whose rows come one by one; none is held.
 *
 * @param rows hands every row to a reader, each with as many cells as there are columns
 */
public record TableWriter(String name, List<String> columns, Consumer<Consumer<String[]>> rows) {
    /** Rows of a worksheet, the header's included: what spreadsheets take (ECMA-376, common practice). */
    public static final int MOST_WORKSHEET_ROWS = 1_048_576;

    private static final String VERSION = "1.0";
    private static final int AT_ONCE = 1000;

    /** Copies the columns. */
    public TableWriter {
        columns = List.copyOf(columns);
    }

    /** As CSV: UTF-8, RFC 4180, in the order in which the rows come. */
    public void csv(OutputStream out) throws IOException {
        Writer text = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8), 1 << 16);
        CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180);
        printer.printRecord(columns);
        try {
            rows.accept(row -> {
                try {
                    for (String cell : row) {
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

    /** As a workbook. Its cells are texts, which no spreadsheet runs. */
    public void workbook(OutputStream out) throws IOException {
        Workbook book = new Workbook(out, "Synopta", VERSION);
        Worksheet page = book.newWorksheet(name);
        page.freezePane(0, 1);
        for (int column = 0; column < columns.size(); column++) {
            page.value(0, column, columns.get(column));
        }
        int[] at = {1};
        try {
            rows.accept(row -> {
                if (at[0] >= MOST_WORKSHEET_ROWS) {
                    throw new TooManyRows(name);
                }
                for (int column = 0; column < row.length; column++) {
                    page.value(at[0], column, row[column]);
                }
                flushed(page, ++at[0]);
            });
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
        book.finish();
    }

    private static void flushed(Worksheet page, int rows) {
        if (rows % AT_ONCE == 0) {
            try {
                page.flush();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** The table has more rows than a worksheet takes. */
    public static final class TooManyRows extends RuntimeException {
        private static final long serialVersionUID = 1L;

        TooManyRows(String name) {
            super("%s has more rows than a worksheet holds (%d). Use the CSV file instead."
                    .formatted(name, MOST_WORKSHEET_ROWS));
        }
    }
}
