package synopta.server.fit;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Supersession;
import synopta.core.fit.FitBasis;
import synopta.core.fit.SupersessionChain;
import synopta.core.fit.Supply;
import synopta.core.fit.WhereUsed;
import synopta.core.quantity.Money;
import synopta.server.web.MayBeNull;

/** Wire records of one part. */
final class PartsWire {
    private PartsWire() {}

    /** A part in a list; `onHand` counts sale units at all branches. */
    record PartLine(
            String part,
            String name,
            String partType,
            String maker,
            boolean genuine,
            Part.Status status,
            @MayBeNull String price,
            @MayBeNull String currency,
            int onHand) {
        static PartLine of(Part part, Catalog catalog) {
            Optional<Money> price = catalog.price(part.number());
            return new PartLine(
                    part.number().written(),
                    part.name(),
                    part.partType(),
                    part.maker(),
                    part.genuine(),
                    part.status(),
                    price.map(Money::decimal).orElse(null),
                    price.map(Money::currency).orElse(null),
                    catalog.onHand(part.number()));
        }
    }

    /** So many of a part, in a kit or for another part. */
    record Pieces(PartLine part, int quantity) {}

    /** What a branch has. */
    record BranchStock(String branch, int onHand, int leadDays) {}

    /** All that is to be known of a part by itself; `safety` says why a wrong one is dangerous. */
    record WholePart(
            PartLine part,
            int packQuantity,
            boolean returnable,
            Map<String, String> specs,
            @MayBeNull String safety,
            List<BranchStock> stock,
            List<Pieces> contents,
            List<Pieces> kits) {
        static WholePart of(Part part, String safety, Catalog catalog) {
            return new WholePart(
                    PartLine.of(part, catalog),
                    part.packQuantity(),
                    part.returnable(),
                    new TreeMap<>(part.specs()),
                    safety.isEmpty() ? null : safety,
                    catalog.stock(part.number()).stream()
                            .map(s -> new BranchStock(s.branch(), s.onHand(), s.leadDays()))
                            .toList(),
                    catalog.contentsOf(part.number()).stream()
                            .map(row -> pieces(row.content(), row, catalog))
                            .toList(),
                    catalog.kitsHolding(part.number()).stream()
                            .map(row -> pieces(row.kit(), row, catalog))
                            .toList());
        }

        private static Pieces pieces(PartNumber number, KitContent row, Catalog catalog) {
            return new Pieces(PartLine.of(catalog.part(number).orElseThrow(), catalog), row.quantity());
        }
    }

    /** A row that lists a part for a machine. */
    record UsedRow(
            String slot,
            String listed,
            int quantity,
            @MayBeNull LocalDate builtFrom,
            @MayBeNull LocalDate builtTo,
            @MayBeNull String serialFrom,
            @MayBeNull String serialTo) {
        private static UsedRow of(Fit fit) {
            return new UsedRow(
                    fit.slot(),
                    fit.part().written(),
                    fit.quantity(),
                    fit.built().from().orElse(null),
                    fit.built().to().orElse(null),
                    fit.serials().from().orElse(null),
                    fit.serials().to().orElse(null));
        }
    }

    /** A machine that the part serves; `via` is `direct`, `supersession`, `equivalent`, or for a kit `contents`. */
    record UsedModel(
            String model,
            String brand,
            Appliance appliance,
            @MayBeNull Fuel fuel,
            FitBasis via,
            List<UsedRow> rows) {
        private static UsedModel of(WhereUsed.Machine machine) {
            return new UsedModel(
                    machine.model().number().written(),
                    machine.model().brand(),
                    machine.model().appliance(),
                    machine.model().fuel().orElse(null),
                    machine.basis(),
                    machine.rows().stream().map(UsedRow::of).toList());
        }
    }

    /** Machines by number; `next` is what `after` must say for more. */
    record UsedBy(
            String part, List<UsedModel> models, @MayBeNull String next) {
        static UsedBy of(Part part, WhereUsed.Page page) {
            return new UsedBy(
                    part.number().written(),
                    page.machines().stream().map(UsedModel::of).toList(),
                    page.next().orElse(null));
        }
    }

    /** So many models of a brand and appliance. */
    record UsedCount(String brand, Appliance appliance, int models) {
        static UsedCount of(WhereUsed.Count count) {
            return new UsedCount(count.brand(), count.appliance(), count.models());
        }
    }

    /** A step of a supersession; an empty `change` drops in. Rows of one choice go together. */
    record Step(
            String oldPart,
            String choice,
            String newPart,
            int quantity,
            String change,
            @MayBeNull LocalDate effective) {
        private static Step of(Supersession row) {
            return new Step(
                    row.oldPart().written(),
                    row.choice(),
                    row.newPart().written(),
                    row.quantity(),
                    row.change(),
                    row.effective().orElse(null));
        }
    }

    /** A way of supplying the part today. */
    record Way(List<FitWire.SupplyWire> supply, List<String> changes, List<String> reasons) {
        private static Way of(Supply supply) {
            return new Way(FitWire.items(supply), supply.changes(), supply.chain());
        }
    }

    /** What a part replaced and what it has become. */
    record SuccessionWire(String part, List<PartLine> parts, List<Step> steps, Way today, List<Way> alternatives) {
        static SuccessionWire of(SupersessionChain chain, List<Supply> supplies, Catalog catalog) {
            List<Supersession> rows = chain.rows();
            Set<String> keys = new TreeSet<>(Set.of(chain.part().key()));
            rows.forEach(row ->
                    keys.addAll(List.of(row.oldPart().key(), row.newPart().key())));
            return new SuccessionWire(
                    chain.part().written(),
                    catalog.partsAmong(keys).stream()
                            .map(part -> PartLine.of(part, catalog))
                            .toList(),
                    rows.stream().map(Step::of).toList(),
                    Way.of(supplies.get(0)),
                    supplies.subList(1, supplies.size()).stream().map(Way::of).toList());
        }
    }
}
