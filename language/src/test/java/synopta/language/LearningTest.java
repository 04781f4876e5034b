package synopta.language;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.testng.annotations.Test;
import synopta.core.knowledge.Saying;

/** The mathematics of learning, against closed forms, differences and brute force. */
public class LearningTest {
    @Test
    public void theLeastOfAKnownValleyIsFound() {
        float[] least = new Minimizer()
                .least(
                        (at, slope) -> {
                            double x = at[0];
                            double y = at[1];
                            slope[0] = (float) (-2 * (1 - x) - 400 * x * (y - x * x));
                            slope[1] = (float) (200 * (y - x * x));
                            return (1 - x) * (1 - x) + 100 * (y - x * x) * (y - x * x);
                        },
                        2,
                        200);
        assertEquals(least[0], 1, 1e-3, "Rosenbrock 1960");
        assertEquals(least[1], 1, 1e-3);
    }

    @Test
    public void theLeastOfABowlIsWhereItsSlopeVanishes() {
        Random random = new Random(3);
        int n = 40;
        double[] widths = random.doubles(n, 0.5, 20).toArray();
        double[] middles = random.doubles(n, -3, 3).toArray();
        float[] least = new Minimizer()
                .least(
                        (at, slope) -> {
                            double value = 0;
                            for (int i = 0; i < n; i++) {
                                double off = at[i] - middles[i];
                                value += 0.5 * widths[i] * off * off;
                                slope[i] = (float) (widths[i] * off);
                            }
                            return value;
                        },
                        n,
                        100);
        for (int i = 0; i < n; i++) {
            assertEquals(least[i], middles[i], 2e-3);
        }
    }

    private static OneAgainstAll loss(int rows, int meanings, Random random) {
        List<float[]> vectors = new ArrayList<>();
        List<Map<Integer, Float>> bags = new ArrayList<>();
        int[] meaningOf = new int[rows];
        for (int row = 0; row < rows; row++) {
            vectors.add(new float[] {random.nextFloat() - 0.5f, random.nextFloat() - 0.5f});
            bags.add(Map.of(random.nextInt(3), random.nextFloat()));
            meaningOf[row] = random.nextInt(meanings);
        }
        return new OneAgainstAll(vectors, bags, meaningOf, meanings, 2, 5);
    }

    @Test
    public void theSlopeOfTheLossIsThatOfItsDifferences() {
        Random random = new Random(11);
        int meanings = 4;
        int dimension = (2 + 1 + 3) * meanings;
        OneAgainstAll loss = loss(17, meanings, random);
        float[] at = new float[dimension];
        for (int i = 0; i < dimension; i++) {
            at[i] = random.nextFloat() - 0.5f;
        }
        float[] slope = new float[dimension];
        loss.at(at, slope);
        float step = 1e-2f;
        for (int i = 0; i < dimension; i++) {
            float[] before = at.clone();
            float[] behind = at.clone();
            before[i] -= step;
            behind[i] += step;
            float[] ignored = new float[dimension];
            double difference = (loss.at(behind, ignored) - loss.at(before, ignored)) / (2 * step);
            assertEquals(slope[i], difference, 2e-2 * Math.max(1, Math.abs(difference)), "number " + i);
        }
    }

    @Test
    public void withoutWeightsEverySayingCostsTheSameLogTwo() {
        double loss = loss(10, 3, new Random(1)).at(new float[18], new float[18]);
        assertEquals(loss, 10 * (5 + 2) * 2 * Math.log(2), 1e-3, "an own unit costs five times, two others once");
    }

    @Test
    public void aLearntProbabilityIsTheShareThatIsFound() {
        Random random = new Random(5);
        List<LogisticModel.Row> rows = new ArrayList<>();
        for (int i = 0; i < 6_000; i++) {
            double x = random.nextGaussian();
            rows.add(new LogisticModel.Row(
                    new double[] {x, random.nextGaussian()}, random.nextDouble() < 1 / (1 + Math.exp(1 - 2 * x))));
        }
        LogisticModel model = LogisticModel.learnt(rows, 2);
        for (double x : new double[] {-1.5, 0, 0.5, 1.5}) {
            assertEquals(model.probability(new double[] {x, 0}), 1 / (1 + Math.exp(1 - 2 * x)), 0.06, "at " + x);
        }
        double[] said = new double[10];
        double[] found = new double[10];
        int[] count = new int[10];
        for (LogisticModel.Row row : rows) {
            double probability = model.probability(row.figures());
            int band = (int) Math.min(9, probability * 10);
            said[band] += probability;
            found[band] += row.right() ? 1 : 0;
            count[band]++;
        }
        for (int band = 0; band < 10; band++) {
            if (count[band] > 100) {
                assertEquals(said[band] / count[band], found[band] / count[band], 0.07, "band " + band);
            }
        }
    }

    @Test
    public void wordsAreAsNearAsTheirCosines() {
        List<Saying> sayings = List.of(
                new Saying("a=yes", "the drum thumps loudly"),
                new Saying("a=yes", "it thumps"),
                new Saying("a=no", "no thumps at all"),
                new Saying("b=yes", "the belt squeals loudly"));
        List<List<String>> bags =
                sayings.stream().map(s -> WordBag.of(s.text())).toList();
        Set<String> words = new TreeSet<>();
        bags.forEach(words::addAll);
        Map<String, Float> weighted = new TreeMap<>();
        words.forEach(word -> weighted.put(word, 1f + word.length()));
        Vocabulary vocabulary = Vocabulary.of(weighted);
        List<String> meanings = List.of("a=yes", "a=no", "b=yes");
        SayingIndex.Nearness near = new SayingIndex(sayings, meanings, vocabulary).of(WordBag.of("a loud drum thumps"));
        for (int k = 0; k < meanings.size(); k++) {
            double[] cosines = new double[SayingIndex.FEW];
            int at = 0;
            for (int i = 0; i < sayings.size(); i++) {
                if (sayings.get(i).meaning().equals(meanings.get(k))) {
                    cosines[at++] = cosine(bags.get(i), WordBag.of("a loud drum thumps"), weighted);
                }
            }
            assertEquals(near.nearest()[k], Arrays.stream(cosines).max().orElseThrow(), 1e-5);
            assertEquals(near.contained()[k], contained(k, sayings, meanings, bags, weighted), 1e-5);
            assertEquals(near.few()[k], Arrays.stream(cosines).sum() / SayingIndex.FEW, 1e-5);
        }
    }

    /** By hand: of the sayings of a meaning, the largest share of squared weights that the clause has. */
    private static double contained(
            int meaning,
            List<Saying> sayings,
            List<String> meanings,
            List<List<String>> bags,
            Map<String, Float> weights) {
        double most = 0;
        for (int i = 0; i < sayings.size(); i++) {
            if (sayings.get(i).meaning().equals(meanings.get(meaning))) {
                Set<String> both = new TreeSet<>(bags.get(i));
                both.retainAll(WordBag.of("a loud drum thumps"));
                double share = length(List.copyOf(both), weights) / length(bags.get(i), weights);
                most = Math.max(most, share * share);
            }
        }
        return most;
    }

    private static double cosine(List<String> a, List<String> b, Map<String, Float> weights) {
        double both = 0;
        for (String word : new TreeSet<>(a)) {
            both += b.contains(word) ? weights.get(word) * weights.get(word) : 0;
        }
        return both / (length(a, weights) * length(b, weights));
    }

    private static double length(List<String> bag, Map<String, Float> weights) {
        return Math.sqrt(new TreeSet<>(bag)
                .stream()
                        .filter(weights::containsKey)
                        .mapToDouble(w -> weights.get(w) * weights.get(w))
                        .sum());
    }

    static float[][] weights(int rows, Random random) {
        float[][] weights = new float[rows][4];
        for (float[] row : weights) {
            for (int k = 0; k < row.length; k++) {
                row[k] = (float) random.nextGaussian();
            }
        }
        return weights;
    }

    @Test
    public void sharesAreAboveNothingAndAddUpToOne() {
        Random random = new Random(4);
        float sum = 0;
        for (float share : new ClauseClassifier(weights(3, random), weights(2, random))
                .shares(new float[] {1, 2}, Map.of(0, 1f))) {
            assertTrue(share > 0);
            sum += share;
        }
        assertEquals(sum, 1, 1e-5);
    }
}
