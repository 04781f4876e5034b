package synopta.server.fit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartListing;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.PartComparison;
import synopta.core.fit.PartDetails;
import synopta.core.fit.Specifications;
import synopta.core.knowledge.Basis;
import synopta.core.knowledge.SpecRule;
import synopta.server.web.MayBeNull;

/** Wire records of parts beside each other. */
final class CompareWire {
    private CompareWire() {}

    /** One specification of both: `same`, `exceeds`, `differs`, `not-known`, `does-not-matter`. */
    record SpecLine(
            String spec,
            @MayBeNull String original,
            @MayBeNull String other,
            Specifications.Outcome outcome,
            @MayBeNull SpecRule.Rule rule,
            @MayBeNull String why,
            @MayBeNull String basis) {
        private static SpecLine of(Specifications.Line line) {
            return new SpecLine(
                    line.spec(),
                    line.original(),
                    line.other(),
                    line.outcome(),
                    Optional.ofNullable(line.rule()).map(r -> r.rule()).orElse(null),
                    Optional.ofNullable(line.rule()).map(SpecRule::why).orElse(null),
                    Optional.ofNullable(line.rule())
                            .map(SpecRule::basis)
                            .map(Basis::source)
                            .orElse(null));
        }

        private static List<SpecLine> all(Specifications.Comparison compared) {
            return compared.lines().stream().map(SpecLine::of).toList();
        }
    }

    /**
     * What may stand in: with a `basis` the catalog lists it; without one only its specifications speak for it, and a
     * person decides. `allowed`: it may be supplied unasked.
     */
    record StandInWire(
            PartListing part,
            @MayBeNull String basis,
            boolean allowed,
            boolean interchangeable,
            String words,
            List<SpecLine> specs) {
        private static StandInWire of(PartDetails.StandIn standIn, PartListing listing) {
            return new StandInWire(
                    listing,
                    standIn.basis().isEmpty() ? null : standIn.basis(),
                    standIn.allowed(),
                    standIn.compared().interchangeable(),
                    standIn.compared().words(),
                    SpecLine.all(standIn.compared()));
        }
    }

    /** What may stand in for a part. */
    record StandIns(String part, @MayBeNull String safety, List<StandInWire> equivalents) {
        static StandIns of(Part part, PartDetails book, Catalog catalog) {
            String safety = book.safety(part);
            List<PartDetails.StandIn> standIns = book.standIns(part);
            Map<PartNumber, PartListing> listed =
                    catalog.listed(standIns.stream().map(s -> s.part().number()));
            return new StandIns(
                    part.number().written(),
                    safety.isEmpty() ? null : safety,
                    standIns.stream()
                            .map(s -> StandInWire.of(s, listed.get(s.part().number())))
                            .toList());
        }
    }

    /** What the bag holds of a part, for each of the two. */
    record BagLine(PartListing part, int inFirst, int inSecond) {}

    /** Two parts side by side, the second in place of the first. */
    record SideBySide(
            PartListing first,
            PartListing second,
            boolean interchangeable,
            List<String> related,
            List<SpecLine> specs,
            List<BagLine> bag) {
        static SideBySide of(PartComparison compared, Catalog catalog) {
            PartNumber first = compared.first().number();
            PartNumber second = compared.second().number();
            Map<PartNumber, PartListing> listed = catalog.listed(Stream.concat(
                    Stream.of(first, second), compared.bag().stream().map(held -> held.part())));
            return new SideBySide(
                    listed.get(first),
                    listed.get(second),
                    compared.specifications().interchangeable(),
                    compared.related(),
                    SpecLine.all(compared.specifications()),
                    compared.bag().stream()
                            .map(held -> new BagLine(listed.get(held.part()), held.inFirst(), held.inSecond()))
                            .toList());
        }
    }
}
