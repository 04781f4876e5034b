package synopta.core.sale;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Platform;
import synopta.core.fit.FitFinder;
import synopta.core.identify.IdentifiedModel;
import synopta.core.knowledge.Layout;
import synopta.core.quantity.Probability;

/**
 * The numbers that parts may have while the model is not known: over the platforms that the machine may be of, with
 * P(number) = sum over platforms of P(platform) times the share of popularity of its models that take the number.
 *
 * <p>Cost: one look-up for each part type and platform.
 */
final class LikelyNumbers {
    private static final int MOST = 4;
    private static final double LEAST = 0.02;

    private final Catalog catalog;
    private final FitFinder finder;
    private final Map<String, Double> platforms;
    private final @Nullable Layout layout;
    private final boolean isRead;
    private final Set<Fuel> fuels;

    /** Of a machine as far as it is known. */
    LikelyNumbers(Catalog catalog, FitFinder finder, IdentifiedModel identified) {
        this.catalog = catalog;
        this.finder = finder;
        platforms = identified.platforms();
        layout = identified.layout();
        isRead = !identified.constructions().isEmpty();
        fuels = identified.fuels();
    }

    /** The likeliest numbers of each part type, at most {@value #MOST}; those that are hardly met are left out. */
    List<LikelyNumber> of(Collection<String> partTypes) {
        List<LikelyNumber> likely = new ArrayList<>();
        partTypes.stream().distinct().forEach(type -> likely.addAll(of(type)));
        return likely;
    }

    private List<LikelyNumber> of(String partType) {
        Map<PartNumber, Double> chances = new LinkedHashMap<>();
        Map<PartNumber, Set<String>> on = new LinkedHashMap<>();
        double all = 0;
        for (Map.Entry<String, Double> entry : platforms.entrySet()) {
            Optional<Platform> platform = catalog.platform(entry.getKey()).filter(this::isOfLayout);
            if (platform.isPresent()) {
                all += entry.getValue();
                shares(platform.get(), partType).forEach((part, share) -> {
                    chances.merge(part, share * entry.getValue(), Double::sum);
                    on.computeIfAbsent(part, p -> new LinkedHashSet<>()).add(entry.getKey());
                });
            }
        }
        // A number that was read may be of a platform that the catalog does not know: that is left to it.
        double sum = isRead ? 1 : all;
        return chances.entrySet().stream()
                .filter(e -> e.getValue() / sum >= LEAST)
                .sorted(Map.Entry.<PartNumber, Double>comparingByValue(Comparator.reverseOrder()))
                .limit(MOST)
                .map(e -> new LikelyNumber(
                        partType,
                        e.getKey(),
                        Probability.rounded(Math.min(1, e.getValue() / sum)),
                        List.copyOf(on.get(e.getKey()))))
                .toList();
    }

    private boolean isOfLayout(Platform platform) {
        return layout == null || layout.id().equals(platform.layout());
    }

    /** What is handed over today for a part type on a platform, each with the share of the models that take it. */
    private Map<PartNumber, Double> shares(Platform platform, String partType) {
        double all = catalog.popularity(platform.platform(), fuels);
        Map<PartNumber, Double> shares = new LinkedHashMap<>();
        catalog.popularity(platform.platform(), partType, fuels)
                .forEach(
                        (part, taken) -> today(part).ifPresent(number -> shares.merge(number, taken / all, Math::max)));
        return shares;
    }

    private Optional<PartNumber> today(PartNumber part) {
        return finder.supplies(part).stream()
                .flatMap(supply -> supply.items().stream())
                .findFirst()
                .map(item -> item.part());
    }
}
