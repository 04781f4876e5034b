package synopta.bench;

import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import synopta.core.catalog.CatalogTables;
import synopta.core.tag.TagQuery;
import synopta.core.tag.TagReader;
import synopta.core.tag.TagReading;
import synopta.demo.DemoCatalogue;

/** A reading with one slip against 5,000 models; the baseline is a plain edit distance to every model. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class TagBench {
    private static final int MODELS = 5_000;
    private TagReader reader;
    private List<String> keys;
    private final Random random = new Random(1);

    /** Makes the models. */
    @Setup
    public void models() {
        CatalogTables demo = DemoCatalogue.of(1, MODELS);
        reader = new TagReader(demo.models(), List.of());
        keys = demo.models().stream().map(m -> m.number().key()).toList();
    }

    private String reading() {
        StringBuilder text = new StringBuilder(keys.get(random.nextInt(keys.size())));
        text.setCharAt(random.nextInt(text.length()), (char) ('0' + random.nextInt(10)));
        return text.toString();
    }

    /** The reader, with probabilities and the character to read again. */
    @Benchmark
    public TagReading measured() {
        return reader.read(TagQuery.of(reading(), 5));
    }

    /** Commons Text: the nearest by plain edit distance. */
    @Benchmark
    public int baseline() {
        String text = reading();
        LevenshteinDistance distance = LevenshteinDistance.getDefaultInstance();
        return keys.stream().mapToInt(key -> distance.apply(text, key)).min().orElseThrow();
    }
}
