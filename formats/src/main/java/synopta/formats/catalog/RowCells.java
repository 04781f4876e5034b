package synopta.formats.catalog;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Supplier;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.SerialRange;
import synopta.formats.table.SafeCell;

/** The cells of one row by column, as values; what a cell cannot be is {@link Wrong}, with its column. */
final class RowCells {
    private final Map<String, Integer> columns;
    private final Map<String, ModelNumber> models = new HashMap<>();
    private final Map<String, PartNumber> parts = new HashMap<>();
    private CSVRecord row;

    RowCells(Map<String, Integer> columns) {
        this.columns = columns;
    }

    /** A cell that cannot be what its column wants. */
    static final class Wrong extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final String column;

        Wrong(String column, String message) {
            super(message);
            this.column = column;
        }

        String column() {
            return column;
        }
    }

    RowCells at(CSVRecord record) {
        row = record;
        return this;
    }

    /** What stands there, "" when nothing does or the column is missing. */
    private String cell(String column) {
        Integer at = columns.get(column);
        return at == null || at >= row.size() ? "" : SafeCell.read(row.get(at).strip());
    }

    /** A text of at most so many characters. */
    String text(String column, int longest) {
        String text = cell(column);
        if (text.length() > longest) {
            throw new Wrong(
                    column, "has %d characters; the limit is %d. Shorten it.".formatted(text.length(), longest));
        }
        return text;
    }

    /** A text that must be there. */
    String name(String column, int longest) {
        String text = text(column, longest);
        if (text.isEmpty()) {
            throw new Wrong(column, "is empty. Fill it in.");
        }
        return text;
    }

    Optional<String> maybe(String column, int longest) {
        return Optional.of(text(column, longest)).filter(t -> !t.isEmpty());
    }

    /** A whole number of at least so much; `otherwise` where the cell is empty. */
    int whole(String column, int least, int otherwise) {
        return Objects.requireNonNullElse(maybeWhole(column, least), otherwise);
    }

    @Nullable
    Integer maybeWhole(String column, int least) {
        String text = cell(column);
        if (text.isEmpty()) {
            return null;
        }
        if (!text.matches("-?[0-9]{1,9}") || Integer.parseInt(text) < least) {
            throw new Wrong(column, "(%s) must be a whole number of at least %d.".formatted(text, least));
        }
        return Integer.parseInt(text);
    }

    /** A decimal number with a point. */
    Optional<BigDecimal> decimal(String column) {
        String text = cell(column);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        if (!text.matches("[0-9]{1,12}(\\.[0-9]{1,10})?")) {
            throw new Wrong(column, "(%s) must be a number such as 18.40, with a point.".formatted(text));
        }
        return Optional.of(new BigDecimal(text));
    }

    boolean yes(String column) {
        String text = cell(column);
        if (!text.equals("yes") && !text.equals("no")) {
            throw new Wrong(column, "(%s) must be yes or no.".formatted(text));
        }
        return text.equals("yes");
    }

    Optional<LocalDate> date(String column) {
        String text = cell(column);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException e) {
            throw new Wrong(column, "(%s) must be a date such as 2018-06-30.".formatted(text));
        }
    }

    BuildRange built() {
        Optional<LocalDate> from = date("built_from");
        Optional<LocalDate> to = date("built_to");
        return from.isEmpty() && to.isEmpty()
                ? BuildRange.ALWAYS
                : within("built_to", () -> new BuildRange(from.orElse(null), to.orElse(null)));
    }

    SerialRange serials() {
        Optional<String> from = maybe("serial_from", 60);
        Optional<String> to = maybe("serial_to", 60);
        return from.isEmpty() && to.isEmpty()
                ? SerialRange.ALL
                : within("serial_to", () -> new SerialRange(from.orElse(null), to.orElse(null)));
    }

    /** A value whose own rule may refuse the text. */
    <T> T value(String column, int longest, Function<String, T> read) {
        String text = name(column, longest);
        return within(column, () -> read.apply(text));
    }

    <T> Optional<T> maybeValue(String column, int longest, Function<String, T> read) {
        return maybe(column, longest).map(text -> within(column, () -> read.apply(text)));
    }

    ModelNumber model(String column) {
        String text = name(column, 60);
        return models.computeIfAbsent(text, t -> within(column, () -> new ModelNumber(t)));
    }

    PartNumber part(String column) {
        String text = name(column, 60);
        return parts.computeIfAbsent(text, t -> within(column, () -> new PartNumber(t)));
    }

    /** "length-mm=2337;ribs=4". */
    Map<String, String> pairs(String column, int longest) {
        Map<String, String> pairs = new TreeMap<>();
        for (String pair : text(column, longest).split(";")) {
            int equals = pair.indexOf('=');
            if (!pair.isBlank() && equals < 1) {
                throw new Wrong(column, "(%s) must be pairs such as ribs=4, separated by semicolons.".formatted(pair));
            }
            if (!pair.isBlank()
                    && pairs.put(
                                    pair.substring(0, equals).strip(),
                                    pair.substring(equals + 1).strip())
                            != null) {
                throw new Wrong(column, "names %s twice. Keep one.".formatted(pair.substring(0, equals)));
            }
        }
        return pairs;
    }

    static <T> T within(String column, Supplier<T> make) {
        try {
            return make.get();
        } catch (IllegalArgumentException e) {
            throw new Wrong(column, e.getMessage());
        }
    }
}
