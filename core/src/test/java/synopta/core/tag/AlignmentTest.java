package synopta.core.tag;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;

public class AlignmentTest {
    /** Every edit costs 1, and ends do not wear. */
    private static final ConfusionTable UNIT = equal(1);
    /** As UNIT, and neighbors are never swapped. */
    private static final ConfusionTable NO_SWAPS = equal(1e6);

    private static ConfusionTable equal(double swapped) {
        return new ConfusionTable(
                List.of(), List.of(), new ConfusionTable.Costs(1, 1, 0, swapped, 1, 1, 1, 1e6, 1e6, 0, 1));
    }

    private static Alignment aligned(ConfusionTable confusion, String typed, String model) {
        return new Alignment(EditCosts.of(confusion), ObservedCharacter.of(typed, List.of()), model);
    }

    private static double cost(ConfusionTable costs, String typed, String model) {
        return aligned(costs, typed, model).cost();
    }

    /** Values from memory of the published examples named; no document was opened. */
    @DataProvider(name = "published distances, from memory")
    Object[][] published() {
        return new Object[][] {
            {"kitten, sitting: many texts", "KITTEN", "SITTING", 3},
            {"saturday, sunday: many texts", "SATURDAY", "SUNDAY", 3},
            {"Jurafsky and Martin, chapter 2", "INTENTION", "EXECUTION", 5},
            {"Rosetta Code", "ROSETTACODE", "RAISETHYSWORD", 8},
            {"Commons Text Javadoc", "ELEPHANT", "HIPPO", 7},
            {"swap of neighbors, java-string-similarity", "ABCDEF", "ABDCEF", 1},
            {"optimal string alignment, Boytsov 2011", "CA", "ABC", 3},
            {"empty reading", "", "ABC", 3},
        };
    }

    @Test(dataProvider = "published distances, from memory")
    public void unitWeightsGiveThePublishedDistances(String source, String typed, String model, int distance) {
        assertEquals(cost(UNIT, typed, model), distance, 1e-12, source);
    }

    @Test
    public void unitWeightsWithoutSwapsAgreeWithCommonsText() {
        Random random = new Random(1);
        LevenshteinDistance reference = LevenshteinDistance.getDefaultInstance();
        for (int i = 0; i < 2000; i++) {
            String typed = word(random, 10, 4);
            String model = word(random, 10, 4);
            assertEquals(cost(NO_SWAPS, typed, model), reference.apply(typed, model), 1e-12, typed + " " + model);
        }
    }

    /** Tries every alignment there is, with no table: slow, and written apart from the code under test. */
    private static double tried(ConfusionTable confusion, String typed, int i, String model, int j) {
        ConfusionTable.Costs c = confusion.costs();
        if (i == typed.length()) {
            double worn = model.length() == j ? 0 : Double.POSITIVE_INFINITY;
            int lost = model.length() - j;
            worn = lost > 0 && lost <= 4 ? c.wornEnd() + lost * c.wornCharacter() : worn;
            if (j == model.length()) {
                return 0;
            }
            return Math.min(worn, left(c, model, j) + tried(confusion, typed, i, model, j + 1));
        }
        boolean twice = i > 0 && typed.charAt(i) == typed.charAt(i - 1);
        double best = (twice ? c.doubled() : c.extra()) + tried(confusion, typed, i + 1, model, j);
        if (j < model.length()) {
            best = Math.min(best, left(c, model, j) + tried(confusion, typed, i, model, j + 1));
            best = Math.min(
                    best,
                    confusion.substitution(typed.charAt(i), model.charAt(j))
                            + tried(confusion, typed, i + 1, model, j + 1));
        }
        if (i + 1 < typed.length()
                && j + 1 < model.length()
                && typed.charAt(i) == model.charAt(j + 1)
                && typed.charAt(i + 1) == model.charAt(j)
                && model.charAt(j) != model.charAt(j + 1)) {
            best = Math.min(best, c.swapped() + tried(confusion, typed, i + 2, model, j + 2));
        }
        return best;
    }

    private static double left(ConfusionTable.Costs c, String model, int j) {
        return j > 0 && model.charAt(j) == model.charAt(j - 1) ? c.doubled() : c.dropped();
    }

    @Test
    public void theCheapestAlignmentIsFoundUnderTheWeightsOfTheCounter() {
        Random random = new Random(2);
        for (int i = 0; i < 400; i++) {
            String typed = word(random, 6, 3);
            String model = word(random, 6, 3);
            double expected = tried(Samples.CONFUSION, typed, 0, model, 0);
            assertEquals(cost(Samples.CONFUSION, typed, model), expected, 1e-9, typed + " " + model);
        }
    }

    @Test
    public void differencesTurnTheReadingIntoTheModel() {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            String typed = word(random, 9, 5);
            String model = word(random, 9, 5);
            StringBuilder rebuilt = new StringBuilder();
            aligned(Samples.CONFUSION, typed, model)
                    .places()
                    .forEach(place -> Optional.ofNullable(place.listed()).ifPresent(rebuilt::append));
            assertEquals(rebuilt.toString(), model, typed);
        }
    }

    @DataProvider
    Object[][] cheaper() {
        return new Object[][] {
            {"a look-alike beats a sound-alike", "8820", "B820", "8820", "A820"},
            {"a sound-alike beats a neighboring key", "B100", "D100", "Q100", "W100"},
            {"a neighboring key beats any other", "Q100", "W100", "Q100", "H100"},
            {"a doubled character beats a dropped one", "TH720", "TH7720", "TH720", "TH7420"},
            {"a swap beats two wrong characters", "TH7280", "TH7820", "TH7310", "TH7820"},
            {"a worn end beats characters dropped within", "TH78", "TH7820W", "T820W", "TH7820W"},
        };
    }

    @Test(dataProvider = "cheaper")
    public void likelySlipsCostLess(String what, String typed, String model, String otherTyped, String otherModel) {
        double likely = cost(Samples.CONFUSION, typed, model);
        double unlikely = cost(Samples.CONFUSION, otherTyped, otherModel);
        assertTrue(likely > 0 && likely < unlikely, "%s: %s against %s".formatted(what, likely, unlikely));
    }

    private static String word(Random random, int longest, int signs) {
        StringBuilder word = new StringBuilder();
        int length = random.nextInt(longest + 1);
        for (int i = 0; i < length; i++) {
            word.append("B8DO0".charAt(random.nextInt(signs)));
        }
        return word.toString();
    }
}
