package synopta.store.outcome;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import synopta.core.catalog.PartNumber;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeRecord;
import synopta.core.outcome.OutcomeRepository;
import synopta.store.jdbc.Jdbc;
import synopta.store.order.StockMovements;

/** Outcomes in the store. What the counts need is kept at hand: a data folder is open in one process only. */
public final class OutcomeStore implements OutcomeRepository {
    private final Jdbc jdbc;
    private final StockMovements stock;
    private Map<Long, OutcomeRecord> atHand;

    /** Reads and writes through this. */
    public OutcomeStore(Jdbc jdbc, StockMovements stock) {
        this.jdbc = jdbc;
        this.stock = stock;
    }

    private static final String NEXT = """
            select coalesce(max(entry), 0) + 1 as next
              from outcome
             where number = ?""";
    private static final String ADD = """
            insert into outcome (number, entry, told_at, told_by, fault, fixed, minutes, note)
            values (?, ?, ?, ?, ?, ?, ?, ?)""";
    private static final String ADD_RETURN = """
            insert into outcome_return (number, entry, place, part, quantity, reason)
            values (?, ?, ?, ?, ?, ?)""";
    private static final String FORGET_TOLD = """
            delete from told
             where number = ?""";
    private static final String ADD_TOLD = """
            insert into told (number, served_on, appliance, layout, specialist, part_types, guesses, first_time, reasons,
                              answer_seconds, overruled, asked)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""";

    @Override
    public synchronized void add(long number, Outcome outcome, OutcomeRecord told) {
        jdbc.inTransaction(() -> {
            int entry = jdbc.one(NEXT, row -> row.getInt("next"), number).orElseThrow();
            jdbc.update(
                    ADD,
                    number,
                    entry,
                    outcome.at().atOffset(ZoneOffset.UTC),
                    outcome.by(),
                    outcome.fault(),
                    outcome.fixed(),
                    outcome.minutes(),
                    outcome.note());
            addReturns(number, entry, outcome);
            stock.settleReturns(number, outcome.shelved());
            jdbc.update(FORGET_TOLD, number);
            jdbc.update(ADD_TOLD, OutcomeRecordCodec.columns(told));
            return entry;
        });
        if (atHand != null) {
            atHand.put(number, told);
        }
    }

    private void addReturns(long number, int entry, Outcome outcome) {
        int[] place = {0};
        jdbc.batch(ADD_RETURN, outcome.returns().stream(), back -> new Object[] {
            number,
            entry,
            place[0]++,
            back.part().written(),
            back.quantity(),
            back.reason().slug()
        });
    }

    private static final String ENTRIES = """
            select number, entry, told_at, told_by, fault, fixed, minutes, note
              from outcome
             where number = any(?)
             order by number, entry""";
    private static final String RETURNS = """
            select number, entry, part, quantity, reason
              from outcome_return
             where number = any(?)
             order by number, entry, place""";

    /** Which entry of which case. */
    private record Of(long number, int entry) {
        static Of row(ResultSet row) throws SQLException {
            return new Of(row.getLong("number"), row.getInt("entry"));
        }
    }

    @Override
    public Map<Long, List<Outcome>> of(List<Long> numbers) {
        Long[] asked = numbers.toArray(Long[]::new);
        Map<Of, List<Outcome.Return>> returns = new HashMap<>();
        jdbc.list(RETURNS, row -> Map.entry(Of.row(row), back(row)), (Object) asked)
                .forEach(e -> returns.computeIfAbsent(e.getKey(), of -> new ArrayList<>())
                        .add(e.getValue()));
        Map<Long, List<Outcome>> entries = new HashMap<>();
        jdbc.list(
                        ENTRIES,
                        row -> Map.entry(
                                row.getLong("number"), entry(row, returns.getOrDefault(Of.row(row), List.of()))),
                        (Object) asked)
                .forEach(e -> entries.computeIfAbsent(e.getKey(), n -> new ArrayList<>())
                        .add(e.getValue()));
        return entries;
    }

    private static Outcome.Return back(ResultSet row) throws SQLException {
        return new Outcome.Return(
                new PartNumber(row.getString("part")),
                row.getInt("quantity"),
                Outcome.Reason.of(row.getString("reason")));
    }

    private static Outcome entry(ResultSet row, List<Outcome.Return> returns) throws SQLException {
        return new Outcome(
                row.getObject("told_at", OffsetDateTime.class).toInstant(),
                row.getString("told_by"),
                row.getString("fault"),
                row.getBoolean("fixed"),
                row.getObject("minutes", Integer.class),
                returns,
                row.getString("note"));
    }

    private static final String ALL = """
            select count(*) as entries
              from outcome""";

    @Override
    public long entries() {
        return jdbc.one(ALL, row -> row.getLong("entries")).orElseThrow();
    }

    private static final String TOLD = """
            select number, served_on, appliance, layout, specialist, part_types, guesses, first_time, reasons, answer_seconds,
                   overruled, asked
              from told
             order by number""";

    @Override
    public synchronized List<OutcomeRecord> told() {
        if (atHand == null) {
            Map<Long, OutcomeRecord> all = new LinkedHashMap<>();
            jdbc.each(TOLD, OutcomeRecordCodec::read, told -> all.put(told.number(), told));
            atHand = all;
        }
        Collection<OutcomeRecord> all = atHand.values();
        return List.copyOf(all);
    }

    private static final String CONFIRMED = """
            select o.number, o.told_at, o.told_by, o.fault, o.fixed, o.minutes, o.note
              from outcome o
             where o.fault is not null
               and o.entry = (select max(l.entry)
                                from outcome l
                               where l.number = o.number)
             order by o.number""";

    @Override
    public Map<Long, Outcome> confirmed() {
        Map<Long, Outcome> confirmed = new LinkedHashMap<>();
        jdbc.list(CONFIRMED, row -> Map.entry(row.getLong("number"), entry(row, List.of())))
                .forEach(e -> confirmed.put(e.getKey(), e.getValue()));
        return confirmed;
    }

    private static final String DUE = """
            select c.number
              from counter_case c
             where c.status = 'handed-over'
               and c.created_at < ?
               and not exists (select 1
                                 from told t
                                where t.number = c.number)
             order by c.number desc
             limit ?""";

    @Override
    public List<Long> due(LocalDate until, int limit) {
        return jdbc.list(
                DUE,
                row -> row.getLong("number"),
                until.plusDays(1).atStartOfDay().atOffset(ZoneOffset.UTC),
                limit);
    }

    private static final String WITH = """
            select c.number
              from case_word w
              join counter_case c on c.number = w.number
             where w.word = ?
               and c.status = 'handed-over'
             order by c.number desc
             limit ?""";

    @Override
    public List<Long> with(PartNumber part, int limit) {
        return jdbc.list(WITH, row -> row.getLong("number"), part.key().toLowerCase(Locale.ROOT), limit);
    }
}
