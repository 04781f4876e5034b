package synopta.core.drawing;

import java.util.List;

/**
 * What a part looks like, on a square of {@link #SIDE} units.
 *
 * @param tell what tells it from what is taken for it, in a line
 * @param figures shapes that are drawn
 * @param kinds the pieces that go by the one name, where there are several to be told apart
 */
public record Picture(String tell, List<Figure> figures, List<Kind> kinds) {
    /** The side of the square. */
    public static final int SIDE = 48;

    /** Copies. */
    public Picture {
        figures = List.copyOf(figures);
        kinds = List.copyOf(kinds);
    }

    /**
     * One of the pieces that go by a name.
     *
     * @param name name, as it is shown
     * @param tell how it is recognized
     * @param figures shapes that are drawn
     */
    public record Kind(String name, String tell, List<Figure> figures) {
        /** Copies. */
        public Kind {
            figures = List.copyOf(figures);
        }
    }
}
