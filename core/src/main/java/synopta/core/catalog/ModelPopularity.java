package synopta.core.catalog;

import java.util.HashSet;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Predicate;

/** How popular models are together, added up row by row: what a catalog that keeps the sums must say too. */
final class ModelPopularity {
    private final Catalog catalog;
    private final String platform;
    private final Predicate<Model> meant;

    /** Of the models of a platform that are of one of the fuels, or of none. */
    ModelPopularity(Catalog catalog, String platform, Set<Fuel> fuels) {
        this.catalog = catalog;
        this.platform = platform;
        meant = model -> model.fuel() == null || fuels.contains(model.fuel());
    }

    double ofAll() {
        return catalog.modelsOn(platform).stream()
                .filter(meant)
                .mapToDouble(Model::popularity)
                .sum();
    }

    /** By part, of the models that take it at any place of a part type. */
    SortedMap<PartNumber, Double> byPart(String partType) {
        Set<String> places = new HashSet<>();
        catalog.slots(platform).stream()
                .filter(slot -> slot.partType().equals(partType))
                .forEach(slot -> places.add(slot.slot()));
        SortedMap<PartNumber, Double> sums = new TreeMap<>();
        catalog.modelsOn(platform).stream()
                .filter(meant)
                .forEach(model -> catalog.fits(model.number()).stream()
                        .filter(fit -> places.contains(fit.slot()))
                        .map(Fit::part)
                        .distinct()
                        .forEach(part -> sums.merge(part, model.popularity(), Double::sum)));
        return sums;
    }
}
