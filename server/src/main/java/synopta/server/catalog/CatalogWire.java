package synopta.server.catalog;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.Part;
import synopta.core.catalog.Platform;
import synopta.core.fit.EquivalentModel;
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

    /** A part in its place, and the builds it holds for. */
    public record PlacedPart(
            String slot,
            String partType,
            int quantity,
            String part,
            String name,
            @MayBeNull LocalDate builtFrom,
            @MayBeNull LocalDate builtTo,
            @MayBeNull String serialFrom,
            @MayBeNull String serialTo,
            String note) {
        static PlacedPart of(Fit fit, Catalog catalog) {
            Part part = catalog.part(fit.part()).orElseThrow();
            return new PlacedPart(
                    fit.slot(),
                    part.partType(),
                    fit.quantity(),
                    part.number().written(),
                    part.name(),
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
