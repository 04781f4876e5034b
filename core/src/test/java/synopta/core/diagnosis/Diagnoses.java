package synopta.core.diagnosis;

import java.util.List;
import synopta.core.knowledge.Pack;

/** Short words for what the tests of diagnosis ask. */
final class Diagnoses {
    private Diagnoses() {}

    static Evidence yes(String finding) {
        return Evidence.of(finding, "yes");
    }

    static Evidence no(String finding) {
        return Evidence.of(finding, "no");
    }

    static Diagnosis diagnose(Pack pack, Machine machine, Evidence... evidence) {
        return new Diagnoser(pack).diagnose(DiagnosisQuery.of(machine, List.of(evidence)));
    }

    static double of(Diagnosis diagnosis, String fault) {
        return diagnosis.suspects().stream()
                .filter(s -> s.fault().id().equals(fault))
                .mapToDouble(s -> s.probability().value())
                .findFirst()
                .orElseThrow();
    }
}
