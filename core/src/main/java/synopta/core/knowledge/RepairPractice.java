package synopta.core.knowledge;

import synopta.core.quantity.Slugged;

/** How a school of the trade does what another does otherwise. */
public enum RepairPractice implements Slugged {
    RINGS_REPLACED,
    RINGS_REUSED,
    SHAFT_OILED,
    SHAFT_DRY;

    /** The school of a word; another is refused with those that are known. */
    public static RepairPractice of(String slug) {
        return Slugged.of(RepairPractice.class, "Practice", slug);
    }
}
