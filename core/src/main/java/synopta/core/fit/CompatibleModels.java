package synopta.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;

/**
 * The models of other brands that take the parts of a case: those that take the most of them first, then the same machine
 * under other names, nearest first, then by brand and number. Cost O(machines the parts serve).
 */
public final class CompatibleModels {
    private static final int NO_TWIN = Integer.MAX_VALUE;

    private static final Comparator<Machine> MOST_ALIKE_FIRST = Comparator.comparing(
                    (Machine m) -> -m.basis().size())
            .thenComparing(
                    m -> Optional.ofNullable(m.differing()).map(List::size).orElse(NO_TWIN))
            .thenComparing(m -> m.model().brand())
            .thenComparing(m -> m.model().number());

    private final WhereUsed whereUsed;
    private final EquivalentModels equivalentModels;

    /** Looks in this catalog. */
    public CompatibleModels(Catalog catalog, WhereUsed whereUsed) {
        this.whereUsed = whereUsed;
        equivalentModels = new EquivalentModels(catalog);
    }

    /**
     * A model and which of the parts it takes.
     *
     * @param model model of the catalog
     * @param basis of each part it takes, how
     * @param differing places where it has other parts than the machine of the case; null when it is built otherwise
     */
    public record Machine(
            Model model,
            Map<PartNumber, FitBasis> basis,
            @Nullable List<String> differing) {
        /** Copies. */
        public Machine {
            basis = new TreeMap<>(basis);
        }
    }

    /** For the parts of a case, and its machine when that is known. */
    public List<Machine> of(@Nullable Model model, List<PartNumber> parts) {
        Map<ModelNumber, Model> models = new LinkedHashMap<>();
        Map<ModelNumber, Map<PartNumber, FitBasis>> taken = new HashMap<>();
        for (PartNumber part : parts) {
            whereUsed.each(part, null, machine -> {
                ModelNumber number = machine.model().number();
                if (model == null || !model.brand().equals(machine.model().brand())) {
                    models.put(number, machine.model());
                    taken.computeIfAbsent(number, n -> new TreeMap<>()).put(part, machine.basis());
                }
            });
        }
        Map<ModelNumber, EquivalentModel> near = new HashMap<>();
        if (model != null) {
            equivalentModels
                    .of(model, Integer.MAX_VALUE)
                    .forEach(e -> near.put(e.model().number(), e));
        }
        List<Machine> machines = new ArrayList<>();
        models.forEach((number, m) -> machines.add(new Machine(
                m,
                taken.get(number),
                Optional.ofNullable(near.get(number))
                        .map(EquivalentModel::differing)
                        .orElse(null))));
        machines.sort(MOST_ALIKE_FIRST);
        return machines;
    }
}
