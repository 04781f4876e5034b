package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import synopta.core.knowledge.Pack;
import synopta.core.quantity.Probability;

/**
 * From evidence to suspects, questions and advice, for one appliance.
 *
 * <p>Posteriors are exact ({@link NoisyOr}); how the evidence moved a suspect is its log odds with all evidence less
 * those with the piece left out. Cost: one run of the network for each piece of evidence and each question.
 */
public final class Diagnoser {
    /** More telling answers than this are refused: the exact sum doubles with each. */
    public static final int MOST_TELLING = 16;
    /** Reasons that moved a suspect by less, in bits, are left out. */
    private static final double LEAST_REASON_BITS = 0.1;

    private final Pack pack;
    private final Listener listener;

    /** Diagnoses with the knowledge of this pack. */
    public Diagnoser(Pack pack) {
        this.pack = pack;
        listener = new Listener(pack);
    }

    /** The findings a complaint names in the caller's own words, and what was not understood. */
    public Hearing hear(String complaint) {
        return listener.hear(complaint);
    }

    /**
     * Diagnoses; of several answers to one finding the last counts. Refuses a finding the pack does not have, and more
     * than {@value #MOST_TELLING} telling answers.
     */
    public Diagnosis diagnose(Machine machine, List<Evidence> answers, Set<String> notKnown) {
        List<Evidence> evidence = lastOfEach(answers);
        Beliefs beliefs = new Beliefs(pack, machine);
        NoisyOr.Joint joint = beliefs.joint(evidence);
        double[] posterior = posterior(joint);
        Map<Evidence, double[]> without = new LinkedHashMap<>();
        for (Evidence piece : evidence) {
            List<Evidence> others =
                    evidence.stream().filter(e -> !e.equals(piece)).toList();
            without.put(piece, posterior(beliefs.joint(others)));
        }
        List<Suspect> suspects = IntStream.range(0, posterior.length)
                .mapToObj(i -> suspect(i, posterior[i], without))
                .sorted(Comparator.comparing(Suspect::probability)
                        .reversed()
                        .thenComparing(s -> s.fault().id()))
                .toList();
        Interview interview = new Interview(pack, beliefs, evidence, notKnown);
        List<Question> next = interview.questions();
        return new Diagnosis(
                suspects, interview.parts(), next, new Adviser(pack, interview).advise(suspects, next, evidence));
    }

    private List<Evidence> lastOfEach(List<Evidence> answers) {
        Map<String, Evidence> last = new LinkedHashMap<>();
        for (Evidence answer : answers) {
            if (pack.finding(answer.finding()).isEmpty()) {
                throw new IllegalArgumentException("Finding (%s) is not known for a %s. Ask one of those in `next`."
                        .formatted(answer.finding(), pack.appliance().slug()));
            }
            last.put(answer.finding(), answer);
        }
        if (last.values().stream().filter(Evidence::telling).count() > MOST_TELLING) {
            throw new IllegalArgumentException(
                    "More than %d signs at once cannot be weighed exactly. Strike out those that matter least."
                            .formatted(MOST_TELLING));
        }
        return new ArrayList<>(last.values());
    }

    private Suspect suspect(int i, double posterior, Map<Evidence, double[]> without) {
        List<Suspect.Reason> because = new ArrayList<>();
        without.forEach((piece, others) -> {
            double bits = logOdds(posterior) - logOdds(others[i]);
            if (Math.abs(bits) >= LEAST_REASON_BITS) {
                because.add(new Suspect.Reason(piece, bits));
            }
        });
        because.sort(Comparator.comparingDouble(r -> -Math.abs(r.weightBits())));
        return new Suspect(pack.faults().get(i), Probability.rounded(posterior), because);
    }

    static double[] posterior(NoisyOr.Joint joint) {
        double[] posterior = joint.withFault().clone();
        for (int i = 0; i < posterior.length; i++) {
            posterior[i] /= joint.evidence();
        }
        return posterior;
    }

    /** Base-2 log odds, kept finite at the ends. */
    private static double logOdds(double p) {
        double held = Math.max(1e-12, Math.min(1 - 1e-12, p));
        return Math.log(held / (1 - held)) / Math.log(2);
    }
}
