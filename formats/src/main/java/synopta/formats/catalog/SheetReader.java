package synopta.formats.catalog;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PushbackReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import synopta.core.catalog.CatalogImport;
import synopta.core.catalog.RowFault;

/** Reads the rows of one sheet; a row that cannot be read leaves a fault, and the next one is read. */
final class SheetReader<T> {
    private static final int LONGEST_CELL = 20_000;
    private static final CSVFormat RFC_4180 =
            CSVFormat.RFC4180.builder().setIgnoreEmptyLines(true).get();

    private final SheetFormat<T> format;
    private final List<RowFault> faults;
    private final List<RowFault> warnings;
    private final ImportLimits limits;

    SheetReader(SheetFormat<T> format, List<RowFault> faults, List<RowFault> warnings, ImportLimits limits) {
        this.format = format;
        this.faults = faults;
        this.warnings = warnings;
        this.limits = limits;
    }

    void read(InputStream in, CatalogImport.Sent<T> into) throws IOException {
        int line = 1;
        try (CSVParser rows = CSVParser.parse(utf8(in), RFC_4180)) {
            Iterator<CSVRecord> each = rows.iterator();
            if (!each.hasNext()) {
                String all = String.join(",", format.columns());
                fault(1, "", "is empty. Its first row must name the columns: %s.".formatted(all));
                return;
            }
            Map<String, Integer> columns = columns(each.next());
            if (columns.isEmpty()) {
                return;
            }
            RowCells cells = new RowCells(columns);
            line = (int) rows.getCurrentLineNumber() + 1;
            while (each.hasNext() && faults.size() < limits.faults()) {
                CSVRecord row = each.next();
                if (into.rows().size() == limits.rows()) {
                    throw new LimitedInputStream.TooMuch(
                            "has more than %d rows. Import fewer rows at once.".formatted(limits.rows()));
                }
                row(cells.at(row), row, line, into);
                line = (int) rows.getCurrentLineNumber() + 1;
            }
        } catch (UncheckedIOException e) {
            broken(e.getCause(), line);
        } catch (CharacterCodingException e) {
            broken(e, line);
        }
    }

    private void broken(IOException cause, int line) throws IOException {
        for (Throwable at = cause; at != null; at = at.getCause()) {
            if (at instanceof LimitedInputStream.TooMuch tooMuch) {
                throw tooMuch;
            }
            if (at instanceof CharacterCodingException) {
                fault(line, "", "is not UTF-8 here or shortly after. Save the file as UTF-8 and import it again.");
                return;
            }
        }
        fault(line, "", "is not CSV (%s). Look for a quotation mark that is not closed.".formatted(cause.getMessage()));
    }

    /** Decodes strictly: a wrong byte is a fault, not a question mark; a byte-order mark is taken off. */
    private static Reader utf8(InputStream in) throws IOException {
        PushbackReader reader = new PushbackReader(new InputStreamReader(
                in,
                StandardCharsets.UTF_8
                        .newDecoder()
                        .onMalformedInput(CodingErrorAction.REPORT)
                        .onUnmappableCharacter(CodingErrorAction.REPORT)));
        int first = reader.read();
        if (first >= 0 && first != '\uFEFF') {
            reader.unread(first);
        }
        return reader;
    }

    /** The place of each column that is known; none when one that is needed is missing. */
    private Map<String, Integer> columns(CSVRecord header) {
        Map<String, Integer> columns = new HashMap<>();
        for (int i = 0; i < header.size(); i++) {
            String name = header.get(i).strip().toLowerCase(Locale.ROOT);
            if (!format.columns().contains(name)) {
                warnings.add(
                        new RowFault(format.sheet().file(), 1, name, "is not a column of this sheet and is ignored."));
            } else if (columns.put(name, i) != null) {
                fault(1, name, "is in the header twice. Keep one.");
                return Map.of();
            }
        }
        List<String> missing =
                format.required().stream().filter(c -> !columns.containsKey(c)).toList();
        missing.forEach(column -> fault(1, column, "is missing from the header. Add the column."));
        return missing.isEmpty() ? columns : Map.of();
    }

    private void row(RowCells cells, CSVRecord row, int line, CatalogImport.Sent<T> into) {
        for (String cell : row) {
            if (cell.length() > LONGEST_CELL) {
                fault(
                        line,
                        "",
                        "has a cell of %d characters. Look for a quotation mark that is not closed."
                                .formatted(cell.length()));
                return;
            }
        }
        try {
            into.add(format.read().apply(cells), line);
        } catch (RowCells.Wrong e) {
            fault(line, e.column(), e.getMessage());
        } catch (IllegalArgumentException e) {
            fault(line, "", e.getMessage());
        }
    }

    private void fault(int line, String column, String message) {
        faults.add(new RowFault(format.sheet().file(), line, column, message));
    }
}
