package synopta.core.record;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.function.IntSupplier;

/** Erases the customers of cases that were not changed for longer than the house keeps names. */
public final class RetentionService {
    private final CaseRepository cases;
    private final IntSupplier months;
    private final Clock clock;

    /** Over these cases; a number of months that is 0 keeps all names. Days are those of the clock's zone. */
    public RetentionService(CaseRepository cases, IntSupplier months, Clock clock) {
        this.cases = cases;
        this.months = months;
        this.clock = clock;
    }

    /** Erases what is due; the numbers of the cases that had a customer. */
    public List<Long> eraseDue() {
        int kept = months.getAsInt();
        if (kept == 0) {
            return List.of();
        }
        List<Long> due = cases.withCustomerUnchangedSince(LocalDate.now(clock)
                .minusMonths(kept)
                .atStartOfDay(clock.getZone())
                .toInstant());
        due.forEach(cases::eraseCustomer);
        return due;
    }
}
