package synopta.core.counter;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import synopta.core.knowledge.Finding;

/** Cases of which little more than the line is set. */
final class Drafts {
    private Drafts() {}

    static CaseDraft overruled(String line, Set<String> struck, Set<String> picked, Set<String> dropped) {
        return draft(line, List.of(), struck, picked, dropped, null, null, Set.of());
    }

    static CaseDraft answered(String line, String finding, String answer) {
        List<CaseDraft.Answered> answers = List.of(new CaseDraft.Answered(finding, answer, true));
        return draft(line, answers, Set.of(), Set.of(), Set.of(), null, null, Set.of());
    }

    static CaseDraft looked(String line, String platform, Set<String> looked) {
        return draft(line, List.of(), Set.of(), Set.of(), Set.of(), null, platform, looked);
    }

    static CaseDraft withSerial(String line, String serial, Set<String> struck) {
        return draft(line, List.of(), struck, Set.of(), Set.of(), serial, null, Set.of());
    }

    private static CaseDraft draft(
            String line,
            List<CaseDraft.Answered> answers,
            Set<String> struck,
            Set<String> picked,
            Set<String> dropped,
            String serial,
            String platform,
            Set<String> looked) {
        return new CaseDraft(
                line,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                List.of(),
                answers,
                List.of(),
                struck,
                picked,
                dropped,
                Optional.ofNullable(serial),
                Optional.ofNullable(platform),
                looked,
                Finding.Who.FITTER,
                Shopping.AS_IT_COMES);
    }
}
