package synopta.core.line;

import java.util.List;
import synopta.core.catalog.Part;

/**
 * A part number that no part has.
 *
 * @param text as it was said
 * @param closest parts whose numbers differ by one slip; none where there is no such part
 */
public record MisreadPart(String text, List<Part> closest) {
    /** Copies. */
    public MisreadPart {
        closest = List.copyOf(closest);
    }
}
