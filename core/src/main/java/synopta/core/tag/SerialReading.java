package synopta.core.tag;

import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.BuildRange;

/**
 * When a machine of a serial number can have been built.
 *
 * @param built every span the code allows, newest first, both ends closed
 * @param dropped spans the code allows that cannot be, each with the reason
 * @param unreadable why there is no span, and what to do; null when there is one
 */
public record SerialReading(
        List<BuildRange> built,
        List<Dropped> dropped,
        @Nullable String unreadable) {
    /**
     * A span that cannot be.
     *
     * @param span first and last possible build date
     * @param why the reason, in a sentence
     */
    public record Dropped(BuildRange span, String why) {}

    /** Copies the lists. */
    public SerialReading {
        built = List.copyOf(built);
        dropped = List.copyOf(dropped);
    }

    static SerialReading not(String why) {
        return new SerialReading(List.of(), List.of(), why);
    }
}
