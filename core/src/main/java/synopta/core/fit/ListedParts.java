package synopta.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Model;
import synopta.core.catalog.SerialOrder;

/** What the catalog lists for one machine, and by which of its rows a part is right there. */
final class ListedParts {
    private final Catalog catalog;
    private final Model model;
    private final MachineUnit unit;
    private final List<Fit> rows;
    private final Supplier<SerialOrder> order;
    private SerialOrder known;

    /** A row, and why it makes the part right. */
    record Hit(Fit row, SupplyPath path) {
        private static final Comparator<Hit> NEAREST = Comparator.comparing((Hit h) -> h.path.basis())
                .thenComparingInt(h -> h.path.changes().size())
                .thenComparingInt(h -> h.path.steps().size());
    }

    ListedParts(Catalog catalog, Model model, MachineUnit unit) {
        this.catalog = catalog;
        this.model = model;
        this.unit = unit;
        rows = catalog.fits(model.number());
        order = this::order;
    }

    private SerialOrder order() {
        known = known == null ? SerialOrder.of(model.brand(), catalog) : known;
        return known;
    }

    Model model() {
        return model;
    }

    /** Every row that makes the part right in some build, nearest first. */
    List<Hit> hits(Interchange interchange) {
        List<Hit> hits = new ArrayList<>();
        rows.forEach(row -> interchange.from(row.part()).ifPresent(path -> hits.add(new Hit(row, path))));
        hits.sort(Hit.NEAREST);
        return hits;
    }

    Optional<Hit> sure(List<Hit> hits) {
        return hits.stream().filter(h -> unit.surely(h.row, model, order)).findFirst();
    }

    Optional<Hit> open(List<Hit> hits) {
        return hits.stream().filter(h -> unit.perhaps(h.row, model, order)).findFirst();
    }

    FitVerdict.Missing missing(Hit hit) {
        return unit.missing(hit.row, order);
    }

    /** Rows that may hold, at one of these places, or else for a part of that type. */
    List<Fit> instead(List<String> slots, String partType) {
        List<Fit> there = rows.stream()
                .filter(row -> slots.contains(row.slot()) && unit.perhaps(row, model, order))
                .toList();
        return !there.isEmpty()
                ? there
                : rows.stream()
                        .filter(row -> catalog.part(row.part())
                                        .map(p -> p.partType().equals(partType))
                                        .orElse(false)
                                && unit.perhaps(row, model, order))
                        .toList();
    }

    /** In words: "TH-7820-W lists B1 at belt, any build". */
    static String said(Fit row) {
        return said(row, "lists");
    }

    /** The same with another verb. */
    static String said(Fit row, String verb) {
        return "%s %s %s at %s, %s%s"
                .formatted(
                        row.model(),
                        verb,
                        row.part(),
                        row.slot(),
                        row.built().words(),
                        row.serials().words());
    }
}
