package synopta.server.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.CompatibleModels;
import synopta.core.fit.WhereUsed;
import synopta.formats.table.TableWriter;

/** Machines of parts as tables to take away. */
final class PartsTable {
    private static final List<String> WHERE_USED =
            List.of("model", "brand", "appliance", "fuel", "via", "slots", "listed", "ranges");

    private PartsTable() {}

    static TableWriter whereUsed(WhereUsed whereUsed, PartNumber part, @Nullable String brand) {
        return new TableWriter("models", WHERE_USED, reader -> whereUsed.each(part, brand, m -> reader.accept(row(m))));
    }

    private static String[] row(WhereUsed.Machine machine) {
        return new String[] {
            machine.model().number().written(),
            machine.model().brand(),
            machine.model().appliance().slug(),
            Optional.ofNullable(machine.model().fuel()).map(f -> f.slug()).orElse(""),
            machine.basis().slug(),
            machine.rows().stream().map(r -> r.slot()).distinct().collect(Collectors.joining(";")),
            machine.rows().stream().map(r -> r.part().written()).distinct().collect(Collectors.joining(";")),
            machine.rows().stream()
                    .map(r -> r.built().words() + r.serials().words())
                    .distinct()
                    .collect(Collectors.joining(";"))
        };
    }

    static TableWriter compatible(List<CompatibleModels.Machine> machines, List<PartNumber> parts) {
        List<String> columns = new ArrayList<>(List.of("model", "brand", "appliance", "fuel", "differing"));
        parts.forEach(part -> columns.add(part.written()));
        return new TableWriter("compatible", columns, reader -> machines.forEach(m -> reader.accept(row(m, parts))));
    }

    private static String[] row(CompatibleModels.Machine machine, List<PartNumber> parts) {
        List<String> cells = new ArrayList<>(List.of(
                machine.model().number().written(),
                machine.model().brand(),
                machine.model().appliance().slug(),
                Optional.ofNullable(machine.model().fuel()).map(f -> f.slug()).orElse(""),
                Optional.ofNullable(machine.differing())
                        .map(places -> String.join(";", places))
                        .orElse("different construction")));
        parts.forEach(part -> cells.add(Optional.ofNullable(machine.basis().get(part))
                .map(via -> via.slug())
                .orElse("")));
        return cells.toArray(String[]::new);
    }
}
