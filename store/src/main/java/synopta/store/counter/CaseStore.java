package synopta.store.counter;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.counter.CaseContent;
import synopta.core.counter.CaseDraft;
import synopta.core.counter.CaseLog;
import synopta.core.counter.CaseRecord;
import synopta.store.jdbc.Jdbc;

/** Cases in the store. A running number is the greatest so far and one; saves queue up for it. */
public final class CaseStore implements CaseLog {
    private final Jdbc jdbc;
    private final CaseItems items;

    /** Reads and writes through this. */
    public CaseStore(Jdbc jdbc) {
        this.jdbc = jdbc;
        items = new CaseItems(jdbc);
    }

    private static final String NEXT = """
            select coalesce(max(number), 0) + 1 as next
              from counter_case""";
    private static final String INSERT = """
            insert into counter_case (number, created_at, revision, status, line, complaint, model, serial,
                                      appliance, fuel, age_years, searched)
            values (?, ?, 1, ?, ?, ?, ?, ?, ?, ?, ?, ?)""";

    @Override
    public synchronized CaseRecord add(CaseContent content, Instant createdAt) {
        return jdbc.inTransaction(() -> {
            long number = jdbc.one(NEXT, row -> row.getLong("next")).orElseThrow();
            List<Object> values = new ArrayList<>(List.of(number, createdAt.atOffset(ZoneOffset.UTC)));
            values.addAll(columns(content));
            jdbc.update(INSERT, values.toArray());
            items.write(number, content);
            return find(number).orElseThrow();
        });
    }

    private static final String REPLACE = """
            update counter_case
               set revision = revision + 1, status = ?, line = ?, complaint = ?, model = ?, serial = ?,
                   appliance = ?, fuel = ?, age_years = ?, searched = ?
             where number = ? and revision = ?""";

    @Override
    public Optional<CaseRecord> replace(CaseRecord expected, CaseContent content) {
        return jdbc.inTransaction(() -> {
            List<Object> values = columns(content);
            values.add(expected.number());
            values.add(expected.revision());
            if (jdbc.update(REPLACE, values.toArray()) == 0) {
                return Optional.empty();
            }
            items.clear(expected.number());
            items.write(expected.number(), content);
            return find(expected.number());
        });
    }

    private static List<Object> columns(CaseContent content) {
        CaseDraft draft = content.draft();
        List<Object> values = new ArrayList<>();
        values.add(content.status().slug());
        values.add(draft.line());
        values.add(content.complaint().orElse(null));
        values.add(draft.model().map(ModelNumber::written).orElse(null));
        values.add(content.draft().serial().orElse(null));
        values.add(draft.appliance().map(Appliance::slug).orElse(null));
        values.add(draft.fuel().map(Fuel::slug).orElse(null));
        values.add(draft.ageYears().isPresent() ? draft.ageYears().getAsDouble() : null);
        values.add(String.join(
                        " ",
                        draft.line(),
                        content.complaint().orElse(""),
                        draft.model().map(ModelNumber::written).orElse(""),
                        content.draft().serial().orElse(""))
                .toLowerCase(Locale.ROOT));
        return values;
    }

    private static final String FIND = """
            select number, created_at, revision, status, line, complaint, model, serial, appliance, fuel, age_years
              from counter_case
             where number = ?""";

    @Override
    public Optional<CaseRecord> find(long number) {
        return jdbc.one(FIND, this::record, number);
    }

    private static final String LIST = """
            select number, created_at, revision, status, line, complaint, model, serial, appliance, fuel, age_years
              from counter_case
             where searched like ? escape '!'
               and created_at >= ?
               and created_at < ?
               and number < ?
             order by number desc
             limit ?""";

    @Override
    public List<CaseRecord> list(Filter filter) {
        String text = filter.text().orElse("").toLowerCase(Locale.ROOT).replaceAll("([!%_])", "!$1");
        return jdbc.list(
                LIST,
                this::record,
                "%" + text + "%",
                startOf(filter.from().orElse(LocalDate.of(1970, 1, 1))),
                startOf(filter.to().orElse(LocalDate.of(9998, 12, 30)).plusDays(1)),
                filter.after().orElse(Long.MAX_VALUE),
                filter.limit());
    }

    private static OffsetDateTime startOf(LocalDate day) {
        return day.atStartOfDay().atOffset(ZoneOffset.UTC);
    }

    private CaseRecord record(ResultSet row) throws SQLException {
        long number = row.getLong("number");
        double age = row.getDouble("age_years");
        OptionalDouble ageYears = row.wasNull() ? OptionalDouble.empty() : OptionalDouble.of(age);
        CaseItems.Read read = items.read(number);
        CaseDraft draft = new CaseDraft(
                row.getString("line"),
                Optional.ofNullable(row.getString("model")).map(ModelNumber::new),
                Optional.ofNullable(row.getString("appliance")).map(Appliance::of),
                Optional.ofNullable(row.getString("fuel")).map(Fuel::of),
                ageYears,
                read.rechecked(),
                read.findings(),
                read.readings(),
                read.struck(),
                read.picked(),
                read.dropped(),
                Optional.ofNullable(row.getString("serial")),
                read.platform(),
                read.looked(),
                read.person(),
                read.shopping());
        return new CaseRecord(
                number,
                row.getObject("created_at", OffsetDateTime.class).toInstant(),
                row.getLong("revision"),
                new CaseContent(
                        draft,
                        Optional.ofNullable(row.getString("complaint")),
                        read.lines(),
                        read.cautionsShown(),
                        read.saidTo(),
                        CaseContent.Status.of(row.getString("status"))));
    }

    private static final String HANDED_OVER = """
            select line, model
              from counter_case
             where status = 'handed-over'
               and model is not null
             order by number desc
             limit ?""";

    @Override
    public List<HandedOver> handedOver(int limit) {
        return jdbc.list(
                HANDED_OVER,
                row -> new HandedOver(row.getString("line"), new ModelNumber(row.getString("model"))),
                limit);
    }
}
