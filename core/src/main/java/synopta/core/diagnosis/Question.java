package synopta.core.diagnosis;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import synopta.core.knowledge.Finding;
import synopta.core.quantity.Ordered;

/**
 * A question worth asking.
 *
 * @param finding finding that is asked for
 * @param expectedGainBits by how much the answer lowers the uncertainty about what to hand over on average, bit
 * @param outcomes what each answer would bring, in the order of the finding's answers
 */
public record Question(Finding finding, double expectedGainBits, List<Outcome> outcomes) {
    /** Copies. */
    public Question {
        outcomes = List.copyOf(outcomes);
    }

    /**
     * What an answer would bring.
     *
     * @param answer slug of the answer
     * @param probability of this answer
     * @param speaksFor name of the part type that would rise most; null where another answer speaks for it more
     * @param faults what each fault would then stand at, by id; only for the questions asked first
     */
    public record Outcome(
            String answer, double probability, @Nullable String speaksFor, Map<String, Double> faults) {
        /** Copies. */
        public Outcome {
            faults = Ordered.map(faults);
        }
    }
}
