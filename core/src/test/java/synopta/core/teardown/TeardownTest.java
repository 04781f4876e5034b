package synopta.core.teardown;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.OURS;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.apache.commons.statistics.distribution.WeibullDistribution;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.LifeCurve;
import synopta.core.knowledge.OpeningStep;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.RepairPractices;
import synopta.core.knowledge.WorkStep;
import synopta.core.quantity.Money;

public class TeardownTest {
    private static final Pack PACK = Samples.pack(List.of(), List.of(), List.of());

    private static Layout layout(List<OpeningStep> steps) {
        Layout bare = Samples.layout("A", 1, List.of("a"));
        return new Layout("A", "A", 1, "rim", bare.fuels(), bare.kinds(), bare.places(), steps, bare.drawing(), null);
    }

    /** Steps 0 to n - 1 with minutes of a power of two each, so that the minutes tell the set; step i reaches place i. */
    private static List<OpeningStep> random(Random random, int n) {
        List<OpeningStep> steps = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            List<String> after = new ArrayList<>();
            for (int before = 0; before < i; before++) {
                if (random.nextInt(3) == 0) {
                    after.add("s" + before);
                }
            }
            steps.add(new OpeningStep(
                    "s" + i, "step " + i, 1 << i, after, Map.of("p" + i, 0.25), null, WorkStep.NONE, OURS));
        }
        return steps;
    }

    /** The fewest minutes of any set of steps in which every step has all that it waits for. */
    private static double least(List<OpeningStep> steps, Set<String> wanted) {
        double least = Double.POSITIVE_INFINITY;
        for (int chosen = 0; chosen < 1 << steps.size(); chosen++) {
            Set<String> ids = new HashSet<>();
            double minutes = 0;
            for (int i = 0; i < steps.size(); i++) {
                if ((chosen >> i & 1) == 1) {
                    ids.add(steps.get(i).id());
                    minutes += steps.get(i).minutes();
                }
            }
            boolean isClosed = ids.containsAll(wanted)
                    && steps.stream().filter(s -> ids.contains(s.id())).allMatch(s -> ids.containsAll(s.after()));
            least = isClosed ? Math.min(least, minutes) : least;
        }
        return least;
    }

    @Test
    public void theStepsAreTheLeastSetThatReachesAllPlacesEachAfterWhatItWaitsFor() {
        Random random = new Random(5);
        for (int round = 0; round < 200; round++) {
            List<OpeningStep> steps = random(random, 9);
            Map<String, Integer> pieces = new TreeMap<>();
            Set<String> wanted = new HashSet<>();
            for (int k = 0; k < 1 + random.nextInt(3); k++) {
                int place = random.nextInt(9);
                pieces.put("p" + place, 1 + random.nextInt(3));
                wanted.add("s" + place);
            }
            Work work = new Teardown(PACK, layout(steps), RepairPractices.USUAL, Set.of()).work(pieces);
            double exchanged =
                    0.25 * pieces.values().stream().mapToInt(Integer::intValue).sum();
            assertEquals(work.minutes(), least(steps, wanted) + exchanged, 1e-9, "round " + round);
            Set<String> done = new HashSet<>();
            for (OpeningStep step : work.steps()) {
                assertTrue(done.containsAll(step.after()), step + " came too early");
                assertTrue(done.add(step.id()), "each once");
            }
        }
    }

    @Test
    public void aPlaceThatNoStepReachesIsSaidAndNotCounted() {
        Work work = new Teardown(PACK, layout(random(new Random(1), 3)), RepairPractices.USUAL, Set.of())
                .work(Map.of("p0", 1, "nowhere", 4));
        assertEquals(work.unknown(), List.of("nowhere"));
        assertEquals(work.minutes(), 1.25);
        double step = work.steps().get(0).minutes();
        double exchange = work.replacements().get(0).minutes();
        assertEquals(work.spread(), Math.hypot(step, exchange) / 3, 0.02, "a third of each, independent");
    }

    /** Weibull lives: figures by the closed forms named in each row. */
    @DataProvider
    Object[][] lives() {
        return new Object[][] {
            {"no ageing: 1 - e^-(h/s)", 1.0, 10.0, 7.0, 5.0, 1 - Math.exp(-0.5), 10.0},
            {"Rayleigh, new: s sqrt(pi)/2", 2.0, 10.0, 0.0, 5.0, 1 - Math.exp(-0.25), 8.862269255},
            {"Rayleigh at s: s e sqrt(pi)/2 erfc(1)", 2.0, 10.0, 10.0, 5.0, 1 - Math.exp(-1.25), 3.789361},
        };
    }

    @Test(dataProvider = "lives")
    public void livesAreConditionalOnTheAge(
            String source, double shape, double scale, double age, double years, double risk, double left) {
        LifeCurve life = new LifeCurve(shape, scale, OURS);
        assertEquals(life.failsWithin(age, years).value(), risk, 1e-12, source);
        assertEquals(life.meanYearsLeft(age), left, 2e-5, source);
        assertEquals(life.lasting(12).meanYearsLeft(0), 12, 1e-9);
    }

    /** NIST/SEMATECH e-Handbook, 8.1.6.2, in thousands of hours; F at the scale, Abernethy. Both from memory. */
    @Test
    public void livesAgreeWithTheHandbook() {
        LifeCurve nist = new LifeCurve(1.5, 5, OURS);
        assertEquals(nist.failsWithin(0, 1).value(), 0.08556, 5e-6);
        assertEquals(nist.hazardPerYear(1) * (1 - 0.0855593564), 0.12269, 1e-4);
        assertEquals(nist.failsWithin(0, 5).value(), 0.632121, 5e-7);
    }

    /** Apache Commons Statistics 1.3. */
    @Test
    public void livesAgreeWithAReferenceLibrary() {
        for (double shape : List.of(0.8, 1.2, 2.4, 5.0)) {
            for (double age : List.of(0.5, 4.0, 9.0, 25.0)) {
                WeibullDistribution reference = WeibullDistribution.of(shape, 13);
                double survives = reference.survivalProbability(age + 5) / reference.survivalProbability(age);
                LifeCurve life = new LifeCurve(shape, 13, OURS);
                assertEquals(life.failsWithin(age, 5).value(), 1 - survives, 1e-10, shape + " at " + age);
                assertEquals(life.meanYearsLeft(0), reference.getMean(), 2e-5, "shape " + shape);
            }
        }
    }

    private static Money euros(String decimal) {
        return Money.of(decimal, "USD");
    }

    /**
     * By hand: old 1 - e^-1.25 = 0.713495, new 1 - e^-0.25 = 0.221199; price 20, ten minutes at 36 an hour 6, opening twenty
     * minutes 12, visit 45: 83 in all; 0.492296 x 83 = 40.86, less 6.
     */
    @Test
    public void whatLiesOpenIsWorthWhatASecondOpeningWouldCost() {
        WhileOpen.Terms terms = new WhileOpen.Terms(10, 5, euros("36.00"), euros("45.00"));
        WhileOpen one = WhileOpen.of(new LifeCurve(2, 10, OURS), 1, euros("20.00"), 10, 20, terms);
        assertEquals(one.value().decimal(), "34.86");
        WhileOpen ageless = WhileOpen.of(new LifeCurve(1, 10, OURS), 1, euros("20.00"), 10, 20, terms);
        assertEquals(ageless.value().decimal(), "0.00", "a new one fails as often");
        WhileOpen four = WhileOpen.of(new LifeCurve(2, 10, OURS), 4, null, 10, 20, terms);
        assertEquals(four.risk().value(), 1 - Math.exp(-5), 1e-12);
    }
}
