package synopta.core.outcome;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/**
 * The cases behind a proposal.
 *
 * @param seen so often
 * @param of in so many
 * @param seenIn the last cases it was seen in, the last first, {@value #LATEST} at most
 * @param others the last cases it was not seen in, the last first, {@value #LATEST} at most
 */
public record SupportingCases(int seen, int of, List<Long> seenIn, List<Long> others) {
    private static final int LATEST = 20;

    /** Copies. */
    public SupportingCases {
        seenIn = List.copyOf(seenIn);
        others = List.copyOf(others);
    }

    /** Of the cases in which something was seen and was not; a case may count several times. */
    static SupportingCases of(Collection<Long> seen, Collection<Long> others) {
        return new SupportingCases(seen.size(), seen.size() + others.size(), latest(seen), latest(others));
    }

    private static List<Long> latest(Collection<Long> cases) {
        return cases.stream()
                .distinct()
                .sorted(Comparator.reverseOrder())
                .limit(LATEST)
                .toList();
    }
}
