package synopta.core.identify;

import java.util.List;

/**
 * What to ask or look at to tell constructions apart.
 *
 * @param question in plain words
 * @param answers likeliest first
 * @param expectedGainBits what the answer tells of the construction on average, bit
 */
public record DistinguishingQuestion(String question, List<Answer> answers, double expectedGainBits) {
    /** Copies the answers. */
    public DistinguishingQuestion {
        answers = List.copyOf(answers);
    }

    /**
     * An answer in words, and the key by which the case keeps it, as in `rear:rollers`.
     *
     * @param key key by which the answer is given
     * @param words words that are shown
     */
    public record Answer(String key, String words) {}
}
