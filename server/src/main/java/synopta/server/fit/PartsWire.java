package synopta.server.fit;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.KitContent;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartListing;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Stock;
import synopta.core.catalog.Supersession;
import synopta.core.fit.FitBasis;
import synopta.core.fit.SupersessionChain;
import synopta.core.fit.Supply;
import synopta.core.fit.WhereUsed;
import synopta.server.web.MayBeNull;
import synopta.server.web.ModelLine;

/** Wire records of one part. */
final class PartsWire {
    private PartsWire() {}

    /** So many of a part, in a kit or for another part. */
    record Pieces(PartListing part, int quantity) {}

    /** All that is to be known of a part by itself; `safety` says why a wrong one is dangerous. */
    record WholePart(
            PartListing part,
            int packQuantity,
            boolean returnable,
            Map<String, String> specs,
            @MayBeNull String safety,
            List<Stock> stock,
            List<Pieces> contents,
            List<Pieces> kits) {
        static WholePart of(PartListing listing, String safety, Catalog catalog) {
            Part part = listing.part();
            List<KitContent> contents = catalog.contentsOf(part.number());
            List<KitContent> kits = catalog.kitsHolding(part.number());
            Map<PartNumber, PartListing> listed = catalog.listed(Stream.concat(
                    contents.stream().map(KitContent::content), kits.stream().map(KitContent::kit)));
            return new WholePart(
                    listing,
                    part.packQuantity(),
                    part.returnable(),
                    part.specs(),
                    safety.isEmpty() ? null : safety,
                    listing.stock(),
                    contents.stream()
                            .map(row -> new Pieces(listed.get(row.content()), row.quantity()))
                            .toList(),
                    kits.stream()
                            .map(row -> new Pieces(listed.get(row.kit()), row.quantity()))
                            .toList());
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
                    fit.built().from(),
                    fit.built().to(),
                    fit.serials().from(),
                    fit.serials().to());
        }
    }

    /** A machine that the part serves; `via` is `direct`, `supersession`, `equivalent`, or for a kit `contents`. */
    record UsedModel(@JsonUnwrapped ModelLine model, FitBasis via, List<UsedRow> rows) {
        private static UsedModel of(WhereUsed.Machine machine) {
            return new UsedModel(
                    ModelLine.of(machine.model()),
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
                    page.next());
        }
    }

    /** What a part replaced and what it has become. */
    record SuccessionWire(
            String part, List<PartListing> parts, List<Supersession> steps, Supply today, List<Supply> alternatives) {
        static SuccessionWire of(SupersessionChain chain, List<Supply> supplies, Catalog catalog) {
            List<Supersession> rows = chain.rows();
            Set<String> keys = new TreeSet<>(Set.of(chain.part().key()));
            rows.forEach(row ->
                    keys.addAll(List.of(row.oldPart().key(), row.newPart().key())));
            return new SuccessionWire(
                    chain.part().written(),
                    catalog.listings(keys),
                    rows,
                    supplies.get(0),
                    supplies.subList(1, supplies.size()));
        }
    }
}
