package synopta.core.record;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.CaseInputDraft;
import synopta.core.casefile.Customer;
import synopta.core.casefile.Shopping;
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
 * @param visit number of the first case of the same visit, for another machine; null for the first and for one alone
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
        Status status,
        @Nullable Long visit) {
    /** Copies. */
    public CaseContent {
        lines = List.copyOf(lines);
        cautionsShown = Ordered.set(cautionsShown);
    }

    /** The case of a machine that came alone. */
    public CaseContent(
            CaseInput input,
            @Nullable String complaint,
            List<Line> lines,
            Set<Hazard> cautionsShown,
            @Nullable String readTo,
            @Nullable String specialist,
            Customer customer,
            @Nullable Integer answerSeconds,
            Status status) {
        this(input, complaint, lines, cautionsShown, readTo, specialist, customer, answerSeconds, status, null);
    }

    /** The draft with all that was said: the line, and the complaint where it says more. */
    CaseInput spoken() {
        String more = Optional.ofNullable(complaint)
                .filter(c -> !input.line().contains(c))
                .orElse("");
        return more.isEmpty() ? input : input.withLine(input.line() + ". " + more);
    }

    /** This case, to be given the fields that are kept as lists. */
    public Draft but() {
        return new Draft(this);
    }

    /** A case whose listed fields are set anew; the others are those it began with. */
    public static final class Draft {
        private final CaseContent from;
        private final CaseInputDraft input;
        private List<Shopping.Adjusted> adjusted;
        private @Nullable String branch;
        private @Nullable Integer neededInDays;
        private List<Line> lines;
        private Set<Hazard> cautionsShown;
        private @Nullable String readTo;

        private Draft(CaseContent from) {
            this.from = from;
            input = from.input.but();
            adjusted = from.input.shopping().adjusted();
            branch = from.input.shopping().branch();
            neededInDays = from.input.shopping().neededInDays();
            lines = from.lines;
            cautionsShown = from.cautionsShown;
            readTo = from.readTo;
        }

        /** What was entered. */
        public CaseInputDraft input() {
            return input;
        }

        void adjusted(List<Shopping.Adjusted> is) {
            adjusted = is;
        }

        void branch(String is) {
            branch = is;
        }

        void neededInDays(Integer is) {
            neededInDays = is;
        }

        void lines(List<Line> are) {
            lines = are;
        }

        void cautionsShown(Set<Hazard> are) {
            cautionsShown = are;
        }

        void readTo(String is) {
            readTo = is;
        }

        /** The case. */
        public CaseContent content() {
            return new CaseContent(
                    input.shopping(new Shopping(adjusted, branch, neededInDays)).input(),
                    from.complaint,
                    lines,
                    cautionsShown,
                    readTo,
                    from.specialist,
                    from.customer,
                    from.answerSeconds,
                    from.status,
                    from.visit);
        }
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
