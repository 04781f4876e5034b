package synopta.core.diagnosis;

import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.pack;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Pack;

/** Short words for what the tests of diagnosis ask. */
final class Diagnoses {
    static final Machine ELECTRIC = new Machine(EnumSet.of(Fuel.ELECTRIC), "A", null);

    static final Pack TWO = pack(
            List.of(
                    fault("roller", 0.1, Map.of("thumps", 0.8, "squeals", 0.4)),
                    fault("idler", 0.1, Map.of("squeals", 0.8)),
                    fault("fuse", "fuse", 0.05, EnumSet.of(Fuel.ELECTRIC), Map.of("cold", 0.9))),
            List.of(finding("thumps", 0.02), finding("squeals", 0.02), finding("cold", 0.02)),
            List.of());

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
