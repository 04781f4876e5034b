package synopta.core.review;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Appliance;
import synopta.core.counter.Counter;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Machine;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeRecord;
import synopta.core.outcome.OutcomeRepository;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseSnapshot;

/** Writes down what became of a case, and what that says of the advice that was given. */
public final class OutcomeService {
    private final OutcomeRepository log;
    private final Counter counter;

    /** Keeps outcomes in this log, and weighs what was asked by what the counter knows. */
    public OutcomeService(OutcomeRepository log, Counter counter) {
        this.log = log;
        this.counter = counter;
    }

    /** Adds an entry to a case whose parts have left; refuses a fault that machines of the kind do not have. */
    public void tell(CaseRecord record, Outcome outcome) {
        if (record.content().status() != CaseContent.Status.HANDED_OVER) {
            throw new IllegalArgumentException(
                    "Case %d is still open. Hand over first, then enter the outcome.".formatted(record.number()));
        }
        Optional.ofNullable(outcome.fault()).ifPresent(fault -> known(record, fault));
        log.add(record.number(), outcome, told(record, outcome));
    }

    private void known(CaseRecord record, String fault) {
        boolean isKnown = Optional.ofNullable(record.snapshot().appliance()).flatMap(counter::pack).stream()
                .anyMatch(pack -> pack.fault(fault).isPresent());
        if (!isKnown) {
            throw new IllegalArgumentException(
                    "Fault (%s) is not known for the machine of case %d. Choose one of its faults, or unknown."
                            .formatted(fault, record.number()));
        }
    }

    /** What the counts need of a case with this outcome. */
    private OutcomeRecord told(CaseRecord record, Outcome outcome) {
        CaseSnapshot snapshot = record.snapshot();
        Optional<String> appliance = Optional.ofNullable(snapshot.appliance()).map(Appliance::slug);
        Optional<String> fault = Optional.ofNullable(outcome.fault());
        return new OutcomeRecord(
                record.number(),
                LocalDate.ofInstant(record.createdAt(), ZoneOffset.UTC),
                appliance.orElse(null),
                appliance
                        .flatMap(a -> Optional.ofNullable(snapshot.layout()).map(layout -> a + " " + layout))
                        .orElse(null),
                record.content().specialist(),
                snapshot.suspects().stream()
                        .filter(s -> snapshot.selling().contains(s.fault()))
                        .map(CaseSnapshot.Leaning::partType)
                        .distinct()
                        .toList(),
                fault.map(f -> guesses(snapshot, f)).orElse(List.of()),
                outcome.isRightFirstTime(),
                outcome.returns().stream().map(Outcome.Return::reason).toList(),
                record.content().answerSeconds(),
                fault.flatMap(f -> overruled(record.content().input(), f)).orElse(null),
                fault.map(f -> worths(snapshot, f)).orElse(List.of()));
    }

    private static List<OutcomeRecord.Guess> guesses(CaseSnapshot snapshot, String fault) {
        return snapshot.suspects().stream()
                .map(s -> new OutcomeRecord.Guess(s.probability(), s.fault().equals(fault)))
                .toList();
    }

    private static Optional<OutcomeRecord.WhoWasRight> overruled(CaseInput draft, String fault) {
        if (draft.selected().isEmpty() && draft.deselected().isEmpty()) {
            return Optional.empty();
        }
        if (draft.selected().contains(fault)) {
            return Optional.of(OutcomeRecord.WhoWasRight.SPECIALIST);
        }
        return Optional.of(
                draft.deselected().contains(fault)
                        ? OutcomeRecord.WhoWasRight.ADVICE
                        : OutcomeRecord.WhoWasRight.NEITHER);
    }

    /** What each answer that was asked for was worth: the odds of what it was, with it and without. */
    private List<OutcomeRecord.Worth> worths(CaseSnapshot snapshot, String fault) {
        Optional<Pack> pack = Optional.ofNullable(snapshot.appliance())
                .flatMap(counter::pack)
                .filter(p -> p.fault(fault).isPresent());
        List<CaseSnapshot.Given> known = pack.map(p -> snapshot.evidence().stream()
                        .filter(given -> p.finding(given.finding())
                                .filter(finding -> finding.knows(given.answer()))
                                .isPresent())
                        .toList())
                .orElse(List.of());
        if (known.stream().noneMatch(CaseSnapshot.Given::asked)
                || snapshot.fuels().isEmpty()) {
            return List.of();
        }
        Machine machine = new Machine(snapshot.fuels(), snapshot.layout(), snapshot.ageYears());
        Appliance appliance = snapshot.appliance();
        double all = logOdds(appliance, machine, known, fault);
        return known.stream()
                .filter(CaseSnapshot.Given::asked)
                .map(piece -> new OutcomeRecord.Worth(
                        piece.finding(),
                        all
                                - logOdds(
                                        appliance,
                                        machine,
                                        known.stream().filter(k -> k != piece).toList(),
                                        fault)))
                .toList();
    }

    private double logOdds(Appliance appliance, Machine machine, List<CaseSnapshot.Given> known, String fault) {
        List<Evidence> evidence = known.stream()
                .map(k -> new Evidence(k.finding(), k.answer(), k.sure()))
                .toList();
        double p = counter.posterior(appliance, machine, evidence).suspects().stream()
                .filter(s -> s.fault().id().equals(fault))
                .mapToDouble(s -> s.probability().value())
                .findFirst()
                .orElse(0);
        return Diagnoser.logOdds(p);
    }
}
