package synopta.core.counter;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.FitFinder;
import synopta.core.fit.FitVerdict;
import synopta.core.fit.PlatformFit;
import synopta.core.fit.Supply;

/** What was asked for by its number, judged for the machine as far as it is known. */
final class AskedNeeds {
    private final Catalog catalog;
    private final FitFinder finder;

    AskedNeeds(Catalog catalog, FitFinder finder) {
        this.catalog = catalog;
        this.finder = finder;
    }

    List<NeededPart> of(Settled settled) {
        List<NeededPart> needs = new ArrayList<>();
        settled.parts()
                .forEach(asked -> needs.addAll(needs(asked, judge(asked.part().number(), settled))));
        return needs;
    }

    private FitVerdict judge(PartNumber part, Settled settled) {
        if (settled.model().isPresent()) {
            return finder.judge(settled.model().get().number(), settled.unit(), part);
        }
        return settled.chosen()
                .map(c -> new PlatformFit(catalog, finder, c.platform(), settled.fuels()).judge(part))
                .orElseGet(() -> anyMachine(part));
    }

    /** Without a machine the part is supplied as what it is today, and the machine is still to be asked for. */
    private FitVerdict anyMachine(PartNumber part) {
        List<String> reasons = new ArrayList<>(List.of("No machine is named: ask for its model"));
        reasons.addAll(finder.supplies(part).get(0).chain());
        return new FitVerdict.Depends("model", reasons);
    }

    private List<NeededPart> needs(AskedPart asked, FitVerdict verdict) {
        PartNumber number = asked.part().number();
        List<Supply.Item> items = verdict.fold(
                fits -> fits.supply().items(),
                depends -> depends.ask().equals("model") ? today(number) : List.of(),
                not -> List.of(),
                unknown -> List.of());
        List<NeededPart> needs = new ArrayList<>();
        for (Supply.Item item : items) {
            needs.add(need(
                    asked, Optional.of(item.part()), Math.multiplyExact(asked.quantity(), item.quantity()), verdict));
        }
        if (items.isEmpty()) {
            needs.add(need(asked, Optional.empty(), asked.quantity(), verdict));
        }
        return needs;
    }

    private List<Supply.Item> today(PartNumber number) {
        return finder.supplies(number).get(0).items();
    }

    private static NeededPart need(AskedPart asked, Optional<PartNumber> supplied, int quantity, FitVerdict verdict) {
        return new NeededPart(
                asked.part().partType(),
                List.of(),
                asked.part().number(),
                supplied,
                quantity,
                verdict,
                "asked for by its number");
    }
}
