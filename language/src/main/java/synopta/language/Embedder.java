package synopta.language;

/** Turns words into a vector in which like meanings lie near each other. */
public interface Embedder {
    /** The length of every vector. */
    int dimension();

    /**
     * The vector of some words.
     *
     * @throws IllegalStateException when the native library does not load
     */
    float[] embed(String words);
}
