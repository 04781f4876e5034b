package synopta.core.diagnosis;

import java.util.Optional;
import synopta.core.knowledge.Finding;

/**
 * A question worth asking.
 *
 * @param expectedGainBits by how much the answer lowers the uncertainty of the faults on average, bit
 * @param tellsFrom the fault the telling answer speaks for most, and the one the clear answer does
 */
public record Question(Finding finding, double expectedGainBits, Optional<Tells> tellsFrom) {
    /** Names of the two faults that the answers part. */
    public record Tells(String telling, String clear) {}
}
