package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;
import synopta.core.quantity.Probability;

/**
 * Which question to ask next. What matters is what would be handed over: the uncertainty of a case is the sum, over
 * the part types, of the entropy of the part having any fault that can bring about a sign that was given (any fault at
 * all while there is no sign). What nobody complains of is not asked after. A question's expected gain is by how much
 * its answer lowers that sum on average (Lindley 1956, for each part type), and the order is gain a minute. What only a
 * licensed person may find out is never asked. The joint with the telling answer is the joint without the question less
 * that with the clear answer. Cost: one run of the network a question, and one more for each part type of several faults.
 */
final class Interview {
    /** Gains below this, in bits, are noise to a person; our judgement. */
    private static final double WORTH_ASKING_BITS = 0.02;

    private final Pack pack;
    private final List<String> partTypes;
    private final double[] now;
    private final List<Question> questions = new ArrayList<>();
    private final Map<String, Split> splits = new HashMap<>();
    private final List<Sign> signs = new ArrayList<>();

    /**
     * A sign that was given, and the part types that can bring it about.
     *
     * @param parts places in the list of part types
     */
    private record Sign(Finding finding, List<Integer> parts) {}

    /** A question with the posteriors that each answer would bring. */
    private record Split(double tellingShare, double[] ifTelling, double[] ifClear) {}

    Interview(Pack pack, Beliefs beliefs, List<Evidence> evidence, Set<String> notKnown) {
        this.pack = pack;
        List<Evidence> given = evidence.stream().filter(Evidence::telling).toList();
        Map<String, Set<Integer>> concerned = beliefs.concerned(given);
        partTypes = List.copyOf(concerned.keySet());
        for (Evidence sign : given) {
            Set<String> able = beliefs.concerned(List.of(sign)).keySet();
            signs.add(new Sign(
                    pack.finding(sign.finding()).orElseThrow(),
                    able.stream().map(partTypes::indexOf).toList()));
        }
        NoisyOr.Joint joint = beliefs.jointOfAny(evidence, concerned.values());
        now = Diagnoser.posterior(joint);
        double uncertain = entropyBits(now);
        for (Finding finding : beliefs.findings()) {
            boolean known = notKnown.contains(finding.id())
                    || evidence.stream().anyMatch(e -> e.finding().equals(finding.id()));
            if (known || finding.who() == Finding.Who.LICENSED) {
                continue;
            }
            List<Evidence> more = new ArrayList<>(evidence);
            more.add(new Evidence(finding.id(), false));
            Split split = split(joint, beliefs.jointOfAny(more, concerned.values()));
            double gain = uncertain
                    - split.tellingShare * entropyBits(split.ifTelling)
                    - (1 - split.tellingShare) * entropyBits(split.ifClear);
            if (gain >= WORTH_ASKING_BITS) {
                splits.put(finding.id(), split);
                questions.add(new Question(finding, gain, tells(split)));
            }
        }
        questions.sort(Comparator.comparingDouble(
                        (Question q) -> -q.expectedGainBits() / q.finding().minutes())
                .thenComparing(q -> q.finding().id()));
    }

    List<Question> questions() {
        return questions;
    }

    /** How likely each part type is to have a fault that can bring about what was complained of. */
    Map<String, Probability> parts() {
        Map<String, Probability> parts = new LinkedHashMap<>();
        for (int i = 0; i < now.length; i++) {
            parts.put(partTypes.get(i), Probability.rounded(now[i]));
        }
        return parts;
    }

    /** Signs that no part type is likelier than not to have brought about. */
    List<Finding> unexplained(double likely) {
        return signs.stream()
                .filter(s -> best(s, now) < likely)
                .map(Sign::finding)
                .toList();
    }

    /** By how much the likeliest part type behind some sign will stand higher on average once the question is answered. */
    double expectedRise(Question question) {
        Split split = splits.get(question.finding().id());
        return signs.stream()
                .mapToDouble(sign -> split.tellingShare * best(sign, split.ifTelling)
                        + (1 - split.tellingShare) * best(sign, split.ifClear)
                        - best(sign, now))
                .max()
                .orElse(0);
    }

    private static double best(Sign sign, double[] posterior) {
        return sign.parts.stream().mapToDouble(part -> posterior[part]).max().orElse(0);
    }

    private static Split split(NoisyOr.Joint now, NoisyOr.Joint clear) {
        double telling = Math.max(0, now.evidence() - clear.evidence());
        double[] ifTelling = new double[now.withFault().length];
        for (int i = 0; i < ifTelling.length; i++) {
            ifTelling[i] =
                    telling > 0 ? Math.max(0, Math.min(1, (now.withFault()[i] - clear.withFault()[i]) / telling)) : 0;
        }
        return new Split(telling / now.evidence(), ifTelling, Diagnoser.posterior(clear));
    }

    private Optional<Question.Tells> tells(Split split) {
        int telling = mostRisen(split.ifTelling);
        int clear = mostRisen(split.ifClear);
        return telling == clear ? Optional.empty() : Optional.of(new Question.Tells(name(telling), name(clear)));
    }

    private String name(int part) {
        return pack.partType(partTypes.get(part)).orElseThrow().name();
    }

    private int mostRisen(double[] after) {
        int most = 0;
        for (int i = 1; i < after.length; i++) {
            if (after[i] - now[i] > after[most] - now[most]) {
                most = i;
            }
        }
        return most;
    }

    private static double entropyBits(double[] posterior) {
        double bits = 0;
        for (double p : posterior) {
            bits += p > 0 && p < 1 ? -(p * Math.log(p) + (1 - p) * Math.log1p(-p)) / Math.log(2) : 0;
        }
        return bits;
    }
}
