package synopta.core.fit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Platform;

/**
 * Whether a part is right for a machine of which only the construction is known, because its model is in no catalog
 * row: it fits when every listed model of that platform and fuel takes it in every build, it depends on the model when
 * some do. Cost O(fits of the platform).
 */
public final class PlatformFit {
    private final FitFinder finder;
    private final Platform platform;
    private final List<Model> models;
    private final Map<PartNumber, List<Fit>> byPart;

    /** Judges by the models of a platform that may burn one of these fuels. */
    public PlatformFit(Catalog catalog, FitFinder finder, Platform platform, Set<Fuel> fuels) {
        this.platform = platform;
        this.finder = finder;
        models = catalog.modelsOn(platform.platform()).stream()
                .filter(m -> m.fuel() == null || fuels.contains(m.fuel()))
                .toList();
        Set<ModelNumber> meant = models.stream().map(Model::number).collect(Collectors.toSet());
        byPart = catalog.fitsOn(platform.platform()).stream()
                .filter(fit -> meant.contains(fit.model()))
                .collect(Collectors.groupingBy(Fit::part, LinkedHashMap::new, Collectors.toList()));
    }

    /** One row for each part and place, whichever model it was listed for. */
    public List<Fit> places() {
        List<Fit> places = new ArrayList<>();
        byPart.values()
                .forEach(rows -> places.addAll(rows.stream()
                        .collect(Collectors.toMap(Fit::slot, row -> row, (a, b) -> a, LinkedHashMap::new))
                        .values()));
        return places;
    }

    /** The verdict on a part. */
    public FitVerdict judge(PartNumber part) {
        List<Fit> rows = byPart.getOrDefault(part, List.of());
        Set<ModelNumber> always = rows.stream()
                .filter(row ->
                        row.built().equals(BuildRange.ALWAYS) && row.serials().isOpen())
                .map(Fit::model)
                .collect(Collectors.toSet());
        if (rows.isEmpty()) {
            return new FitVerdict.DoesNotFit(
                    List.of("No listed model of %s uses %s".formatted(platform.platform(), part)), List.of());
        }
        if (always.size() < models.size()) {
            long some = rows.stream().map(Fit::model).distinct().count();
            return new FitVerdict.Depends(
                    FitVerdict.Missing.MODEL,
                    List.of("%d of the %d listed models of %s use %s: compare the number on the old part"
                            .formatted(some, models.size(), platform.platform(), part)));
        }
        String all =
                "All %d listed models of %s use %s; the model itself is not in the catalog, so compare the old part"
                        .formatted(models.size(), platform.platform(), part);
        return finder.judge(models.get(0).number(), MachineUnit.NOT_KNOWN, part)
                .fold(
                        fits -> new FitVerdict.Fits(
                                fits.supply(), fits.alternatives(), first(all, fits.reasons()), fits.suggestions()),
                        depends -> depends,
                        not -> not,
                        unknown -> unknown);
    }

    private static List<String> first(String reason, List<String> others) {
        List<String> reasons = new ArrayList<>(List.of(reason));
        reasons.addAll(others.subList(Math.min(1, others.size()), others.size()));
        return reasons;
    }
}
