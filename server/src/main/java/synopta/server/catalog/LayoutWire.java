package synopta.server.catalog;

import java.util.List;
import java.util.Optional;
import synopta.core.catalog.Fuel;
import synopta.core.drawing.Bounds;
import synopta.core.drawing.Drawing;
import synopta.core.drawing.Figure;
import synopta.core.knowledge.BeltPath;
import synopta.core.knowledge.Layout;
import synopta.server.web.MayBeNull;

/** A layout with its drawing, as it goes over the wire. */
public record LayoutWire(
        String layout,
        String name,
        String tag,
        List<Fuel> fuels,
        List<PlaceWire> places,
        int width,
        int height,
        String seen,
        List<Drawing.Layer> layers,
        List<Drawing.Word> words,
        @MayBeNull BeltPath belt) {
    static LayoutWire of(Layout layout) {
        Drawing drawing = layout.drawing();
        return new LayoutWire(
                layout.id(),
                layout.name(),
                layout.tag(),
                List.copyOf(layout.fuels()),
                drawing.spots().stream()
                        .map(spot ->
                                PlaceWire.of(layout, layout.place(spot.slot()).orElseThrow(), spot))
                        .toList(),
                drawing.width(),
                drawing.height(),
                drawing.seen(),
                drawing.layers(),
                drawing.words(),
                Optional.ofNullable(layout.belt()).flatMap(BeltPath::of).orElse(null));
    }

    /** A place of a layout, where it is, how it is drawn, where the leader of its label ends, and in which machines: of which
     * fuels and kind, and whether that is the kind met most. */
    public record PlaceWire(
            String slot,
            String partType,
            String name,
            int quantity,
            String where,
            List<Fuel> fuels,
            @MayBeNull Layout.Kind kind,
            boolean usual,
            String layer,
            String label,
            Drawing.Side side,
            List<Figure> figures,
            double x,
            double y,
            double width,
            double height,
            double leaderX,
            double leaderY) {
        static PlaceWire of(Layout layout, Layout.Place place, Drawing.Spot spot) {
            Bounds bounds = spot.bounds();
            Bounds nearest = spot.nearest();
            return new PlaceWire(
                    place.slot(),
                    place.partType(),
                    place.name(),
                    place.quantity(),
                    place.where(),
                    List.copyOf(place.fuels()),
                    place.kind(),
                    place.kind() == null || layout.isUsual(place.kind()),
                    spot.layer(),
                    spot.label(),
                    spot.side(),
                    spot.figures(),
                    bounds.left(),
                    bounds.top(),
                    bounds.right() - bounds.left(),
                    bounds.bottom() - bounds.top(),
                    spot.side() == Drawing.Side.LEFT ? nearest.left() : nearest.right(),
                    (nearest.top() + nearest.bottom()) / 2);
        }
    }
}
