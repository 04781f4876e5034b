package synopta.core.review;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Catalog;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.ConfirmedCase;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeRecord;
import synopta.core.outcome.OutcomeRepository;
import synopta.core.outcome.ParameterLearner;
import synopta.core.outcome.ParameterRepository;
import synopta.core.outcome.Proposal;
import synopta.core.outcome.ReadingLearner;
import synopta.core.outcome.SayingLearner;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseSnapshot;
import synopta.core.tag.EditCosts;

/**
 * What the cases teach, proposed, accepted and taken back. Proposals are always counted from the packs as they ship and all
 * cases, so that no case counts twice; what is in force is told beside them.
 */
public final class LearningService {
    private static final int AT_ONCE = 500;

    /** A figure that moved by less of itself says nothing new. */
    private static final double NOTHING_NEW = 0.02;

    /** What was declined comes again when the cases have moved it by so much of itself. */
    private static final double COMES_AGAIN = 0.1;

    private final Collection<Pack> packs;
    private final EditCosts weights;
    private final Catalog catalog;
    private final CaseRepository cases;
    private final OutcomeRepository outcomes;
    private final ParameterRepository log;
    private Optional<Counted> counted = Optional.empty();

    /** Learns of these packs and of these weights of readings, as they ship. */
    public LearningService(
            Collection<Pack> packs,
            EditCosts weights,
            Catalog catalog,
            CaseRepository cases,
            OutcomeRepository outcomes,
            ParameterRepository log) {
        this.packs = List.copyOf(packs);
        this.weights = weights;
        this.catalog = catalog;
        this.cases = cases;
        this.outcomes = outcomes;
        this.log = log;
    }

    /**
     * A proposal, and what is in force for its figure.
     *
     * @param proposal the proposal
     * @param now the figure as it was accepted; null where the pack's own is in force
     * @param declined where somebody did not want it, and the cases say the same still
     */
    public record Suggested(Proposal proposal, @Nullable Double now, ParameterRepository.@Nullable Declined declined) {}

    /**
     * What the cases have to teach, of which figures are made.
     *
     * @param confirmedCases every case whose fault was found
     * @param proposals what they teach, as against what ships
     */
    public record Taught(List<ConfirmedCase> confirmedCases, List<Proposal> proposals) {
        /** Copies. */
        public Taught {
            confirmedCases = List.copyOf(confirmedCases);
            proposals = List.copyOf(proposals);
        }
    }

    /** What was taught when so much was kept. */
    private record Counted(long kept, long entries, Taught learned) {}

    /** Counts all cases, where one was kept or told since. */
    public synchronized Taught learned() {
        long kept = cases.kept();
        long entries = outcomes.entries();
        if (counted.map(c -> c.kept != kept || c.entries != entries).orElse(true)) {
            counted = Optional.of(new Counted(kept, entries, counted()));
        }
        return counted.orElseThrow().learned;
    }

    private Taught counted() {
        List<ConfirmedCase> confirmedCases = confirmedCases();
        List<Proposal> proposals = new ArrayList<>();
        packs.forEach(pack -> proposals.addAll(new ParameterLearner(pack, confirmedCases).proposals()));
        proposals.addAll(SayingLearner.proposals(packs, ToldReadings.of(cases)));
        ConfirmedReadings confirmed = ConfirmedReadings.of(cases, wrongMachine());
        proposals.addAll(ReadingLearner.slips(weights, confirmed.readings(catalog)));
        proposals.addAll(ReadingLearner.popularity(catalog::eachModel, confirmed.met()));
        return new Taught(confirmedCases, proposals);
    }

    private Set<Long> wrongMachine() {
        return outcomes.told().stream()
                .filter(told -> told.reasons().contains(Outcome.Reason.WRONG_MACHINE))
                .map(OutcomeRecord::number)
                .collect(Collectors.toSet());
    }

    private List<ConfirmedCase> confirmedCases() {
        Map<Long, Outcome> found = outcomes.confirmed();
        List<Long> numbers = new ArrayList<>(found.keySet());
        List<ConfirmedCase> confirmedCases = new ArrayList<>();
        for (int from = 0; from < numbers.size(); from += AT_ONCE) {
            cases.these(numbers.subList(from, Math.min(numbers.size(), from + AT_ONCE)))
                    .forEach(record ->
                            confirmedCase(record, found.get(record.number())).ifPresent(confirmedCases::add));
        }
        return confirmedCases;
    }

    private static Optional<ConfirmedCase> confirmedCase(CaseRecord record, Outcome outcome) {
        CaseSnapshot snapshot = record.snapshot();
        if (snapshot.appliance() == null || snapshot.fuels().isEmpty()) {
            return Optional.empty();
        }
        Double ratio = outcome.minutes() != null && snapshot.workMinutes() != null && outcome.fixed()
                ? (Double) (outcome.minutes() / snapshot.workMinutes())
                : null;
        return Optional.of(new ConfirmedCase(
                record.number(),
                snapshot.appliance(),
                snapshot.fuels(),
                snapshot.layout(),
                snapshot.ageYears(),
                snapshot.evidence().stream()
                        .filter(CaseSnapshot.Given::sure)
                        .map(g -> new ConfirmedCase.Answer(g.finding(), g.answer(), g.asked()))
                        .toList(),
                outcome.fault(),
                ratio));
    }

    /** What would change, those first whose believed figure lies outside of where it is. */
    public List<Suggested> suggestions(Taught learned) {
        Map<String, Double> inForce = new LinkedHashMap<>();
        log.last().ifPresent(version -> version.figures().forEach(p -> inForce.put(p.key(), p.value())));
        Map<String, ParameterRepository.Declined> declined = new LinkedHashMap<>();
        log.declined().forEach(d -> declined.put(d.figure().key(), d));
        List<Suggested> suggestions = new ArrayList<>();
        for (Proposal proposal : learned.proposals()) {
            Double accepted = inForce.get(proposal.key());
            double is = accepted == null ? proposal.before() : accepted;
            double becomes = accepted == null ? proposal.after() : proposal.value();
            if (Math.abs(becomes - is) > NOTHING_NEW * is) {
                suggestions.add(new Suggested(
                        proposal,
                        accepted,
                        Optional.ofNullable(declined.get(proposal.key()))
                                .filter(d -> saysTheSame(d, proposal))
                                .orElse(null)));
            }
        }
        suggestions.sort(Comparator.comparing((Suggested s) -> !s.proposal().isTelling())
                .thenComparing(s -> s.proposal().kind())
                .thenComparing(s -> -s.proposal().moved()));
        return suggestions;
    }

    private static boolean saysTheSame(ParameterRepository.Declined declined, Proposal proposal) {
        double then = declined.figure().value();
        return Math.abs(proposal.value() - then) <= COMES_AGAIN * then;
    }

    /** Notes that proposals are not wanted; nothing else changes. */
    public void decline(String by, List<Proposal> declined, Instant now) {
        log.decline(now, named(by), chosen(declined));
    }

    private static List<Proposal> chosen(List<Proposal> proposals) {
        if (proposals.isEmpty()) {
            throw new IllegalArgumentException("Nothing was selected. Select at least one suggestion.");
        }
        return proposals;
    }

    /** Puts proposals in force, with all that was accepted before. */
    public ParameterRepository.Version accept(String by, List<Proposal> accepted, Instant now) {
        Map<String, Proposal> figures = new LinkedHashMap<>();
        log.last().ifPresent(version -> version.figures().forEach(p -> figures.put(p.key(), p)));
        chosen(accepted).forEach(p -> figures.put(p.key(), p));
        return log.add(now, named(by), null, List.copyOf(figures.values()));
    }

    /** Takes a figure that is in force back, all others stay; refuses one that is not. */
    public ParameterRepository.Version withdraw(String by, String key, Instant now) {
        List<Proposal> figures =
                log.last().map(ParameterRepository.Version::figures).orElse(List.of());
        List<Proposal> rest = figures.stream().filter(p -> !p.key().equals(key)).toList();
        if (rest.size() == figures.size()) {
            throw new IllegalArgumentException("That is not in force any more. Reload the page.");
        }
        return log.add(now, named(by), null, rest);
    }

    /** Goes back to an earlier version, 0 for the packs as they ship; what came between stays on record. */
    public ParameterRepository.Version back(String by, int version, Instant now) {
        List<Proposal> figures = log.figures(version)
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no version %d. Choose one from the list.".formatted(version)));
        return log.add(now, named(by), version, figures);
    }

    private static String named(String by) {
        if (by.isBlank()) {
            throw new IllegalArgumentException("Enter who decides; the name is kept with the decision.");
        }
        return by.strip();
    }
}
