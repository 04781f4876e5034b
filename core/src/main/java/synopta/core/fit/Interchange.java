package synopta.core.fit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;

/**
 * The listed parts in whose place a part is right: itself, all it replaced, all that replace it, and those it may stand
 * in for, with what these replaced without a change. One answer for the fit of a machine and for where a part is used.
 */
final class Interchange {
    private final Map<PartNumber, SupplyPath> roads = new LinkedHashMap<>();
    private final SupersessionChain lineage;

    Interchange(Catalog catalog, PartNumber part, boolean genuineOnly) {
        lineage = SupersessionChain.of(catalog, part);
        roads.put(part, new SupplyPath(FitBasis.DIRECT, part, List.of(), false, Optional.empty()));
        for (PartNumber forerunner : lineage.forerunners()) {
            succession(forerunner, lineage.since(forerunner).orElseThrow(), false);
        }
        lineage.successors().forEach(successor -> succession(successor, List.of(), true));
        boolean allowed =
                !genuineOnly || catalog.part(part).map(p -> p.genuine()).orElse(false);
        if (allowed) {
            catalog.originalsOf(part).forEach(row -> standsIn(catalog, row));
        }
    }

    private void succession(PartNumber listed, List<Supersession> steps, boolean isForerunner) {
        roads.putIfAbsent(listed, new SupplyPath(FitBasis.SUCCESSION, listed, steps, isForerunner, Optional.empty()));
    }

    private void standsIn(Catalog catalog, Equivalent row) {
        PartNumber original = row.part();
        roads.putIfAbsent(original, new SupplyPath(FitBasis.EQUIVALENT, original, List.of(), false, Optional.of(row)));
        SupersessionChain before = SupersessionChain.of(catalog, original);
        for (PartNumber forerunner : before.forerunners()) {
            SupplyPath road = new SupplyPath(
                    FitBasis.EQUIVALENT, forerunner, before.since(forerunner).orElseThrow(), false, Optional.of(row));
            if (road.changes().isEmpty()) {
                roads.putIfAbsent(forerunner, road);
            }
        }
    }

    SupersessionChain lineage() {
        return lineage;
    }

    Optional<SupplyPath> from(PartNumber listed) {
        return Optional.ofNullable(roads.get(listed));
    }

    Set<PartNumber> listed() {
        return new TreeSet<>(roads.keySet());
    }
}
