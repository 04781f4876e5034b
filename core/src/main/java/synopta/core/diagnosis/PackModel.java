package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;

/** A pack by index, made once: what faults bring about, whatever the machine. */
final class PackModel {
    private final Pack pack;
    private final List<Finding> findings;
    private final Map<String, Integer> index = new HashMap<>();
    private final Map<String, Integer> faultIndex = new HashMap<>();
    private final double[][] leaks;
    private final double[][][] effects;
    private final double[][] causes;
    private final Constructions constructions;
    /** Of any machine: the order of its faults serves for all. */
    private final Network any;

    private final Map<Remedy, Set<Integer>> handedOver = new LinkedHashMap<>();

    PackModel(Pack pack) {
        this.pack = pack;
        constructions = new Constructions(pack);
        findings = new ArrayList<>(pack.questions());
        findings.addAll(pack.requests());
        int faults = pack.faults().size();
        for (int f = 0; f < findings.size(); f++) {
            index.put(findings.get(f).id(), f);
        }
        for (int i = 0; i < faults; i++) {
            faultIndex.put(pack.faults().get(i).id(), i);
            if (!pack.faults().get(i).isMechanism()) {
                handedOver
                        .computeIfAbsent(Remedy.of(pack.faults().get(i)), t -> new LinkedHashSet<>())
                        .add(i);
            }
        }
        leaks = findings.stream().map(PackModel::leak).toArray(double[][]::new);
        effects = new double[findings.size()][faults][];
        causes = new double[faults][];
        for (int i = 0; i < faults; i++) {
            link(i, pack.faults().get(i));
        }
        any = anyMachine();
    }

    private Network anyMachine() {
        Machine unknown = Machine.unknown();
        List<Network.Variant> variants = new MachineVariants(pack, constructions, unknown, List.of()).variants();
        return new Network(priors(unknown), leaks, effects, causes, variants);
    }

    private static double[] leak(Finding finding) {
        double[] leak =
                finding.answers().stream().mapToDouble(Finding.Answer::leak).toArray();
        leak[0] = 1 - Arrays.stream(leak).sum();
        return leak;
    }

    private void link(int i, Fault fault) {
        for (Fault.Link link : pack.links(fault)) {
            int f = index.get(link.finding());
            if (effects[f][i] == null) {
                effects[f][i] = new double[findings.get(f).answers().size()];
                effects[f][i][0] = 1;
            }
            effects[f][i][link.level(findings.get(f))] += link.strength();
            effects[f][i][0] -= link.strength();
        }
        for (Fault.Cause cause : fault.causedBy()) {
            causes[i] = causes[i] == null ? new double[pack.faults().size()] : causes[i];
            causes[i][faultIndex.get(cause.fault())] = cause.strength();
        }
    }

    /**
     * The network of what a machine with these priors may be; fuels and layouts that make no difference are one variant.
     * Shares add up to the probability of what is known of its construction.
     */
    Network network(Machine machine, double[] priors, List<Evidence> construction) {
        return any.of(priors, new MachineVariants(pack, constructions, machine, construction).variants());
    }

    /** By fault, how likely each is at the age of the machine. */
    double[] priors(Machine machine) {
        return pack.faults().stream()
                .mapToDouble(fault -> pack.prior(fault, machine.ageYears()))
                .toArray();
    }

    /** By remedy, the faults that can bring about one of the signs; all of them when there is no sign. */
    Map<Remedy, Set<Integer>> concerned(List<Evidence> signs) {
        Map<Remedy, Set<Integer>> concerned = new LinkedHashMap<>();
        handedOver.forEach((remedy, faults) -> {
            Set<Integer> able = new LinkedHashSet<>(faults);
            able.removeIf(fault -> !signs.isEmpty() && signs.stream().noneMatch(sign -> shows(fault, sign)));
            if (!able.isEmpty()) {
                concerned.put(remedy, able);
            }
        });
        return concerned;
    }

    /** These remedies with those of what causes a fault that stands out: a fuse goes again while its cause stays. */
    Map<Remedy, Set<Integer>> withCauses(Map<Remedy, Set<Integer>> concerned, double[] posterior) {
        Map<Remedy, Set<Integer>> all = new LinkedHashMap<>();
        concerned.forEach((remedy, faults) -> all.put(remedy, new LinkedHashSet<>(faults)));
        for (Set<Integer> faults : concerned.values()) {
            for (int fault : faults) {
                for (int cause = 0; causes[fault] != null && cause < causes.length; cause++) {
                    if (causes[fault][cause] > 0 && posterior[fault] >= Advisor.LIKELY) {
                        all.computeIfAbsent(Remedy.of(pack.faults().get(cause)), r -> new LinkedHashSet<>())
                                .add(cause);
                    }
                }
            }
        }
        return all;
    }

    /** These faults, and all that cause or follow from one of them. */
    Set<Integer> near(Collection<Set<Integer>> faults) {
        Set<Integer> near = new HashSet<>();
        faults.forEach(near::addAll);
        boolean grows = true;
        while (grows) {
            grows = false;
            for (int effect = 0; effect < causes.length; effect++) {
                for (int cause = 0; causes[effect] != null && cause < causes.length; cause++) {
                    boolean one = near.contains(effect) || near.contains(cause);
                    if (causes[effect][cause] > 0 && one) {
                        grows |= near.add(effect) | near.add(cause);
                    }
                }
            }
        }
        return near;
    }

    /** Whether a finding is shown by one of the faults, or as one of construction says whether it can be there. */
    boolean hasToDoWith(Finding finding, Set<Integer> faults) {
        double[][] effect = effects[index.get(finding.id())];
        return finding.isOfConstruction()
                ? constructions.bears(finding, faults)
                : faults.stream().anyMatch(fault -> effect[fault] != null);
    }

    /** Whether the fault can bring about the sign. */
    boolean shows(int fault, Evidence sign) {
        double[] effect = effects[index.get(sign.finding())][fault];
        return effect != null && effect[level(sign)] > 0;
    }

    /** The place of an answer in its finding, 0 for the clear one. */
    int level(Evidence evidence) {
        return findings.get(index.get(evidence.finding())).level(evidence.answer());
    }

    /** Whether the evidence is a sign: a telling answer that is more than a part's name. */
    boolean isSign(Evidence evidence) {
        int f = index.get(evidence.finding());
        return f < pack.questions().size() && !findings.get(f).isOfConstruction() && level(evidence) > 0;
    }

    /** Whether the evidence is of how the machine is built. */
    boolean isOfConstruction(Evidence evidence) {
        return findings.get(index.get(evidence.finding())).isOfConstruction();
    }

    /** Whether what a question takes for granted is known: when it squeals is asked once it squeals. */
    static boolean isInPlace(Finding finding, List<Evidence> evidence) {
        return finding.after().isEmpty()
                || finding.after().stream()
                        .anyMatch(before -> evidence.stream()
                                .anyMatch(e -> e.sure()
                                        && e.finding().equals(before.finding())
                                        && e.answer().equals(before.answer())));
    }

    /** Whether sure evidence leaves the finding one possible answer, or makes it needless to ask. */
    boolean isMoot(Finding finding, List<Evidence> evidence) {
        Map<String, String> known = new HashMap<>();
        for (Evidence piece : evidence) {
            if (piece.sure()) {
                known.put(piece.finding(), piece.answer());
                Finding of = findings.get(index.get(piece.finding()));
                if (of.answer(piece.answer()).moot().contains(finding.id())) {
                    return true;
                }
            }
        }
        return finding.answers().stream()
                        .filter(a -> a.implies().stream()
                                .allMatch(i -> known.getOrDefault(i.finding(), i.answer())
                                        .equals(i.answer())))
                        .count()
                < 2;
    }

    Observation observation(Evidence evidence) {
        int f = index.get(evidence.finding());
        int levels = leaks[f].length;
        if (evidence.right() == 1) {
            return Observation.at(f, levels, level(evidence));
        }
        double[] likelihoods = new double[levels];
        Arrays.fill(likelihoods, (1 - evidence.right()) / (levels - 1));
        likelihoods[level(evidence)] = evidence.right();
        return new Observation(f, likelihoods);
    }

    int index(String finding) {
        return index.get(finding);
    }

    Pack pack() {
        return pack;
    }
}
