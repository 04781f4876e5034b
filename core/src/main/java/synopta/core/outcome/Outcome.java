package synopta.core.outcome;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Slugged;
import synopta.core.quantity.Texts;
import synopta.core.quantity.WholeNumbers;

/**
 * The outcome of a case.
 *
 * @param at when it was told
 * @param by who wrote it down, when they said so
 * @param fault the id of the fault that was found; null while it is unknown
 * @param fixed whether the machine works again
 * @param minutes the work took
 * @param returns parts that came back
 * @param note remark; null when there is none
 */
public record Outcome(
        Instant at,
        @Nullable String by,
        @Nullable String fault,
        boolean fixed,
        @Nullable Integer minutes,
        List<Return> returns,
        @Nullable String note) {
    private static final int LONGEST_WORK = 10_000;
    private static final int LONGEST_NOTE = 2_000;

    /** Copies; refuses work of less than a minute or more than a week, and a note that is a book. */
    public Outcome {
        returns = List.copyOf(returns);
        if (minutes != null) {
            WholeNumbers.between("Minutes", minutes, 1, LONGEST_WORK);
        }
        Texts.limited("The note", note, LONGEST_NOTE);
    }

    /**
     * So many pieces came back.
     *
     * @param part number of the part
     * @param quantity pieces, at least 1
     * @param reason reason of the return
     */
    public record Return(PartNumber part, int quantity, Reason reason) {
        /** Refuses a return of nothing. */
        public Return {
            if (quantity < 1) {
                throw new IllegalArgumentException("Quantity of %s (%d) must be at least 1.".formatted(part, quantity));
            }
        }
    }

    /** Why a part comes back. */
    public enum Reason implements Slugged {
        WRONG_MACHINE,
        WRONG_DIAGNOSIS,
        WRONG_PART,
        CHANGED_MIND,
        DAMAGED,
        RIGHT_PART_THOUGHT_WRONG;

        /** Whether the counter was wrong: about the machine, the fault or the part. */
        public boolean isOurs() {
            return this == WRONG_MACHINE || this == WRONG_DIAGNOSIS || this == WRONG_PART;
        }

        /** The reason of a slug; another is refused with those that are known. */
        public static Reason of(String slug) {
            return Slugged.of(Reason.class, "Reason", slug);
        }
    }

    /** Sale units of each part that came back and can be sold again: what is damaged goes back to no shelf. */
    public Map<PartNumber, Integer> shelved() {
        Map<PartNumber, Integer> shelved = new HashMap<>();
        returns.stream()
                .filter(back -> back.reason() != Reason.DAMAGED)
                .forEach(back -> shelved.merge(back.part(), back.quantity(), Integer::sum));
        return shelved;
    }

    /** Fixed, and nothing came back for which the counter is to blame. */
    public boolean isRightFirstTime() {
        return fixed && returns.stream().noneMatch(r -> r.reason().isOurs());
    }
}
