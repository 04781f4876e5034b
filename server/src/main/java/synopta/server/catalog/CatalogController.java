package synopta.server.catalog;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.NumberNormalizer;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartListing;
import synopta.core.catalog.PartNumber;
import synopta.core.fit.EquivalentModels;
import synopta.core.fit.FitFinder;
import synopta.core.fit.Supply;
import synopta.core.knowledge.CurrentPacks;
import synopta.server.web.ApiException;

/** Facts of the catalog, and the layouts the packs draw. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class CatalogController {
    private static final int MOST_TWINS = 100;
    private static final int MOST_BUILT = 24;

    private final Catalog catalog;
    private final CurrentPacks packs;
    private final FitFinder finder;

    CatalogController(Catalog catalog, CurrentPacks packs, FitFinder finder) {
        this.catalog = catalog;
        this.packs = packs;
        this.finder = finder;
    }

    @GetMapping("/models/{model}")
    CatalogWire.ModelWire model(@PathVariable String model) {
        Model found = found(model);
        return CatalogWire.ModelWire.of(
                found, catalog.platform(found.platform()).orElse(null));
    }

    @GetMapping("/models/{model}/parts")
    CatalogWire.ModelParts parts(@PathVariable String model) {
        Model found = found(model);
        List<Fit> fits = catalog.fits(found.number());
        Map<PartNumber, PartListing> listed = catalog.listed(fits.stream().map(Fit::part));
        Map<PartNumber, List<PartNumber>> today = new HashMap<>();
        listed.forEach((number, listing) -> today.put(number, soldToday(listing)));
        Map<PartNumber, PartListing> now =
                catalog.listed(today.values().stream().flatMap(List::stream));
        List<CatalogWire.PlacedPart> parts = fits.stream()
                .map(fit -> CatalogWire.PlacedPart.of(
                        fit,
                        listed.get(fit.part()),
                        today.get(fit.part()).stream().map(now::get).toList()))
                .toList();
        return new CatalogWire.ModelParts(found.number().written(), parts);
    }

    /** The best of what a part that is no longer sold is supplied as; none for one that is. */
    private List<PartNumber> soldToday(PartListing listing) {
        return listing.part().status() == Part.Status.CURRENT
                ? List.of()
                : finder.supplies(listing.part().number()).stream()
                        .findFirst()
                        .map(supply ->
                                supply.items().stream().map(Supply.Item::part).toList())
                        .filter(parts -> !parts.contains(listing.part().number()))
                        .orElse(List.of());
    }

    @GetMapping("/models/{model}/twins")
    CatalogWire.TwinsWire twins(@PathVariable String model) {
        Model found = found(model);
        return new CatalogWire.TwinsWire(
                found.number().written(),
                new EquivalentModels(catalog)
                        .of(found, MOST_TWINS).stream()
                                .map(CatalogWire.TwinWire::of)
                                .toList());
    }

    /** The branches that a stock is known of. */
    @GetMapping("/branches")
    List<String> branches() {
        return catalog.branches();
    }

    @GetMapping("/layouts/{appliance}")
    List<LayoutWire> layouts(@PathVariable String appliance) {
        return packs.of(Appliance.of(appliance))
                .map(pack -> pack.layouts().stream().map(LayoutWire::of).toList())
                .orElse(List.of());
    }

    /** The models of a layout by number, so many at once; `next` is where the others begin. */
    @GetMapping("/layouts/{appliance}/{layout}/models")
    CatalogWire.BuiltModels models(
            @PathVariable String appliance,
            @PathVariable String layout,
            @RequestParam(defaultValue = "") String after) {
        List<Model> models =
                catalog.modelsBuilt(Appliance.of(appliance), layout, NumberNormalizer.key(after), MOST_BUILT + 1);
        return CatalogWire.BuiltModels.of(models, MOST_BUILT);
    }

    private Model found(String model) {
        return catalog.model(new ModelNumber(model))
                .orElseThrow(() -> ApiException.missing(
                        "Model %s is not in the catalog. Check the number on the tag, or search under Models."
                                .formatted(model)));
    }
}
