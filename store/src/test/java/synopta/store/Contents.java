package synopta.store;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import synopta.core.counter.CaseContent;
import synopta.core.counter.CaseDraft;
import synopta.core.counter.Customer;

/** Cases of which nothing is set beside the line. */
public final class Contents {
    private Contents() {}

    /** An open one. */
    public static CaseContent bare(String line) {
        return new CaseContent(
                CaseDraft.of(line),
                Optional.empty(),
                List.of(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Customer.NONE,
                OptionalInt.empty(),
                CaseContent.Status.OPEN);
    }
}
