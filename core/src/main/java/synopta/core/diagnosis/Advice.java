package synopta.core.diagnosis;

import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Slugged;

/**
 * What to do now, and why, in a sentence.
 *
 * @param action what is advised
 * @param why the reason, in a sentence
 * @param currency of all sums; empty when it is not known
 * @param options the ways to go on that were compared, cheapest first
 * @param notToSell names of part types that were found good, each with its sign
 */
public record Advice(Action action, String why, String currency, List<Option> options, List<String> notToSell) {
    /** Copies. */
    public Advice {
        options = List.copyOf(options);
        notToSell = List.copyOf(notToSell);
    }

    /**
     * A way to go on.
     *
     * @param action what is advised
     * @param what in a few words
     * @param finding what is asked or tested, where that is the way
     * @param cost expected, in the currency of the stakes
     */
    public record Option(
            Action action, String what, @Nullable String finding, double cost) {}

    /** Nothing is asked or sold: this is said and done at once. */
    static Advice stop(String what) {
        return new Advice(Action.STOP, what, "", List.of(), List.of());
    }

    /** The ways to go on; a stop comes before all others. */
    public enum Action implements Slugged {
        SELL,
        ASK,
        TEST_FIRST,
        REFER,
        STOP;
    }
}
