package synopta.core.sale;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.FitFinder;
import synopta.core.fit.FitVerdict;
import synopta.core.fit.PlatformFit;
import synopta.core.fit.Supply;
import synopta.core.identify.IdentifiedModel;
import synopta.core.line.RequestedPart;

/** What was asked for by its number, judged for the machine as far as it is known. */
final class RequestedParts {
    private final Catalog catalog;
    private final FitFinder finder;

    RequestedParts(Catalog catalog, FitFinder finder) {
        this.catalog = catalog;
        this.finder = finder;
    }

    List<RequiredPart> of(IdentifiedModel identified) {
        List<RequiredPart> needs = new ArrayList<>();
        identified.parts().forEach(asked -> needs.addAll(needs(asked, identified)));
        return needs;
    }

    private List<RequiredPart> needs(RequestedPart asked, IdentifiedModel identified) {
        PartNumber number = asked.part().number();
        Optional<FitVerdict> judged = judged(number, identified);
        boolean anyMachine = judged.map(RequestedParts::asksForModel).orElse(true);
        if (!anyMachine) {
            return needs(asked, RequiredParts.supplied(judged.get()), judged.get());
        }
        Supply today = finder.supplies(number).get(0);
        return needs(asked, today.items(), judged.orElseGet(() -> noMachine(today)));
    }

    /** The verdict on a machine or a construction that is known. */
    private Optional<FitVerdict> judged(PartNumber part, IdentifiedModel identified) {
        return Optional.ofNullable(identified.model())
                .map(model -> finder.judge(model.number(), identified.unit(), part))
                .or(() -> Optional.ofNullable(identified.chosen())
                        .map(c -> new PlatformFit(catalog, finder, c.platform(), identified.fuels()).judge(part)));
    }

    private static boolean asksForModel(FitVerdict verdict) {
        return verdict.fold(
                fits -> false, depends -> depends.ask() == FitVerdict.Missing.MODEL, not -> false, unknown -> false);
    }

    /** Without a machine the part is supplied as what it is today, and the machine is still to be asked for. */
    private static FitVerdict noMachine(Supply today) {
        List<String> reasons = new ArrayList<>(List.of("No model is known: ask for it"));
        reasons.addAll(today.chain());
        return new FitVerdict.Depends(FitVerdict.Missing.MODEL, reasons);
    }

    private static List<RequiredPart> needs(RequestedPart asked, List<Supply.Item> items, FitVerdict verdict) {
        List<RequiredPart> needs = new ArrayList<>();
        for (Supply.Item item : items) {
            needs.add(need(asked, item.part(), Math.multiplyExact(asked.quantity(), item.quantity()), verdict));
        }
        if (items.isEmpty()) {
            needs.add(need(asked, null, asked.quantity(), verdict));
        }
        return needs;
    }

    private static RequiredPart need(
            RequestedPart asked, @Nullable PartNumber supplied, int quantity, FitVerdict verdict) {
        return new RequiredPart(
                asked.part().partType(),
                List.of(),
                asked.part().number(),
                supplied,
                quantity,
                verdict,
                BagPiece.Source.REQUESTED,
                "requested by number");
    }
}
