package synopta.language;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.lucene.analysis.Analyzer;
import org.apache.lucene.analysis.en.EnglishAnalyzer;
import org.apache.lucene.document.Document;
import org.apache.lucene.document.Field;
import org.apache.lucene.document.StoredField;
import org.apache.lucene.document.TextField;
import org.apache.lucene.index.DirectoryReader;
import org.apache.lucene.index.IndexWriter;
import org.apache.lucene.index.IndexWriterConfig;
import org.apache.lucene.search.IndexSearcher;
import org.apache.lucene.search.Query;
import org.apache.lucene.search.ScoreDoc;
import org.apache.lucene.store.ByteBuffersDirectory;
import org.apache.lucene.util.QueryBuilder;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.Saying;

/** The baselines: a clause means what the nearest saying does, by a text search or by the sentence encoders alone. */
final class NearestSaying {
    private final Map<Appliance, List<Saying>> sayings = new EnumMap<>(Appliance.class);
    private final Embedder embedder;

    NearestSaying(Training training, Embedder embedder) {
        this.embedder = embedder;
        training.packs()
                .keySet()
                .forEach(a -> sayings.put(
                        a, TrainingSayings.ofSigns(training.sayings(a)).sayings()));
    }

    /** By sentence, the signs that a clause is nearest to, by Lucene's search (BM25, English stems), and its score. */
    List<Map<String, Double>> byTextSearch(List<LabelledSentence> sentences) {
        Map<Appliance, IndexSearcher> searchers = new EnumMap<>(Appliance.class);
        Analyzer analyzer = new EnglishAnalyzer();
        List<Map<String, Double>> near = new ArrayList<>();
        try {
            for (LabelledSentence sentence : sentences) {
                if (!searchers.containsKey(sentence.appliance())) {
                    searchers.put(sentence.appliance(), searcher(sayings.get(sentence.appliance()), analyzer));
                }
                near.add(nearest(searchers.get(sentence.appliance()), analyzer, sentence.text()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return near;
    }

    private static IndexSearcher searcher(List<Saying> sayings, Analyzer analyzer) throws IOException {
        ByteBuffersDirectory directory = new ByteBuffersDirectory();
        try (IndexWriter writer = new IndexWriter(directory, new IndexWriterConfig(analyzer))) {
            for (Saying saying : sayings) {
                Document document = new Document();
                document.add(new TextField("text", saying.text(), Field.Store.NO));
                document.add(new StoredField("meaning", saying.meaning()));
                writer.addDocument(document);
            }
        }
        return new IndexSearcher(DirectoryReader.open(directory));
    }

    private static Map<String, Double> nearest(IndexSearcher searcher, Analyzer analyzer, String text)
            throws IOException {
        Map<String, Double> near = new TreeMap<>();
        for (Clauses.Span span : Clauses.of(text)) {
            Query query = new QueryBuilder(analyzer).createBooleanQuery("text", span.text());
            if (query != null) {
                for (ScoreDoc hit : searcher.search(query, 1).scoreDocs) {
                    String meaning = searcher.storedFields().document(hit.doc).get("meaning");
                    note(near, meaning, hit.score);
                }
            }
        }
        return near;
    }

    private static void note(Map<String, Double> near, String meaning, double score) {
        if (!meaning.equals(TrainingSayings.NONE)) {
            near.merge(meaning, score, Math::max);
        }
    }

    /** By sentence, the signs that a clause is nearest to, by the cosine of their vectors, and the cosine. */
    List<Map<String, Double>> byEmbedding(List<LabelledSentence> sentences) {
        Map<Appliance, List<float[]>> vectors = new HashMap<>();
        sayings.forEach((appliance, of) -> vectors.put(
                appliance, embedder.embed(of.stream().map(Saying::text).toList())));
        List<Map<String, Double>> near = new ArrayList<>();
        for (LabelledSentence sentence : sentences) {
            Map<String, Double> signs = new TreeMap<>();
            List<float[]> known = vectors.get(sentence.appliance());
            List<String> clauses =
                    Clauses.of(sentence.text()).stream().map(Clauses.Span::text).toList();
            for (float[] clause : embedder.embed(clauses)) {
                int best = 0;
                double most = Double.NEGATIVE_INFINITY;
                for (int i = 0; i < known.size(); i++) {
                    double product = product(clause, known.get(i));
                    if (product > most) {
                        most = product;
                        best = i;
                    }
                }
                note(signs, sayings.get(sentence.appliance()).get(best).meaning(), most);
            }
            near.add(signs);
        }
        return near;
    }

    /** All vectors are of one length: the largest product is the nearest. */
    private static double product(float[] a, float[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }
}
