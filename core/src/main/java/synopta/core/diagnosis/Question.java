package synopta.core.diagnosis;

import java.util.Optional;
import synopta.core.knowledge.Finding;

/**
 * A question worth asking.
 *
 * @param expectedGainBits by how much the answer lowers the uncertainty about what to hand over on average, bit
 * @param tellsFrom the part type the telling answer speaks for most, and the one the clear answer does
 */
public record Question(Finding finding, double expectedGainBits, Optional<Tells> tellsFrom) {
    /** Names of the two part types that the answers tell apart. */
    public record Tells(String telling, String clear) {}
}
