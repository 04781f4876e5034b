package synopta.core.tag;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import synopta.core.catalog.Model;
import synopta.core.quantity.Probability;

/**
 * Which catalogue models a noisy reading may mean.
 *
 * <p>P(model | reading) is proportional to popularity share times exp(-cost), where cost is the cheapest alignment of
 * the model's number with the reading under {@link Confusion}, in nats; a brand, appliance or fuel that does not agree
 * costs {@value #DISAGREES} nats more, for callers err there too. That none of them is meant has the prior
 * {@value #UNLISTED_PRIOR} and the likelihood of {@link Naming}. The character to read again is the one whose true
 * value has the highest entropy over the candidates, weighted with the probability that one of them is meant; that is
 * the information it gives on the model, since each candidate says exactly what must stand there. Source of the method: Kernighan, Church and Gale, "A spelling
 * correction program based on a noisy channel model", COLING 1990.
 *
 * <p>Shapes: M models, n characters. Cost O(M n^2) a reading. Readings longer than {@link TagQuery#LONGEST} normalized
 * characters are cut there.
 */
public final class TagReader {
    static final double UNLISTED_PRIOR = 0.05;
    static final double DISAGREES = 4.0;
    /** Below this much information, in bits, nobody should be sent back to the machine; our judgement. */
    static final double WORTH_ASKING_BITS = 0.05;

    private final List<Model> models;
    private final List<String> keys;
    private final double[][] substitutions = Confusion.AT_THE_COUNTER.table();
    private final double totalPopularity;
    private final Naming naming;
    private final TagText tagText;

    /** Prepares to read against these models; brands are names that may stand round the number. */
    public TagReader(Collection<Model> models, Collection<String> brands) {
        this.models =
                models.stream().sorted(Comparator.comparing(Model::number)).toList();
        totalPopularity = models.stream().mapToDouble(Model::popularity).sum();
        keys = this.models.stream().map(m -> m.number().key()).toList();
        naming = new Naming(keys);
        tagText = new TagText(brands);
    }

    /** Reads; a reading without a letter or digit has no candidates and is certainly unlisted. */
    public TagReading read(TagQuery query) {
        String all = tagText.normalized(query.text());
        String normalized = all.substring(0, Math.min(all.length(), TagQuery.LONGEST));
        query.rechecked().stream()
                .filter(r -> r.position() < 1 || r.position() > normalized.length())
                .findFirst()
                .ifPresent(r -> {
                    throw new IllegalArgumentException(
                            "Rechecked position (%d) must lie between 1 and %d, the length of the reading %s."
                                    .formatted(r.position(), normalized.length(), normalized));
                });
        if (normalized.isEmpty() || models.isEmpty()) {
            return new TagReading(normalized, List.of(), new Probability(1), Optional.empty());
        }
        List<Observed> read = Observed.of(normalized, query.rechecked());
        List<Scored> scored = IntStream.range(0, models.size())
                .mapToObj(m -> score(m, read, query))
                .toList();
        double unlisted = Math.log(UNLISTED_PRIOR) - naming.cost(string(read));
        double top = Math.max(
                unlisted, scored.stream().mapToDouble(Scored::logWeight).max().orElseThrow());
        double sum = Math.exp(unlisted - top)
                + scored.stream().mapToDouble(s -> Math.exp(s.logWeight - top)).sum();
        List<Scored> ranked = scored.stream()
                .sorted(Comparator.comparingDouble(Scored::logWeight).reversed().thenComparingInt(Scored::index))
                .toList();
        List<Candidate> candidates = ranked.stream()
                .limit(query.limit())
                .map(s -> candidate(s, Probability.rounded(Math.exp(s.logWeight - top) / sum)))
                .toList();
        return new TagReading(
                normalized,
                candidates,
                Probability.rounded(Math.exp(unlisted - top) / sum),
                readAgain(ranked, query.rechecked(), top, sum));
    }

    private record Scored(int index, Model model, Alignment alignment, double logWeight) {}

    private Scored score(int index, List<Observed> read, TagQuery query) {
        Model model = models.get(index);
        Alignment alignment = new Alignment(Confusion.AT_THE_COUNTER, substitutions, read, keys.get(index));
        int disagreeing = 0;
        disagreeing +=
                query.brand().filter(b -> !b.equalsIgnoreCase(model.brand())).isPresent() ? 1 : 0;
        disagreeing += query.appliance().filter(a -> a != model.appliance()).isPresent() ? 1 : 0;
        disagreeing += !query.fuels().isEmpty()
                        && model.fuel().filter(f -> !query.fuels().contains(f)).isPresent()
                ? 1
                : 0;
        double prior = Math.log((1 - UNLISTED_PRIOR) * model.popularity() / totalPopularity);
        return new Scored(index, model, alignment, prior - alignment.cost() - disagreeing * DISAGREES);
    }

    private static String string(List<Observed> read) {
        return read.stream().map(o -> String.valueOf(o.character())).collect(Collectors.joining());
    }

    private static Candidate candidate(Scored scored, Probability probability) {
        List<Difference> differences = scored.alignment.places().stream()
                .filter(place -> !place.typed().equals(place.catalogue()))
                .toList();
        return new Candidate(scored.model, probability, differences);
    }

    /** Only candidates of at least 1e-4 are asked about: less cannot make a question worth while. */
    private static Optional<ReadAgain> readAgain(List<Scored> ranked, List<Recheck> rechecked, double top, double sum) {
        Map<Integer, Map<String, Double>> shown = new LinkedHashMap<>();
        for (Scored scored : ranked) {
            double probability = Math.exp(scored.logWeight - top) / sum;
            if (probability < 1e-4) {
                break;
            }
            for (Difference place : scored.alignment.places()) {
                if (place.typed().isPresent()) {
                    String option = place.catalogue().map(String::valueOf).orElse("");
                    shown.computeIfAbsent(place.position(), p -> new LinkedHashMap<>())
                            .merge(option, probability, Double::sum);
                }
            }
        }
        rechecked.forEach(r -> shown.remove(r.position()));
        List<ReadAgain> worthwhile = new ArrayList<>();
        shown.forEach((position, options) -> {
            double listed =
                    options.values().stream().mapToDouble(Double::doubleValue).sum();
            double bits = listed * entropyBits(options.values());
            if (bits >= WORTH_ASKING_BITS) {
                List<String> likeliest = options.entrySet().stream()
                        .sorted(Map.Entry.<String, Double>comparingByValue()
                                .reversed()
                                .thenComparing(Map.Entry.comparingByKey()))
                        .map(Map.Entry::getKey)
                        .limit(4)
                        .toList();
                worthwhile.add(
                        new ReadAgain(position, likeliest, ranked.get(0).model.number(), bits));
            }
        });
        return worthwhile.stream()
                .max(Comparator.comparingDouble(ReadAgain::expectedGainBits).thenComparing(r -> -r.position()));
    }

    /** Entropy of the shares of what is listed, bit. */
    private static double entropyBits(Collection<Double> weights) {
        double total = weights.stream().mapToDouble(Double::doubleValue).sum();
        return weights.stream()
                .mapToDouble(w -> w / total)
                .filter(p -> p > 0)
                .map(p -> -p * Math.log(p) / Math.log(2))
                .sum();
    }
}
