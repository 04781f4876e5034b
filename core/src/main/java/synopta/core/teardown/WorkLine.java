package synopta.core.teardown;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.OpeningStep;
import synopta.core.knowledge.WorkStep;
import synopta.core.quantity.Slugged;

/**
 * A step of some work as a person reads it.
 *
 * @param kind kind, from a closed list
 * @param id of the opening step, or the place of the part that is replaced
 * @param step id of the step
 * @param minutes minutes of the step
 * @param tools tools it takes
 * @param needs names of the steps that must be done first
 * @param reaches the places it lays open
 * @param serves the places it is for
 * @param persons people it takes, at least 1
 * @param hazards hazards of the step
 * @param hardware screws, rings and the like that are kept or renewed
 * @param note a warning at this step
 * @param advice how to do it
 * @param check what to check as it goes together again
 */
public record WorkLine(
        Kind kind,
        String id,
        String step,
        double minutes,
        List<String> tools,
        List<String> needs,
        List<String> reaches,
        List<String> serves,
        int persons,
        Set<Hazard> hazards,
        List<WorkStep.Hardware> hardware,
        @Nullable String note,
        @Nullable String advice,
        @Nullable String check) {
    /** What a step does. */
    public enum Kind implements Slugged {
        OPEN,
        REPLACE
    }

    /** Every step of some work, in the order in which it is done. */
    static List<WorkLine> of(Work work) {
        List<WorkLine> lines = new ArrayList<>();
        work.steps().forEach(step -> lines.add(opening(step, work)));
        work.replacements().forEach(replacement -> lines.add(replacing(replacement, work)));
        return lines;
    }

    private static WorkLine opening(OpeningStep step, Work work) {
        WorkStep hands = step.work();
        return new WorkLine(
                Kind.OPEN,
                step.id(),
                step.name(),
                step.minutes(),
                hands.tools(),
                work.steps().stream()
                        .filter(before -> step.after().contains(before.id()))
                        .map(OpeningStep::name)
                        .toList(),
                List.copyOf(step.reaches().keySet()),
                work.serves(step),
                hands.persons(),
                hands.hazards(),
                hands.hardware(),
                hands.note(),
                hands.advice(),
                hands.check());
    }

    private static WorkLine replacing(Work.Exchange replacement, Work work) {
        String what = replacement.pieces() > 1
                ? "%d x %s".formatted(replacement.pieces(), replacement.name())
                : replacement.name();
        return new WorkLine(
                Kind.REPLACE,
                replacement.slot(),
                "Replace: " + what,
                replacement.minutes(),
                replacement.fitting().tools(),
                work.steps().stream()
                        .filter(step -> step.reaches().containsKey(replacement.slot()))
                        .map(OpeningStep::name)
                        .toList(),
                List.of(replacement.slot()),
                List.of(replacement.slot()),
                1,
                Set.of(),
                replacement.hardware(),
                null,
                replacement.fitting().way(),
                replacement.fitting().check());
    }
}
