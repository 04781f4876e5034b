package synopta.core.teardown;

import java.util.List;
import synopta.core.knowledge.OpeningStep;

/**
 * The work of reaching and exchanging parts.
 *
 * @param steps in an order in which they can be done, each once
 * @param minutes of the steps and of exchanging the pieces
 * @param unknown places of which no step tells how to reach them; they are not in the minutes
 */
public record Work(List<OpeningStep> steps, double minutes, List<String> unknown) {
    /** Copies. */
    public Work {
        steps = List.copyOf(steps);
        unknown = List.copyOf(unknown);
    }
}
