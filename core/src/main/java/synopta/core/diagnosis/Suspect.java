package synopta.core.diagnosis;

import java.util.List;
import synopta.core.knowledge.Fault;
import synopta.core.quantity.Probability;

/**
 * A fault, how likely it is in its own right (several may stand together), and what speaks for and against it.
 *
 * @param concerned whether it can bring about a sign that was given, or was drawn in by what can
 */
public record Suspect(Fault fault, Probability probability, boolean concerned, List<Reason> because) {
    /** Copies the reasons. */
    public Suspect {
        because = List.copyOf(because);
    }

    /**
     * A piece of evidence that moved the suspect.
     *
     * @param words of the answer
     * @param weightBits by how much the base-2 logarithm of its odds rose through this piece, all else as known
     */
    public record Reason(Evidence evidence, String words, double weightBits) {}
}
