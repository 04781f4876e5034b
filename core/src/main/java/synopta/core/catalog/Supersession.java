package synopta.core.catalog;

/**
 * What replaces a part. Rows of one old part and one choice are supplied together; other choices are alternatives.
 *
 * @param change what the fitter must know; empty when it drops in
 */
public record Supersession(PartNumber oldPart, int choice, PartNumber newPart, int quantity, String change) {
    /** Refuses a replacement by no piece. */
    public Supersession {
        Counted.atLeastOne("Supersession of %s by %s".formatted(oldPart, newPart), quantity);
    }
}
