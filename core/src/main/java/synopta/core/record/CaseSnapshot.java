package synopta.core.record;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.PartNumber;
import synopta.core.counter.CaseAssessment;
import synopta.core.diagnosis.Evidence;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.Layout;
import synopta.core.quantity.Ordered;
import synopta.core.teardown.Work;

/**
 * How a case stood when it was kept: what was known and from where, what it pointed to, what was advised and by which
 * rule each part was put in. It stays as it was, whatever is learned later.
 *
 * @param appliance kind of machine; null while not known
 * @param layout id of the construction
 * @param fuels it may burn
 * @param ageYears age, years; null while not known
 * @param known what is known, with its source
 * @param evidence evidence that is weighed
 * @param suspects the likeliest first, {@value #MOST_SUSPECTS} at most
 * @param advice advice; null without a diagnosis
 * @param selling ids of the faults that parts are handed over for
 * @param rules rule by which each part was required
 * @param cautions cautions that apply, gravest first
 * @param workMinutes of the plan; null where it was not known
 */
public record CaseSnapshot(
        @Nullable Appliance appliance,
        @Nullable String layout,
        Set<Fuel> fuels,
        @Nullable Double ageYears,
        List<KnownFact> known,
        List<Given> evidence,
        List<Leaning> suspects,
        @Nullable Advised advice,
        Set<String> selling,
        List<Rule> rules,
        List<Warned> cautions,
        @Nullable Double workMinutes) {
    /** So many suspects are kept. */
    public static final int MOST_SUSPECTS = 8;

    /** Nothing was noted. */
    public static final CaseSnapshot UNTOLD = new CaseSnapshot(
            null, null, Set.of(), null, List.of(), List.of(), List.of(), null, Set.of(), List.of(), List.of(), null);

    /** Copies. */
    public CaseSnapshot {
        fuels = Ordered.set(fuels);
        known = List.copyOf(known);
        evidence = List.copyOf(evidence);
        suspects = List.copyOf(suspects);
        selling = Ordered.set(selling);
        rules = List.copyOf(rules);
        cautions = List.copyOf(cautions);
    }

    /** The same with what was said and heard put through an edit; what packs and catalog say stays as it is. */
    public CaseSnapshot withSaid(UnaryOperator<String> edit) {
        return new CaseSnapshot(
                appliance,
                layout,
                fuels,
                ageYears,
                known.stream()
                        .map(fact -> new KnownFact(
                                fact.key(), edit.apply(fact.words()), edit.apply(fact.source()), fact.sure()))
                        .toList(),
                evidence,
                suspects,
                advice == null ? null : new Advised(advice.action(), edit.apply(advice.why())),
                selling,
                rules.stream()
                        .map(rule -> new Rule(rule.part(), rule.quantity(), edit.apply(rule.why())))
                        .toList(),
                cautions,
                workMinutes);
    }

    /**
     * An answer that counted.
     *
     * @param finding id of the finding
     * @param answer slug of the answer
     * @param sure false for an “I think so”
     * @param asked whether it was asked for or measured, not volunteered
     */
    public record Given(String finding, String answer, boolean sure, boolean asked) {}

    /**
     * A fault, and how likely it was.
     *
     * @param fault id of the fault
     * @param partType slug of the part type
     * @param probability probability, 0 to 1
     */
    public record Leaning(String fault, String partType, double probability) {}

    /**
     * What was advised, `sell`, `ask`, `test-first` or `refer`, and why.
     *
     * @param action slug of the advice
     * @param why the reason, in a sentence
     */
    public record Advised(String action, String why) {}

    /**
     * A part that was needed, and by which rule.
     *
     * @param part number of the part
     * @param quantity pieces, at least 1
     * @param why the reason, in a sentence
     */
    public record Rule(PartNumber part, int quantity, String why) {}

    /**
     * A caution of the case, in the words of that day.
     *
     * @param hazard hazard
     * @param text words that are read or printed
     */
    public record Warned(Hazard hazard, String text) {
        /** Whether it must be shown before parts leave. */
        public boolean isGrave() {
            return hazard.isGrave();
        }
    }

    public static CaseSnapshot of(CaseAssessment view, List<Caution> cautions, CaseInput input) {
        return new CaseSnapshot(
                view.appliance().orElse(null),
                Optional.ofNullable(view.identified().layout()).map(Layout::id).orElse(null),
                view.identified().fuels(),
                view.identified().ageYears(),
                view.known(),
                given(view.evidence(), input),
                Stream.ofNullable(view.diagnosis())
                        .flatMap(d -> d.suspects().stream())
                        .limit(MOST_SUSPECTS)
                        .map(suspect ->
                                leaning(suspect.fault(), suspect.probability().value()))
                        .toList(),
                Optional.ofNullable(view.diagnosis())
                        .map(d -> new Advised(
                                d.advice().action().slug(), d.advice().why()))
                        .orElse(null),
                view.selling(),
                view.needs().stream()
                        .filter(need -> need.quantity() > 0)
                        .flatMap(
                                need -> Optional.ofNullable(need.supplied())
                                        .map(part -> new Rule(part, need.quantity(), need.why()))
                                        .stream())
                        .toList(),
                cautions.stream().map(c -> new Warned(c.hazard(), c.text())).toList(),
                view.sale().bestWork().map(Work::minutes).orElse(null));
    }

    private static Leaning leaning(Fault fault, double probability) {
        return new Leaning(fault.id(), fault.partType(), probability);
    }

    private static List<Given> given(List<Evidence> evidence, CaseInput input) {
        Set<String> asked = Stream.concat(
                        input.findings().stream().map(CaseInput.Answered::finding),
                        input.readings().stream().map(CaseInput.Measured::test))
                .collect(Collectors.toSet());
        return evidence.stream()
                .map(e -> new Given(e.finding(), e.answer(), e.sure(), asked.contains(e.finding())))
                .toList();
    }
}
