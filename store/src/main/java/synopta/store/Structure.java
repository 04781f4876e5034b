package synopta.store;

import java.nio.file.Path;
import java.util.Iterator;
import java.util.Optional;
import java.util.regex.Pattern;
import org.h2.engine.MetaRecord;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStoreException;
import org.h2.mvstore.db.ValueDataType;
import org.h2.mvstore.tx.TransactionMap;
import org.h2.mvstore.tx.TransactionStore;
import org.h2.result.SearchRow;

/**
 * What a file of the database would run when it is opened: the statements that make its tables, which may as well make
 * triggers and functions in Java. They are read here without being run.
 */
final class Structure {
    /** The statements of our own tables; all else is somebody's. */
    private static final Pattern OURS = Pattern.compile("(?s)CREATE (CACHED|MEMORY) TABLE \"PUBLIC\"\\..*"
            + "|CREATE (UNIQUE (NULLS (ALL )?(NOT )?DISTINCT )?)?(INDEX|PRIMARY KEY) \"PUBLIC\"\\..*"
            + "|CREATE USER IF NOT EXISTS \"SYNOPTA\" .*"
            + "|CREATE SEQUENCE \"PUBLIC\"\\..*"
            + "|ALTER TABLE \"PUBLIC\"\\..* ADD CONSTRAINT .*"
            + "|SET (CREATE_BUILD|WRITE_DELAY) .*");
    /** Functions of the database that reach beyond it, which a table could name in the default of a column. */
    private static final Pattern REACHES_OUT =
            Pattern.compile("(?i)\\b(FILE_READ|FILE_WRITE|CSVREAD|CSVWRITE|LINK_SCHEMA)\\b");

    private Structure() {}

    /** The first statement of a closed file that makes what none of our files has. */
    static Optional<String> foreign(Path file) {
        try (MVStore kept =
                new MVStore.Builder().fileName(file.toString()).readOnly().open()) {
            TransactionStore transactions = new TransactionStore(kept, new ValueDataType());
            transactions.init();
            TransactionMap<Long, SearchRow> made = transactions.begin().openMap("table.0");
            for (Iterator<Long> rows = made.keyIterator(null); rows.hasNext(); ) {
                String statement = new MetaRecord(made.get(rows.next())).getSQL();
                if (!OURS.matcher(statement).matches()
                        || REACHES_OUT.matcher(statement).find()) {
                    return Optional.of(statement);
                }
            }
            return Optional.empty();
        } catch (MVStoreException e) {
            throw new IllegalArgumentException("it is damaged, or no file of Synopta. Take another backup", e);
        }
    }
}
