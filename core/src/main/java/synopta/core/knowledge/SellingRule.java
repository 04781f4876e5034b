package synopta.core.knowledge;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a part type is sold.
 *
 * @param replaceAll whether all of the kind in the machine are renewed when one has failed
 * @param companions what belongs with it
 * @param offers what the job may need besides: offered, never put in unasked
 * @param why why all of them; null when only the failed one is
 */
public record SellingRule(
        boolean replaceAll,
        List<Companion> companions,
        List<Companion> offers,
        @Nullable String why) {
    /** Sold one for one. */
    public static final SellingRule SINGLY = new SellingRule(false, List.of(), List.of(), null);

    /** Copies. */
    public SellingRule {
        companions = List.copyOf(companions);
        offers = List.copyOf(offers);
    }

    /**
     * Another part type that is renewed at the same time: always, or only when a finding has been given its telling
     * answer, or only in houses of a school.
     *
     * @param partType slug of the part type
     * @param whenFinding finding without which it is not sold; null: always
     * @param practice repair practice it depends on; null: always
     * @param why the reason, in a sentence
     * @param basis where the figure or the words come from
     */
    public record Companion(
            String partType,
            @Nullable String whenFinding,
            @Nullable RepairPractice practice,
            String why,
            Basis basis) {}
}
