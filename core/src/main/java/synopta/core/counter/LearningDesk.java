package synopta.core.counter;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.Learner;
import synopta.core.outcome.LearntLog;
import synopta.core.outcome.Lesson;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeLog;
import synopta.core.outcome.Proposal;

/**
 * What the cases teach, proposed, accepted and taken back. Proposals are always counted from the packs as they ship and all
 * cases, so that no case counts twice; what is in force is told beside them.
 */
public final class LearningDesk {
    private static final int AT_ONCE = 500;

    /** A figure that moved by less of itself says nothing new. */
    private static final double NOTHING_NEW = 0.02;

    private final Collection<Pack> packs;
    private final CaseLog cases;
    private final OutcomeLog outcomes;
    private final LearntLog log;

    /** Learns of these packs, as they ship. */
    public LearningDesk(Collection<Pack> packs, CaseLog cases, OutcomeLog outcomes, LearntLog log) {
        this.packs = List.copyOf(packs);
        this.cases = cases;
        this.outcomes = outcomes;
        this.log = log;
    }

    /**
     * A proposal, and what is in force for its figure.
     *
     * @param now the figure as it was accepted; empty where the pack's own is in force
     */
    public record Suggested(Proposal proposal, OptionalDouble now) {}

    /** Every case whose fault was found. */
    public List<Lesson> lessons() {
        Map<Long, Outcome> found = outcomes.confirmed();
        List<Long> numbers = new ArrayList<>(found.keySet());
        List<Lesson> lessons = new ArrayList<>();
        for (int from = 0; from < numbers.size(); from += AT_ONCE) {
            cases.these(numbers.subList(from, Math.min(numbers.size(), from + AT_ONCE)))
                    .forEach(
                            record -> lesson(record, found.get(record.number())).ifPresent(lessons::add));
        }
        return lessons;
    }

    private static Optional<Lesson> lesson(CaseRecord record, Outcome outcome) {
        Stood stood = record.stood();
        if (stood.appliance().isEmpty() || stood.fuels().isEmpty()) {
            return Optional.empty();
        }
        OptionalDouble ratio =
                outcome.minutes().isPresent() && stood.workMinutes().isPresent() && outcome.fixed()
                        ? OptionalDouble.of(outcome.minutes().getAsInt()
                                / stood.workMinutes().getAsDouble())
                        : OptionalDouble.empty();
        return Optional.of(new Lesson(
                record.number(),
                stood.appliance().get(),
                stood.fuels(),
                stood.layout(),
                stood.ageYears(),
                stood.evidence().stream()
                        .filter(Stood.Given::sure)
                        .map(g -> new Lesson.Answer(g.finding(), g.answer(), g.asked()))
                        .toList(),
                outcome.fault().orElseThrow(),
                ratio));
    }

    /** What all cases teach, those first whose believed figure lies outside of where it is. */
    public List<Suggested> suggestions(List<Lesson> lessons) {
        Map<String, Double> inForce = new LinkedHashMap<>();
        log.last().ifPresent(version -> version.figures().forEach(p -> inForce.put(p.key(), p.value())));
        List<Suggested> suggestions = new ArrayList<>();
        for (Pack pack : packs) {
            for (Proposal proposal : new Learner(pack, lessons).proposals()) {
                Double accepted = inForce.get(proposal.key());
                double is = accepted == null ? proposal.before() : accepted;
                double becomes = accepted == null ? proposal.after() : proposal.value();
                if (Math.abs(becomes - is) > NOTHING_NEW * is) {
                    suggestions.add(new Suggested(
                            proposal, accepted == null ? OptionalDouble.empty() : OptionalDouble.of(accepted)));
                }
            }
        }
        suggestions.sort(Comparator.comparing((Suggested s) -> !s.proposal().isTelling())
                .thenComparing(s -> s.proposal().kind())
                .thenComparing(s -> -s.proposal().moved()));
        return suggestions;
    }

    /** Puts proposals in force, with all that was accepted before. */
    public LearntLog.Version accept(String by, List<Proposal> accepted, Instant now) {
        if (accepted.isEmpty()) {
            throw new IllegalArgumentException("Nothing was chosen. Tick what is to be accepted.");
        }
        Map<String, Proposal> figures = new LinkedHashMap<>();
        log.last().ifPresent(version -> version.figures().forEach(p -> figures.put(p.key(), p)));
        accepted.forEach(p -> figures.put(p.key(), p));
        return log.add(now, named(by), Optional.empty(), List.copyOf(figures.values()));
    }

    /** Goes back to an earlier version, 0 for the packs as they ship; what came between stays on record. */
    public LearntLog.Version back(String by, int version, Instant now) {
        List<Proposal> figures = log.figures(version)
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no version %d; take one that is listed.".formatted(version)));
        return log.add(now, named(by), Optional.of(version), figures);
    }

    private static String named(String by) {
        if (by.isBlank()) {
            throw new IllegalArgumentException("Say who decides: it stays on record.");
        }
        return by.strip();
    }
}
