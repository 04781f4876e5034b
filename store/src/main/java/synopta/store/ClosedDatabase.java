package synopta.store;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import java.util.Set;

/**
 * The database closes itself when it cannot write. Its connections are then of no use, and the next one opens it again;
 * the pool does not know the database's own codes for that. It is made by the pool, by its name.
 */
public final class ClosedDatabase implements SQLExceptionOverride {
    /** Of the database's class ErrorCode: I/O error with a message, connection broken, database closed. */
    private static final Set<Integer> CLOSED = Set.of(90_028, 90_031, 90_067, 90_098, 90_121);

    @java.lang.Override
    public Override adjudicate(SQLException e) {
        return CLOSED.contains(e.getErrorCode()) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
    }
}
