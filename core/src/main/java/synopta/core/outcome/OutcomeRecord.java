package synopta.core.outcome;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Slugged;

/**
 * A case of which it is known what became of it, as far as the counts need it.
 *
 * @param number number of the case
 * @param day of the case, UTC
 * @param appliance kind of machine; null when not known
 * @param layout id of the construction, with its appliance: `dryer A`
 * @param specialist who served; null when not named
 * @param partTypes that parts were handed over for
 * @param guesses the likeliest suspects; empty while the fault is not known
 * @param right whether it was right the first time
 * @param reasons of what came back
 * @param answerSeconds from the first word to the answer
 * @param overruled who was right where the specialist overruled the advice
 * @param asked what was asked, and what its answer was worth
 */
public record OutcomeRecord(
        long number,
        LocalDate day,
        @Nullable String appliance,
        @Nullable String layout,
        @Nullable String specialist,
        List<String> partTypes,
        List<Guess> guesses,
        boolean right,
        List<Outcome.Reason> reasons,
        @Nullable Integer answerSeconds,
        @Nullable WhoWasRight overruled,
        List<Worth> asked) {
    /** Copies. */
    public OutcomeRecord {
        partTypes = List.copyOf(partTypes);
        guesses = List.copyOf(guesses);
        reasons = List.copyOf(reasons);
        asked = List.copyOf(asked);
    }

    /**
     * How likely a suspect was said to be, and whether it was.
     *
     * @param probability probability, 0 to 1
     * @param was whether it was that fault
     */
    public record Guess(double probability, boolean was) {}

    /**
     * A finding that was asked for.
     *
     * @param finding id of the finding
     * @param bits by how much the base-2 logarithm of the odds of what it was rose through its answer, all else as known
     */
    public record Worth(String finding, double bits) {}

    /** Whose choice was the fault that was found. */
    public enum WhoWasRight implements Slugged {
        SPECIALIST,
        ADVICE,
        NEITHER
    }
}
