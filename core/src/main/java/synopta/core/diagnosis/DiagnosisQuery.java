package synopta.core.diagnosis;

import java.util.List;
import java.util.Set;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.StandardAnswer;
import synopta.core.quantity.Ordered;

/**
 * What a diagnosis is asked to weigh.
 *
 * @param machine machine that is diagnosed
 * @param evidence of several answers to one finding the last counts
 * @param notKnown findings that nobody can answer
 * @param person who would find out what is asked next
 * @param costs what a wrong hand-over costs
 * @param doubts questions about right parts that were heard
 * @param asking whether reasons and questions are wanted; without them it is many times faster
 */
public record DiagnosisQuery(
        Machine machine,
        List<Evidence> evidence,
        Set<String> notKnown,
        Finding.Who person,
        DecisionCosts costs,
        List<StandardAnswer> doubts,
        boolean asking) {
    /** Copies. */
    public DiagnosisQuery {
        evidence = List.copyOf(evidence);
        notKnown = Ordered.set(notKnown);
        doubts = List.copyOf(doubts);
    }

    /** This evidence, and the usual for the rest. */
    public static DiagnosisQuery of(Machine machine, List<Evidence> evidence) {
        return new DiagnosisQuery(
                machine, evidence, Set.of(), Finding.Who.TECHNICIAN, DecisionCosts.NOT_KNOWN, List.of(), true);
    }

    /** The same, what a wrong hand-over costs being known. */
    public DiagnosisQuery weighing(DecisionCosts known) {
        return new DiagnosisQuery(machine, evidence, notKnown, person, known, doubts, asking);
    }

    /** The same, without reasons and questions. */
    public DiagnosisQuery withoutQuestions() {
        return new DiagnosisQuery(machine, evidence, notKnown, person, costs, doubts, false);
    }
}
