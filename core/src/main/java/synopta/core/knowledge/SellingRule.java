package synopta.core.knowledge;

import java.util.List;
import java.util.Optional;

/**
 * How a part type is sold.
 *
 * @param renewAll whether all of the kind in the machine are renewed when one has failed
 * @param companions what belongs with it
 */
public record SellingRule(boolean renewAll, List<Companion> companions, Optional<String> why) {
    /** Sold one for one. */
    public static final SellingRule SINGLY = new SellingRule(false, List.of(), Optional.empty());

    /** Copies the companions. */
    public SellingRule {
        companions = List.copyOf(companions);
    }

    /**
     * Another part type that is renewed at the same time: always, or only when a finding has been given its telling
     * answer.
     */
    public record Companion(String partType, Optional<String> whenFinding, String why, Basis basis) {}
}
