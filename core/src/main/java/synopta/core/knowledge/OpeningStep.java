package synopta.core.knowledge;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Ordered;

/**
 * A step of opening a machine up.
 *
 * @param id identifier, unique in the pack
 * @param name name, as it is shown
 * @param minutes for this step, there and back
 * @param after ids of the steps that must be done first
 * @param reaches the places it lays open, each with the minutes it takes to exchange one piece there
 * @param kind the kind of machine that is opened so; null where all are
 * @param work what it takes
 * @param basis where the figure or the words come from
 */
public record OpeningStep(
        String id,
        String name,
        double minutes,
        List<String> after,
        Map<String, Double> reaches,
        Layout.@Nullable Kind kind,
        WorkStep work,
        Basis basis) {
    /** Copies; refuses minutes that are no number or below 0. */
    public OpeningStep {
        after = List.copyOf(after);
        reaches = Ordered.map(reaches);
        sound(minutes);
        reaches.values().forEach(OpeningStep::sound);
    }

    private static void sound(double minutes) {
        if (!(minutes >= 0 && minutes < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException("Minutes (%s) must be finite and at least 0.".formatted(minutes));
        }
    }
}
