package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;

/** The layouts and fuels of a pack by index, made once: which faults a machine can have, and which hang on its kind. */
final class Constructions {
    private final Pack pack;
    private final List<Finding> forks;
    private final List<Built> all = new ArrayList<>();
    private final Map<String, Map<String, Double>> told = new HashMap<>();
    private final Map<String, Set<Integer>> bearing = new HashMap<>();

    /**
     * Machines of a layout and fuel.
     *
     * @param share of all machines
     * @param allowed by fault, whether one of its kinds at least can have it
     * @param hanging by fork, the faults that only some kinds can have, with the answers of those kinds
     * @param kinds by fork, those that can be told apart with their shares, while nothing is known of them
     */
    record Built(
            Layout layout,
            Fuel fuel,
            double share,
            BitSet allowed,
            Map<String, Map<Integer, Set<String>>> hanging,
            Map<String, List<Network.Kind>> kinds) {}

    Constructions(Pack pack) {
        this.pack = pack;
        forks = pack.findings().stream().filter(Finding::isOfConstruction).toList();
        forks.forEach(fork -> told.put(fork.id(), told(fork)));
        pack.fuelShares().forEach((fuel, share) -> {
            for (Layout layout : pack.layouts()) {
                if (share > 0 && layout.fuels().contains(fuel)) {
                    all.add(built(layout, fuel, layout.share() * share));
                }
            }
        });
        forks.forEach(fork -> bearing.put(fork.id(), bearing(fork)));
    }

    List<Built> all() {
        return all;
    }

    List<Finding> forks() {
        return forks;
    }

    /** Whether an answer to the fork says anything of one of the faults: of whether the machine can have it. */
    boolean bears(Finding fork, Set<Integer> faults) {
        return faults.stream().anyMatch(bearing.get(fork.id())::contains);
    }

    /** How often each answer is met in a layout; in one that does not tell, as among those that do. */
    Map<String, Double> shares(Layout layout, Finding fork) {
        return layout.kinds().getOrDefault(fork.id(), told.get(fork.id()));
    }

    private Map<String, Double> told(Finding fork) {
        Map<String, Double> shares = new TreeMap<>();
        double sum = 0;
        for (Layout layout : pack.layouts()) {
            Map<String, Double> kinds = layout.kinds().getOrDefault(fork.id(), Map.of());
            kinds.forEach((answer, share) -> shares.merge(answer, share * layout.share(), Double::sum));
            sum += kinds.isEmpty() ? 0 : layout.share();
        }
        double of = sum;
        shares.replaceAll((answer, share) -> share / of);
        return shares;
    }

    private Built built(Layout layout, Fuel fuel, double share) {
        BitSet allowed = new BitSet();
        Map<String, Map<Integer, Set<String>>> hanging = new TreeMap<>();
        for (int i = 0; i < pack.faults().size(); i++) {
            List<Layout.Place> places = layout.placesOf(pack.faults().get(i), fuel);
            allowed.set(i, !places.isEmpty());
            if (places.stream().noneMatch(place -> place.kind() == null)) {
                for (Layout.Place place : places) {
                    hanging.computeIfAbsent(place.kind().finding(), f -> new TreeMap<>())
                            .computeIfAbsent(i, f -> new TreeSet<>())
                            .addAll(place.kind().answers());
                }
            }
        }
        Map<String, List<Network.Kind>> kinds = new HashMap<>();
        forks.forEach(fork ->
                kinds.put(fork.id(), kinds(shares(layout, fork), hanging.getOrDefault(fork.id(), Map.of()))));
        return new Built(layout, fuel, share, allowed, hanging, kinds);
    }

    /** By which faults a kind cannot have, those that can be told apart; with their shares. */
    static List<Network.Kind> kinds(Map<String, Double> weights, Map<Integer, Set<String>> hanging) {
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
        return Network.Kind.each(kinds);
    }

    /** The faults that hang on a fork, and where the layouts answer it differently those that the layouts differ in. */
    private Set<Integer> bearing(Finding fork) {
        Set<Integer> faults = new HashSet<>();
        all.forEach(built ->
                faults.addAll(built.hanging.getOrDefault(fork.id(), Map.of()).keySet()));
        long answers = pack.layouts().stream()
                .map(layout -> shares(layout, fork))
                .distinct()
                .count();
        for (int i = 0; answers > 1 && i < pack.faults().size(); i++) {
            int fault = i;
            if (all.stream().map(built -> built.allowed.get(fault)).distinct().count() > 1) {
                faults.add(fault);
            }
        }
        return faults;
    }
}
