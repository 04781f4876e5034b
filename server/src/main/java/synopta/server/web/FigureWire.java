package synopta.server.web;

import java.util.List;
import synopta.core.drawing.Figure;

/** A piece of line work: its primitive, the numbers of it, its weight. */
public record FigureWire(String kind, List<Double> at, String weight) {
    /** These figures. */
    public static List<FigureWire> all(List<Figure> figures) {
        return figures.stream()
                .map(f ->
                        new FigureWire(f.primitive().slug(), f.at(), f.weight().slug()))
                .toList();
    }
}
