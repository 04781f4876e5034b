package synopta.server.web;

import java.util.List;
import synopta.core.drawing.Figure;
import synopta.core.drawing.Primitive;
import synopta.core.drawing.Weight;

/** A piece of line work: its primitive, the numbers of it, its weight. */
public record FigureWire(Primitive kind, List<Double> at, Weight weight) {
    /** These figures. */
    public static List<FigureWire> all(List<Figure> figures) {
        return figures.stream()
                .map(f -> new FigureWire(f.primitive(), f.at(), f.weight()))
                .toList();
    }
}
