package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.LifeCurve;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;

/**
 * The pack as networks, one for each fuel and layout the machine may have, weighted by how often they are met. Faults a
 * machine of that fuel and layout cannot have are taken out. With the age known, a fault's prior grows with the hazard
 * of its part type's life curve: p(age) = p h(age) / h(reference age), kept between 0.0005 and 0.6 (our judgement).
 */
final class Beliefs {
    private static final double LEAST = 0.0005;
    private static final double MOST = 0.6;

    /** A network and its share; the shares add up to 1. */
    private record Weighted(double share, NoisyOr.Network network) {}

    private final List<Weighted> networks = new ArrayList<>();
    private final Map<String, Integer> index = new HashMap<>();
    private final List<Finding> findings;
    private final Map<String, Set<Integer>> byPartType = new LinkedHashMap<>();

    Beliefs(Pack pack, Machine machine) {
        findings = new ArrayList<>(pack.findings());
        pack.tests().stream().map(MeterTest::finding).forEach(findings::add);
        for (int f = 0; f < findings.size(); f++) {
            index.put(findings.get(f).id(), f);
        }
        for (int i = 0; i < pack.faults().size(); i++) {
            byPartType
                    .computeIfAbsent(pack.faults().get(i).partType(), t -> new LinkedHashSet<>())
                    .add(i);
        }
        double[] leaks = findings.stream().mapToDouble(Finding::leak).toArray();
        double[][] strengths = strengths(pack);
        for (Layout layout : pack.layouts()) {
            if (machine.layout().map(l -> !l.equals(layout.id())).orElse(false)) {
                continue;
            }
            for (Map.Entry<Fuel, Double> fuel : pack.fuelShares().entrySet()) {
                if (machine.fuels().contains(fuel.getKey()) && fuel.getValue() > 0) {
                    double[] priors = pack.faults().stream()
                            .mapToDouble(fault -> layout.allows(fault, fuel.getKey()) ? prior(pack, fault, machine) : 0)
                            .toArray();
                    networks.add(new Weighted(
                            layout.share() * fuel.getValue(), new NoisyOr.Network(priors, leaks, strengths)));
                }
            }
        }
        double all = networks.stream().mapToDouble(Weighted::share).sum();
        networks.replaceAll(w -> new Weighted(w.share / all, w.network));
        if (networks.isEmpty()) {
            throw new IllegalArgumentException("No %s of layout %s burns %s; check the layout and the fuel."
                    .formatted(pack.appliance().slug(), machine.layout().orElse("any"), machine.fuels()));
        }
    }

    private double[][] strengths(Pack pack) {
        double[][] strengths = new double[findings.size()][pack.faults().size()];
        for (int i = 0; i < pack.faults().size(); i++) {
            Fault fault = pack.faults().get(i);
            for (Fault.Link link : fault.shows()) {
                strengths[index.get(link.finding())][i] = link.strength();
            }
            for (MeterTest test : pack.tests()) {
                if (test.finds().contains(fault.id())) {
                    strengths[index.get(test.finding().id())][i] = test.strength();
                }
            }
        }
        return strengths;
    }

    private static double prior(Pack pack, Fault fault, Machine machine) {
        if (machine.ageYears().isEmpty()) {
            return fault.prior();
        }
        LifeCurve life = pack.partType(fault.partType()).orElseThrow().life();
        double ratio = life.hazardPerYear(Math.max(0.5, machine.ageYears().getAsDouble()))
                / life.hazardPerYear(Pack.REFERENCE_AGE_YEARS);
        return Math.max(LEAST, Math.min(MOST, fault.prior() * ratio));
    }

    /** By part type, its faults that can bring about one of the signs; all of them when there is no sign. */
    Map<String, Set<Integer>> concerned(List<Evidence> signs) {
        double[][] strengths = networks.get(0).network.strengths();
        Map<String, Set<Integer>> concerned = new LinkedHashMap<>();
        byPartType.forEach((partType, faults) -> {
            Set<Integer> able = new LinkedHashSet<>(faults);
            able.removeIf(fault -> !signs.isEmpty()
                    && signs.stream().noneMatch(sign -> strengths[index.get(sign.finding())][fault] > 0));
            if (!able.isEmpty()) {
                concerned.put(partType, able);
            }
        });
        return concerned;
    }

    List<Finding> findings() {
        return findings;
    }

    /** Joint probabilities of the evidence and each fault, averaged over what the machine may be. */
    NoisyOr.Joint joint(List<Evidence> evidence) {
        return averaged(runs(evidence));
    }

    private NoisyOr.Joint averaged(List<NoisyOr> runs) {
        double[] withFault = new double[networks.get(0).network.priors().length];
        double total = 0;
        for (int run = 0; run < runs.size(); run++) {
            NoisyOr.Joint joint = runs.get(run).joint();
            total += networks.get(run).share * joint.evidence();
            for (int i = 0; i < withFault.length; i++) {
                withFault[i] += networks.get(run).share * joint.withFault()[i];
            }
        }
        return new NoisyOr.Joint(total, withFault);
    }

    /** Joint probabilities of the evidence and of each set of faults holding at least one that is present. */
    NoisyOr.Joint jointOfAny(List<Evidence> evidence, Collection<Set<Integer>> sets) {
        List<NoisyOr> runs = runs(evidence);
        NoisyOr.Joint faults = averaged(runs);
        double[] withAny = new double[sets.size()];
        int next = 0;
        for (Set<Integer> set : sets) {
            double without = 0;
            for (int run = 0; run < runs.size() && set.size() > 1; run++) {
                without += networks.get(run).share * runs.get(run).evidenceWithout(set);
            }
            int only = set.iterator().next();
            withAny[next++] = set.size() > 1 ? faults.evidence() - without : faults.withFault()[only];
        }
        return new NoisyOr.Joint(faults.evidence(), withAny);
    }

    private List<NoisyOr> runs(List<Evidence> evidence) {
        List<Integer> telling = new ArrayList<>();
        List<Integer> clear = new ArrayList<>();
        evidence.forEach(e -> (e.telling() ? telling : clear).add(index.get(e.finding())));
        return networks.stream()
                .map(w -> new NoisyOr(w.network, telling, clear))
                .toList();
    }
}
