package synopta.core.tag;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Model;
import synopta.core.quantity.Entropy;

/**
 * Which character of the tag to read again: the one whose true value tells most about the machine that matters, which
 * is the platform and its parts, not the name on the door. Each candidate says what must stand at a place, so the
 * answer A is certain given the candidate, and the information is I(machine; A) = H(A) - H(A | machine), in bits,
 * weighted with the chance that one of the candidates is meant at all. Source: Shannon 1948, section 6.
 *
 * <p>Only the {@value #MOST_CANDIDATES} likeliest candidates of at least {@value #LEAST} are weighed: less cannot make
 * a question worth while.
 */
final class RecheckAdvisor {
    static final int MOST_CANDIDATES = 48;
    static final double LEAST = 1e-3;
    /** Below this much information, in bits, nobody should be sent back to the machine; our judgment. */
    static final double WORTH_ASKING_BITS = 0.05;

    private static final int MOST_OPTIONS = 4;

    private final Catalog catalog;

    RecheckAdvisor(Catalog catalog) {
        this.catalog = catalog;
    }

    /** A candidate with what it says of every place of the reading. */
    record Weighed(Candidate candidate, List<Difference> places) {
        double probability() {
            return candidate.probability().value();
        }
    }

    /** What a machine is to the counter: two models of the same platform and parts are one. */
    private record Machine(String platform, Set<String> parts) {}

    /** By position, what may stand there, and the candidates by which it does. */
    private static Map<Integer, Map<String, List<Integer>>> shown(List<Weighed> weighed) {
        Map<Integer, Map<String, List<Integer>>> shown = new TreeMap<>();
        for (int i = 0; i < weighed.size(); i++) {
            for (Difference place : weighed.get(i).places) {
                if (place.typed() != null) {
                    shown.computeIfAbsent(place.position(), p -> new LinkedHashMap<>())
                            .computeIfAbsent(place.listed() == null ? "" : "" + place.listed(), o -> new ArrayList<>())
                            .add(i);
                }
            }
        }
        return shown;
    }

    Optional<RecheckAdvice> worthwhile(List<Weighed> ranked, List<Recheck> rechecked) {
        List<Weighed> weighed = ranked.stream()
                .limit(MOST_CANDIDATES)
                .filter(w -> w.probability() >= LEAST)
                .toList();
        if (weighed.size() < 2) {
            return Optional.empty();
        }
        Map<Integer, Map<String, List<Integer>>> shown = shown(weighed);
        rechecked.forEach(r -> shown.remove(r.position()));
        shown.values().removeIf(options -> options.size() < 2);
        if (shown.isEmpty()) {
            return Optional.empty();
        }
        List<Machine> machines =
                weighed.stream().map(w -> machine(w.candidate.model())).toList();
        return shown.entrySet().stream()
                .map(place -> readAgain(place.getKey(), place.getValue(), weighed, machines))
                .filter(again -> again.expectedGainBits() >= WORTH_ASKING_BITS)
                .max(Comparator.comparingDouble(RecheckAdvice::expectedGainBits).thenComparing(r -> -r.position()));
    }

    private Machine machine(Model model) {
        return new Machine(
                model.platform(),
                catalog.fits(model.number()).stream()
                        .map(f -> "%s %s %d %s %s"
                                .formatted(f.slot(), f.part().key(), f.quantity(), f.built(), f.serials()))
                        .collect(Collectors.toSet()));
    }

    private static RecheckAdvice readAgain(
            int position, Map<String, List<Integer>> options, List<Weighed> weighed, List<Machine> machines) {
        Map<String, Double> chances = new LinkedHashMap<>();
        Map<Machine, Map<String, Double>> byMachine = new HashMap<>();
        options.forEach((option, candidates) -> candidates.forEach(i -> {
            double probability = weighed.get(i).probability();
            chances.merge(option, probability, Double::sum);
            byMachine
                    .computeIfAbsent(machines.get(i), m -> new LinkedHashMap<>())
                    .merge(option, probability, Double::sum);
        }));
        double all = sum(chances.values());
        double left = byMachine.values().stream()
                .mapToDouble(given -> sum(given.values()) * Entropy.bits(given.values()))
                .sum();
        List<String> likeliest = chances.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .limit(MOST_OPTIONS)
                .toList();
        return new RecheckAdvice(
                position,
                likeliest,
                weighed.get(0).candidate.model().number(),
                Math.max(0, all * Entropy.bits(chances.values()) - left));
    }

    private static double sum(Collection<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).sum();
    }
}
