package synopta.core.catalog;

/**
 * Part `part`, so many, belongs in a slot of a model built within a range, of serial numbers within another.
 *
 * @param model model of the catalog
 * @param slot slug of the position in the layout
 * @param part number of the part
 * @param quantity pieces at that position
 * @param built build dates
 * @param serials serial numbers
 * @param note remark of the catalog, empty when there is none
 */
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
