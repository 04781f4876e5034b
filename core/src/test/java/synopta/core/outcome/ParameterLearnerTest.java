package synopta.core.outcome;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.OURS;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.pack;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.LifeCurve;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;

/** Learning against closed forms, published fits and what was drawn. */
public class ParameterLearnerTest {
    private static final double LEAK = 0.05;
    private static final double STRENGTH = 0.6;

    private static final MeterTest OHMS = Samples.ohms(
            new Finding(
                    "ohms",
                    "ohms across it",
                    null,
                    List.of(
                            Finding.Answer.plain(MeterTest.GOOD, "good", 0),
                            Finding.Answer.plain(MeterTest.BAD, "bad", 0.1)),
                    3,
                    Finding.Who.TECHNICIAN,
                    null,
                    Set.of(),
                    OURS,
                    List.of()),
            10,
            50,
            List.of("belt"),
            0.9,
            0.9);

    private static final Pack PACK = pack(
            List.of(
                    fault("belt", 0.1, Map.of("slaps", STRENGTH)),
                    fault("roller", 0.1, Map.of("thumps", 0.8)),
                    fault("motor", 0.02, Map.of("hums", 0.5))),
            List.of(finding("slaps", LEAK), finding("thumps", 0.02), finding("hums", 0.02)),
            List.of(OHMS));

    private static ConfirmedCase confirmedCase(String fault, double age, ConfirmedCase.Answer... answers) {
        return new ConfirmedCase(1, Appliance.DRYER, Set.of(Fuel.ELECTRIC), "A", age, List.of(answers), fault, 1.5);
    }

    private static Proposal proposal(List<ConfirmedCase> confirmedCases, ParameterKind kind, String subject) {
        return new ParameterLearner(PACK, confirmedCases)
                .proposals().stream()
                        .filter(p -> p.kind() == kind && p.subject().equals(subject))
                        .findFirst()
                        .orElseThrow();
    }

    private static List<ConfirmedCase> times(int count, ConfirmedCase confirmedCase) {
        return Collections.nCopies(count, confirmedCase);
    }

    @Test
    public void anAnswerIsMovedByCountingAndTheStrengthMakesItSo() {
        List<ConfirmedCase> confirmedCases =
                new ArrayList<>(times(9, confirmedCase("belt", 8, new ConfirmedCase.Answer("slaps", "yes", true))));
        confirmedCases.addAll(times(11, confirmedCase("belt", 8, new ConfirmedCase.Answer("slaps", "no", true))));
        Proposal moved = proposal(confirmedCases, ParameterKind.LINK, "belt|slaps|yes");
        double before = 1 - (1 - LEAK) * (1 - STRENGTH);
        assertEquals(moved.before(), before, 1e-12);
        assertEquals(moved.after(), (20 * before + 9) / 40, 1e-12, "a belief worth 20 cases, and 9 of 20");
        assertEquals(1 - (1 - LEAK) * (1 - moved.value()), moved.after(), 1e-12);
        Pack learned = new ParameterOverrides(List.of(moved.learned())).over(PACK);
        assertEquals(learned.fault("belt").orElseThrow().shows().get(0).strength(), moved.value());
        assertEquals(learned.fault("roller"), PACK.fault("roller"), "nothing else is touched");
        assertEquals(moved.interval(), Interval.beta(40 * moved.after(), 40 * (1 - moved.after())));
        assertEquals(moved.support(), new SupportingCases(9, 20, List.of(1L), List.of(1L)));
    }

    @Test
    public void aLeakIsMovedByTheCasesThatHaveNoneOfItsFaults() {
        List<ConfirmedCase> confirmedCases =
                new ArrayList<>(times(12, confirmedCase("roller", 8, new ConfirmedCase.Answer("slaps", "yes", true))));
        confirmedCases.addAll(times(8, confirmedCase("roller", 8, new ConfirmedCase.Answer("slaps", "no", true))));
        confirmedCases.addAll(times(50, confirmedCase("belt", 8, new ConfirmedCase.Answer("slaps", "yes", true))));
        Proposal moved = proposal(confirmedCases, ParameterKind.LEAK, "slaps|yes");
        assertEquals(moved.before(), LEAK);
        assertEquals(moved.after(), (60 * LEAK + 12) / 80, 1e-12, "a belief worth 60 cases, and 12 of 20");
        assertEquals(moved.value(), moved.after(), "a leak is what is seen");
        assertEquals(moved.interval(), Interval.beta(80 * moved.after(), 80 * (1 - moved.after())));
        assertEquals(moved.support().seen(), 12);
        assertEquals(moved.support().of(), 20);
    }

    @Test
    public void whatCallersTellUnaskedDoesNotTeachThatItIsAlwaysSo() {
        Random random = new Random(8);
        double truth = 0.4;
        List<ConfirmedCase> confirmedCases = new ArrayList<>();
        for (int i = 0; i < 20_000; i++) {
            boolean is = random.nextDouble() < truth;
            boolean told = is && random.nextDouble() < 0.5;
            boolean asked = !told && random.nextDouble() < 0.3;
            ConfirmedCase.Answer answer = new ConfirmedCase.Answer("slaps", is ? "yes" : "no", asked);
            confirmedCases.add(told || asked ? confirmedCase("belt", 8, answer) : confirmedCase("belt", 8));
        }
        assertEquals(
                proposal(confirmedCases, ParameterKind.LINK, "belt|slaps|yes").after(), truth, 0.012);
    }

    @Test
    public void testsAreMovedAsBetaAndTheWorkAsItsLogarithm() {
        List<ConfirmedCase> confirmedCases =
                new ArrayList<>(times(6, confirmedCase("belt", 8, new ConfirmedCase.Answer("ohms", "good", true))));
        confirmedCases.addAll(times(4, confirmedCase("belt", 8, new ConfirmedCase.Answer("ohms", "bad", true))));
        assertEquals(proposal(confirmedCases, ParameterKind.SENSITIVITY, "ohms").after(), (30 * 0.9 + 4) / 40, 1e-12);
        List<ConfirmedCase> sound =
                times(10, confirmedCase("roller", 8, new ConfirmedCase.Answer("ohms", "good", true)));
        assertEquals(proposal(sound, ParameterKind.SPECIFICITY, "ohms").after(), (30 * 0.9 + 10) / 40, 1e-12);
        Proposal minutes = proposal(confirmedCases, ParameterKind.MINUTES, "A");
        double data = 10 / (0.35 * 0.35);
        assertEquals(Math.log(minutes.after()), data * Math.log(1.5) / (data + 1 / (0.2 * 0.2)), 1e-12);
        double deviation = 1 / Math.sqrt(data + 1 / (0.2 * 0.2));
        assertEquals(
                Math.log(minutes.interval().high() / minutes.interval().low()),
                2 * 1.959963984540054 * deviation,
                1e-9);
        Pack learned = new ParameterOverrides(List.of(
                        proposal(confirmedCases, ParameterKind.SENSITIVITY, "ohms")
                                .learned(),
                        proposal(sound, ParameterKind.SPECIFICITY, "ohms").learned()))
                .over(PACK);
        assertEquals(learned.tests().get(0).sensitivity(), 31.0 / 40, 1e-12);
        assertEquals(learned.tests().get(0).specificity(), 37.0 / 40, 1e-12);
        assertEquals(learned.tests().get(0).finding().answers().get(1).leak(), 3.0 / 40, 1e-12);
    }

    @Test
    public void oneOddCaseSwingsNothing() {
        List<ConfirmedCase> usual = new ArrayList<>();
        for (int i = 0; i < 45; i++) {
            usual.add(confirmedCase(i % 2 == 0 ? "belt" : "roller", 8));
        }
        List<ConfirmedCase> odd = new ArrayList<>(usual);
        odd.add(confirmedCase("motor", 8, new ConfirmedCase.Answer("hums", "no", true)));
        double without = proposal(usual, ParameterKind.RATE, "motor").after();
        double with = proposal(odd, ParameterKind.RATE, "motor").after();
        assertTrue(with > without && with < 1.25 * without, without + " became " + with);
        assertTrue(
                new ParameterLearner(PACK, odd).proposals().stream().noneMatch(p -> p.kind() == ParameterKind.LINK),
                "too few");
        assertTrue(new ParameterLearner(PACK, List.of()).proposals().isEmpty());
    }

    @Test
    public void aCaseOfAnOlderPackTeachesWhatIsStillKnown() {
        ConfirmedCase.Answer asked = new ConfirmedCase.Answer("slaps", "yes", true);
        List<ConfirmedCase> known = times(10, confirmedCase("belt", 8, asked));
        ConfirmedCase older = confirmedCase(
                "belt",
                8,
                asked,
                new ConfirmedCase.Answer("ohms", "beeps", true),
                new ConfirmedCase.Answer("gone", "yes", true));
        assertEquals(
                proposal(times(10, older), ParameterKind.LINK, "belt|slaps|yes"),
                proposal(known, ParameterKind.LINK, "belt|slaps|yes"));
        List<ConfirmedCase> lost = new ArrayList<>(known);
        lost.add(confirmedCase("a-fault-no-longer-known", 8, asked));
        assertEquals(new ParameterLearner(PACK, lost).proposals(), new ParameterLearner(PACK, known).proposals());
    }

    @Test
    public void ratesComeOutAsTheyWereDrawn() {
        Random random = new Random(3);
        List<ConfirmedCase> confirmedCases = new ArrayList<>();
        for (int i = 0; i < 6_000; i++) {
            double lot = random.nextDouble();
            confirmedCases.add(confirmedCase(lot < 0.2 ? "belt" : lot < 0.9 ? "roller" : "motor", 8));
        }
        double belt = proposal(confirmedCases, ParameterKind.RATE, "belt").after();
        double roller = proposal(confirmedCases, ParameterKind.RATE, "roller").after();
        double motor = proposal(confirmedCases, ParameterKind.RATE, "motor").after();
        assertEquals(roller / belt, 3.5, 0.25);
        String sentence = proposal(confirmedCases, ParameterKind.RATE, "roller").sentence();
        assertTrue(
                sentence.matches(
                        "Roller, failed: found more often here than the guide says: 15 of 100, guide 10\\. Based on 4202 of 6000 cases\\."),
                sentence);
        assertEquals(motor / belt, 0.5, 0.06);
    }

    @Test
    public void aLifeKnownByItsShapeIsMovedByFailuresAndAgesReached() {
        List<ConfirmedCase> confirmedCases = new ArrayList<>(times(5, confirmedCase("belt", 6)));
        confirmedCases.addAll(times(15, confirmedCase("roller", 6)));
        List<ConfirmedCase> differing = new ArrayList<>(confirmedCases);
        differing.add(confirmedCase("belt", 9));
        assertTrue(proposal(differing, ParameterKind.LIFE, "belt").note().startsWith("The cases alone say"));
        Proposal life = proposal(confirmedCases, ParameterKind.LIFE, "belt");
        assertEquals(life.before(), 10);
        assertEquals(
                life.sentence(),
                "Belt lasts longer here than the guide says: 63 of 100 have failed by 10.7 years, guide 10. Based on 5 of 20 cases.");
        assertEquals(
                life.after(), Math.sqrt((10 * 100 + 20 * 36) / 15.0), 1e-12, "shape 2, a belief worth 10 failures");
        assertTrue(life.interval().low() < life.after()
                && life.after() < life.interval().high());
        confirmedCases.addAll(times(300, confirmedCase("roller", 60)));
        assertTrue(
                new ParameterLearner(PACK, confirmedCases)
                        .proposals().stream()
                                .noneMatch(p -> p.kind() == ParameterKind.LIFE
                                        && p.subject().equals("belt")),
                "no belt lasts 200 years");
        LifeCurve learned = new ParameterOverrides(List.of(life.learned()))
                .over(PACK)
                .partType("belt")
                .orElseThrow()
                .life();
        assertEquals(learned.scaleYears(), life.after());
        assertEquals(learned.shape(), 2);
    }

    /** Lieblein and Zelen 1956, 23 ball bearings, millions of turns; fit as in Lawless (from memory). */
    private static final double[] BEARINGS = {
        17.88, 28.92, 33.00, 41.52, 42.12, 45.60, 48.40, 51.84, 51.96, 54.12, 55.56, 67.80, 68.64, 68.64, 68.88, 84.12,
        93.12, 98.64, 105.12, 105.84, 127.92, 128.04, 173.40
    };

    /** NIST/SEMATECH e-Handbook 8.4.1.2: 20 on test, 10 failures by 500 hours (from memory). */
    private static final double[] FAILED = {54, 187, 216, 240, 244, 335, 361, 373, 375, 386};

    @Test
    public void fitsWithAndWithoutCensoringAreThePublishedOnes() {
        WeibullFit.Fitted bearings = WeibullFit.of(BEARINGS, new double[0]);
        assertEquals(bearings.shape(), 2.102, 6e-4);
        assertEquals(bearings.scale(), 81.88, 0.01);
        double[] censored = new double[10];
        Arrays.fill(censored, 500);
        WeibullFit.Fitted hours = WeibullFit.of(FAILED, censored);
        assertEquals(hours.scale(), 606.528, 1e-3);
        assertEquals(hours.shape(), 1.7208, 1e-4);
        assertThrows(IllegalArgumentException.class, () -> WeibullFit.of(new double[] {5, 5}, censored));
    }
}
