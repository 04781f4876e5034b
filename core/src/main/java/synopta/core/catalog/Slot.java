package synopta.core.catalog;

/**
 * A place in a platform that takes so many parts of one type.
 *
 * @param platform name of the platform
 * @param slot slug of the position in the layout
 * @param partType slug of the part type
 * @param quantity pieces, at least 1
 * @param note remark of the catalog, empty when there is none
 */
public record Slot(String platform, String slot, String partType, int quantity, String note) {
    /** Refuses a place for no part. */
    public Slot {
        Quantities.atLeastOne("Slot %s of %s".formatted(slot, platform), quantity);
    }
}
