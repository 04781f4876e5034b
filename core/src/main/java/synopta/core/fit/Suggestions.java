package synopta.core.fit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;

/**
 * What may do in place of a part that is no longer made: its allowed equivalents, current parts of its type with the
 * same specifications, and what models of other brands on the same platform take at the same place. Cost O(parts of the
 * type + models of the platform).
 */
final class Suggestions {
    private static final int MOST = 12;

    private final Catalog catalog;
    private final Specifications specifications;

    Suggestions(Catalog catalog, Specifications specifications) {
        this.catalog = catalog;
        this.specifications = specifications;
    }

    /** For a part at the place of a row of a machine. */
    List<Suggestion> of(Part gone, Model model, Fit row) {
        Map<PartNumber, Suggestion> found = new LinkedHashMap<>(bySpecification(gone));
        Map<ModelNumber, Model> others = new LinkedHashMap<>();
        catalog.modelsOn(model.platform()).stream()
                .filter(other -> !other.brand().equals(model.brand()))
                .forEach(other -> others.put(other.number(), other));
        for (Fit fit : catalog.fitsAt(model.platform(), row.slot())) {
            Optional.ofNullable(others.get(fit.model()))
                    .flatMap(other -> current(fit.part())
                            .map(part -> new Suggestion(
                                    part.number(),
                                    Suggestion.Kind.OTHER_BRAND,
                                    "%s %s, on the same platform, uses it at %s: compare the old part"
                                            .formatted(other.brand(), other.number(), row.slot()))))
                    .filter(s -> !s.part().equals(gone.number()))
                    .ifPresent(s -> found.putIfAbsent(s.part(), s));
        }
        return found.values().stream().limit(MOST).toList();
    }

    /** The allowed equivalents of a part, then what has its specifications. */
    private Map<PartNumber, Suggestion> bySpecification(Part gone) {
        Map<PartNumber, Suggestion> found = new LinkedHashMap<>();
        for (Equivalent row : catalog.equivalentsOf(gone.number())) {
            current(row.equivalent())
                    .ifPresent(part -> found.put(
                            part.number(),
                            new Suggestion(
                                    part.number(),
                                    Suggestion.Kind.ALLOWED_EQUIVALENT,
                                    "equivalent (%s)".formatted(row.basis()))));
        }
        for (Part other : catalog.partsOfType(gone.partType())) {
            Specifications.Comparison compared = specifications.compare(gone, other);
            if (compared.interchangeable()
                    && other.status() == Part.Status.CURRENT
                    && !other.number().equals(gone.number())) {
                found.putIfAbsent(
                        other.number(),
                        new Suggestion(other.number(), Suggestion.Kind.SAME_SPECIFICATION, compared.words()));
            }
        }
        return found;
    }

    private Optional<Part> current(PartNumber number) {
        return catalog.part(number).filter(p -> p.status() == Part.Status.CURRENT);
    }
}
