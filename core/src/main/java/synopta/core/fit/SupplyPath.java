package synopta.core.fit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Equivalent;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;

/**
 * Why a part is right where another one is listed.
 *
 * @param steps supersessions from the listed part to the one asked for, or to the one it may stand in for
 * @param isForerunner whether what is listed replaces the part asked for
 * @param standsIn the row by which it may stand in
 */
record SupplyPath(
        FitBasis basis,
        PartNumber listed,
        List<Supersession> steps,
        boolean isPredecessor,
        @Nullable Equivalent standsIn) {
    SupplyPath {
        steps = List.copyOf(steps);
    }

    List<String> changes() {
        return Supersession.changes(steps);
    }
}
