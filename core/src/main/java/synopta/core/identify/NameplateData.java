package synopta.core.identify;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Model;
import synopta.core.catalog.Part;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.quantity.Ohms;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;
import synopta.core.reading.Conditions;

/** Ratings of the parts that the catalog lists for a machine, which their readings are judged by. */
public final class NameplateData {
    private final Catalog catalog;
    private final Pack pack;
    private final @Nullable Model model;
    /** Fetched with the first reading. */
    private @Nullable List<Part> listed;

    /** Of this model; nothing is known without one. */
    public NameplateData(Catalog catalog, Pack pack, @Nullable Model model) {
        this.catalog = catalog;
        this.pack = pack;
        this.model = model;
    }

    /** Ratings of the part that a test is of, where all parts that are listed for it agree. */
    Conditions of(MeterTest test) {
        if (model == null) {
            return Conditions.NONE;
        }
        if (listed == null) {
            listed = catalog.partsAmong(catalog.fits(model.number()).stream()
                    .map(fit -> fit.part().key())
                    .distinct()
                    .toList());
        }
        Set<String> types = pack.partTypes(test);
        List<Map<String, String>> specs = listed.stream()
                .filter(part -> types.contains(part.partType()))
                .map(Part::specs)
                .toList();
        return new Conditions(
                null,
                agreed(specs, "volts", Volts::new),
                agreed(specs, "watts", Watts::new),
                agreed(specs, "r25-ohms", Ohms::new),
                agreed(specs, "kind").orElse(null));
    }

    private static <T> @Nullable T agreed(List<Map<String, String>> specs, String spec, DoubleFunction<T> of) {
        return agreed(specs, spec)
                .filter(value -> value.matches("\\d+(\\.\\d+)?"))
                .map(value -> of.apply(Double.parseDouble(value)))
                .orElse(null);
    }

    private static Optional<String> agreed(List<Map<String, String>> specs, String spec) {
        List<String> values = specs.stream()
                .map(s -> s.get(spec))
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        return values.size() == 1 ? Optional.of(values.get(0)) : Optional.empty();
    }
}
