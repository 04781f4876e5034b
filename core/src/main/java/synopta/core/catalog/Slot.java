package synopta.core.catalog;

/** A place in a platform that takes so many parts of one type. */
public record Slot(String platform, String slot, String partType, int quantity, String note) {
    /** Refuses a place for no part. */
    public Slot {
        Quantities.atLeastOne("Slot %s of %s".formatted(slot, platform), quantity);
    }
}
