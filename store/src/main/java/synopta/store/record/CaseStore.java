package synopta.store.record;

import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseSnapshot;
import synopta.store.jdbc.Jdbc;
import synopta.store.order.ReservationStore;
import synopta.store.order.StockMovements;

/** Cases in the store. A running number is the greatest so far and one; saves queue up for it. */
public final class CaseStore implements CaseRepository {
    private final Jdbc jdbc;
    private final CaseItems items;
    private final CaseSearch search;
    private final CustomerStore customers;
    private final BiConsumer<Long, Instant> erasing;
    private final LeavingParts leaving;

    /** Reads and writes through this; whose customer is erased is said before, by number and when it was created. */
    public CaseStore(
            Jdbc jdbc, StockMovements stock, ReservationStore reservations, BiConsumer<Long, Instant> erasing) {
        this.jdbc = jdbc;
        this.erasing = erasing;
        leaving = new LeavingParts(stock, reservations);
        items = new CaseItems(jdbc);
        search = new CaseSearch(jdbc, CaseSearch.Limits.USUAL);
        customers = new CustomerStore(jdbc);
        jdbc.inTransaction(search::indexWhatIsNot);
    }

    private static final String NEXT = """
            select coalesce(max(number), 0) + 1 as next
              from counter_case""";
    private static final String INSERT = """
            insert into counter_case (number, created_at, revision, status, searched, visit)
            values (?, ?, ?, ?, ?, ?)""";

    @Override
    public synchronized CaseRecord add(CaseContent content, CaseSnapshot snapshot, Instant createdAt) {
        return jdbc.inTransaction(() -> {
            long number = jdbc.one(NEXT, row -> row.getLong("next")).orElseThrow();
            String text = CaseIndex.text(number, dayOf(createdAt), content);
            jdbc.update(INSERT, number, at(createdAt), 1, content.status().slug(), text, content.visit());
            write(number, 1, createdAt, content, snapshot, text);
            return find(number).orElseThrow();
        });
    }

    private static final String REPLACE = """
            update counter_case
               set revision = revision + 1, status = ?, searched = ?
             where number = ?
               and revision = ?""";

    @Override
    public Optional<CaseRecord> replace(CaseRecord expected, CaseContent content, CaseSnapshot snapshot, Instant at) {
        long number = expected.number();
        return jdbc.inTransaction(() -> {
            String text = CaseIndex.text(number, dayOf(expected.createdAt()), content);
            if (jdbc.update(REPLACE, content.status().slug(), text, number, expected.revision()) == 0) {
                return Optional.empty();
            }
            write(number, expected.revision() + 1, at, content, snapshot, text);
            return find(number);
        });
    }

    private static final String WRITE = """
            insert into case_revision (number, revision, changed_at, status, line, complaint, model, serial, appliance, fuel,
                                       age_years, specialist, answer_seconds, stood)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""";

    private void write(
            long number, long revision, Instant at, CaseContent content, CaseSnapshot snapshot, String text) {
        CaseInput draft = content.input();
        jdbc.update(
                WRITE,
                number,
                revision,
                at(at),
                content.status().slug(),
                draft.line(),
                content.complaint(),
                Optional.ofNullable(draft.model()).map(ModelNumber::written).orElse(null),
                draft.serial(),
                Optional.ofNullable(draft.appliance()).map(Appliance::slug).orElse(null),
                Optional.ofNullable(draft.fuel()).map(Fuel::slug).orElse(null),
                draft.ageYears(),
                content.specialist(),
                content.answerSeconds(),
                SnapshotCodec.of(snapshot));
        items.write(number, revision, content);
        customers.write(number, content.customer());
        leaving.settle(number, content);
        search.index(number, CaseIndex.of(text));
    }

    private static final String FIND = CaseRow.COLUMNS + """
             where c.number = ?
               and r.revision = c.revision""";

    @Override
    public Optional<CaseRecord> find(long number) {
        return jdbc.one(FIND, CaseRow::read, number).map(this::withItems);
    }

    private static final String VISIT = """
            select c.number
              from counter_case c
              join counter_case asked on asked.number = ?
             where c.number = coalesce(asked.visit, asked.number)
                or c.visit = coalesce(asked.visit, asked.number)
             order by c.number""";

    @Override
    public List<Long> visit(long number) {
        return jdbc.list(VISIT, row -> row.getLong("number"), number);
    }

    private static final String REVISIONS = CaseRow.COLUMNS + """
             where c.number = ?
             order by r.revision""";

    @Override
    public List<CaseRecord> revisions(long number) {
        return jdbc.list(REVISIONS, CaseRow::read, number).stream()
                .map(this::withItems)
                .toList();
    }

    private static final String THESE = CaseRow.COLUMNS + """
             where c.number = any(?)
               and r.revision = c.revision
             order by c.number desc""";

    @Override
    public List<CaseRecord> list(Filter filter) {
        return these(search.page(filter));
    }

    @Override
    public List<CaseRecord> these(List<Long> page) {
        Map<Long, CaseItems.Read> lists = items.readLast(page);
        return jdbc.list(THESE, CaseRow::read, (Object) page.toArray(Long[]::new)).stream()
                .map(row -> row.record(lists.getOrDefault(row.number(), CaseItems.NONE)))
                .toList();
    }

    @Override
    public List<Long> withCustomerUnchangedSince(Instant at) {
        return customers.unchangedSince(at(at));
    }

    @Override
    public boolean eraseCustomer(long number) {
        return jdbc.inTransaction(() -> {
            Optional<CaseRecord> record = find(number);
            record.ifPresent(found -> {
                erasing.accept(number, found.createdAt());
                customers.erase(number);
                String text = CaseIndex.text(
                        number,
                        dayOf(found.createdAt()),
                        find(number).orElseThrow().content());
                jdbc.update(SEARCHED, text, number);
                search.index(number, CaseIndex.of(text));
            });
            return record.isPresent();
        });
    }

    private static final String SEARCHED = """
            update counter_case
               set searched = ?
             where number = ?""";

    private CaseRecord withItems(CaseRow row) {
        return row.record(items.read(row.number(), row.revision()));
    }

    private static OffsetDateTime at(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }

    private static String dayOf(Instant instant) {
        return LocalDate.ofInstant(instant, ZoneOffset.UTC).toString();
    }

    private static final String KEPT = """
            select count(*) as kept
              from case_revision""";

    @Override
    public long kept() {
        return jdbc.one(KEPT, row -> row.getLong("kept")).orElseThrow();
    }

    private static final String OPEN = """
            select number
              from counter_case
             where status = 'open'
               and created_at >= ?
             order by created_at, number
             limit ?""";

    @Override
    public List<Long> open(Instant since, int limit) {
        return jdbc.list(OPEN, row -> row.getLong("number"), at(since), limit);
    }

    private static final String WITH_READINGS = """
            select distinct c.number
              from counter_case c
              join case_entry e on e.number = c.number and e.revision = c.revision
             where e.kind = 'finding' and e.detail like '%|%'
                or e.kind = 'struck' and e.name like 'reading:%'
             order by c.number desc
             limit ?""";

    @Override
    public List<Long> withReadings(int limit) {
        return jdbc.list(WITH_READINGS, row -> row.getLong("number"), limit);
    }

    private static final String HANDED_OVER = """
            select c.number, r.line, r.model
              from counter_case c
              join case_revision r on r.number = c.number and r.revision = c.revision
             where c.status = 'handed-over'
               and r.model is not null
             order by c.number desc
             limit ?""";

    @Override
    public List<HandedOver> handedOver(int limit) {
        return jdbc.list(
                HANDED_OVER,
                row -> new HandedOver(
                        row.getLong("number"), row.getString("line"), new ModelNumber(row.getString("model"))),
                limit);
    }
}
