package synopta.core.diagnosis;

import java.util.List;
import java.util.Set;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Reassurance;

/**
 * What a diagnosis is asked to weigh.
 *
 * @param evidence of several answers to one finding the last counts
 * @param notKnown findings that nobody can answer
 * @param person who would find out what is asked next
 * @param stakes what a wrong hand-over costs
 * @param doubts questions about right parts that were heard
 * @param asking whether reasons and questions are wanted; without them it is many times faster
 */
public record Inquiry(
        Machine machine,
        List<Evidence> evidence,
        Set<String> notKnown,
        Finding.Who person,
        Stakes stakes,
        List<Reassurance> doubts,
        boolean asking) {
    /** Copies. */
    public Inquiry {
        evidence = List.copyOf(evidence);
        notKnown = Set.copyOf(notKnown);
        doubts = List.copyOf(doubts);
    }

    /** This evidence, and the usual for the rest. */
    public static Inquiry of(Machine machine, List<Evidence> evidence) {
        return new Inquiry(machine, evidence, Set.of(), Finding.Who.FITTER, Stakes.NOT_KNOWN, List.of(), true);
    }

    /** The same, without reasons and questions. */
    public Inquiry unasked() {
        return new Inquiry(machine, evidence, notKnown, person, stakes, doubts, false);
    }
}
