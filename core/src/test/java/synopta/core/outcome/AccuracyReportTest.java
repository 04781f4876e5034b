package synopta.core.outcome;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Intervals against printed tables (values from memory), counts against counting again. */
public class AccuracyReportTest {
    /** Wilson score intervals of 95 %: Newcombe 1998, Table I; Brown, Cai and DasGupta 2001. */
    @DataProvider
    Object[][] wilson() {
        return new Object[][] {
            {81, 263, 0.2553, 0.3662},
            {15, 148, 0.0624, 0.1605},
            {0, 20, 0.0, 0.1611},
            {1, 29, 0.0061, 0.1718},
            {0, 10, 0.0, 0.2775},
            {1, 10, 0.0179, 0.4042},
            {5, 10, 0.2366, 0.7634},
            {10, 10, 0.7225, 1.0},
        };
    }

    @Test(dataProvider = "wilson")
    public void theScoreIntervalIsThatOfThePrintedTables(int k, int n, double low, double high) {
        Interval interval = Interval.wilson(k, n);
        assertEquals(interval.low(), low, 6e-5);
        assertEquals(interval.high(), high, 6e-5);
        assertTrue(interval.low() >= 0 && interval.high() <= 1);
    }

    @Test
    public void aBeliefLiesWhereTheHandbooksPutIt() {
        Interval births = Interval.beta(438, 544);
        assertEquals(births.low(), 0.415, 5e-4, "Gelman et al., Bayesian Data Analysis 2.4");
        assertEquals(births.high(), 0.477, 5e-4);
        Interval steady = Interval.gamma(10, 2);
        assertEquals(steady.low(), 9.590777 / 4, 1e-5, "half the chi-square quantile of 20 degrees, by the scale");
        assertEquals(steady.high(), 34.169607 / 4, 1e-5);
        assertThrows(IllegalArgumentException.class, () -> Interval.wilson(0, 0));
        assertThrows(IllegalArgumentException.class, () -> Interval.wilson(3, 2));
    }

    private static OutcomeRecord told(Random random, int number) {
        List<OutcomeRecord.Guess> guesses = new ArrayList<>();
        for (int i = 0; i < random.nextInt(4); i++) {
            double said = random.nextInt(11) / 10.0;
            guesses.add(new OutcomeRecord.Guess(said, random.nextDouble() < said));
        }
        return new OutcomeRecord(
                number,
                LocalDate.of(2026, 1, 1).plusDays(random.nextInt(300)),
                random.nextBoolean() ? "dryer" : "range",
                random.nextInt(5) == 0 ? null : "dryer " + (char) ('A' + random.nextInt(3)),
                List.of("Ida", "Tom", "Bea").get(random.nextInt(3)),
                random.nextBoolean() ? List.of("belt") : List.of("belt", "roller"),
                guesses,
                random.nextInt(10) > 1,
                random.nextInt(5) == 0 ? List.of(Outcome.Reason.DAMAGED, Outcome.Reason.DAMAGED) : List.of(),
                random.nextInt(3) == 0 ? null : 20 + random.nextInt(200),
                random.nextInt(6) == 0 ? OutcomeRecord.WhoWasRight.SPECIALIST : null,
                List.of(new OutcomeRecord.Worth("vent", random.nextInt(3)), new OutcomeRecord.Worth("belt", -1)));
    }

    private static List<OutcomeRecord> cases() {
        Random random = new Random(11);
        return IntStream.rangeClosed(1, 400).mapToObj(i -> told(random, i)).toList();
    }

    @Test
    public void everyCountIsWhatCountingAgainGives() {
        List<OutcomeRecord> cases = cases();
        AccuracyReport report = new AccuracyReport(cases);
        long right = cases.stream().filter(OutcomeRecord::right).count();
        assertEquals(report.rightFirstTime().orElseThrow().right(), right);
        int inAll = 0;
        for (AccuracyReport.Share share : report.rightFirstTime(AccuracyReport.By.SPECIALIST)) {
            List<OutcomeRecord> theirs = cases.stream()
                    .filter(t -> t.specialist().equals(share.label()))
                    .toList();
            assertEquals(share.cases(), theirs.size());
            assertEquals(
                    share.right(), theirs.stream().filter(OutcomeRecord::right).count(), share.label());
            assertEquals(share.interval(), Interval.wilson(share.right(), share.cases()));
            inAll += share.cases();
        }
        assertEquals(inAll, 400, "every case has a specialist");
        assertEquals(
                report.rightFirstTime(AccuracyReport.By.PART_TYPE).get(0).cases(),
                400,
                "the belt was in every bag: it comes first");
        long damaged = cases.stream().filter(t -> !t.reasons().isEmpty()).count();
        assertEquals(
                report.returns(), Map.of(Outcome.Reason.DAMAGED, (int) damaged), "a case once, whatever came back");
        assertEquals(report.questions().get(0).finding(), "vent");
        assertEquals(report.questions().get(1), new AccuracyReport.Asked("belt", 400, -1));
        assertTrue(new AccuracyReport(List.of()).rightFirstTime().isEmpty());
    }

    @Test
    public void whatWasSaidComesAsOftenAsItWasSaid() {
        List<OutcomeRecord> cases = cases();
        List<OutcomeRecord.Guess> guesses =
                cases.stream().flatMap(t -> t.guesses().stream()).toList();
        for (AccuracyReport.Bin bin : new AccuracyReport(cases).calibration()) {
            List<OutcomeRecord.Guess> within = guesses.stream()
                    .filter(g -> g.probability() >= bin.from() - 1e-9
                            && (g.probability() < bin.to() - 1e-9 || bin.to() == 1))
                    .toList();
            assertEquals(bin.of(), within.size(), "from " + bin.from());
            assertEquals(
                    bin.was(), within.stream().filter(OutcomeRecord.Guess::was).count());
            assertTrue(
                    bin.interval().low() <= bin.said() && bin.interval().high() >= bin.said(),
                    "it came as it was said");
        }
    }

    @Test
    public void halfTheAnswersTookNoLongerThanTheMiddleOne() {
        List<OutcomeRecord> cases = new ArrayList<>();
        for (int i = 1; i <= 10; i++) {
            OutcomeRecord any = told(new Random(i), i);
            cases.add(new OutcomeRecord(
                    i,
                    any.day(),
                    any.appliance(),
                    any.layout(),
                    "Ida",
                    any.partTypes(),
                    any.guesses(),
                    any.right(),
                    any.reasons(),
                    10 * i,
                    any.overruled(),
                    any.asked()));
        }
        assertEquals(
                new AccuracyReport(cases).times(AccuracyReport.By.SPECIALIST),
                List.of(new AccuracyReport.Times("Ida", 10, 50, 90)));
    }
}
