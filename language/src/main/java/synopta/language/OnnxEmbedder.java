package synopta.language;

import dev.langchain4j.model.embedding.EmbeddingModel;
import dev.langchain4j.model.embedding.onnx.allminilml6v2q.AllMiniLmL6V2QuantizedEmbeddingModel;
import dev.langchain4j.model.embedding.onnx.bgesmallenv15q.BgeSmallEnV15QuantizedEmbeddingModel;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Two small sentence encoders side by side, each of 384 numbers: MiniLM-L6 (Wang et al. 2020) and BGE small (Xiao et al.
 * 2023), quantized, which ship inside their packages. They err on different sentences: together they rank meanings better.
 */
public final class OnnxEmbedder implements Embedder {
    private static final int EACH = 384;
    private static final int KEPT = 4_096;

    /** So that both halves have a say: BGE's vectors lie close together, far from zero. */
    private static final float FIRST = 1.2f;

    private static final float SECOND = 1.7f;

    private final EmbeddingModel first;
    private final EmbeddingModel second;
    private final Map<String, float[]> recent = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, float[]> eldest) {
            return size() > KEPT;
        }
    });

    /** Loads both encoders; throws IllegalStateException where the native library does not load. */
    public OnnxEmbedder() {
        try {
            first = new AllMiniLmL6V2QuantizedEmbeddingModel();
            second = new BgeSmallEnV15QuantizedEmbeddingModel();
            first.embed("ready");
        } catch (LinkageError | RuntimeException e) {
            throw new IllegalStateException("The sentence encoders do not load on this machine: " + e.getMessage(), e);
        }
    }

    @Override
    public int dimension() {
        return 2 * EACH;
    }

    @Override
    public float[] embed(String words) {
        String asked = words.isBlank() ? "." : words.strip();
        float[] known = recent.get(asked);
        if (known != null) {
            return known;
        }
        float[] vector = new float[2 * EACH];
        copy(first.embed(asked).content().vector(), FIRST, vector, 0);
        copy(second.embed(asked).content().vector(), SECOND, vector, EACH);
        recent.put(asked, vector);
        return vector;
    }

    private static void copy(float[] from, float scale, float[] to, int at) {
        for (int i = 0; i < EACH; i++) {
            to[at + i] = scale * from[i];
        }
    }
}
