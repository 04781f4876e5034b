package synopta.core.knowledge;

import java.util.List;

/**
 * Parts in series, one path: any of them open breaks it.
 *
 * @param id identifier, unique in the pack
 * @param name in words: "the heat circuit"
 * @param finding what is met when it is broken
 * @param answer the answer that is then met
 * @param strength probability that a break brings the answer about
 * @param open faults that break the path
 * @param basis where the figure or the words come from
 */
public record Circuit(
        String id, String name, String finding, String answer, double strength, List<String> open, Basis basis) {
    /** Copies; refuses a strength outside 0 (excluded) to 1, and a path of fewer than two faults. */
    public Circuit {
        Fault.strong(strength);
        open = List.copyOf(open);
        if (open.size() < 2) {
            throw new IllegalArgumentException("A circuit needs at least two faults that open it.");
        }
    }
}
