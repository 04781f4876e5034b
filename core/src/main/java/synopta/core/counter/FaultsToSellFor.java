package synopta.core.counter;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import synopta.core.casefile.CaseInput;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.Suspect;
import synopta.core.identify.EvidenceCollector;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Pack;
import synopta.core.quantity.Probability;

/** Which faults parts are sold for: those that are likely enough, and those the specialist chose. */
final class FaultsToSellFor {
    private static final Probability NONE = new Probability(0);

    private FaultsToSellFor() {}

    static List<Fault> of(Pack pack, Diagnosis diagnosis, EvidenceCollector evidence, CaseInput input) {
        List<Fault> selling = new ArrayList<>();
        Set<String> partTypes = new HashSet<>();
        for (Suspect suspect : diagnosis.suspects()) {
            Fault fault = suspect.fault();
            boolean leads = partTypes.add(fault.partType());
            boolean withoutQuestions = leads
                    && fault.cure() == null
                    && !evidence.evidence().isEmpty()
                    && diagnosis.parts().getOrDefault(fault.partType(), NONE).value() >= Counter.SELL_FROM
                    && !pack.partType(fault.partType()).orElseThrow().refer();
            boolean meant = withoutQuestions || input.selected().contains(fault.id());
            if (meant && !input.deselected().contains(fault.id())) {
                selling.add(fault);
            }
        }
        return selling;
    }
}
