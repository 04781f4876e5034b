package synopta.store.record;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.Customer;
import synopta.core.record.CaseField;
import synopta.store.jdbc.Jdbc;

/** Who cases are for: beside their revisions, and gone in one step. */
final class CustomerStore {
    private final Jdbc jdbc;

    CustomerStore(Jdbc jdbc) {
        this.jdbc = jdbc;
    }

    private static final String FORGET = """
            delete from case_customer
             where number = ?""";

    private static final String KEEP = """
            insert into case_customer (number, name, phone)
            values (?, ?, ?)""";

    private static final String NOW = """
            select name, phone
              from case_customer
             where number = ?""";
    private static final String BEFORE = """
            select name, phone
              from case_former_customer
             where number = ?""";
    private static final String KEEP_FORMER = """
            insert into case_former_customer (number, name, phone)
            values (?, ?, ?)""";
    private static final String FORGET_FORMER = """
            delete from case_former_customer
             where number = ?""";

    void write(long number, Customer customer) {
        List<Customer> last = jdbc.list(NOW, CustomerStore::customer, number);
        if (last.contains(customer)) {
            return;
        }
        last.forEach(former -> jdbc.update(KEEP_FORMER, number, former.name(), former.phone()));
        jdbc.update(FORGET, number);
        if (!customer.isNobody()) {
            jdbc.update(KEEP, number, customer.name(), customer.phone());
        }
    }

    private static final String UNCHANGED = """
            select c.number
              from counter_case c
              join case_revision r on r.number = c.number
                                  and r.revision = c.revision
             where r.changed_at < ?
               and (exists (select 1 from case_customer k where k.number = c.number)
                    or exists (select 1 from case_former_customer k where k.number = c.number))
             order by c.number""";

    /** Cases with a customer, now or before, that were last changed before a moment. */
    List<Long> unchangedSince(OffsetDateTime at) {
        return jdbc.list(UNCHANGED, row -> row.getLong("number"), at);
    }

    private static Customer customer(ResultSet row) throws SQLException {
        return new Customer(row.getString("name"), row.getString("phone"));
    }

    private static final String TEXTS = """
            select revision, line, complaint, stood
              from case_revision
             where number = ?""";
    private static final String PUT_TEXTS = """
            update case_revision
               set line = ?, complaint = ?, stood = ?
             where number = ?
               and revision = ?""";
    private static final String ENTRIES = """
            select kind, revision, place, name, detail
              from case_entry
             where number = ?
             order by kind, revision, place""";
    private static final String PUT_ENTRY = """
            update case_entry
               set name = ?, detail = ?
             where number = ?
               and kind = ?
               and revision = ?
               and place = ?""";
    private static final String NOTES = """
            select entry, note, told_by
              from outcome
             where number = ?""";
    private static final String PUT_NOTES = """
            update outcome
               set note = ?, told_by = ?
             where number = ?
               and entry = ?""";
    private static final String OUT_OF_QUOTES = """
            update quote
               set customer = null
             where case_number = ?""";

    /** Erases everybody the case was for, also where they were typed into its texts, and as the customer of its quotes. */
    void erase(long number) {
        List<Customer> all = Stream.of(NOW, BEFORE)
                .flatMap(sql -> jdbc.list(sql, CustomerStore::customer, number).stream())
                .toList();
        jdbc.update(FORGET, number);
        jdbc.update(FORGET_FORMER, number);
        jdbc.update(OUT_OF_QUOTES, number);
        UnaryOperator<String> without = text -> without(all, text);
        jdbc.list(
                        TEXTS,
                        row -> new Object[] {
                            without.apply(row.getString("line")),
                            without.apply(row.getString("complaint")),
                            SnapshotCodec.of(
                                    SnapshotCodec.read(row.getString("stood")).withSaid(without)),
                            number,
                            row.getLong("revision")
                        },
                        number)
                .forEach(texts -> jdbc.update(PUT_TEXTS, texts));
        eraseEntries(number, without);
        eraseNotes(number, without);
    }

    /** To whom the cautions were read, and the words in which something was said; what is no text of a person stays. */
    private void eraseEntries(long number, UnaryOperator<String> without) {
        jdbc.list(
                        ENTRIES,
                        row -> {
                            CaseField.Entry said = new CaseField.Entry(row.getString("name"), row.getString("detail"))
                                    .withSaid(row.getString("kind"), without);
                            return new Object[] {
                                said.name(),
                                said.detail(),
                                number,
                                row.getString("kind"),
                                row.getLong("revision"),
                                row.getInt("place")
                            };
                        },
                        number)
                .forEach(entry -> jdbc.update(PUT_ENTRY, entry));
    }

    private void eraseNotes(long number, UnaryOperator<String> without) {
        jdbc.list(
                        NOTES,
                        row -> new Object[] {
                            without.apply(row.getString("note")),
                            without.apply(row.getString("told_by")),
                            number,
                            row.getInt("entry")
                        },
                        number)
                .forEach(notes -> jdbc.update(PUT_NOTES, notes));
    }

    private static @Nullable String without(List<Customer> all, @Nullable String text) {
        String left = text;
        for (Customer customer : all) {
            left = left == null ? null : customer.takenOutOf(left);
        }
        return left;
    }
}
