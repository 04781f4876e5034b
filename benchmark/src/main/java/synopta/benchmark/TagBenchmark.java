package synopta.benchmark;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.apache.lucene.analysis.core.KeywordAnalyzer;
import org.apache.lucene.document.Document;
import org.apache.lucene.document.Field;
import org.apache.lucene.document.NumericDocValuesField;
import org.apache.lucene.document.StringField;
import org.apache.lucene.index.DirectoryReader;
import org.apache.lucene.index.IndexWriter;
import org.apache.lucene.index.IndexWriterConfig;
import org.apache.lucene.index.Term;
import org.apache.lucene.search.FuzzyQuery;
import org.apache.lucene.search.IndexSearcher;
import org.apache.lucene.search.Sort;
import org.apache.lucene.search.SortField;
import org.apache.lucene.store.ByteBuffersDirectory;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.Model;
import synopta.core.tag.Candidate;
import synopta.core.tag.EditCosts;
import synopta.core.tag.Recheck;
import synopta.core.tag.RecheckAdvice;
import synopta.core.tag.TagQuery;
import synopta.core.tag.TagReader;
import synopta.core.tag.TagReading;
import synopta.demo.DemoCatalog;
import synopta.formats.knowledge.EditCostsReader;
import synopta.formats.knowledge.PackRejectedException;

/**
 * Seeded noisy readings, 0 to 3 slips each in equal numbers, against generated models met as often as they are popular.
 * The baseline is Lucene's fuzzy query over the same numbers (distance 2, ties by popularity), in the same run. The
 * noise ({@link NoisyReadings}) and the weights (the file in the folder of knowledge) come from different places.
 */
final class TagBenchmark {
    private static final int READINGS = 2_000;
    private static final int FIRST = 5;
    /** What a model that is not among the first five is taken to have got, for the log loss. */
    private static final double FLOOR = 1e-6;

    private final EditCosts weights;
    private final List<Model> models;
    private final int count;
    private final String[] truth;
    private final List<List<NoisyReadings.Sign>> readings;

    private TagBenchmark(EditCosts weights, int size, int count) {
        this.weights = weights;
        this.count = count;
        truth = new String[count];
        models = DemoCatalog.modelsOf(5, size);
        Random random = new Random(99);
        double[] upTo = new double[models.size()];
        double sum = 0;
        for (int i = 0; i < upTo.length; i++) {
            sum += models.get(i).popularity();
            upTo[i] = sum;
        }
        NoisyReadings noise = new NoisyReadings(random);
        List<List<NoisyReadings.Sign>> spoilt = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int found = Arrays.binarySearch(upTo, random.nextDouble() * sum);
            truth[i] = models.get(found < 0 ? -found - 1 : found).number().key();
            spoilt.add(noise.spoilt(truth[i], i % 4));
        }
        readings = spoilt;
    }

    /** Measures at both sizes. */
    static void run(Path knowledge, Scale scale) throws IOException, PackRejectedException {
        EditCosts weights = EditCosts.of(EditCostsReader.folder(knowledge));
        for (int size : new int[] {200_000, 1_000_000}) {
            new TagBenchmark(weights, scale.of(size), scale.of(READINGS)).measure();
        }
    }

    private void measure() throws IOException {
        InMemoryCatalog catalog = new InMemoryCatalog(CatalogTables.ofModels(models));
        long before = used();
        long started = System.nanoTime();
        TagReader reader = new TagReader(catalog, weights);
        double seconds = (System.nanoTime() - started) / 1e9;
        double megabytes = (used() - before) / 1e6;
        try (DirectoryReader index = DirectoryReader.open(indexed())) {
            IndexSearcher searcher = new IndexSearcher(index);
            long[] micros = new long[count];
            long[] baseline = new long[count];
            Score score = null;
            for (int round = 0; round < 2; round++) {
                score = read(reader, micros);
                search(searcher, baseline);
            }
            say(score);
            System.out.printf(Locale.ROOT, "  index built in %.1f s, %.0f MB%n", seconds, megabytes);
            Arrays.sort(micros);
            Arrays.sort(baseline);
            System.out.printf(
                    Locale.ROOT,
                    "  median %d us (99 %%: %d us), Lucene fuzzy %d us (99 %%: %d us), ratio %.2f%n",
                    micros[count / 2],
                    micros[count * 99 / 100],
                    baseline[count / 2],
                    baseline[count * 99 / 100],
                    micros[count / 2] / (double) baseline[count / 2]);
        }
    }

    private void say(Score score) {
        System.out.printf(
                Locale.ROOT,
                "%ntag, %,d models, %,d readings: right first %.3f, among five %.3f, first after one recheck %.3f"
                        + " (asked for %d), log loss %.3f%n",
                models.size(),
                count,
                score.first / (double) count,
                score.five / (double) count,
                score.after / (double) count,
                score.asked,
                score.loss / count);
    }

    private static long used() {
        System.gc();
        Runtime runtime = Runtime.getRuntime();
        return runtime.totalMemory() - runtime.freeMemory();
    }

    private static final class Score {
        private int first;
        private int five;
        private int after;
        private int asked;
        private double loss;
    }

    private Score read(TagReader reader, long[] micros) {
        Score score = new Score();
        for (int i = 0; i < count; i++) {
            String text = NoisyReadings.text(readings.get(i));
            long started = System.nanoTime();
            TagReading reading = reader.read(TagQuery.of(text, FIRST));
            micros[i] = (System.nanoTime() - started) / 1000;
            double probability = FLOOR;
            for (Candidate candidate : reading.candidates()) {
                if (candidate.model().number().key().equals(truth[i])) {
                    probability = Math.max(FLOOR, candidate.probability().value());
                    score.five++;
                }
            }
            score.loss -= Math.log(probability);
            score.first += leads(reading, i) ? 1 : 0;
            Optional<RecheckAdvice> again = Optional.ofNullable(reading.readAgain());
            score.asked += again.isPresent() ? 1 : 0;
            int index = i;
            TagReading identified = again.map(a -> reader.read(rechecked(text, a, readings.get(index))))
                    .orElse(reading);
            score.after += leads(identified, i) ? 1 : 0;
        }
        return score;
    }

    private boolean leads(TagReading reading, int i) {
        return !reading.candidates().isEmpty()
                && reading.candidates().get(0).model().number().key().equals(truth[i]);
    }

    /** What the tag truly shows at the place that was asked for. */
    private static TagQuery rechecked(String text, RecheckAdvice again, List<NoisyReadings.Sign> signs) {
        String shown = signs.get(again.position() - 1).shown();
        Optional<Character> character = shown.isEmpty() ? Optional.empty() : Optional.of(shown.charAt(0));
        return new TagQuery(
                text, null, null, Set.of(), List.of(new Recheck(again.position(), character.orElse(null))), FIRST);
    }

    private ByteBuffersDirectory indexed() throws IOException {
        ByteBuffersDirectory directory = new ByteBuffersDirectory();
        try (IndexWriter writer = new IndexWriter(directory, new IndexWriterConfig(new KeywordAnalyzer()))) {
            for (Model model : models) {
                Document document = new Document();
                document.add(new StringField("number", model.number().key(), Field.Store.YES));
                document.add(new NumericDocValuesField("popularity", (long) model.popularity()));
                writer.addDocument(document);
            }
            writer.forceMerge(1);
        }
        return directory;
    }

    private void search(IndexSearcher searcher, long[] micros) throws IOException {
        Sort byScore = new Sort(SortField.FIELD_SCORE, new SortField("popularity", SortField.Type.LONG, true));
        for (int i = 0; i < count; i++) {
            Term term = new Term("number", NoisyReadings.text(readings.get(i)));
            long started = System.nanoTime();
            searcher.search(new FuzzyQuery(term, 2, 0, 100, true), FIRST, byScore);
            micros[i] = (System.nanoTime() - started) / 1000;
        }
    }
}
