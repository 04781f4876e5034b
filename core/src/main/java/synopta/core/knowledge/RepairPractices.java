package synopta.core.knowledge;

/**
 * Which of the trade's schools a house follows.
 *
 * @param genuineOnly whether only genuine parts are supplied; otherwise one of the same specification will do
 * @param replaceAll whether all of a kind are renewed where they wear together; otherwise the failed one alone
 * @param replaceRings whether rings and washers are renewed with their wheels; otherwise they go in again
 * @param oilShafts whether shafts get a drop of oil; otherwise they stay dry
 * @param testFirst whether a part is measured before it is sold and before it is replaced; otherwise a cheap one is
 *     replaced untested
 * @param licensedToCustomers whether parts that only a licensed technician may fit are sold to customers too
 * @param unlikelyRequests what is done with a requested part that the symptoms speak against
 */
public record RepairPractices(
        boolean genuineOnly,
        boolean replaceAll,
        boolean replaceRings,
        boolean oilShafts,
        boolean testFirst,
        boolean licensedToCustomers,
        UnlikelyRequest unlikelyRequests) {
    /** As most do. */
    public static final RepairPractices USUAL = new RepairPractices(false, true, true, true, true, false);

    /** Those of a house that sells unlikely requests with a note, as most do. */
    public RepairPractices(
            boolean genuineOnly,
            boolean replaceAll,
            boolean replaceRings,
            boolean oilShafts,
            boolean testFirst,
            boolean licensedToCustomers) {
        this(genuineOnly, replaceAll, replaceRings, oilShafts, testFirst, licensedToCustomers, UnlikelyRequest.NOTED);
    }

    /** Whether the house does as this school. */
    public boolean follow(RepairPractice practice) {
        return switch (practice) {
            case RINGS_REPLACED -> replaceRings;
            case RINGS_REUSED -> !replaceRings;
            case SHAFT_OILED -> oilShafts;
            case SHAFT_DRY -> !oilShafts;
            default -> throw new IllegalArgumentException("No setting covers %s.".formatted(practice.slug()));
        };
    }
}
