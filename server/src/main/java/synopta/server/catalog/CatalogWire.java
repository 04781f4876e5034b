package synopta.server.catalog;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartListing;
import synopta.core.catalog.Platform;
import synopta.core.catalog.Stock;
import synopta.core.fit.EquivalentModel;
import synopta.core.quantity.Money;
import synopta.server.web.MayBeNull;
import synopta.server.web.ModelLine;

/** Wire records of the catalog and of layouts. */
public final class CatalogWire {
    private CatalogWire() {}

    /** A model. */
    public record ModelWire(
            String model,
            String brand,
            Appliance appliance,
            @MayBeNull Fuel fuel,
            @MayBeNull Integer volts,
            String platform,
            String layout,
            @MayBeNull LocalDate builtFrom,
            @MayBeNull LocalDate builtTo,
            String note) {
        /** The wire form of a model, with its layout. */
        public static ModelWire of(Model model, @Nullable Platform platform) {
            return new ModelWire(
                    model.number().written(),
                    model.brand(),
                    model.appliance(),
                    model.fuel(),
                    model.volts(),
                    model.platform(),
                    Optional.ofNullable(platform).map(Platform::layout).orElse(""),
                    model.built().from(),
                    model.built().to(),
                    model.note());
        }
    }

    /** The parts of a model. */
    public record ModelParts(String model, List<PlacedPart> parts) {}

    /** Models of a layout; `next` is the last of them where there are more. */
    public record BuiltModels(
            List<ModelLine> models, @MayBeNull String next) {
        static BuiltModels of(List<Model> models, int most) {
            List<Model> page = models.subList(0, Math.min(most, models.size()));
            return new BuiltModels(
                    page.stream().map(ModelLine::of).toList(),
                    models.size() > most ? page.get(most - 1).number().written() : null);
        }
    }

    /** A part in its place, with its price and stock, and the builds it holds for; `now`: what a superseded one is sold as today. */
    public record PlacedPart(
            String slot,
            String partType,
            int quantity,
            String part,
            String name,
            Part.Status status,
            @MayBeNull Money price,
            List<Stock> stock,
            List<PartListing> now,
            @MayBeNull LocalDate builtFrom,
            @MayBeNull LocalDate builtTo,
            @MayBeNull String serialFrom,
            @MayBeNull String serialTo,
            String note) {
        static PlacedPart of(Fit fit, PartListing listing, List<PartListing> now) {
            Part part = listing.part();
            return new PlacedPart(
                    fit.slot(),
                    part.partType(),
                    fit.quantity(),
                    part.number().written(),
                    part.name(),
                    part.status(),
                    listing.price(),
                    listing.stock(),
                    now,
                    fit.built().from(),
                    fit.built().to(),
                    fit.serials().from(),
                    fit.serials().to(),
                    fit.note());
        }
    }

    /** The same machine under other brands, nearest first. */
    public record TwinsWire(String model, List<TwinWire> twins) {}

    /** A twin, and the places where both have the same parts or not. */
    public record TwinWire(@JsonUnwrapped ModelLine model, List<String> shared, List<String> differing) {
        static TwinWire of(EquivalentModel twin) {
            return new TwinWire(ModelLine.of(twin.model()), twin.shared(), twin.differing());
        }
    }
}
