package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;
import synopta.core.quantity.Probability;

/**
 * Which question to ask next. What matters is what would be handed over: the uncertainty of a case is the sum, over the
 * remedies (part types, and cures without a part), of the entropy of any fault standing that asks for it and can bring
 * about a sign that was given, or causes what stands out (any such fault while there is no sign). What nobody complains
 * of, and what has nothing to do with it, is not asked after. A question's expected gain is by how much its answer lowers
 * that sum on average (Lindley 1956, for each remedy), and the order is gain a minute. What the person may not find out is
 * never asked, nor, once every sign is settled, what would change no hand-over. The joint with an answer is the joint with
 * it or a lower one less that with a lower one. Cost: one inference for each answer but the last.
 */
final class QuestionSelector {
    /** Gains below this, in bits, are noise to a person; our judgment. */
    private static final double WORTH_ASKING_BITS = 0.02;

    /** Below this rise in probability an answer speaks for nothing; our judgment: half a percent is not shown. */
    private static final double LEAST_RISE = 0.005;

    /** From here on a sign is settled: the trade asks on while there is any real doubt. */
    private static final double SETTLED = 0.99;

    /** Answers that are seldomer are not reckoned with once what to hand over is settled. */
    private static final double SELDOM = 0.02;

    /** So many questions carry what each answer would make of the faults. */
    private static final int FORESEEN = 3;

    private final Pack pack;
    private final Posterior posterior;
    private final List<Evidence> evidence;
    private final List<Remedy> remedies;
    private final Posterior.Joint joint;
    private final double[] now;
    private final List<Split> splits;
    private final List<Sign> signs = new ArrayList<>();

    /**
     * A sign that was given, and the remedies of what can bring it about.
     *
     * @param parts places in the list of remedies
     */
    record Sign(Evidence evidence, List<Integer> parts) {}

    /** An answer, how likely it is, and what the remedies would then stand at. */
    record Branch(double probability, double[] parts) {}

    /** What may still be asked of this person and could tell something of these faults. */
    private List<Finding> open(PackModel model, DiagnosisQuery inquiry, Set<Integer> near) {
        if (!inquiry.asking()) {
            return List.of();
        }
        return pack.questions().stream()
                .filter(f -> !inquiry.notKnown().contains(f.id()))
                .filter(f ->
                        evidence.stream().noneMatch(e -> e.sure() && e.finding().equals(f.id())))
                .filter(f -> inquiry.person().may(f.who()))
                .filter(f -> PackModel.isInPlace(f, evidence))
                .filter(f -> !model.isMoot(f, evidence))
                .filter(f -> model.hasToDoWith(f, near))
                .toList();
    }

    /** Over what the evidence makes of the network, which is inferred already. */
    QuestionSelector(
            PackModel model, Posterior posterior, DiagnosisQuery inquiry, List<Evidence> evidence, Inference known) {
        pack = model.pack();
        this.posterior = posterior;
        this.evidence = evidence;
        List<Evidence> given = evidence.stream().filter(model::isSign).toList();
        Map<Remedy, Set<Integer>> showing = posterior.concerned(given);
        double[] faults = Posterior.joint(known, List.of()).faults();
        Map<Remedy, Set<Integer>> concerned = given.isEmpty() ? showing : model.withCauses(showing, faults);
        remedies = List.copyOf(concerned.keySet());
        for (Evidence sign : given) {
            Set<Remedy> able = posterior.concerned(List.of(sign)).keySet();
            signs.add(new Sign(sign, able.stream().map(remedies::indexOf).toList()));
        }
        joint = Posterior.joint(known, concerned.values());
        now = joint.parts();
        boolean identified = isSettled();
        splits = open(model, inquiry, model.near(concerned.values())).stream()
                .map(f -> split(f, posterior.byAnswer(joint, evidence, f, concerned.values())))
                .filter(s -> s.gain >= WORTH_ASKING_BITS)
                .filter(s -> !identified || s.branches.stream().anyMatch(this::changes))
                .sorted(Comparator.comparingDouble((Split s) -> -s.gain / s.finding.minutes())
                        .thenComparing(s -> s.finding.id()))
                .toList();
    }

    /** Whether for every sign some remedy is as good as certain. */
    private boolean isSettled() {
        return !signs.isEmpty()
                && signs.stream().allMatch(s -> s.parts.stream().anyMatch(part -> now[part] >= SETTLED));
    }

    /** Whether an answer that may well be given would change what is handed over. */
    private boolean changes(Branch branch) {
        boolean other = false;
        for (int part = 0; part < now.length; part++) {
            other |= now[part] >= Advisor.LIKELY != branch.parts[part] >= Advisor.LIKELY;
        }
        return other && branch.probability >= SELDOM;
    }

    /** A finding, what each answer makes of the remedies, and by how much that is less uncertain on average. */
    record Split(Finding finding, List<Branch> branches, double gain) {}

    private Split split(Finding finding, List<Posterior.Joint> byAnswer) {
        List<Branch> split = byAnswer.stream()
                .map(j -> new Branch(j.known() / joint.known(), j.parts()))
                .toList();
        double gain = entropyBits(now)
                - split.stream()
                        .mapToDouble(b -> b.probability * entropyBits(b.parts))
                        .sum();
        return new Split(finding, split, gain);
    }

    private Question question(Split split, Function<String, Map<String, Double>> foreseen) {
        List<OptionalInt> risen = split.branches.stream().map(this::mostRisen).toList();
        boolean tells = risen.stream().distinct().count() > 1;
        List<Question.Outcome> outcomes = new ArrayList<>();
        for (int a = 0; a < risen.size(); a++) {
            String answer = split.finding.answers().get(a).slug();
            double probability = split.branches.get(a).probability;
            outcomes.add(new Question.Outcome(
                    answer,
                    probability,
                    tells && risen.get(a).isPresent() ? name(risen.get(a).getAsInt()) : null,
                    probability > 0 ? foreseen.apply(answer) : Map.of()));
        }
        return new Question(split.finding, split.gain, outcomes);
    }

    private Map<String, Double> faults(double[] posterior) {
        Map<String, Double> faults = new HashMap<>();
        List<Fault> all = pack.faults();
        for (int i = 0; i < posterior.length; i++) {
            faults.put(all.get(i).id(), posterior[i]);
        }
        return faults;
    }

    /** What can be asked, most informative a minute first. */
    List<Split> splits() {
        return splits;
    }

    /** The questions, the advised one first: what is advised and what is asked are one. */
    List<Question> questions(@Nullable String advised) {
        List<Split> ordered = new ArrayList<>(splits);
        splits.stream()
                .filter(s -> Objects.equals(advised, s.finding.id()))
                .findFirst()
                .ifPresent(split -> {
                    ordered.remove(split);
                    ordered.add(0, split);
                });
        List<Question> questions = new ArrayList<>();
        for (Split split : ordered) {
            Function<String, Map<String, Double>> foreseen = questions.size() < FORESEEN
                    ? answer -> faults(posterior.ifAnswered(evidence, split.finding, answer))
                    : answer -> Map.of();
            questions.add(question(split, foreseen));
        }
        return questions;
    }

    List<Sign> signs() {
        return signs;
    }

    Remedy remedy(int part) {
        return remedies.get(part);
    }

    /** Of the faults with a remedy the likeliest. */
    Fault likeliestFault(int part) {
        double[] faults = joint.faults();
        int best = -1;
        for (int i = 0; i < faults.length; i++) {
            boolean its = Remedy.of(pack.faults().get(i)).equals(remedies.get(part));
            best = its && (best < 0 || faults[i] > faults[best]) ? i : best;
        }
        return pack.faults().get(best);
    }

    /** What each remedy stands at now. */
    double[] now() {
        return now;
    }

    /** How likely each part type is to have a fault that can bring about what was complained of. */
    Map<String, Probability> parts() {
        Map<String, Probability> parts = new LinkedHashMap<>();
        for (int i = 0; i < now.length; i++) {
            if (!remedies.get(i).nothing()) {
                parts.put(remedies.get(i).partType(), Probability.rounded(now[i]));
            }
        }
        return parts;
    }

    private String name(int part) {
        if (!remedies.get(part).nothing()) {
            return pack.partType(remedies.get(part).partType()).orElseThrow().name();
        }
        String fault = likeliestFault(part).name();
        return fault.substring(0, 1).toLowerCase(Locale.ROOT) + fault.substring(1);
    }

    /** The remedy that an answer makes likelier by the most; none when it moves nothing that a person would see. */
    private OptionalInt mostRisen(Branch branch) {
        int most = 0;
        for (int i = 1; i < now.length; i++) {
            if (branch.parts[i] - now[i] > branch.parts[most] - now[most]) {
                most = i;
            }
        }
        return branch.parts[most] - now[most] < LEAST_RISE ? OptionalInt.empty() : OptionalInt.of(most);
    }

    private static double entropyBits(double[] posterior) {
        double bits = 0;
        for (double p : posterior) {
            bits += p > 0 && p < 1 ? -(p * Math.log(p) + (1 - p) * Math.log1p(-p)) / Math.log(2) : 0;
        }
        return bits;
    }
}
