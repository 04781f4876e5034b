package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.testng.Reporter;
import org.testng.annotations.Test;
import synopta.core.bench.PartMatcher;
import synopta.core.catalog.Part;

/** The old part on the counter, measured with ruler, caliper and by count, against the demo catalog. */
public class MatchingTest {
    private static final double STRETCH = 0.01;

    private final Map<String, List<Part>> byType = DemoCatalog.of(7, DemoCatalog.MODELS).parts().stream()
            .filter(p -> p.specs().size() > 2)
            .collect(Collectors.groupingBy(Part::partType));

    /** As a person would measure it: a belt along a ruler, somewhat stretched; a size with a caliper; a count rarely wrong. */
    private static Map<String, String> measured(Part part, Random random) {
        Map<String, String> measures = new HashMap<>();
        part.specs().forEach((spec, listed) -> {
            if (spec.equals("length-mm")) {
                double stretched = Double.parseDouble(listed) * (1 + STRETCH * random.nextDouble());
                measures.put(spec, String.valueOf(Math.round(stretched + 3 * random.nextGaussian())));
            } else if (spec.endsWith("-mm")) {
                double value = Double.parseDouble(listed);
                double error = Math.max(0.2, 0.005 * value);
                measures.put(spec, String.format(Locale.ROOT, "%.1f", value + error * random.nextGaussian()));
            } else if (spec.equals("ohms")) {
                double value = Double.parseDouble(listed);
                measures.put(spec, String.format(Locale.ROOT, "%.1f", value * (1 + 0.05 * random.nextGaussian())));
            } else if (spec.equals("terminals") || spec.equals("ribs")) {
                int slip = random.nextInt(40) == 0 ? 1 : 0;
                measures.put(spec, String.valueOf(Integer.parseInt(listed) + slip));
            } else if (spec.equals("contact") || spec.equals("shaft-shape")) {
                measures.put(spec, listed);
            }
        });
        return measures;
    }

    @Test
    public void theRightPartComesFirstInNineOfTenAndProbabilitiesMeanWhatTheySay() {
        Random random = new Random(11);
        int right = 0;
        int tried = 0;
        int[] said = new int[10];
        int[] were = new int[10];
        for (List<Part> parts : byType.values()) {
            PartMatcher matcher = new PartMatcher(parts);
            for (int i = 0; i < 60; i++) {
                Part old = parts.get(random.nextInt(parts.size()));
                List<PartMatcher.Candidate> found = matcher.match(measured(old, random), null, parts.size(), Set.of())
                        .candidates();
                boolean first = found.get(0).part().specs().equals(old.specs());
                double probability = found.stream()
                        .filter(c -> c.part().specs().equals(found.get(0).part().specs()))
                        .mapToDouble(PartMatcher.Candidate::probability)
                        .sum();
                int decile = Math.min(9, (int) (10 * probability));
                said[decile]++;
                were[decile] += first ? 1 : 0;
                right += first ? 1 : 0;
                tried++;
            }
        }
        meansWhatItSays(said, were);
        assertTrue(right >= 0.9 * tried, right + " of " + tried);
    }

    private static void meansWhatItSays(int[] said, int[] were) {
        for (int d = 0; d < 10; d++) {
            Reporter.log("said %d0 to %d0 %%: %d of %d right".formatted(d, d + 1, were[d], said[d]), true);
            if (said[d] >= 40) {
                double share = (double) were[d] / said[d];
                assertTrue(share > d / 10.0 - 0.1 && share < (d + 1) / 10.0 + 0.1, "decile " + d + ": " + share);
            }
        }
    }

    @Test
    public void aStretchedBeltFindsItsNominalLengthAndTheMachineDecidesBetweenTwo() {
        List<Part> belts = byType.get("drum-belt");
        Part belt = belts.get(3);
        double nominal = Double.parseDouble(belt.specs().get("length-mm"));
        Map<String, String> measures = Map.of(
                "length-mm",
                String.valueOf(nominal * 1.006),
                "ribs",
                belt.specs().get("ribs"));
        Predicate<Part> fits = part -> part.number().equals(belt.number());
        PartMatcher matcher = new PartMatcher(belts);
        PartMatcher.Candidate known =
                matcher.match(measures, fits, 5, Set.of()).candidates().get(0);
        assertEquals(known.part(), belt);
        assertEquals(known.fits(), true);
        assertEquals(known.differences().get(0).spec(), "length-mm");
        double without = matcher.match(measures, null, belts.size(), Set.of()).candidates().stream()
                .filter(c -> c.part().equals(belt))
                .findFirst()
                .orElseThrow()
                .probability();
        assertTrue(known.probability() > without);
    }

    @Test
    public void aPartOfTheMachineItselfIsACandidateHoweverFarOffTheMeasure() {
        List<Part> belts = byType.get("drum-belt");
        Part own = belts.get(3);
        Map<String, String> measures = Map.of("length-mm", "1500");
        PartMatcher matcher = new PartMatcher(belts).likely(measures, 5, Set.of(own));
        List<PartMatcher.Candidate> candidates =
                matcher.match(measures, own::equals, 2, Set.of(own)).candidates();
        assertTrue(candidates.stream().anyMatch(c -> c.part().equals(own)), candidates.toString());
    }

    @Test
    public void theMeasureThatSplitsThemIsAskedNextAndAnUnknownOneIsIgnored() {
        PartMatcher.Match match =
                new PartMatcher(byType.get("drum-roller")).match(Map.of("color", "gray"), null, 5, Set.of());
        assertEquals(match.ignored(), List.of("color"));
        PartMatcher.Next next = match.next();
        assertTrue(List.of("width-mm", "diameter-mm", "bore-mm").contains(next.spec()), next.toString());
        assertTrue(next.expectedGainBits() > 0.9 && next.values().size() > 1, next.toString());
    }
}
