package synopta.core.outcome;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.quantity.Ordered;

/**
 * A case of which it is known what the fault was, as far as something can be learned from it.
 *
 * @param answers that were sure
 * @param workRatio of the minutes the work took to those that were planned
 */
public record ConfirmedCase(
        long number,
        Appliance appliance,
        Set<Fuel> fuels,
        @Nullable String layout,
        @Nullable Double ageYears,
        List<Answer> answers,
        String fault,
        @Nullable Double workRatio) {
    /** Copies. */
    public ConfirmedCase {
        fuels = Ordered.set(fuels);
        answers = List.copyOf(answers);
    }

    /**
     * An answer to a finding, or `good` or `bad` at a test.
     *
     * @param asked whether it was asked for or measured; callers tell by themselves mostly what is so
     */
    public record Answer(String finding, String answer, boolean asked) {}
}
