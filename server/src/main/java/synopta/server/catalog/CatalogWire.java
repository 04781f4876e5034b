package synopta.server.catalog;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.Part;
import synopta.core.catalog.Platform;
import synopta.core.fit.Twin;
import synopta.core.knowledge.Drawing;
import synopta.core.knowledge.Layout;
import synopta.server.web.MayBeNull;

/** Wire records of the catalogue and of layouts. */
public final class CatalogWire {
    private CatalogWire() {}

    /** A model. */
    public record ModelWire(
            String model,
            String brand,
            String appliance,
            @MayBeNull String fuel,
            @MayBeNull Integer volts,
            String platform,
            String layout,
            @MayBeNull LocalDate builtFrom,
            @MayBeNull LocalDate builtTo,
            String note) {
        /** The wire form of a model, with its layout. */
        public static ModelWire of(Model model, Optional<Platform> platform) {
            return new ModelWire(
                    model.number().written(),
                    model.brand(),
                    model.appliance().slug(),
                    model.fuel().map(f -> f.slug()).orElse(null),
                    model.volts().isPresent() ? model.volts().getAsInt() : null,
                    model.platform(),
                    platform.map(Platform::layout).orElse(""),
                    model.built().from().orElse(null),
                    model.built().to().orElse(null),
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
                    fit.built().from().orElse(null),
                    fit.built().to().orElse(null),
                    fit.serials().from().orElse(null),
                    fit.serials().to().orElse(null),
                    fit.note());
        }
    }

    /** The same machine under other brands, nearest first. */
    public record TwinsWire(String model, List<TwinWire> twins) {}

    /** A twin, and the places where both have the same parts or not. */
    public record TwinWire(
            String model, String brand, @MayBeNull String fuel, List<String> shared, List<String> differing) {
        static TwinWire of(Twin twin) {
            return new TwinWire(
                    twin.model().number().written(),
                    twin.model().brand(),
                    twin.model().fuel().map(f -> f.slug()).orElse(null),
                    twin.shared(),
                    twin.differing());
        }
    }

    /** A layout with its drawing. */
    public record LayoutWire(
            String layout,
            String name,
            String tag,
            List<String> fuels,
            List<PlaceWire> places,
            int width,
            int height,
            List<StrokeWire> lines,
            List<LabelWire> texts) {
        static LayoutWire of(Layout layout) {
            Drawing drawing = layout.drawing();
            return new LayoutWire(
                    layout.id(),
                    layout.name(),
                    layout.tag(),
                    layout.fuels().stream().sorted().map(Fuel::slug).toList(),
                    drawing.spots().stream()
                            .map(spot -> PlaceWire.of(layout.place(spot.slot()).orElseThrow(), spot))
                            .toList(),
                    drawing.width(),
                    drawing.height(),
                    drawing.lines().stream()
                            .map(l -> new StrokeWire(l.path(), l.weight()))
                            .toList(),
                    drawing.texts().stream().map(LabelWire::of).toList());
        }
    }

    /** A stroke of a drawing. */
    public record StrokeWire(String path, String weight) {}

    /** A lettering of a drawing. */
    public record LabelWire(String text, double x, double y, String anchor) {
        static LabelWire of(Drawing.Label label) {
            return new LabelWire(label.text(), label.x(), label.y(), label.anchor());
        }
    }

    /** A place of a layout, where it is drawn, and in machines of which fuels. */
    public record PlaceWire(
            String slot,
            String partType,
            String name,
            int quantity,
            List<String> fuels,
            String shape,
            double x,
            double y,
            double width,
            double height,
            LabelWire label) {
        static PlaceWire of(Layout.Place place, Drawing.Spot spot) {
            return new PlaceWire(
                    place.slot(),
                    place.partType(),
                    place.name(),
                    place.quantity(),
                    place.fuels().stream().sorted().map(f -> f.slug()).toList(),
                    spot.shape(),
                    spot.x(),
                    spot.y(),
                    spot.width(),
                    spot.height(),
                    LabelWire.of(spot.label()));
        }
    }
}
