package synopta.core.diagnosis;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.quantity.Probability;

/**
 * Sell, ask, test first or refer, by what a wrong hand-over costs against what an answer costs. A wrong part costs
 * {@value #WRONG_PART_MINUTES} minutes of people's time (a return and a second visit); a question is worth asking while
 * the part of that it saves on average exceeds its own minutes and {@value #PATIENCE_MINUTES} for the caller's patience.
 * All figures are our judgement.
 */
final class Adviser {
    static final double WRONG_PART_MINUTES = 90;
    static final double PATIENCE_MINUTES = 2;
    private static final double LIKELY = 0.5;

    private final Pack pack;
    private final Interview interview;

    Adviser(Pack pack, Interview interview) {
        this.pack = pack;
        this.interview = interview;
    }

    Advice advise(List<Suspect> suspects, List<Question> next, List<Evidence> evidence) {
        if (evidence.isEmpty()) {
            return new Advice(Advice.Action.ASK, "Nothing is known yet: ask what the machine does, or does not do.");
        }
        Map<String, Probability> parts = interview.parts();
        Optional<PartType> foremost = suspects.stream()
                .map(s -> s.fault().partType())
                .filter(parts::containsKey)
                .max(Comparator.comparing(parts::get))
                .flatMap(pack::partType);
        if (foremost.isEmpty()) {
            return new Advice(
                    Advice.Action.TEST_FIRST, "No fault that is known shows these signs: have it looked at first.");
        }
        PartType leader = foremost.get();
        double now = parts.get(leader.slug()).value();
        if (now >= LIKELY && leader.refer()) {
            return new Advice(
                    Advice.Action.REFER,
                    "The %s is work for a qualified person; the parts go to them.".formatted(leader.name()));
        }
        Optional<Question> worthIt = next.stream()
                .filter(q -> saved(q) > q.finding().minutes() + PATIENCE_MINUTES)
                .findFirst();
        if (worthIt.isPresent()) {
            Question question = worthIt.get();
            boolean asks = question.finding().who() == Finding.Who.CUSTOMER;
            return new Advice(
                    asks ? Advice.Action.ASK : Advice.Action.TEST_FIRST,
                    String.format(
                            Locale.ROOT,
                            "“%s” takes %.0f min and saves %.0f min of wrong trips on average.",
                            question.finding().question(),
                            Math.max(1, question.finding().minutes()),
                            saved(question)));
        }
        return settled(leader, now);
    }

    /** No question is worth its time any more. */
    private Advice settled(PartType leader, double now) {
        List<Finding> open = interview.unexplained(LIKELY);
        if (now < LIKELY) {
            return new Advice(
                    Advice.Action.TEST_FIRST,
                    "Nothing stands out, and no question would change that: have it looked at before selling.");
        }
        String stands = String.format(Locale.ROOT, "The %s stands at %.0f %%", leader.name(), 100 * now);
        return open.isEmpty()
                ? new Advice(Advice.Action.SELL, stands + "; no question left is worth its time.")
                : new Advice(
                        Advice.Action.TEST_FIRST,
                        "%s, but no part stands out for “%s”: have that looked at."
                                .formatted(stands, open.get(0).telling().words().toLowerCase(Locale.ROOT)));
    }

    /** Minutes of wrong trips that the answer saves on average. */
    private double saved(Question question) {
        return WRONG_PART_MINUTES * interview.expectedRise(question);
    }
}
