package synopta.core.line;

import synopta.core.catalog.Part;

/**
 * A part asked for by its number, and how many of it.
 *
 * @param part the part
 * @param quantity pieces, at least 1
 */
public record RequestedPart(Part part, int quantity) {
    /** The key under which it is known and can be struck out. */
    public String key() {
        return "part:" + part.number().key();
    }
}
