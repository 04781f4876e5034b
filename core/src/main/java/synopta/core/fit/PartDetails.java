package synopta.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.knowledge.HouseSettings;

/** What is to be known of one part by itself: the alternatives of it, and how it compares with another. */
public final class PartDetails {
    private final Catalog catalog;
    private final Specifications specifications;
    private final Supplier<HouseSettings> rules;

    /** Looks in this catalog, by the rules of packs and house. */
    public PartDetails(Catalog catalog, Specifications specifications, Supplier<HouseSettings> rules) {
        this.catalog = catalog;
        this.specifications = specifications;
        this.rules = rules;
    }

    /**
     * A part that may stand in for another.
     *
     * @param part the part
     * @param basis why the catalog allows it; empty when only the specifications speak for it
     * @param allowed whether it may be supplied unasked: listed as an equivalent, and genuine where the house asks for it
     * @param compared specification by specification
     */
    public record StandIn(Part part, String basis, boolean allowed, Specifications.Comparison compared) {}

    /** What the catalog lists as its equivalents, then what has its specifications and is still made. */
    public List<StandIn> standIns(Part original) {
        List<StandIn> all = new ArrayList<>();
        Map<PartNumber, String> bases = catalog.equivalentsOf(original.number()).stream()
                .collect(Collectors.toMap(Equivalent::equivalent, Equivalent::basis));
        for (Equivalent row : catalog.equivalentsOf(original.number())) {
            catalog.part(row.equivalent())
                    .ifPresent(part -> all.add(new StandIn(
                            part,
                            row.basis(),
                            part.genuine() || !rules.get().genuineOnly(),
                            specifications.compare(original, part))));
        }
        catalog.partsOfType(original.partType()).stream()
                .filter(part -> part.status() == Part.Status.CURRENT
                        && !part.number().equals(original.number())
                        && !bases.containsKey(part.number()))
                .map(part -> new StandIn(part, "", false, specifications.compare(original, part)))
                .filter(standIn -> standIn.compared.interchangeable())
                .forEach(all::add);
        return all;
    }

    /** Two parts side by side, the second in place of the first. */
    public PartComparison compare(Part first, Part second) {
        return PartComparison.of(catalog, specifications, first, second);
    }

    /** Why a wrong part of this type is dangerous; empty where it is only a nuisance. */
    public String safety(Part part) {
        return specifications.safety(part.partType()).orElse("");
    }
}
