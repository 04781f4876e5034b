package synopta.core.review;

import java.util.ArrayList;
import java.util.List;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.outcome.SayingLearner;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;

/** The readings of callers' words that were confirmed or rejected in cases. */
final class ToldReadings {
    /** The last so many cases count; ways of speaking change. */
    private static final int LATEST = 5_000;

    private static final int AT_ONCE = 500;

    private ToldReadings() {}

    /** Of the last cases of a log. */
    static List<SayingLearner.Told> of(CaseRepository log) {
        List<Long> numbers = log.withReadings(LATEST);
        List<SayingLearner.Told> told = new ArrayList<>();
        for (int from = 0; from < numbers.size(); from += AT_ONCE) {
            log.these(numbers.subList(from, Math.min(numbers.size(), from + AT_ONCE)))
                    .forEach(record -> add(told, record));
        }
        return told;
    }

    private static void add(List<SayingLearner.Told> told, CaseRecord record) {
        Appliance appliance = record.snapshot().appliance();
        if (appliance == null) {
            return;
        }
        for (CaseInput.Answered answered : record.content().input().findings()) {
            if (answered.said() != null) {
                told.add(new SayingLearner.Told(
                        record.number(), appliance, answered.finding(), answered.answer(), answered.said(), true));
            }
        }
        for (String key : record.content().input().excluded()) {
            MeaningModel.Reading.rejected(key)
                    .ifPresent(r -> told.add(
                            new SayingLearner.Told(record.number(), appliance, r.get(0), r.get(1), r.get(2), false)));
        }
    }
}
