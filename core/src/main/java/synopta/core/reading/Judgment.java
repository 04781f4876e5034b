package synopta.core.reading;

import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Slugged;

/**
 * What a reading means.
 *
 * @param verdict verdict in one word
 * @param low least reading of a good part, in the unit of the test; null where there is none
 * @param high greatest reading of a good part, in the unit of the test; null where there is none
 * @param why the reason, with the figures
 * @param next what to do now
 * @param source of the formula and of the tolerance
 * @param need what must be known for a verdict; null when nothing is missing
 * @param choices kinds to choose from, where the kind of the part is needed
 */
public record Judgment(
        Verdict verdict,
        @Nullable Double low,
        @Nullable Double high,
        String why,
        String next,
        String source,
        @Nullable Need need,
        List<String> choices) {
    /** Copies. */
    public Judgment {
        choices = List.copyOf(choices);
    }

    /** A verdict for which nothing is missing. */
    static Judgment of(
            Verdict verdict, @Nullable Double low, @Nullable Double high, String why, String next, String source) {
        return new Judgment(verdict, low, high, why, next, source, null, List.of());
    }

    /** The same, to be judged again once something is known. */
    Judgment needing(Need what, List<String> kinds) {
        return new Judgment(verdict, low, high, why, next, source, what, kinds);
    }

    /** What is asked for when a verdict hangs on it. */
    public enum Need implements Slugged {
        /** Ambient temperature, °C. */
        CELSIUS,
        /** Rated voltage and power. */
        WATTS,
        /** Which kind of the part it is. */
        KIND
    }
}
