package synopta.core.counter;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartListing;
import synopta.core.diagnosis.DecisionCosts;
import synopta.core.identify.IdentifiedModel;
import synopta.core.knowledge.HouseSettings;

/**
 * What a decision costs with the parts of a machine.
 *
 * @param catalog where they are listed
 * @param currency of their prices
 * @param rules rules of the house
 */
record PartCosts(Catalog catalog, String currency, HouseSettings rules) {
    /** What the parts of the machine cost; nothing while it is not known. */
    DecisionCosts of(IdentifiedModel identified) {
        Map<String, DecisionCosts.Price> prices = new LinkedHashMap<>();
        List<String> listed =
                Optional.ofNullable(identified.model()).map(m -> catalog.fits(m.number())).orElse(List.of()).stream()
                        .map(fit -> fit.part().key())
                        .distinct()
                        .toList();
        for (PartListing listing : catalog.listings(listed)) {
            Part part = listing.part();
            Optional.ofNullable(listing.price())
                    .ifPresent(price -> prices.putIfAbsent(
                            part.partType(), new DecisionCosts.Price(price.cents() / 100.0, part.returnable())));
        }
        return DecisionCosts.of(currency, prices, rules);
    }
}
