package synopta.core.drawing;

import java.util.Comparator;
import java.util.List;
import synopta.core.quantity.Slugged;

/**
 * A machine cut open, as line work.
 *
 * @param width of the drawing, in its own units
 * @param height of the drawing
 * @param seen from where it is seen, and where front, rear, left and right lie
 * @param layers what comes off one after the other, the outermost first
 * @param words lettering that names no place: front, rear, drum
 * @param spots where the places are
 */
public record Drawing(int width, int height, String seen, List<Layer> layers, List<Word> words, List<Spot> spots) {
    /** Copies. */
    public Drawing {
        layers = List.copyOf(layers);
        words = List.copyOf(words);
        spots = List.copyOf(spots);
    }

    /**
     * What comes off at one stage, as far as it is only drawn: cabinet, panels, drum …
     *
     * @param id identifier, unique in the pack
     * @param name name, as it is shown
     * @param figures shapes that are drawn
     */
    public record Layer(String id, String name, List<Figure> figures) {
        /** Copies. */
        public Layer {
            figures = List.copyOf(figures);
        }
    }

    /**
     * A lettering, centerd on its point.
     *
     * @param text words that are read or printed
     * @param x to the right
     * @param y down
     */
    public record Word(String text, double x, double y) {}

    /**
     * A place, drawn.
     *
     * @param slot position it shows
     * @param layer with which layer it comes into reach
     * @param label a word or two that name it
     * @param side on which side the label stands
     * @param figures shapes that are drawn
     */
    public record Spot(String slot, String layer, String label, Side side, List<Figure> figures) {
        /** Copies; refuses a place that is not drawn. */
        public Spot {
            if (figures.isEmpty()) {
                throw new IllegalArgumentException("%s has no figure. Draw at least one.".formatted(slot));
            }
            figures = List.copyOf(figures);
        }

        /** The figure that the leader of the label ends on: the one that reaches farthest to its side. */
        public Bounds nearest() {
            Comparator<Bounds> reach = side == Side.LEFT
                    ? Comparator.comparingDouble(b -> -b.left())
                    : Comparator.comparingDouble(Bounds::right);
            return figures.stream().map(Figure::bounds).max(reach).orElseThrow();
        }

        /** What it takes up. */
        public Bounds bounds() {
            return figures.stream().map(Figure::bounds).reduce(Bounds::and).orElseThrow();
        }
    }

    /** Where labels stand. */
    public enum Side implements Slugged {
        LEFT,
        RIGHT
    }
}
