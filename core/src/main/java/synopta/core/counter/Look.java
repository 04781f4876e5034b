package synopta.core.counter;

import java.util.List;

/**
 * What to ask or look at to tell constructions apart.
 *
 * @param question in plain words
 * @param answers likeliest first
 * @param expectedGainBits what the answer tells of the construction on average, bit
 */
public record Look(String question, List<Answer> answers, double expectedGainBits) {
    /** Copies the answers. */
    public Look {
        answers = List.copyOf(answers);
    }

    /** An answer in words, and the key by which the case keeps it, as in `rear:rollers`. */
    public record Answer(String key, String words) {}
}
