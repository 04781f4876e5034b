package synopta.core.diagnosis;

/**
 * One finding answered.
 *
 * @param finding id in the pack; a test's id for a reading
 * @param answer slug of the answer
 * @param sure false for an "I think so"
 * @param right how often such an answer is right, above 0, at most 1; the rest falls on the other answers alike
 */
public record Evidence(String finding, String answer, boolean sure, double right) {
    /** How often "I think so" is right; our judgment. */
    static final double THOUGHT_RIGHT = 0.8;

    /** An answer that was given. */
    public Evidence(String finding, String answer, boolean sure) {
        this(finding, answer, sure, sure ? 1 : THOUGHT_RIGHT);
    }

    /** An answer given for sure. */
    public static Evidence of(String finding, String answer) {
        return new Evidence(finding, answer, true);
    }
}
