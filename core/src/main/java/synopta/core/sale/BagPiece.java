package synopta.core.sale;

import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Slugged;

/**
 * Pieces that go into the bag, whatever pack, set or kit they come in.
 *
 * @param partType slug of the part type
 * @param part what is handed over
 * @param quantity pieces
 * @param source where it comes from
 * @param why in a sentence
 */
public record BagPiece(String partType, PartNumber part, int quantity, Source source, String why) {
    /** Where a piece in the bag comes from. */
    public enum Source implements Slugged {
        /** Somebody asked for it. */
        REQUESTED,
        /** The signs point to it. */
        SYMPTOMS,
        /** It is renewed or sold with another. */
        GOES_WITH,
        /** It is accessible during this repair, and was added by hand. */
        WHILE_OPEN
    }
}
