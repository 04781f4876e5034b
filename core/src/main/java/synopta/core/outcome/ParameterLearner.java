package synopta.core.outcome;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import synopta.core.knowledge.Pack;

/**
 * What cases teach of a pack. Every figure is held with a belief worth so many cases, and moved by counting (the
 * conjugate updates of Gelman et al., Bayesian Data Analysis, chapter 2): answers by Dirichlet, tests by Beta, rates and
 * lives by Gamma, minutes by the normal law of their logarithms. What a belief is worth is our judgment; it keeps a few odd
 * cases from swinging it. A case is taken to have the one fault that was found.
 */
public final class ParameterLearner {
    /** Nothing is proposed on fewer cases. */
    static final int FEWEST = 5;

    private final Pack pack;
    private final List<ConfirmedCase> confirmedCases;

    /** Learns of this pack from the lessons of its appliance whose fault it knows. */
    public ParameterLearner(Pack pack, List<ConfirmedCase> confirmedCases) {
        this.pack = pack;
        this.confirmedCases = confirmedCases.stream()
                .filter(confirmedCase -> confirmedCase.appliance() == pack.appliance())
                .filter(confirmedCase -> pack.fault(confirmedCase.fault()).isPresent())
                .toList();
    }

    /** All that may be changed, what moved farthest for its interval first. */
    public List<Proposal> proposals() {
        List<Proposal> proposals = new ArrayList<>(new FindingLearner(pack, confirmedCases).proposals());
        proposals.addAll(new LifeLearner(pack, confirmedCases).proposals());
        proposals.sort(Comparator.comparingDouble(p -> -p.moved()));
        return proposals;
    }
}
