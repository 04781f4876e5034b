package synopta.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Part;
import synopta.core.quantity.Entropy;

/**
 * Which part is the old one on the counter? Bayes' rule over the listed parts of its type: each measure m tells of a
 * listed value v by the error of the tool it was taken with ({@link MeasurementError}); measures are independent given the
 * part. A part that does not list a measure is judged by the mean of those that do. Where the machine is known, parts that
 * fit it have nine tenths of the prior together, as machines sometimes bear a wrong part. The next measure is the one whose
 * outcome, taken as listed, says most about the part (expected information). Cost: parts times measures.
 */
public final class PartMatcher {
    /** The prior of all fitting parts together, where the machine is known: our judgment. */
    private static final double FITTING = 0.9;

    private static final double SLIGHT = 1e-4;

    private final List<Part> parts;

    /** Matches among these parts, all of one type. */
    public PartMatcher(List<Part> parts) {
        this.parts = parts.stream()
                .sorted(Comparator.comparing((Part p) -> p.number().key()))
                .toList();
    }

    /**
     * A measure and what is listed in its place.
     *
     * @param spec slug of the specification
     * @param measured what was measured
     * @param listed what the catalog has
     */
    public record Difference(String spec, String measured, String listed) {
        /** The listed length in inches; empty for what is no length. */
        public Optional<String> listedInches() {
            return spec.endsWith("-mm")
                    ? Optional.of(MeasureParser.inches(Double.parseDouble(listed)))
                    : Optional.empty();
        }
    }

    /**
     * A part it may be.
     *
     * @param part number of the part
     * @param probability probability, 0 to 1
     * @param fits whether it belongs in the machine; nothing while that is not known
     * @param differences specifications in which it differs
     */
    public record Candidate(
            Part part, double probability, @Nullable Boolean fits, List<Difference> differences) {}

    /**
     * The measure that would tell most, in bits, and the likeliest values of it.
     *
     * @param spec slug of the specification
     * @param values values of the likeliest parts
     * @param expectedGainBits expected information, bits
     */
    public record Next(String spec, List<String> values, double expectedGainBits) {}

    /**
     * What it may be, likeliest first.
     *
     * @param candidates parts, likeliest first
     * @param next measure that tells most; null when none does
     * @param ignored measures that no part of the type lists
     */
    public record Match(
            List<Candidate> candidates, @Nullable Next next, List<String> ignored) {}

    /** A matcher among the likeliest parts and these alone: what is asked of each of them may be expensive. */
    public PartMatcher likely(Map<String, String> measures, int most, Set<Part> own) {
        return new PartMatcher(match(measures, null, most, own).candidates().stream()
                .map(Candidate::part)
                .toList());
    }

    /**
     * Matches what was measured.
     *
     * @param measures spec to what was measured, as a figure in the unit of the spec's name or as a word
     * @param fits tells the parts that belong in the machine; nothing while it is not known
     * @param limit most candidates, apart from the machine's own
     * @param own parts listed for the machine, which are candidates however unlikely: the caller may have measured wrong
     */
    public Match match(Map<String, String> measures, @Nullable Predicate<Part> fits, int limit, Set<Part> own) {
        Map<String, String> asked = new TreeMap<>(measures);
        List<String> ignored = asked.keySet().stream()
                .filter(spec -> parts.stream().noneMatch(p -> p.specs().containsKey(spec)))
                .toList();
        ignored.forEach(asked::remove);
        Map<Part, Boolean> fitting = new HashMap<>();
        Optional.ofNullable(fits).ifPresent(test -> parts.forEach(p -> fitting.put(p, test.test(p))));
        Map<Part, Double> weights = weights(asked, fitting);
        double total =
                weights.values().stream().mapToDouble(Double::doubleValue).sum();
        List<Map.Entry<Part, Double>> ranked = weights.entrySet().stream()
                .sorted(Map.Entry.<Part, Double>comparingByValue().reversed())
                .toList();
        List<Candidate> candidates = IntStream.range(0, ranked.size())
                .filter(rank -> rank < limit || own.contains(ranked.get(rank).getKey()))
                .mapToObj(ranked::get)
                .map(e -> new Candidate(
                        e.getKey(), e.getValue() / total, fitting.get(e.getKey()), differences(asked, e.getKey())))
                .toList();
        return new Match(candidates, next(asked, weights, total).orElse(null), ignored);
    }

    private Map<Part, Double> weights(Map<String, String> measures, Map<Part, Boolean> fitting) {
        long inMachine = fitting.values().stream().filter(f -> f).count();
        boolean tells = inMachine > 0 && inMachine < parts.size();
        Map<Part, Double> logs = new LinkedHashMap<>();
        for (Part part : parts) {
            double prior =
                    !tells ? 1 : fitting.get(part) ? FITTING / inMachine : (1 - FITTING) / (parts.size() - inMachine);
            logs.put(part, Math.log(prior));
        }
        measures.forEach((spec, measured) -> {
            Map<Part, Double> densities = new HashMap<>();
            for (Part part : parts) {
                String listed = part.specs().get(spec);
                if (listed != null) {
                    densities.put(part, MeasurementError.density(spec, measured, listed));
                }
            }
            double mean = densities.values().stream()
                    .mapToDouble(Double::doubleValue)
                    .average()
                    .orElse(1);
            logs.replaceAll((part, log) -> log + Math.log(densities.getOrDefault(part, mean)));
        });
        double most =
                logs.values().stream().mapToDouble(Double::doubleValue).max().orElse(0);
        logs.replaceAll((part, log) -> Math.exp(log - most));
        return logs;
    }

    private static List<Difference> differences(Map<String, String> measures, Part part) {
        List<Difference> differences = new ArrayList<>();
        measures.forEach((spec, measured) -> {
            String listed = part.specs().get(spec);
            if (listed != null && !MeasurementError.same(measured, listed)) {
                differences.add(new Difference(spec, measured, listed));
            }
        });
        return differences;
    }

    /** The measure whose classes of values leave least unknown, on average. */
    private Optional<Next> next(Map<String, String> measured, Map<Part, Double> weights, double total) {
        List<Part> likely =
                parts.stream().filter(p -> weights.get(p) > SLIGHT * total).toList();
        double before = bits(likely, weights);
        return likely.stream()
                .flatMap(p -> p.specs().keySet().stream())
                .filter(spec -> !measured.containsKey(spec))
                .collect(Collectors.toCollection(TreeSet::new))
                .stream()
                .map(spec -> next(spec, likely, weights, before))
                .filter(n -> n.expectedGainBits() > 0.01)
                .max(Comparator.comparingDouble(Next::expectedGainBits));
    }

    private static Next next(String spec, List<Part> likely, Map<Part, Double> weights, double before) {
        Map<String, List<Part>> classes = likely.stream()
                .collect(Collectors.groupingBy(
                        p -> MeasurementError.told(spec, p.specs().getOrDefault(spec, "")),
                        TreeMap::new,
                        Collectors.toList()));
        double total = likely.stream().mapToDouble(weights::get).sum();
        double after = classes.values().stream()
                .mapToDouble(c -> c.stream().mapToDouble(weights::get).sum() / total * bits(c, weights))
                .sum();
        Map<String, Double> values = new TreeMap<>();
        likely.forEach(p -> Optional.ofNullable(p.specs().get(spec))
                .ifPresent(value -> values.merge(value, weights.get(p), Double::sum)));
        return new Next(
                spec,
                values.entrySet().stream()
                        .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                        .limit(4)
                        .map(Map.Entry::getKey)
                        .toList(),
                before - after);
    }

    private static double bits(List<Part> parts, Map<Part, Double> weights) {
        return Entropy.bits(parts.stream().map(weights::get).toList());
    }

    /** A figure that may stand in a spec. */
    static OptionalDouble figure(String text) {
        try {
            double value = Double.parseDouble(text);
            return Double.isFinite(value) ? OptionalDouble.of(value) : OptionalDouble.empty();
        } catch (NumberFormatException e) {
            return OptionalDouble.empty();
        }
    }
}
