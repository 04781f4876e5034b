package synopta.core.knowledge;

import java.util.List;

/**
 * A kind of part.
 *
 * @param slug the word of the catalogue and the API
 * @param selling how it is sold, and with what
 * @param bag what to tell about it as it goes into the bag
 * @param refer whether only a qualified person should fit it
 */
public record PartType(
        String slug, String name, LifeCurve life, SellingRule selling, List<BagNote> bag, boolean refer) {
    /** Copies the notes. */
    public PartType {
        bag = List.copyOf(bag);
    }
}
