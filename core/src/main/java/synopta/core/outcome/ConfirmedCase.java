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
 * @param number number of the case
 * @param appliance kind of machine
 * @param fuels fuels it may burn
 * @param layout id of the layout; null when not known
 * @param ageYears age of the machine, years, at least 0; null when not known
 * @param answers that were sure
 * @param fault id of the fault
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
     * @param finding id of the finding
     * @param answer slug of the answer
     * @param asked whether it was asked for or measured; callers tell by themselves mostly what is so
     */
    public record Answer(String finding, String answer, boolean asked) {}
}
