package synopta.language;

import ai.djl.huggingface.tokenizers.HuggingFaceTokenizer;
import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Two small sentence encoders side by side, each of 384 numbers: MiniLM-L6 (Wang et al. 2020) and BGE small (Xiao et al.
 * 2023), quantized, which ship inside their packages. They err on different sentences: together they rank meanings better.
 */
public final class OnnxEmbedder implements Embedder {
    private static final int EACH = 384;
    private static final int KEPT = 4_096;

    /** Both encoders were made with this vocabulary. */
    private static final String TOKENIZER = "/bge-small-en-v1.5-q-tokenizer.json";

    private static final String MINI_LM = "/all-minilm-l6-v2-q.onnx";
    private static final String BGE = "/bge-small-en-v1.5-q.onnx";

    /** So that both halves have a say: BGE's vectors lie close together, far from zero. */
    private static final float FIRST = 1.2f;

    private static final float SECOND = 1.7f;

    /** Longer texts are cut: the encoders have seen no longer ones. */
    private static final int LONGEST = 256;

    private final OrtEnvironment environment;
    private final HuggingFaceTokenizer tokenizer;
    private final OrtSession first;
    private final OrtSession second;
    private final Map<String, float[]> recent = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, float[]> eldest) {
            return size() > KEPT;
        }
    });

    /** Loads both encoders; throws IllegalStateException where the native library does not load. */
    public OnnxEmbedder() {
        try (InputStream words = OnnxEmbedder.class.getResourceAsStream(TOKENIZER)) {
            environment = OrtEnvironment.getEnvironment();
            tokenizer = HuggingFaceTokenizer.newInstance(words, Map.of("padding", "false"));
            first = session(MINI_LM);
            second = session(BGE);
        } catch (LinkageError | RuntimeException | IOException | OrtException e) {
            throw new IllegalStateException("The sentence encoders do not load on this machine: " + e.getMessage(), e);
        }
    }

    /** A text is computed on one processor, two beside each other; read from a file, an encoder is not kept twice. */
    private OrtSession session(String model) throws IOException, OrtException {
        Path file = Files.createTempFile("encoder", ".onnx");
        try (InputStream in = OnnxEmbedder.class.getResourceAsStream(model);
                OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
            options.setIntraOpNumThreads(1);
            options.setCPUArenaAllocator(false);
            options.setMemoryPatternOptimization(false);
            return environment.createSession(file.toString(), options);
        } finally {
            Files.delete(file);
        }
    }

    @Override
    public int dimension() {
        return 2 * EACH;
    }

    @Override
    public List<float[]> embed(List<String> texts) {
        List<String> asked = texts.stream()
                .map(words -> words.isBlank() ? "." : words.strip())
                .toList();
        Map<String, float[]> vectors = new HashMap<>();
        asked.forEach(words -> vectors.computeIfAbsent(words, recent::get));
        List<String> unknown = asked.stream()
                .filter(words -> !vectors.containsKey(words))
                .distinct()
                .toList();
        List<long[]> tokens = unknown.stream().map(this::tokens).toList();
        float[][] halves = halves(tokens);
        for (int i = 0; i < unknown.size(); i++) {
            float[] vector = new float[2 * EACH];
            copy(halves[tokens.size() + i], FIRST, vector, 0);
            copy(halves[i], SECOND, vector, EACH);
            vectors.put(unknown.get(i), vector);
            recent.put(unknown.get(i), vector);
        }
        return asked.stream().map(vectors::get).toList();
    }

    /** BGE's of each text, which take longer, then MiniLM's: two processors take the next one from the same row. */
    private float[][] halves(List<long[]> tokens) {
        int texts = tokens.size();
        float[][] halves = new float[2 * texts][];
        AtomicInteger next = new AtomicInteger();
        Runnable worker = () -> {
            for (int i = next.getAndIncrement(); i < halves.length; i = next.getAndIncrement()) {
                halves[i] = i < texts ? run(second, tokens.get(i))[0] : mean(run(first, tokens.get(i - texts)));
            }
        };
        CompletableFuture<Void> beside = CompletableFuture.runAsync(worker);
        worker.run();
        beside.join();
        return halves;
    }

    private long[] tokens(String words) {
        long[] ids = tokenizer.encode(words).getIds();
        return ids.length <= LONGEST ? ids : Arrays.copyOf(ids, LONGEST);
    }

    /** The encoder's vector of each token. */
    private float[][] run(OrtSession session, long[] tokens) {
        long[] mask = new long[tokens.length];
        Arrays.fill(mask, 1);
        try (OnnxTensor ids = OnnxTensor.createTensor(environment, new long[][] {tokens});
                OnnxTensor attention = OnnxTensor.createTensor(environment, new long[][] {mask});
                OnnxTensor types = OnnxTensor.createTensor(environment, new long[1][tokens.length]);
                OrtSession.Result result =
                        session.run(Map.of("input_ids", ids, "attention_mask", attention, "token_type_ids", types))) {
            return ((float[][][]) result.get(0).getValue())[0];
        } catch (OrtException e) {
            throw new IllegalStateException("The sentence encoder failed: " + e.getMessage(), e);
        }
    }

    private static float[] mean(float[][] tokens) {
        float[] sum = new float[EACH];
        for (float[] token : tokens) {
            for (int i = 0; i < EACH; i++) {
                sum[i] += token[i];
            }
        }
        return sum;
    }

    /** At length 1 times a scale. */
    private static void copy(float[] from, float scale, float[] to, int at) {
        double square = 0;
        for (float value : from) {
            square += value * value;
        }
        float times = (float) (scale / Math.sqrt(square));
        for (int i = 0; i < EACH; i++) {
            to[at + i] = times * from[i];
        }
    }
}
