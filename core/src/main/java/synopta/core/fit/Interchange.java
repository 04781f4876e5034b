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
    private final Map<PartNumber, SupplyPath> paths = new LinkedHashMap<>();
    private final SupersessionChain chain;

    Interchange(Catalog catalog, PartNumber part, boolean genuineOnly) {
        chain = SupersessionChain.of(catalog, part);
        paths.put(part, new SupplyPath(FitBasis.DIRECT, part, List.of(), false, null));
        for (PartNumber predecessor : chain.predecessors()) {
            List<Supersession> since = chain.since(predecessor).orElseThrow();
            paths.putIfAbsent(predecessor, new SupplyPath(FitBasis.SUCCESSION, predecessor, since, false, null));
        }
        chain.successors()
                .forEach(successor -> paths.putIfAbsent(
                        successor, new SupplyPath(FitBasis.SUCCESSION, successor, List.of(), true, null)));
        boolean allowed =
                !genuineOnly || catalog.part(part).map(p -> p.genuine()).orElse(false);
        if (allowed) {
            catalog.originalsOf(part).forEach(row -> standsIn(catalog, row));
        }
    }

    private void standsIn(Catalog catalog, Equivalent row) {
        PartNumber original = row.part();
        paths.putIfAbsent(original, new SupplyPath(FitBasis.EQUIVALENT, original, List.of(), false, row));
        SupersessionChain before = SupersessionChain.of(catalog, original);
        for (PartNumber predecessor : before.predecessors()) {
            SupplyPath path = new SupplyPath(
                    FitBasis.EQUIVALENT, predecessor, before.since(predecessor).orElseThrow(), false, row);
            if (path.changes().isEmpty()) {
                paths.putIfAbsent(predecessor, path);
            }
        }
    }

    SupersessionChain chain() {
        return chain;
    }

    Optional<SupplyPath> from(PartNumber listed) {
        return Optional.ofNullable(paths.get(listed));
    }

    Set<PartNumber> listed() {
        return new TreeSet<>(paths.keySet());
    }
}
