package synopta.core.knowledge;

import java.util.List;
import java.util.Optional;

/**
 * How a part goes in.
 *
 * @param tools each with its size
 * @param way the right way round
 * @param check that it is right, before it is closed
 */
public record Fitting(List<String> tools, Optional<String> way, Optional<String> check, Basis basis) {
    /** By hand, with nothing to say of it. */
    public static final Fitting PLAIN =
            new Fitting(List.of(), Optional.empty(), Optional.empty(), new Basis("authored"));

    /** Copies; refuses a tool without a figure in its name. */
    public Fitting {
        tools = List.copyOf(tools);
        tools.forEach(Handwork::sized);
    }
}
