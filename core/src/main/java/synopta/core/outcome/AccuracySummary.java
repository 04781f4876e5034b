package synopta.core.outcome;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * All counts of a report together.
 *
 * @param cases number of cases
 * @param rightFirstTime share that was right first time; null without cases
 * @param by right the first time by each thing, keyed by its slug
 * @param returns how many cases had something come back, for every reason
 * @param calibration predicted against actual, by probability
 * @param questions questions by what they told
 * @param times seconds to the answer, by specialist
 * @param overruled who was right where advice was overridden
 */
public record AccuracySummary(
        int cases,
        AccuracyReport.@Nullable Share rightFirstTime,
        Map<String, List<AccuracyReport.Share>> by,
        List<Returned> returns,
        List<AccuracyReport.Bin> calibration,
        List<AskedQuestion> questions,
        List<AccuracyReport.Times> times,
        Overruled overruled) {
    /**
     * How many cases had something come back for a reason.
     *
     * @param reason reason of the return
     * @param cases number of cases
     */
    public record Returned(Outcome.Reason reason, int cases) {}

    /**
     * A question in its words, how often it was asked, and what it was worth on average, in bits.
     *
     * @param finding id of the finding
     * @param question question as it is asked
     * @param times how often it was asked
     * @param meanBits mean information, bits
     */
    public record AskedQuestion(String finding, String question, int times, double meanBits) {}

    /**
     * How often advice was overruled, by whose choice it was in the end.
     *
     * @param specialist cases in which the specialist was right
     * @param advice cases in which the advice was right
     * @param neither cases in which neither was
     */
    public record Overruled(int specialist, int advice, int neither) {}

    /**
     * The counts of a report.
     *
     * @param questionOf the words of a finding's question
     */
    public static AccuracySummary of(AccuracyReport report, UnaryOperator<String> questionOf) {
        Map<String, List<AccuracyReport.Share>> by = new TreeMap<>();
        for (AccuracyReport.By one : AccuracyReport.By.values()) {
            by.put(one.slug(), report.rightFirstTime(one));
        }
        Map<Outcome.Reason, Integer> returns = report.returns();
        Map<OutcomeRecord.WhoWasRight, Integer> overruled = report.overruled();
        return new AccuracySummary(
                report.size(),
                report.rightFirstTime().orElse(null),
                by,
                Arrays.stream(Outcome.Reason.values())
                        .map(reason -> new Returned(reason, returns.getOrDefault(reason, 0)))
                        .toList(),
                report.calibration(),
                report.questions().stream()
                        .map(asked -> new AskedQuestion(
                                asked.finding(), questionOf.apply(asked.finding()), asked.times(), asked.meanBits()))
                        .toList(),
                report.times(AccuracyReport.By.SPECIALIST),
                new Overruled(
                        overruled.getOrDefault(OutcomeRecord.WhoWasRight.SPECIALIST, 0),
                        overruled.getOrDefault(OutcomeRecord.WhoWasRight.ADVICE, 0),
                        overruled.getOrDefault(OutcomeRecord.WhoWasRight.NEITHER, 0)));
    }
}
