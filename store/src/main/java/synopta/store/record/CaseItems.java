package synopta.store.record;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseField;
import synopta.store.jdbc.Jdbc;

/** The lists of a case, one row an item: its kind, its place in the list, a name and a detail. */
final class CaseItems {
    /** A case without lists. */
    static final Read NONE = new Read(Map.of());

    private static final String WRITE = """
            insert into case_entry (number, revision, kind, place, name, detail)
            values (?, ?, ?, ?, ?, ?)""";
    private static final String READ = """
            select number, kind, name, detail
              from case_entry
             where number = ?
               and revision = ?
             order by kind, place""";
    private static final String READ_LAST = """
            select e.number, e.kind, e.name, e.detail
              from counter_case c
              join case_entry e on e.number = c.number and e.revision = c.revision
             where c.number = any(?)
             order by e.number, e.kind, e.place""";

    private final Jdbc jdbc;

    CaseItems(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    /** All lists of a case, by kind. */
    record Read(Map<String, List<CaseField.Entry>> entries) {
        /** Sets every field that is kept as a list. */
        CaseContent into(CaseContent row) {
            CaseContent.Draft draft = row.but();
            CaseField.LISTED.forEach(field -> field.read(entries.getOrDefault(field.kind(), List.of()), draft));
            return draft.content();
        }
    }

    /** The lists of one revision. */
    Read read(long number, long revision) {
        return byCase(jdbc.list(READ, CaseItems::row, number, revision)).getOrDefault(number, NONE);
    }

    /** The lists of the last revisions of some cases, by their numbers; of a case without lists there is none. */
    Map<Long, Read> readLast(List<Long> numbers) {
        return byCase(jdbc.list(READ_LAST, CaseItems::row, (Object) numbers.toArray(Long[]::new)));
    }

    private record Row(long number, String kind, CaseField.Entry entry) {}

    private static Row row(ResultSet row) throws SQLException {
        return new Row(
                row.getLong("number"),
                row.getString("kind"),
                new CaseField.Entry(row.getString("name"), row.getString("detail")));
    }

    private static Map<Long, Read> byCase(List<Row> rows) {
        Map<Long, Read> reads = new HashMap<>();
        for (Row row : rows) {
            reads.computeIfAbsent(row.number, n -> new Read(new LinkedHashMap<>()))
                    .entries
                    .computeIfAbsent(row.kind, kind -> new ArrayList<>())
                    .add(row.entry);
        }
        return reads;
    }

    void write(long number, long revision, CaseContent content) {
        int[] place = {0};
        Stream<Object[]> rows = CaseField.LISTED.stream()
                .flatMap(field -> field.entries(content).stream().map(entry ->
                        new Object[] {number, revision, field.kind(), place[0]++, entry.name(), entry.detail()}));
        jdbc.batch(WRITE, rows, row -> row);
    }
}
