package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntPredicate;
import synopta.core.knowledge.Finding;

/**
 * What a pack makes one machine believe. With the age known, a fault's prior grows with the hazard of its part type's
 * life curve: p(age) = p h(age) / h(reference age), kept between 0.0005 and 0.6 (our judgment).
 */
final class Posterior {
    private final PackModel model;
    private final Machine machine;
    private final double[] priors;
    private final Map<List<Evidence>, Network> networks = new ConcurrentHashMap<>();

    Posterior(PackModel model, Machine machine) {
        this.model = model;
        this.machine = machine;
        priors = model.priors(machine);
    }

    /** The network of the constructions that the evidence leaves. */
    private Network network(List<Evidence> evidence) {
        return networks.computeIfAbsent(
                evidence.stream().filter(model::isOfConstruction).toList(),
                built -> model.network(machine, priors, built));
    }

    /**
     * The evidence that can be computed exactly together, and what is not considered: where its states would be more than the
     * limit, that which surprises least alone, as it tells least.
     */
    record Selection(List<Evidence> kept, List<Evidence> aside) {}

    Selection select(List<Evidence> evidence, int mostStates) {
        List<Evidence> kept = new ArrayList<>(evidence);
        List<Evidence> aside = new ArrayList<>();
        if (states(kept) > mostStates) {
            List<Evidence> dullest = evidence.stream()
                    .filter(e -> states(List.of(e)) > 1)
                    .sorted(Comparator.comparingDouble(e -> -infer(List.of(e)).known()))
                    .toList();
            for (int i = 0; states(kept) > mostStates; i++) {
                kept.remove(dullest.get(i));
                aside.add(dullest.get(i));
            }
        }
        return new Selection(kept, aside);
    }

    private long states(List<Evidence> evidence) {
        long states = 1;
        for (Evidence piece : evidence) {
            states = Math.min(
                    Long.MAX_VALUE / 8,
                    states
                            * (model.isOfConstruction(piece)
                                    ? 1
                                    : model.observation(piece).classes().length));
        }
        return states;
    }

    private List<Observation> observations(List<Evidence> evidence) {
        return evidence.stream()
                .filter(e -> !model.isOfConstruction(e))
                .map(model::observation)
                .toList();
    }

    Inference infer(List<Evidence> evidence) {
        return infer(evidence, fault -> true);
    }

    private Inference infer(List<Evidence> evidence, IntPredicate wanted) {
        return new Inference(network(evidence), observations(evidence), wanted);
    }

    /** With it known besides that a finding is at this level or a lower one. */
    private Inference infer(List<Evidence> evidence, int finding, int level, IntPredicate wanted) {
        Network network = network(evidence);
        Observation upTo = Observation.upTo(finding, network.leaks()[finding].length, level);
        List<Observation> all = new ArrayList<>();
        boolean met = false;
        for (Observation observation : observations(evidence)) {
            boolean same = observation.finding() == finding;
            all.add(same ? observation.and(upTo) : observation);
            met |= same;
        }
        if (!met) {
            all.add(upTo);
        }
        return new Inference(network, all, wanted);
    }

    /** Joint probabilities: of what is known, with each fault, and with any fault of each part type. */
    record Joint(double known, double[] withFault, double[] withPart) {
        Joint less(Joint other) {
            return new Joint(
                    Math.max(0, known - other.known), less(withFault, other.withFault), less(withPart, other.withPart));
        }

        private static double[] less(double[] a, double[] b) {
            double[] less = new double[a.length];
            for (int i = 0; i < a.length; i++) {
                less[i] = Math.max(0, a[i] - b[i]);
            }
            return less;
        }

        Joint partsOnly() {
            return new Joint(known, new double[0], withPart);
        }

        double[] faults() {
            return shares(withFault);
        }

        double[] parts() {
            return shares(withPart);
        }

        private double[] shares(double[] joint) {
            double[] shares = new double[joint.length];
            for (int i = 0; i < joint.length; i++) {
                shares[i] = known > 0 ? Math.min(1, joint[i] / known) : 0;
            }
            return shares;
        }
    }

    static Joint joint(Inference inference, Collection<Set<Integer>> parts) {
        return new Joint(inference.known(), inference.withFault(), inference.withAny(parts));
    }

    /** What the faults stand at with an answer. */
    double[] ifAnswered(List<Evidence> evidence, Finding finding, String answer) {
        List<Evidence> others =
                evidence.stream().filter(e -> !e.finding().equals(finding.id())).toList();
        return joint(infer(with(others, Evidence.of(finding.id(), answer))), List.of())
                .faults();
    }

    /** The joint with each answer of a finding, parts only; `now` is that with the evidence alone. */
    List<Joint> byAnswer(Joint now, List<Evidence> evidence, Finding finding, Collection<Set<Integer>> parts) {
        Set<Integer> all = new HashSet<>();
        parts.forEach(all::addAll);
        if (finding.isOfConstruction()) {
            return finding.answers().stream()
                    .map(answer -> ofParts(
                            infer(with(evidence, Evidence.of(finding.id(), answer.slug())), all::contains), parts))
                    .toList();
        }
        int f = model.index(finding.id());
        int levels = finding.answers().size();
        List<Joint> joints = new ArrayList<>();
        Joint below = null;
        for (int level = 0; level < levels; level++) {
            Joint upTo =
                    level == levels - 1 ? now.partsOnly() : ofParts(infer(evidence, f, level, all::contains), parts);
            joints.add(below == null ? upTo : upTo.less(below));
            below = upTo;
        }
        return joints;
    }

    private static Joint ofParts(Inference inference, Collection<Set<Integer>> parts) {
        return new Joint(inference.known(), new double[0], inference.withAny(parts));
    }

    private static List<Evidence> with(List<Evidence> evidence, Evidence more) {
        List<Evidence> all = new ArrayList<>(evidence);
        all.add(more);
        return all;
    }

    Map<Remedy, Set<Integer>> concerned(List<Evidence> signs) {
        return model.concerned(signs);
    }
}
