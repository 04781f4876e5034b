package synopta.core.catalog;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A catalog as somebody sent it: the sheets that came, each row with the line it stood on. */
public final class CatalogImport {
    private final Map<Sheet<?>, Sent<?>> sheets = new LinkedHashMap<>();

    /**
     * The rows of one sheet that could be read.
     *
     * @param <T> type of the rows
     */
    public static final class Sent<T> {
        private final List<T> rows = new ArrayList<>();
        private int[] lines = new int[64];

        /** Adds a row that began on that line, from 1. */
        public void add(T row, int line) {
            if (rows.size() == lines.length) {
                lines = Arrays.copyOf(lines, lines.length * 2);
            }
            lines[rows.size()] = line;
            rows.add(row);
        }

        /** All rows in their order; not to be changed. */
        public List<T> rows() {
            return rows;
        }

        /** The line of the row of that index. */
        public int line(int index) {
            return lines[index];
        }
    }

    /** The sheet, begun when it is asked for first. */
    @SuppressWarnings("unchecked")
    public <T> Sent<T> begin(Sheet<T> sheet) {
        return (Sent<T>) sheets.computeIfAbsent(sheet, s -> new Sent<T>());
    }

    /** The sheet, when it came. */
    @SuppressWarnings("unchecked")
    public <T> Optional<Sent<T>> sent(Sheet<T> sheet) {
        return Optional.ofNullable((Sent<T>) sheets.get(sheet));
    }

    /** A whole catalog as a delivery; lines count from 1. */
    public static CatalogImport of(CatalogTables tables) {
        CatalogImport delivery = new CatalogImport();
        tables.sheets().forEach((sheet, rows) -> delivery.fill(sheet, rows));
        return delivery;
    }

    private <T> void fill(Sheet<T> sheet, List<?> rows) {
        Sent<T> sent = begin(sheet);
        rows.forEach(row -> sent.add(sheet.rows().cast(row), sent.rows().size() + 1));
    }
}
