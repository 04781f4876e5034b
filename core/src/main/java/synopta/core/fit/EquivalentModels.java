package synopta.core.fit;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;

/**
 * The same machine under other names: models of other brands on the same platform, those first that share parts at the
 * most places. Cost O(fits of the platform).
 */
public final class EquivalentModels {
    private final Catalog catalog;

    /** Looks in this catalog. */
    public EquivalentModels(Catalog catalog) {
        this.catalog = catalog;
    }

    /** The twins of a model, nearest first, at most so many. */
    public List<EquivalentModel> of(Model model, int limit) {
        Map<ModelNumber, List<Fit>> fits =
                catalog.fitsOn(model.platform()).stream().collect(Collectors.groupingBy(Fit::model));
        List<Fit> own = fits.getOrDefault(model.number(), List.of());
        return catalog.modelsOn(model.platform()).stream()
                .filter(other -> !other.brand().equals(model.brand()))
                .map(other -> equivalentModel(model, own, other, fits.getOrDefault(other.number(), List.of())))
                .sorted(Comparator.comparingInt(
                                (EquivalentModel t) -> t.differing().size())
                        .thenComparing(t -> -t.shared().size())
                        .thenComparing(t -> t.model().number()))
                .limit(limit)
                .toList();
    }

    /** What is fitted at each place, with the builds and serials it holds for. */
    static Map<String, Set<String>> byPlace(List<Fit> fits) {
        return byPlace(fits, BuildRange.ALWAYS);
    }

    /** The same for machines built within a span: rows for other builds are left out, and ranges end where it ends. */
    private static Map<String, Set<String>> byPlace(List<Fit> fits, BuildRange span) {
        Map<String, Set<String>> places = new TreeMap<>();
        fits.stream()
                .filter(fit -> fit.built().meets(span))
                .forEach(fit -> places.computeIfAbsent(fit.slot(), s -> new HashSet<>())
                        .add("%d x %s %s%s"
                                .formatted(
                                        fit.quantity(),
                                        fit.part().key(),
                                        fit.built().within(span).words(),
                                        fit.serials().words())));
        return places;
    }

    /** Compared for the years in which both were built; for all years when there are none. */
    private static EquivalentModel equivalentModel(Model model, List<Fit> own, Model other, List<Fit> theirs) {
        BuildRange both = model.built().meets(other.built()) ? model.built().common(other.built()) : BuildRange.ALWAYS;
        Map<String, Set<String>> ours = byPlace(own, both);
        Set<String> differing = differing(ours, byPlace(theirs, both));
        Set<String> shared = new TreeSet<>(ours.keySet());
        shared.removeAll(differing);
        return new EquivalentModel(other, List.copyOf(shared), List.copyOf(differing));
    }

    /** The places where two machines do not have the same parts. */
    static Set<String> differing(Map<String, Set<String>> a, Map<String, Set<String>> b) {
        Set<String> places = new TreeSet<>(a.keySet());
        places.addAll(b.keySet());
        places.removeIf(place -> a.getOrDefault(place, Set.of()).equals(b.getOrDefault(place, Set.of())));
        return places;
    }
}
