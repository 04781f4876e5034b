package synopta.core.outcome;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Slugged;

/** How often the counter was right, counted over cases of which it is known what became of them. */
public final class AccuracyReport {
    private static final int BINS = 10;

    private final List<OutcomeRecord> cases;

    /** Counts these. */
    public AccuracyReport(List<OutcomeRecord> cases) {
        this.cases = List.copyOf(cases);
    }

    /** Of the cases from one day to another, both counted; {@code MIN} and {@code MAX} set no limit. */
    public static AccuracyReport between(List<OutcomeRecord> cases, LocalDate from, LocalDate to) {
        return new AccuracyReport(cases.stream()
                .filter(told -> !told.day().isBefore(from) && !told.day().isAfter(to))
                .toList());
    }

    /** How many cases are counted. */
    public int size() {
        return cases.size();
    }

    /** By what cases are told apart. */
    public enum By implements Slugged {
        APPLIANCE(told -> one(told.appliance())),
        SPECIALIST(told -> one(told.specialist())),
        LAYOUT(told -> one(told.layout())),
        PART_TYPE(OutcomeRecord::partTypes);

        private final Function<OutcomeRecord, List<String>> labels;

        private static List<String> one(@Nullable String label) {
            return label != null ? List.of(label) : List.of();
        }

        By(Function<OutcomeRecord, List<String>> labels) {
            this.labels = labels;
        }
    }

    /**
     * So many of so many, and between what the rate lies.
     *
     * @param label what is counted, as it is shown
     * @param right cases that were right first time
     * @param cases number of cases
     * @param interval 95% interval of the rate
     */
    public record Share(String label, int right, int cases, Interval interval) {
        private static Share counted(String label, int right, int cases) {
            return new Share(label, right, cases, Interval.wilson(right, cases));
        }

        /** The rate as counted. */
        public double rate() {
            return (double) right / cases;
        }
    }

    private static final class Count {
        private int right;
        private int of;
        private double sum;
    }

    /** Right the first time, all together; empty without a case. */
    public Optional<Share> rightFirstTime() {
        int right = (int) cases.stream().filter(OutcomeRecord::right).count();
        return cases.isEmpty() ? Optional.empty() : Optional.of(Share.counted("all", right, cases.size()));
    }

    /** Right the first time, by one thing; the most cases first. */
    public List<Share> rightFirstTime(By by) {
        Map<String, Count> counts = new HashMap<>();
        for (OutcomeRecord told : cases) {
            for (String label : by.labels.apply(told)) {
                Count count = counts.computeIfAbsent(label, l -> new Count());
                count.of++;
                count.right += told.right() ? 1 : 0;
            }
        }
        return counts.entrySet().stream()
                .map(e -> Share.counted(e.getKey(), e.getValue().right, e.getValue().of))
                .sorted(Comparator.comparingInt(Share::cases).reversed().thenComparing(Share::label))
                .toList();
    }

    /** How many cases had something come back, by its reason. */
    public Map<Outcome.Reason, Integer> returns() {
        Map<Outcome.Reason, Integer> counts = new EnumMap<>(Outcome.Reason.class);
        for (OutcomeRecord told : cases) {
            if (!told.reasons().isEmpty()) {
                told.reasons().stream().distinct().forEach(reason -> counts.merge(reason, 1, Integer::sum));
            }
        }
        return counts;
    }

    /**
     * Suspects that were said to be about so likely.
     *
     * @param from lowest probability
     * @param to highest probability
     * @param said their mean probability
     * @param was how often it was so
     * @param of of how many
     * @param interval 95% interval of the rate
     */
    public record Bin(double from, double to, double said, int was, int of, Interval interval) {}

    /** Of what was said to be so likely, how often it was; in tenths, those that nothing was said in left out. */
    public List<Bin> calibration() {
        Count[] counts = Stream.generate(Count::new).limit(BINS).toArray(Count[]::new);
        for (OutcomeRecord told : cases) {
            for (OutcomeRecord.Guess guess : told.guesses()) {
                Count count = counts[Math.min(BINS - 1, (int) (guess.probability() * BINS))];
                count.of++;
                count.right += guess.was() ? 1 : 0;
                count.sum += guess.probability();
            }
        }
        List<Bin> bins = new ArrayList<>();
        for (int i = 0; i < BINS; i++) {
            Count c = counts[i];
            if (c.of > 0) {
                bins.add(new Bin(
                        (double) i / BINS,
                        (i + 1.0) / BINS,
                        c.sum / c.of,
                        c.right,
                        c.of,
                        Interval.wilson(c.right, c.of)));
            }
        }
        return bins;
    }

    /**
     * A question, how often it was asked, and by how many bits its answers moved what it was on average.
     *
     * @param finding id of the finding
     * @param times how often it was asked
     * @param meanBits mean information, bits
     */
    public record Asked(String finding, int times, double meanBits) {}

    /** What was asked, the most worthwhile first. */
    public List<Asked> questions() {
        Map<String, Count> counts = new HashMap<>();
        for (OutcomeRecord told : cases) {
            for (OutcomeRecord.Worth worth : told.asked()) {
                Count count = counts.computeIfAbsent(worth.finding(), f -> new Count());
                count.of++;
                count.sum += worth.bits();
            }
        }
        return counts.entrySet().stream()
                .map(e -> new Asked(e.getKey(), e.getValue().of, e.getValue().sum / e.getValue().of))
                .sorted(Comparator.comparingDouble(Asked::meanBits).reversed().thenComparing(Asked::finding))
                .toList();
    }

    /**
     * Seconds to the answer: half of the cases took no longer, and nine in ten no longer than the second.
     *
     * @param label what is counted, as it is shown
     * @param cases number of cases
     * @param half median, s
     * @param nineInTen 90th percentile, s
     */
    public record Times(String label, int cases, int half, int nineInTen) {}

    /** How long the answer took, by one thing, the most cases first. */
    public List<Times> times(By by) {
        Map<String, IntStream.Builder> seconds = new HashMap<>();
        for (OutcomeRecord told : cases) {
            if (told.answerSeconds() != null) {
                for (String label : by.labels.apply(told)) {
                    seconds.computeIfAbsent(label, l -> IntStream.builder()).add(told.answerSeconds());
                }
            }
        }
        return seconds.entrySet().stream()
                .map(e -> times(e.getKey(), e.getValue().build().sorted().toArray()))
                .sorted(Comparator.comparingInt(Times::cases).reversed().thenComparing(Times::label))
                .toList();
    }

    /** The smallest value that is not below so many of them (nearest rank). */
    private static Times times(String label, int[] sorted) {
        int n = sorted.length;
        return new Times(label, n, sorted[(n + 1) / 2 - 1], sorted[(9 * n + 9) / 10 - 1]);
    }

    /** How often advice was overruled, by whose choice it was. */
    public Map<OutcomeRecord.WhoWasRight, Integer> overruled() {
        Map<OutcomeRecord.WhoWasRight, Integer> counts = new EnumMap<>(OutcomeRecord.WhoWasRight.class);
        cases.forEach(
                told -> Optional.ofNullable(told.overruled()).ifPresent(who -> counts.merge(who, 1, Integer::sum)));
        return counts;
    }
}
