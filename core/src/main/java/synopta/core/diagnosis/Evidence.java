package synopta.core.diagnosis;

/**
 * One finding answered.
 *
 * @param finding id in the pack; a test's id for a reading
 * @param answer slug of the answer
 * @param sure false for an "I think so"
 */
public record Evidence(String finding, String answer, boolean sure) {
    /** How often "I think so" is right; our judgment. The rest falls on the other answers alike. */
    static final double THOUGHT_RIGHT = 0.8;

    /** An answer given for sure. */
    public static Evidence of(String finding, String answer) {
        return new Evidence(finding, answer, true);
    }
}
