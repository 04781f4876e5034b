package synopta.core.tag;

import java.util.Comparator;
import synopta.core.quantity.Probability;

/**
 * A construction that a machine in no catalog row may be, going by how its brand numbers the models of it.
 *
 * @param platform name of the platform
 * @param brand brand of the machine
 * @param probability given that the machine is unlisted
 */
public record PlatformGuess(String platform, String brand, Probability probability) {
    static final Comparator<PlatformGuess> LIKELIEST_FIRST = Comparator.comparingDouble(
                    (PlatformGuess g) -> -g.probability().value())
            .thenComparing(PlatformGuess::platform)
            .thenComparing(PlatformGuess::brand);
}
