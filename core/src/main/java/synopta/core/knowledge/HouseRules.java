package synopta.core.knowledge;

/**
 * Which of the trade's schools the house follows.
 *
 * @param genuineOnly whether only genuine parts are supplied; otherwise one of the same specification will do
 */
public record HouseRules(boolean genuineOnly) {
    /** As most do. */
    public static final HouseRules USUAL = new HouseRules(false);
}
