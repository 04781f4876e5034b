package synopta.core.diagnosis;

import java.util.List;
import synopta.core.knowledge.Fault;
import synopta.core.quantity.Probability;

/**
 * A fault, how likely it is in its own right (several may stand together), and what speaks for and against it.
 *
 * @param fault the fault
 * @param probability probability, 0 to 1
 * @param concerned whether it can bring about a sign that was given, or was drawn in by what can
 * @param because evidence for and against, by weight
 */
public record Suspect(Fault fault, Probability probability, boolean concerned, List<Reason> because) {
    /** Copies the reasons. */
    public Suspect {
        because = List.copyOf(because);
    }

    /**
     * A piece of evidence that moved the suspect.
     *
     * @param evidence one piece of evidence
     * @param words of the answer
     * @param weightBits by how much the base-2 logarithm of its odds rose through this piece, all else as known
     */
    public record Reason(Evidence evidence, String words, double weightBits) {}
}
