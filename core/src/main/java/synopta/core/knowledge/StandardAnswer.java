package synopta.core.knowledge;

import java.util.List;

/**
 * What to answer someone who doubts a part they have just bought, though it is right; nothing is sold on it.
 *
 * @param id identifier, unique in the pack
 * @param partType slug of the part type
 * @param said phrases by which they ask
 * @param answer what to tell them
 * @param basis where the figure or the words come from
 */
public record StandardAnswer(String id, String partType, List<String> said, String answer, Basis basis) {
    /** Copies. */
    public StandardAnswer {
        said = List.copyOf(said);
    }
}
