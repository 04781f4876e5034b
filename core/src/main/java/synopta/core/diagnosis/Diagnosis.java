package synopta.core.diagnosis;

import java.util.List;

/** All suspects, likeliest first; questions, most informative a minute first; what to do now. */
public record Diagnosis(List<Suspect> suspects, List<Question> next, Advice advice) {
    /** Copies. */
    public Diagnosis {
        suspects = List.copyOf(suspects);
        next = List.copyOf(next);
    }
}
