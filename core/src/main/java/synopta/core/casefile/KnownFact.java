package synopta.core.casefile;

/**
 * One piece of what is known.
 *
 * @param key by which it is struck out
 * @param words what is known
 * @param source where it comes from: tag, caller, asked, meter, assumption
 * @param sure whether it is more than an assumption
 */
public record KnownFact(String key, String words, String source, boolean sure) {
    /** What a finding is struck out by. */
    public static String keyOf(String finding) {
        return "finding:" + finding;
    }
}
