package synopta.core.diagnosis;

import java.util.List;
import java.util.function.Function;
import synopta.core.knowledge.Pack;

/** Tells what clauses of a complaint mean; learnt from sayings and labelled sentences. */
public interface MeaningModel {
    /** Nothing is known beyond the phrases of the packs. */
    MeaningModel NONE = (said, byWords) -> List.of();

    /** Nothing is known beyond the phrases, whatever the pack. */
    Function<Pack, MeaningModel> UNTAUGHT = pack -> NONE;

    /**
     * The readings of a complaint, the likeliest first; none below one in a hundred.
     *
     * @param complaint what the caller says, without model, serial and the like
     * @param byWords what the phrases of the pack hear in it
     */
    List<Reading> read(String complaint, ParsedComplaint byWords);

    /**
     * One thing that a clause may mean.
     *
     * @param finding id in the pack
     * @param answer slug of the answer
     * @param probability that it is said
     * @param from first character of the clause in the complaint
     * @param to after its last
     */
    record Reading(String finding, String answer, double probability, int from, int to) {
        /** What it is struck out by, once it was rejected in a case. */
        public String key() {
            return "reading:%s=%s".formatted(finding, answer);
        }
    }
}
