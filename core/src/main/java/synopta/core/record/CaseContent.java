package synopta.core.record;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.Hazard;
import synopta.core.quantity.Ordered;
import synopta.core.quantity.Slugged;

/**
 * A case as it is kept: the draft it came from, and what was done.
 *
 * @param input what was entered
 * @param complaint the caller's words where they were taken down beside the line
 * @param lines lines, one a part
 * @param cautionsShown hazards whose cautions were put before the person
 * @param readTo who that was, in a word: customer, technician, a name
 * @param specialist who served at the counter, when they said so
 * @param customer customer, if named
 * @param answerSeconds from the first word to the answer
 * @param status state of the case
 */
public record CaseContent(
        CaseInput input,
        @Nullable String complaint,
        List<Line> lines,
        Set<Hazard> cautionsShown,
        @Nullable String readTo,
        @Nullable String specialist,
        Customer customer,
        @Nullable Integer answerSeconds,
        Status status) {
    /** Copies. */
    public CaseContent {
        lines = List.copyOf(lines);
        cautionsShown = Ordered.set(cautionsShown);
    }

    /** The draft with all that was said: the line, and the complaint where it says more. */
    CaseInput spoken() {
        String more = Optional.ofNullable(complaint)
                .filter(c -> !input.line().contains(c))
                .orElse("");
        return more.isEmpty() ? input : input.withLine(input.line() + ". " + more);
    }

    /**
     * So many sale units of a part were handed over, or are about to be.
     *
     * @param part number of the part
     * @param quantity pieces, at least 1
     */
    public record Line(PartNumber part, int quantity) {
        /** Refuses a line of nothing. */
        public Line {
            if (quantity < 1) {
                throw new IllegalArgumentException("Quantity of %s (%d) must be at least 1.".formatted(part, quantity));
            }
        }
    }

    /** Whether the parts have left. */
    public enum Status implements Slugged {
        OPEN,
        HANDED_OVER;

        /** The status of a slug. */
        public static Status of(String slug) {
            return Slugged.of(Status.class, "Status", slug);
        }
    }
}
