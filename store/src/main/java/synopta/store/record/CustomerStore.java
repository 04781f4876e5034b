package synopta.store.record;

import synopta.core.casefile.Customer;
import synopta.store.jdbc.Jdbc;

/** Who cases are for: beside their revisions, and gone in one step. */
final class CustomerStore {
    /** Stands where an erased name or number was typed into a text. */
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

    void write(long number, Customer customer) {
        jdbc.update(FORGET, number);
        if (!customer.isNobody()) {
            jdbc.update(KEEP, number, customer.name(), customer.phone());
        }
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
    private static final String SAID_TO = """
            select revision, place, name
              from case_entry
             where number = ?
               and kind = 'said-to'""";
    private static final String PUT_SAID_TO = """
            update case_entry
               set name = ?
             where number = ?
               and kind = 'said-to'
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

    /** Erases them, also where they were typed into the texts of the case, and as the customer of its quotes. */
    void erase(long number, Customer customer) {
        jdbc.update(FORGET, number);
        jdbc.update(OUT_OF_QUOTES, number);
        jdbc.list(
                        TEXTS,
                        row -> new Object[] {
                            without(customer, row.getString("line")),
                            without(customer, row.getString("complaint")),
                            without(customer, row.getString("stood")),
                            number,
                            row.getLong("revision")
                        },
                        number)
                .forEach(texts -> jdbc.update(PUT_TEXTS, texts));
        eraseNames(number, customer);
    }

    /** To whom the cautions were read, and what was told afterwards. */
    private void eraseNames(long number, Customer customer) {
        jdbc.list(
                        SAID_TO,
                        row -> new Object[] {
                            without(customer, row.getString("name")),
                            number,
                            row.getLong("revision"),
                            row.getInt("place")
                        },
                        number)
                .forEach(names -> jdbc.update(PUT_SAID_TO, names));
        jdbc.list(
                        NOTES,
                        row -> new Object[] {
                            without(customer, row.getString("note")),
                            without(customer, row.getString("told_by")),
                            number,
                            row.getInt("entry")
                        },
                        number)
                .forEach(notes -> jdbc.update(PUT_NOTES, notes));
    }

    private static String without(Customer customer, String text) {
        return text == null ? null : customer.takenOutOf(text);
    }
}
