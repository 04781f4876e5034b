package synopta.server.catalog;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;
import synopta.core.fit.EquivalentModels;
import synopta.core.knowledge.CurrentPacks;
import synopta.server.web.ApiException;

/** Facts of the catalog, and the layouts the packs draw. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class CatalogController {
    private static final int MOST_TWINS = 100;

    private final Catalog catalog;
    private final CurrentPacks packs;

    CatalogController(Catalog catalog, CurrentPacks packs) {
        this.catalog = catalog;
        this.packs = packs;
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
        List<CatalogWire.PlacedPart> parts = catalog.fits(found.number()).stream()
                .map(fit -> CatalogWire.PlacedPart.of(fit, catalog))
                .toList();
        return new CatalogWire.ModelParts(found.number().written(), parts);
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

    private Model found(String model) {
        return catalog.model(new ModelNumber(model))
                .orElseThrow(() -> ApiException.missing(
                        "Model %s is not in the catalog. Check the number on the tag, or search under Models."
                                .formatted(model)));
    }
}
