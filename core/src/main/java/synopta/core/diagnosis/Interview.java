package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;

/**
 * Which question to ask next. The uncertainty of a case is the sum of the entropies of the posteriors of those faults
 * that can bring about a sign that was given (of all faults while there is no sign): what nobody complains of is not
 * asked after. A question's expected gain is by how much its answer lowers that sum on average (Lindley 1956, for each fault), and
 * the order is gain a minute. What only a licensed person may find out is never asked. The joint with the telling
 * answer is the joint without the question less that with the clear answer. Cost: one run of the network a question.
 */
final class Interview {
    /** Gains below this, in bits, are noise to a person; our judgement. */
    private static final double WORTH_ASKING_BITS = 0.02;

    private final Pack pack;
    private final List<Question> questions = new ArrayList<>();
    private final List<Split> splits = new ArrayList<>();
    private final boolean[] concerned;

    /** A question with the posteriors that each answer would bring. */
    private record Split(String finding, double tellingShare, double[] ifTelling, double[] ifClear) {}

    Interview(Pack pack, Beliefs beliefs, List<Evidence> evidence, Set<String> notKnown, NoisyOr.Joint now) {
        this.pack = pack;
        concerned =
                beliefs.ableToShow(evidence.stream().filter(Evidence::telling).toList());
        double uncertain = entropyBits(Diagnoser.posterior(now));
        for (Finding finding : beliefs.findings()) {
            boolean known = notKnown.contains(finding.id())
                    || evidence.stream().anyMatch(e -> e.finding().equals(finding.id()));
            if (known || finding.who() == Finding.Who.LICENSED) {
                continue;
            }
            List<Evidence> more = new ArrayList<>(evidence);
            more.add(new Evidence(finding.id(), false));
            Split split = split(finding.id(), now, beliefs.joint(more));
            double gain = uncertain
                    - split.tellingShare * entropyBits(split.ifTelling)
                    - (1 - split.tellingShare) * entropyBits(split.ifClear);
            if (gain >= WORTH_ASKING_BITS) {
                splits.add(split);
                questions.add(new Question(finding, gain, tells(split, Diagnoser.posterior(now))));
            }
        }
        questions.sort(Comparator.comparingDouble(
                        (Question q) -> -q.expectedGainBits() / q.finding().minutes())
                .thenComparing(q -> q.finding().id()));
    }

    List<Question> questions() {
        return questions;
    }

    /** How likely the likeliest fault will be on average once the question is answered. */
    double expectedLeader(Question question) {
        Split split = splits.stream()
                .filter(s -> s.finding.equals(question.finding().id()))
                .findFirst()
                .orElseThrow();
        return split.tellingShare * most(split.ifTelling) + (1 - split.tellingShare) * most(split.ifClear);
    }

    private static Split split(String finding, NoisyOr.Joint now, NoisyOr.Joint clear) {
        double telling = Math.max(0, now.evidence() - clear.evidence());
        double[] ifTelling = new double[now.withFault().length];
        for (int i = 0; i < ifTelling.length; i++) {
            ifTelling[i] =
                    telling > 0 ? Math.max(0, Math.min(1, (now.withFault()[i] - clear.withFault()[i]) / telling)) : 0;
        }
        return new Split(finding, telling / now.evidence(), ifTelling, Diagnoser.posterior(clear));
    }

    private Optional<Question.Tells> tells(Split split, double[] now) {
        int telling = mostRisen(split.ifTelling, now);
        int clear = mostRisen(split.ifClear, now);
        return telling == clear
                ? Optional.empty()
                : Optional.of(new Question.Tells(
                        pack.faults().get(telling).name(),
                        pack.faults().get(clear).name()));
    }

    private int mostRisen(double[] after, double[] now) {
        int most = 0;
        for (int i = 1; i < after.length; i++) {
            boolean more = after[i] - now[i] > after[most] - now[most];
            if (concerned[i] && (more || !concerned[most])) {
                most = i;
            }
        }
        return most;
    }

    private static double most(double[] posterior) {
        double most = 0;
        for (double p : posterior) {
            most = Math.max(most, p);
        }
        return most;
    }

    private double entropyBits(double[] posterior) {
        double bits = 0;
        for (int i = 0; i < posterior.length; i++) {
            double p = posterior[i];
            bits += concerned[i] && p > 0 && p < 1 ? -(p * Math.log(p) + (1 - p) * Math.log1p(-p)) / Math.log(2) : 0;
        }
        return bits;
    }
}
