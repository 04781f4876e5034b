package synopta.core.diagnosis;

import java.util.List;
import java.util.Map;
import synopta.core.quantity.Ordered;
import synopta.core.quantity.Probability;

/**
 * What the signs point to.
 *
 * @param suspects all faults: those that have to do with the signs first, then the likeliest first
 * @param parts how likely a part type is to have a fault that can bring about a sign; part types that cannot are left out
 * @param next questions, most informative a minute first
 * @param advice what to do now
 * @param setAside evidence that was not weighed, because more of it than the limit is known
 */
public record Diagnosis(
        List<Suspect> suspects,
        Map<String, Probability> parts,
        List<Question> next,
        Advice advice,
        List<Evidence> setAside) {
    /** Copies. */
    public Diagnosis {
        suspects = List.copyOf(suspects);
        parts = Ordered.map(parts);
        next = List.copyOf(next);
        setAside = List.copyOf(setAside);
    }

    /** The same where everything stops: nothing is asked any more. */
    public Diagnosis stopped(String what) {
        return new Diagnosis(suspects, parts, List.of(), Advice.stop(what), setAside);
    }
}
