package synopta.benchmark;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.catalog.PartNumber;
import synopta.core.outcome.AccuracyReport;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeRecord;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseSnapshot;
import synopta.store.Store;

/**
 * 200,000 cases: the first page of a search, and all counts of the charts. The baseline of the search reads
 * every text for the words, the texts held in memory. Other searches come first, as in a house that is open.
 */
final class CaseBenchmark {
    private static final int CASES = 200_000;
    private static final int AT_ONCE = 5_000;
    private static final int WORDS = 6_000;
    private static final int ROUNDS = 15;
    private static final int PAGE = 50;
    private static final long WARM_UP = 4;
    private static final double TOLD = 0.8;
    private static final List<String> PEOPLE = List.of("Ida", "Tobias", "Wenna");
    private static final List<String> COMMON =
            List.of("thumps", "no heat", "squeals", "dead", "leaks", "hums", "slow", "belt", "door", "yrs");

    private CaseBenchmark() {}

    static void run(Scale scale) throws IOException {
        try (ScratchFolder scratch = new ScratchFolder("cases-benchmark")) {
            run(scale.of(CASES), scratch.path());
        }
    }

    private static void run(int count, Path folder) {
        Random random = new Random(9);
        List<String> texts = new ArrayList<>();
        long start = System.nanoTime();
        try (Store store = Store.inFolder(folder)) {
            for (int from = 0; from < count; from += AT_ONCE) {
                store.together(() -> {
                    for (int i = 0; i < Math.min(AT_ONCE, count); i++) {
                        texts.add(add(store, random));
                    }
                });
            }
        }
        System.out.printf(
                Locale.ROOT, "cases: %,d cases written in %.0f s%n", count, (System.nanoTime() - start) / 1e9);
        try (Store store = Store.inFolder(folder)) {
            searched(store, texts, random);
            counted(store);
        }
    }

    private static String add(Store store, Random random) {
        String line = line(random);
        String person = PEOPLE.get(random.nextInt(PEOPLE.size()));
        String part = "QV-" + (1000 + random.nextInt(4000));
        Instant at = Instant.parse("2024-01-01T08:00:00Z").plusSeconds(random.nextInt(60_000_000));
        CaseContent content = new CaseContent(
                CaseInput.of(line),
                null,
                List.of(new CaseContent.Line(new PartNumber(part), 1)),
                Set.of(),
                null,
                person,
                Customer.NONE,
                60 + random.nextInt(120),
                CaseContent.Status.HANDED_OVER);
        long number = store.cases().add(content, CaseSnapshot.UNTOLD, at).number();
        if (random.nextDouble() < TOLD) {
            Outcome outcome = new Outcome(at, person, "belt-broken", true, null, List.of(), null);
            store.outcomes().add(number, outcome, told(number, person, random));
        }
        return (line + " " + person + " " + part).toLowerCase(Locale.ROOT);
    }

    private static String line(Random random) {
        return "%s%d%s %s, %s w%d w%d, %d yrs"
                .formatted(
                        random.nextBoolean() ? "th" : "hv",
                        1000 + random.nextInt(9000),
                        random.nextBoolean() ? "w" : "k",
                        COMMON.get(random.nextInt(COMMON.size())),
                        COMMON.get(random.nextInt(COMMON.size())),
                        random.nextInt(WORDS),
                        (int) (WORDS * Math.pow(random.nextDouble(), 4)),
                        1 + random.nextInt(15));
    }

    private static OutcomeRecord told(long number, String person, Random random) {
        List<OutcomeRecord.Guess> guesses = new ArrayList<>();
        for (int i = 0; i < CaseSnapshot.MOST_SUSPECTS; i++) {
            guesses.add(new OutcomeRecord.Guess(random.nextDouble(), random.nextInt(8) == 0));
        }
        return new OutcomeRecord(
                number,
                LocalDate.of(2024, 1, 1).plusDays(random.nextInt(700)),
                "dryer",
                "dryer " + (char) ('A' + random.nextInt(7)),
                person,
                List.of("type-" + random.nextInt(40)),
                guesses,
                random.nextInt(10) > 1,
                random.nextInt(9) == 0 ? List.of(Outcome.Reason.WRONG_DIAGNOSIS) : List.of(),
                60 + random.nextInt(120),
                null,
                List.of(new OutcomeRecord.Worth("finding-" + random.nextInt(60), random.nextGaussian())));
    }

    private static List<String> queries(Random random, int cases) {
        List<String> queries = new ArrayList<>(List.of("", "thumps", "ida", "yrs", "thumps ida", "no heat wenna"));
        for (int i = 0; i < 60; i++) {
            int word = random.nextInt(WORDS);
            queries.add("w" + word);
            queries.add("w" + random.nextInt(60) + " squeals");
            queries.add("th" + (1000 + random.nextInt(9000)));
            queries.add("qv-" + (1000 + random.nextInt(4000)));
            queries.add("" + (1 + random.nextInt(cases)));
            queries.add("dead w" + random.nextInt(20) + " tobias");
        }
        return queries;
    }

    private static void found(Store store, String query) {
        store.cases().list(CaseRepository.Filter.having(query, PAGE));
    }

    private static void searched(Store store, List<String> texts, Random random) {
        queries(new Random(WARM_UP), texts.size()).forEach(query -> found(store, query));
        List<String> queries = queries(random, texts.size());
        double[] took = new double[queries.size()];
        double[] naive = new double[queries.size()];
        for (int i = 0; i < queries.size(); i++) {
            String query = queries.get(i);
            long start = System.nanoTime();
            found(store, query);
            took[i] = (System.nanoTime() - start) / 1e6;
            start = System.nanoTime();
            read(texts, query);
            naive[i] = (System.nanoTime() - start) / 1e6;
        }
        say("first page of a search", took);
        say("baseline, reading every text", naive);
        System.out.printf(Locale.ROOT, "cases: ratio of the medians %.2f%n", median(took) / median(naive));
    }

    private static int read(List<String> texts, String query) {
        int met = 0;
        for (String text : texts) {
            met += Arrays.stream(query.split(" ")).allMatch(text::contains) ? 1 : 0;
        }
        return met;
    }

    private static void counted(Store store) {
        long start = System.nanoTime();
        store.outcomes().told();
        System.out.printf(Locale.ROOT, "cases: counts read in, once: %.0f ms%n", (System.nanoTime() - start) / 1e6);
        double[] took = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            start = System.nanoTime();
            AccuracyReport report = new AccuracyReport(store.outcomes().told());
            for (AccuracyReport.By by : AccuracyReport.By.values()) {
                report.rightFirstTime(by);
            }
            report.returns();
            report.calibration();
            report.questions();
            report.times(AccuracyReport.By.SPECIALIST);
            report.overruled();
            took[i] = (System.nanoTime() - start) / 1e6;
        }
        say("all counts of the charts", took);
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private static void say(String what, double[] millis) {
        double[] sorted = millis.clone();
        Arrays.sort(sorted);
        System.out.printf(
                Locale.ROOT,
                "cases: %s: median %.1f ms, 95th %.1f ms, worst %.1f ms%n",
                what,
                median(millis),
                sorted[(int) (0.95 * (sorted.length - 1))],
                sorted[sorted.length - 1]);
    }
}
