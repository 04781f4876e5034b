package synopta.core.tag;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Model;

public class TagSearchTest {
    /** Every model under the same weights, with no index and no bound: what the search must agree with. */
    private static Map<String, Double> scan(List<Model> models, TagQuery query, String normalized) {
        EditCosts weights = EditCosts.of(Samples.CONFUSION);
        List<ObservedCharacter> read = ObservedCharacter.of(normalized, query.rechecked());
        double total = models.stream().mapToDouble(m -> (float) m.popularity()).sum();
        Map<String, Double> odds = new HashMap<>();
        for (Model model : models) {
            double cost = new Alignment(weights, read, model.number().key()).cost()
                    - Math.log(model.popularity() / total)
                    - Math.log1p(-Math.exp(-weights.costs().unlisted()));
            cost += query.appliance() != null && query.appliance() != model.appliance() ? 4 : 0;
            odds.put(model.number().key(), Math.exp(-cost));
        }
        return odds;
    }

    @Test
    public void theSearchFindsExactlyWhatAFullScanFinds() {
        Random random = new Random(11);
        Map<String, Model> models = new TreeMap<>();
        Shelf shelf = new Shelf();
        for (int i = 0; i < 3000; i++) {
            String number = word(random, 4 + random.nextInt(6), "0O8BD1");
            Appliance appliance = Appliance.values()[random.nextInt(4)];
            models.put(number, Samples.model(number, "Orrinvale", appliance, null, 1 + random.nextInt(30)));
        }
        models.values().forEach(shelf::model);
        TagReader dense = Samples.reader(shelf.catalog());
        for (int i = 0; i < 250; i++) {
            String text = word(random, 2 + random.nextInt(9), "0O8BD1A");
            Recheck recheck = new Recheck(1 + random.nextInt(text.length()), "08B".charAt(i % 9 / 3));
            Optional<Appliance> appliance = i % 2 == 0 ? Optional.empty() : Optional.of(Appliance.RANGE);
            List<Recheck> rechecked = i % 3 > 0 ? List.of() : List.of(recheck);
            TagQuery query = new TagQuery(text, null, appliance.orElse(null), Set.of(), rechecked, 5000);
            TagReading reading = dense.read(query);
            if (!reading.candidates().isEmpty()) {
                compare(reading, scan(List.copyOf(models.values()), query, reading.normalized()));
            }
        }
    }

    /** Odds of all that was found must be in proportion; nothing left out may be within the window. */
    private static void compare(TagReading reading, Map<String, Double> odds) {
        Candidate first = reading.candidates().get(0);
        double scale =
                odds.get(first.model().number().key()) / first.probability().value();
        for (Candidate candidate : reading.candidates()) {
            double expected = odds.remove(candidate.model().number().key()) / scale;
            assertEquals(candidate.probability().value(), expected, 1e-9 * expected + 1e-12, reading.normalized());
        }
        double best = Math.max(first.probability().value(), reading.unlisted().value());
        double missed = odds.values().stream().mapToDouble(o -> o).max().orElse(0) / scale;
        assertTrue(missed <= best * Math.exp(-TagReader.WINDOW) * 1.000001, reading.normalized() + " lost a candidate");
        double lost = odds.values().stream().mapToDouble(o -> o).sum() / scale;
        assertTrue(reading.leftOut() >= Math.min(1, lost) * 0.999999, reading.normalized() + " understates the rest");
    }

    private static String word(Random random, int length, String signs) {
        StringBuilder word = new StringBuilder();
        for (int i = 0; i < length; i++) {
            word.append(signs.charAt(random.nextInt(signs.length())));
        }
        return word.toString();
    }
}
