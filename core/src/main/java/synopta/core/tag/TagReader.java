package synopta.core.tag;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntToDoubleFunction;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Brand;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.quantity.Probability;

/**
 * Which catalog models a noisy reading may mean.
 *
 * <p>P(model | reading) is proportional to popularity share times exp(-cost), where cost is the cheapest {@link
 * Alignment} of the model's number with the reading under {@link EditCosts}, in nats; a brand, appliance or fuel that does
 * not agree costs more, for callers err there too. That none of them is meant has a prior of its own and the likelihood
 * of {@link PlatformNamingModel}. Source of the method: Kernighan, Church and Gale, "A spelling correction program based on a noisy
 * channel model", COLING 1990.
 *
 * <p>Models more than {@value #WINDOW} nats behind the best hypothesis are no candidates and are left out of the sum.
 * {@link TagSearch} finds all others exactly, without looking at every model; how much the sum may lack is said in
 * {@link TagReading#leftOut}. Readings longer than {@link TagQuery#LONGEST} normalized characters are cut there.
 */
public final class TagReader {
    /** A model that is less likely than the best by a factor of 8,100 is not worth a line. */
    static final double WINDOW = 9;
    /** How far the first search looks beyond the most popular model, and each next one beyond that, nats. */
    private static final double STEP = 4;
    /** Guards against rounding at the limit, nats. */
    private static final double ROUNDING = 1e-9;

    /** From this chance of being unlisted on, platforms are named. */
    static final double GUESS_FROM = 0.02;

    /** A platform that is less likely than the best by a factor of 1,100 adds nothing to being unlisted. */
    private static final double UNLISTED_WINDOW = 7;

    private static final int MOST_GUESSES = 8;

    private final Catalog catalog;
    private final EditCosts weights;
    private final TagIndex index;
    private final PlatformNamingModel platforms;
    private final PlatformShares shares;
    private final TagTextCleaner tagText;

    /** Prepares to read against the models of this catalog as they are now. */
    public TagReader(Catalog catalog, EditCosts weights) {
        this(catalog, weights, Model::popularity);
    }

    /**
     * The same where models are not met as often as the catalog has it.
     *
     * @param popularity of a model, above 0, in any unit
     */
    public TagReader(Catalog catalog, EditCosts weights, ToDoubleFunction<Model> popularity) {
        this.catalog = catalog;
        this.weights = weights;
        index = TagIndex.of(catalog::eachModel, popularity);
        shares = new PlatformShares(index);
        platforms = new PlatformNamingModel(index, new NamingModel(index), weights);
        tagText = new TagTextCleaner(catalog.brands().stream().map(Brand::brand).toList());
    }

    /**
     * The likeliest platforms of a machine of which no model number is known, by the popularity of their models.
     *
     * @param fuels that it may burn; empty when nothing is known of it
     * @param brand null when it is not known
     * @param most platforms of a brand, at least 1
     */
    public List<PlatformGuess> met(Appliance appliance, Set<Fuel> fuels, @Nullable String brand, int most) {
        return shares.met(appliance, fuels, brand, most);
    }

    /** The weights that readings are weighed with. */
    public EditCosts weights() {
        return weights;
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
                            "Rechecked position (%d) must lie between 1 and %d, the length of reading %s."
                                    .formatted(r.position(), normalized.length(), normalized));
                });
        if (normalized.isEmpty() || index.size() == 0) {
            return new TagReading(normalized, List.of(), new Probability(1), 0, null, List.of());
        }
        return weighed(query, normalized, ObservedCharacter.of(normalized, query.rechecked()));
    }

    private TagReading weighed(TagQuery query, String normalized, List<ObservedCharacter> read) {
        String seen = string(read);
        double elsewhere = weights.costs().unlisted() + platforms.elsewhere(seen);
        TagSearch search = search(read, query, elsewhere);
        List<Scored> ranked = ranked(search, Math.max(query.limit(), RecheckAdvisor.MOST_CANDIDATES));
        double listed = ranked.isEmpty() ? elsewhere : Math.min(elsewhere, ranked.get(0).cost);
        PlatformNamingModel.Unlisted none = platforms.weigh(seen, query, listed + UNLISTED_WINDOW, MOST_GUESSES);
        double unlisted = none.cost();
        double best = Math.min(unlisted, listed);
        double sum = Math.exp(best - unlisted) + search.sum(best);
        Probability absent = Probability.rounded(Math.exp(best - unlisted) / sum);
        ToDoubleFunction<Scored> probability = scored -> Math.exp(best - scored.cost) / sum;
        long asked = ranked.stream()
                .filter(scored -> probability.applyAsDouble(scored) >= RecheckAdvisor.LEAST)
                .count();
        List<RecheckAdvisor.Weighed> weighed = ranked.stream()
                .limit(Math.max(asked, query.limit()))
                .flatMap(scored -> weighed(scored, read, probability.applyAsDouble(scored)).stream())
                .toList();
        List<Candidate> shown =
                weighed.stream().map(RecheckAdvisor.Weighed::candidate).toList();
        Optional<RecheckAdvice> again = new RecheckAdvisor(catalog).worthwhile(weighed, query.rechecked());
        return new TagReading(
                normalized,
                shown.subList(0, Math.min(query.limit(), shown.size())),
                absent,
                Math.min(1, search.leftOut() * Math.exp(best) / sum),
                again.orElse(null),
                absent.value() < GUESS_FROM ? List.of() : none.platforms());
    }

    private record Scored(int model, double cost) {}

    private static String string(List<ObservedCharacter> read) {
        return read.stream().map(o -> String.valueOf(o.character())).collect(Collectors.joining());
    }

    /** Searches wider and wider until every hypothesis within the window of the best is found. */
    private TagSearch search(List<ObservedCharacter> read, TagQuery query, double unlisted) {
        double listed = -Math.log1p(-Math.exp(-weights.costs().unlisted()));
        IntToDoubleFunction disagreeing = disagreeing(query, listed);
        TagSearch search = new TagSearch(index, weights, read, disagreeing);
        double limit = index.leastPrior(0) + listed + STEP;
        search.within(limit + ROUNDING);
        while (search.count() == 0 && limit < unlisted + WINDOW) {
            limit = Math.min(limit + STEP, unlisted + WINDOW);
            search.within(limit + ROUNDING);
        }
        double best = unlisted;
        for (int i = 0; i < search.count(); i++) {
            best = Math.min(best, search.cost(i));
        }
        if (best + WINDOW > limit) {
            search.within(best + WINDOW + ROUNDING);
        }
        return search;
    }

    private IntToDoubleFunction disagreeing(TagQuery query, double listed) {
        double each = weights.costs().disagrees();
        Optional<String> brand = Optional.ofNullable(query.brand()).map(String::strip);
        Set<Fuel> fuels = query.fuels();
        return model -> {
            int disagreeing = brand.isPresent() && !brand.get().equalsIgnoreCase(index.brand(model)) ? 1 : 0;
            disagreeing += query.appliance() != null && query.appliance() != index.appliance(model) ? 1 : 0;
            Optional<Fuel> fuel = fuels.isEmpty() ? Optional.empty() : index.fuel(model);
            disagreeing += fuel.isPresent() && !fuels.contains(fuel.get()) ? 1 : 0;
            return listed + disagreeing * each;
        };
    }

    private List<Scored> ranked(TagSearch search, int limit) {
        return IntStream.range(0, search.count())
                .mapToObj(i -> new Scored(search.model(i), search.cost(i)))
                .sorted((a, b) -> a.cost == b.cost ? Integer.compare(a.model, b.model) : Double.compare(a.cost, b.cost))
                .limit(limit)
                .toList();
    }

    /** A candidate with its places; none when the catalog has just been changed and lacks it now. */
    private Optional<RecheckAdvisor.Weighed> weighed(Scored scored, List<ObservedCharacter> read, double probability) {
        String key = index.key(scored.model);
        List<Difference> places = new Alignment(weights, read, key).places();
        List<Difference> differences = places.stream()
                .filter(place -> !Objects.equals(place.typed(), place.listed()))
                .toList();
        return catalog.model(new ModelNumber(key))
                .map(model -> new Candidate(model, Probability.rounded(probability), differences))
                .map(candidate -> new RecheckAdvisor.Weighed(candidate, places));
    }
}
