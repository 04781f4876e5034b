package synopta.formats.table;

import java.util.regex.Pattern;

/**
 * Keeps a spreadsheet from running what stands in a cell: one that begins with `=`, `+`, `-`, `@`, a tab or a carriage
 * return gets an apostrophe before it, which reading takes off again; so does one that begins with apostrophes before
 * such a sign, so that nothing changes on its way out and back. Common practice against what is known as formula
 * injection, no standard.
 */
public final class SafeCell {
    private static final Pattern RISKY = Pattern.compile("^'*[=+\\-@\\t\\r].*", Pattern.DOTALL);
    private static final Pattern GUARDED = Pattern.compile("^'+[=+\\-@\\t\\r].*", Pattern.DOTALL);

    private SafeCell() {}

    /** The cell as it is written. */
    public static String write(String cell) {
        return RISKY.matcher(cell).matches() ? "'" + cell : cell;
    }

    /** The cell as it was before it was written. */
    public static String read(String cell) {
        return !cell.isEmpty()
                        && cell.charAt(0) == '\''
                        && GUARDED.matcher(cell).matches()
                ? cell.substring(1)
                : cell;
    }
}
