package synopta.core.knowledge;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Ordered;
import synopta.core.quantity.Slugged;
import synopta.core.quantity.WholeNumbers;

/**
 * What a step of opening up takes and leaves to do.
 *
 * @param tools each with its size
 * @param hardware screws, rings and the like that are kept or renewed
 * @param hazards of the step
 * @param persons it takes, 1 or more
 * @param note what to label, mark or photograph
 * @param advice advice for the step; null when there is none
 * @param check as it is closed again
 * @param effort what it comes to, in a word: `drum`, `pulled out`
 * @param looks what can be looked at on the way
 */
public record WorkStep(
        List<String> tools,
        List<Hardware> hardware,
        Set<Hazard> hazards,
        int persons,
        @Nullable String note,
        @Nullable String advice,
        @Nullable String check,
        @Nullable String effort,
        List<Look> looks) {
    /** Nothing but the hands of one. */
    public static final WorkStep NONE =
            new WorkStep(List.of(), List.of(), EnumSet.noneOf(Hazard.class), 1, null, null, null, null, List.of());

    private static final int MOST_PERSONS = 4;

    /** Copies; refuses a step of nobody, and a tool without a figure in its name. */
    public WorkStep {
        tools = List.copyOf(tools);
        hardware = List.copyOf(hardware);
        hazards = Ordered.set(hazards);
        looks = List.copyOf(looks);
        WholeNumbers.between("People", persons, 1, MOST_PERSONS);
        tools.forEach(WorkStep::sized);
    }

    static void sized(String tool) {
        if (tool.chars().noneMatch(Character::isDigit)) {
            throw new IllegalArgumentException("Tool (%s) needs a size, such as 5/16 in nut driver.".formatted(tool));
        }
    }

    /**
     * So many fasteners, and whether they go in again.
     *
     * @param what what it is
     * @param count number of pieces
     * @param fate whether it is kept or renewed
     */
    public record Hardware(String what, int count, Fate fate) {}

    /** What becomes of hardware. */
    public enum Fate implements Slugged {
        KEPT,
        REPLACED;
    }

    /**
     * Something to look at, and the finding it answers.
     *
     * @param finding finding that is answered on the way
     * @param words words that are shown
     */
    public record Look(String finding, String words) {}
}
