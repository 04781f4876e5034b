package synopta.core.sale;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Platform;
import synopta.core.fit.FitFinder;
import synopta.core.fit.FitVerdict;
import synopta.core.fit.MachineUnit;
import synopta.core.fit.PlatformFit;
import synopta.core.identify.IdentifiedModel;

/** The parts listed for the machine of a case, or for its construction when its model is in no catalog row. */
final class MachineParts {
    private final List<Fit> rows;
    private final Function<PartNumber, FitVerdict> judge;
    private final Map<PartNumber, String> types = new HashMap<>();
    private final Map<PartNumber, FitVerdict> judged = new HashMap<>();

    private MachineParts(Catalog catalog, List<Fit> rows, Function<PartNumber, FitVerdict> judge) {
        this.rows = rows;
        this.judge = judge;
        catalog.partsAmong(rows.stream().map(row -> row.part().key()).toList())
                .forEach(part -> types.put(part.number(), part.partType()));
    }

    /** Those of the machine as far as it is settled; empty while nothing is known of it. */
    static Optional<MachineParts> of(Catalog catalog, FitFinder finder, IdentifiedModel identified) {
        return Optional.ofNullable(identified.model())
                .map(model -> ofModel(catalog, finder, model.number(), identified.unit()))
                .or(() -> Optional.ofNullable(identified.chosen())
                        .map(chosen -> ofPlatform(catalog, finder, chosen.platform(), identified.fuels())));
    }

    static MachineParts ofModel(Catalog catalog, FitFinder finder, ModelNumber model, MachineUnit unit) {
        return new MachineParts(catalog, catalog.fits(model), part -> finder.judge(model, unit, part));
    }

    static MachineParts ofPlatform(Catalog catalog, FitFinder finder, Platform platform, Set<Fuel> fuels) {
        PlatformFit fit = new PlatformFit(catalog, finder, platform, fuels);
        return new MachineParts(catalog, fit.places(), fit::judge);
    }

    List<Fit> rows() {
        return rows;
    }

    List<Fit> ofType(String partType) {
        return rows.stream()
                .filter(row -> partType.equals(types.get(row.part())))
                .toList();
    }

    boolean has(String partType) {
        return !ofType(partType).isEmpty();
    }

    String typeOf(PartNumber part) {
        return types.getOrDefault(part, "");
    }

    FitVerdict judge(PartNumber part) {
        return judged.computeIfAbsent(part, judge);
    }

    /** The places of a part that was asked for by its number. */
    List<String> slotsOf(PartNumber part) {
        return rows.stream()
                .filter(row -> row.part().equals(part))
                .map(Fit::slot)
                .distinct()
                .toList();
    }

    /** How many of a type are fitted, counting one part number where the machine may have one of several. */
    int fitted(String partType) {
        Map<PartNumber, Integer> counts = new HashMap<>();
        ofType(partType).forEach(row -> counts.merge(row.part(), row.quantity(), Integer::sum));
        return counts.values().stream().mapToInt(Integer::intValue).max().orElse(0);
    }
}
