package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;

/**
 * What a machine may be: its layout and fuel, and in each the kinds of which it is exactly one. Fuels and layouts that
 * make no difference are one variant. Shares add up to the probability of what is known of the construction.
 */
final class MachineVariants {
    private final Pack pack;
    private final Machine machine;
    private final List<Evidence> construction;
    private final Map<Built, Double> shares = new LinkedHashMap<>();
    private double all;

    /** The faults a machine can have: of itself, and by its kind. */
    private record Built(List<Boolean> allowed, List<Network.Choice> choices) {}

    /**
     * Begins with none.
     *
     * @param construction what is known of how it is built
     */
    MachineVariants(Pack pack, Machine machine, List<Evidence> construction) {
        this.pack = pack;
        this.machine = machine;
        this.construction = construction;
    }

    /** All that it may be; refuses a layout that the fuel excludes. */
    List<Network.Variant> variants() {
        for (Layout layout : pack.layouts()) {
            if (machine.layout() == null || machine.layout().equals(layout.id())) {
                burnt(layout).forEach(fuel -> add(layout, fuel));
            }
        }
        if (shares.isEmpty()) {
            throw new IllegalArgumentException("No %s of construction %s uses %s. Check the construction and the fuel."
                    .formatted(
                            pack.appliance().slug(),
                            Objects.requireNonNullElse(machine.layout(), "any"),
                            machine.fuels()));
        }
        List<Network.Variant> variants = new ArrayList<>();
        shares.forEach((built, share) -> {
            boolean[] allowed = new boolean[built.allowed.size()];
            for (int i = 0; i < allowed.length; i++) {
                allowed[i] = built.allowed.get(i);
            }
            variants.add(new Network.Variant(share / all, allowed, built.choices));
        });
        return variants;
    }

    private List<Fuel> burnt(Layout layout) {
        return pack.fuelShares().entrySet().stream()
                .filter(fuel -> fuel.getValue() > 0)
                .map(Map.Entry::getKey)
                .filter(fuel -> layout.fuels().contains(fuel) && machine.fuels().contains(fuel))
                .toList();
    }

    private void add(Layout layout, Fuel fuel) {
        double prior = layout.share() * pack.fuelShares().get(fuel);
        all += prior;
        List<Boolean> allowed = new ArrayList<>(
                pack.faults().stream().map(fault -> layout.allows(fault, fuel)).toList());
        Map<String, Map<Integer, Set<String>>> hanging = hanging(layout, fuel);
        List<Network.Choice> choices = new ArrayList<>();
        double share = prior;
        for (Finding finding : forks()) {
            List<Network.Kind> kinds = kinds(weights(layout, finding), hanging.getOrDefault(finding.id(), Map.of()));
            if (kinds.size() > 1) {
                choices.add(new Network.Choice(finding.id(), kinds));
            } else {
                kinds.forEach(kind -> kind.absent().forEach(fault -> allowed.set(fault, false)));
                share *= kinds.stream().mapToDouble(Network.Kind::share).sum();
            }
        }
        shares.merge(new Built(allowed, choices), share, Double::sum);
    }

    private List<Finding> forks() {
        return pack.findings().stream().filter(Finding::isOfConstruction).toList();
    }

    /** By fork, the faults that only some kinds can have, with the answers of those kinds. */
    private Map<String, Map<Integer, Set<String>>> hanging(Layout layout, Fuel fuel) {
        Map<String, Map<Integer, Set<String>>> hanging = new TreeMap<>();
        for (int i = 0; i < pack.faults().size(); i++) {
            List<Layout.Place> places = layout.placesOf(pack.faults().get(i), fuel);
            if (places.stream().noneMatch(place -> place.kind() == null)) {
                for (Layout.Place place : places) {
                    hanging.computeIfAbsent(place.kind().finding(), f -> new TreeMap<>())
                            .computeIfAbsent(i, f -> new TreeSet<>())
                            .addAll(place.kind().answers());
                }
            }
        }
        return hanging;
    }

    /** By which faults a kind cannot have, those that can be told apart; with their shares. */
    private static List<Network.Kind> kinds(Map<String, Double> weights, Map<Integer, Set<String>> hanging) {
        Map<Set<Integer>, Double> kinds = new LinkedHashMap<>();
        weights.forEach((answer, weight) -> {
            Set<Integer> absent = hanging.entrySet().stream()
                    .filter(fault -> !fault.getValue().contains(answer))
                    .map(Map.Entry::getKey)
                    .collect(Collectors.toCollection(TreeSet::new));
            if (weight > 0) {
                kinds.merge(absent, weight, Double::sum);
            }
        });
        return kinds.entrySet().stream()
                .map(kind -> new Network.Kind(kind.getValue(), kind.getKey()))
                .toList();
    }

    /** By answer: its share in the layout times the probability of what is known of it. */
    private Map<String, Double> weights(Layout layout, Finding finding) {
        int count = finding.answers().size();
        Map<String, Double> usual = layout.kinds().getOrDefault(finding.id(), usual(finding));
        String listed = machine.kinds().get(finding.id());
        Map<String, Double> weights = new TreeMap<>();
        for (Finding.Answer answer : finding.answers()) {
            double weight = usual.getOrDefault(answer.slug(), 0.0);
            if (listed != null) {
                weight = listed.equals(answer.slug()) ? 1 : 0;
            }
            for (Evidence piece : construction) {
                if (piece.finding().equals(finding.id())) {
                    double right = piece.sure() ? 1 : Evidence.THOUGHT_RIGHT;
                    weight *= piece.answer().equals(answer.slug()) ? right : (1 - right) / (count - 1);
                }
            }
            weights.put(answer.slug(), weight);
        }
        return weights;
    }

    /** The shares among the layouts that tell, so that an answer says nothing of a layout that does not. */
    private Map<String, Double> usual(Finding finding) {
        Map<String, Double> usual = new TreeMap<>();
        double sum = 0;
        for (Layout layout : pack.layouts()) {
            Map<String, Double> kinds = layout.kinds().getOrDefault(finding.id(), Map.of());
            kinds.forEach((answer, share) -> usual.merge(answer, share * layout.share(), Double::sum));
            sum += kinds.isEmpty() ? 0 : layout.share();
        }
        double of = sum;
        usual.replaceAll((answer, share) -> share / of);
        return usual;
    }
}
