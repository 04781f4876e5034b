package synopta.core.catalog;

/** Part `part`, so many, belongs in a slot of a model built within a range, of serial numbers within another. */
public record Fit(
        ModelNumber model,
        String slot,
        PartNumber part,
        int quantity,
        BuildRange built,
        SerialRange serials,
        String note) {
    /** Refuses a fit of no piece. */
    public Fit {
        Quantities.atLeastOne("Fit of %s to %s".formatted(part, model), quantity);
    }
}
