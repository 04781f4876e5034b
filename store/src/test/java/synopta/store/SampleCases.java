package synopta.store;

import java.util.List;
import java.util.Set;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.record.CaseContent;

/** Cases of which nothing is set beside the line. */
public final class SampleCases {
    private SampleCases() {}

    /** An open one. */
    public static CaseContent bare(String line) {
        return new CaseContent(
                CaseInput.of(line),
                null,
                List.of(),
                Set.of(),
                null,
                null,
                Customer.NONE,
                null,
                CaseContent.Status.OPEN);
    }
}
