package synopta.server.review;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import synopta.core.outcome.AccuracyReport;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeRecord;
import synopta.server.web.MayBeNull;

/** Wire records of the counts. */
public final class AccuracyWire {
    private AccuracyWire() {}

    /** All counts; `low` and `high` are where a rate lies 95 times in 100. */
    public record LedgerAnswer(
            int cases,
            @MayBeNull RateWire rightFirstTime,
            Map<String, List<RateWire>> by,
            List<CameBackWire> returns,
            List<BinWire> calibration,
            List<AskedWire> questions,
            List<TimesWire> times,
            OverruledWire overruled) {
        static LedgerAnswer of(AccuracyReport report, Function<String, String> questionOf) {
            Map<String, List<RateWire>> by = new TreeMap<>();
            for (AccuracyReport.By one : AccuracyReport.By.values()) {
                by.put(
                        one.slug(),
                        report.rightFirstTime(one).stream().map(RateWire::of).toList());
            }
            Map<Outcome.Reason, Integer> returns = new EnumMap<>(report.returns());
            Map<OutcomeRecord.WhoWasRight, Integer> overruled = report.overruled();
            return new LedgerAnswer(
                    report.size(),
                    report.rightFirstTime().map(RateWire::of).orElse(null),
                    by,
                    Arrays.stream(Outcome.Reason.values())
                            .map(reason -> new CameBackWire(reason, returns.getOrDefault(reason, 0)))
                            .toList(),
                    report.calibration().stream().map(BinWire::of).toList(),
                    report.questions().stream()
                            .map(asked -> new AskedWire(
                                    asked.finding(),
                                    questionOf.apply(asked.finding()),
                                    asked.times(),
                                    asked.meanBits()))
                            .toList(),
                    report.times(AccuracyReport.By.SPECIALIST).stream()
                            .map(t -> new TimesWire(t.label(), t.cases(), t.half(), t.nineInTen()))
                            .toList(),
                    new OverruledWire(
                            overruled.getOrDefault(OutcomeRecord.WhoWasRight.SPECIALIST, 0),
                            overruled.getOrDefault(OutcomeRecord.WhoWasRight.ADVICE, 0),
                            overruled.getOrDefault(OutcomeRecord.WhoWasRight.NEITHER, 0)));
        }
    }

    /** So many of so many. */
    public record RateWire(String label, int right, int cases, double rate, double low, double high) {
        static RateWire of(AccuracyReport.Share share) {
            return new RateWire(
                    share.label(),
                    share.right(),
                    share.cases(),
                    share.rate(),
                    share.interval().low(),
                    share.interval().high());
        }
    }

    /** How many cases had something come back for a reason. */
    public record CameBackWire(Outcome.Reason reason, int cases) {}

    /** Of what was said to be so likely, how often it was. */
    public record BinWire(double from, double to, double said, int was, int of, double low, double high) {
        static BinWire of(AccuracyReport.Bin bin) {
            return new BinWire(
                    bin.from(),
                    bin.to(),
                    bin.said(),
                    bin.was(),
                    bin.of(),
                    bin.interval().low(),
                    bin.interval().high());
        }
    }

    /** What was asked, how often, and what it was worth. */
    public record AskedWire(String finding, String question, int times, double meanBits) {}

    /** Seconds to the answer, by specialist. */
    public record TimesWire(String label, int cases, int half, int nineInTen) {}

    /** Advice that was overruled, by whose choice it was in the end. */
    public record OverruledWire(int specialist, int advice, int neither) {}
}
