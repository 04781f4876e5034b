package synopta.language;

import java.util.List;

/** Turns words into a vector in which like meanings lie near each other. */
public interface Embedder {
    /** The length of every vector. */
    int dimension();

    /** The vectors of some texts, in their order: what is asked for together is computed together. */
    List<float[]> embed(List<String> texts);
}
