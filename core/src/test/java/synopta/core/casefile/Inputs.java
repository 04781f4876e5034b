package synopta.core.casefile;

import java.util.List;
import java.util.Set;

/** Cases of which little more than the line is set. */
public final class Inputs {
    private Inputs() {}

    public static CaseInput overruled(String line, Set<String> excluded, Set<String> selected, Set<String> dropped) {
        return draft(line, List.of(), excluded, selected, dropped, null, null, Set.of());
    }

    public static CaseInput answered(String line, String finding, String answer) {
        List<CaseInput.Answered> answers = List.of(new CaseInput.Answered(finding, answer, true));
        return draft(line, answers, Set.of(), Set.of(), Set.of(), null, null, Set.of());
    }

    public static CaseInput inspected(String line, String platform, Set<String> inspected) {
        return draft(line, List.of(), Set.of(), Set.of(), Set.of(), null, platform, inspected);
    }

    public static CaseInput withSerial(String line, String serial, Set<String> excluded) {
        return draft(line, List.of(), excluded, Set.of(), Set.of(), serial, null, Set.of());
    }

    private static CaseInput draft(
            String line,
            List<CaseInput.Answered> answers,
            Set<String> excluded,
            Set<String> selected,
            Set<String> dropped,
            String serial,
            String platform,
            Set<String> inspected) {
        return CaseInput.of(line)
                .but()
                .findings(answers)
                .excluded(excluded)
                .selected(selected)
                .deselected(dropped)
                .serial(serial)
                .platform(platform)
                .inspected(inspected)
                .input();
    }
}
