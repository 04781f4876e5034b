package synopta.server.diagnosis;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import synopta.core.counter.CaseAssessment;
import synopta.core.diagnosis.Advice;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.diagnosis.Question;
import synopta.core.diagnosis.Suspect;
import synopta.core.identify.JudgedReading;
import synopta.core.identify.ReadCode;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.reading.Reading;
import synopta.server.web.MayBeNull;

/** Wire records of what a diagnosis says. */
public final class AnswerWire {
    /** Suspicions below this are not worth sending. */
    private static final double SLIGHT = 0.005;

    private AnswerWire() {}

    /** Suspects, questions, advice, cautions. */
    public record DiagnosisAnswer(
            HearingWire hearing,
            @JsonUnwrapped SaidWire said,
            List<Suspect> suspects,
            List<QuestionWire> next,
            @MayBeNull AdviceWire advice,
            List<Caution> cautions) {
        static DiagnosisAnswer of(Pack pack, CaseAssessment view) {
            Diagnosis diagnosis = view.diagnosis();
            return new DiagnosisAnswer(
                    HearingWire.of(pack, view),
                    SaidWire.of(pack, view),
                    diagnosis.suspects(),
                    questionsOf(pack, diagnosis),
                    AdviceWire.of(pack, diagnosis),
                    view.cautions());
        }

        /** Nothing is diagnosed of an appliance that parts are not sold for. */
        static DiagnosisAnswer notCovered(CaseAssessment view) {
            return new DiagnosisAnswer(
                    HearingWire.nothing(), SaidWire.of(null, view), List.of(), List.of(), null, view.cautions());
        }
    }

    /** What a fault code means on the machine, or what to ask where it is not listed; `partTypes` of its circuit. */
    public record CodeWire(String means, String words, boolean listed, List<String> partTypes) {
        /** The code of a case, as it was read; null where none was. */
        public static @Nullable String codeOf(CaseAssessment view) {
            return view.identified().code() == null
                    ? null
                    : view.identified().code().code();
        }

        /** What it means; null where no code was read. */
        public static @Nullable CodeWire of(CaseAssessment view) {
            ReadCode code = view.identified().code();
            return code == null
                    ? null
                    : new CodeWire(code.means(), code.words(), code.known() != null, code.partTypes());
        }
    }

    /** The wire form of all questions; none while nothing is diagnosed. */
    public static List<QuestionWire> questionsOf(Pack pack, @Nullable Diagnosis diagnosis) {
        return diagnosis == null
                ? List.of()
                : diagnosis.next().stream().map(q -> QuestionWire.of(pack, q)).toList();
    }

    /**
     * What was heard besides findings: parts named, readings with their verdicts and without a place, doubts about right
     * parts, and what a fault code means.
     */
    public record HearingWire(
            List<NamedWire> named,
            List<JudgedReading> readings,
            List<UnplacedWire> unplaced,
            List<DoubtWire> doubts,
            List<IntentWire> intents,
            @MayBeNull CodeWire code) {
        /** The wire form. */
        public static HearingWire of(Pack pack, CaseAssessment view) {
            ParsedComplaint hearing = view.parsed();
            return new HearingWire(
                    hearing.named().stream().map(n -> NamedWire.of(pack, n)).toList(),
                    view.readings(),
                    hearing.unplaced().stream()
                            .map(u -> UnplacedWire.of(pack, u))
                            .toList(),
                    hearing.doubts().stream()
                            .map(d -> new DoubtWire(d.phrase(), d.answer().answer()))
                            .toList(),
                    hearing.intents().stream()
                            .map(i -> new IntentWire(
                                    i.intent(),
                                    i.probability(),
                                    view.identified()
                                            .line()
                                            .complaint()
                                            .substring(i.from(), i.to())
                                            .strip()))
                            .toList(),
                    CodeWire.of(view));
        }

        /** Where no pack is asked nothing is heard. */
        public static HearingWire nothing() {
            return new HearingWire(List.of(), List.of(), List.of(), List.of(), List.of(), null);
        }
    }

    /** What the caller is after with a clause: `wants`, `renewed`, `denies`, `doubt`, `price`, `cheaper`, `stock`, … */
    public record IntentWire(String intent, double probability, String phrase) {}

    /** A part spoken of by name, and what the word may mean; `how` is `asked`, `mentioned`, `denied` or `renewed`. */
    public record NamedWire(String phrase, ParsedComplaint.Named.How how, List<MeaningWire> meanings) {
        private static NamedWire of(Pack pack, ParsedComplaint.Named named) {
            return new NamedWire(
                    named.phrase(),
                    named.how(),
                    named.partTypes().stream()
                            .map(slug -> MeaningWire.of(pack.partType(slug).orElseThrow()))
                            .toList());
        }
    }

    /** One meaning of a word: answering its finding `yes` chooses it. */
    public record MeaningWire(String partType, String name, String finding) {
        private static MeaningWire of(PartType type) {
            return new MeaningWire(type.slug(), type.name(), type.requestFinding());
        }
    }

    /** A reading of which it was not said what it is of, and the tests it may be of. */
    public record UnplacedWire(String phrase, Reading value, List<TestWire> tests) {
        private static UnplacedWire of(Pack pack, ParsedComplaint.Unplaced unplaced) {
            return new UnplacedWire(
                    unplaced.phrase(),
                    unplaced.reading(),
                    unplaced.tests().stream()
                            .map(id -> new TestWire(
                                    id, pack.finding(id).orElseThrow().question()))
                            .toList());
        }
    }

    /** A test by its question. */
    public record TestWire(String test, String question) {}

    /** A question about a part that is right as it is, and the answer. */
    public record DoubtWire(String phrase, String answer) {}

    /**
     * A question worth asking, with the unit where it is a reading; `choices` say what each answer would bring, in the
     * order of `answers`.
     */
    public record QuestionWire(
            String finding,
            String question,
            @MayBeNull String hint,
            List<String> answers,
            double expectedGainBits,
            double minutes,
            Finding.Who who,
            @MayBeNull String opens,
            List<Hazard> hazards,
            @MayBeNull String unit,
            List<ChoiceWire> choices) {
        static QuestionWire of(Pack pack, Question question) {
            Finding finding = question.finding();
            List<Question.Outcome> outcomes = new ArrayList<>(question.outcomes());
            if (!List.of("yes", "good").contains(outcomes.get(0).answer())) {
                outcomes.add(outcomes.remove(0));
            }
            return new QuestionWire(
                    finding.id(),
                    finding.question(),
                    finding.hint(),
                    outcomes.stream().map(Question.Outcome::answer).toList(),
                    question.expectedGainBits(),
                    finding.minutes(),
                    finding.who(),
                    finding.opens(),
                    finding.hazards().stream().sorted().toList(),
                    pack.test(finding.id()).map(t -> t.unit().symbol()).orElse(null),
                    outcomes.stream().map(o -> ChoiceWire.of(finding, o)).toList());
        }
    }

    /** An answer: how likely it is, what it speaks for, and what the suspects would then stand at, by id. */
    public record ChoiceWire(
            String answer,
            String words,
            double probability,
            @MayBeNull String speaksFor,
            Map<String, Double> suspects) {
        private static ChoiceWire of(Finding finding, Question.Outcome outcome) {
            Map<String, Double> suspects = new LinkedHashMap<>();
            outcome.faults().forEach((id, p) -> {
                if (p >= SLIGHT) {
                    suspects.put(id, p);
                }
            });
            return new ChoiceWire(
                    outcome.answer(),
                    finding.answer(outcome.answer()).words(),
                    outcome.probability(),
                    outcome.speaksFor(),
                    suspects);
        }
    }

    /** What to do now; `setAside` names signs that were not weighed, being too many. */
    public record AdviceWire(
            Advice.Action action,
            String why,
            String currency,
            List<OptionWire> options,
            List<String> notToSell,
            List<String> setAside) {
        /** The wire form. */
        public static AdviceWire of(Pack pack, Diagnosis diagnosis) {
            Advice advice = diagnosis.advice();
            return new AdviceWire(
                    advice.action(),
                    advice.why(),
                    advice.currency(),
                    advice.options().stream().map(OptionWire::of).toList(),
                    advice.notToSell(),
                    diagnosis.setAside().stream()
                            .map(e -> pack.finding(e.finding())
                                    .orElseThrow()
                                    .answer(e.answer())
                                    .words())
                            .toList());
        }
    }

    /** A way to go on and what it is expected to cost, in the currency of the advice. */
    public record OptionWire(Advice.Action action, String what, String cost) {
        private static OptionWire of(Advice.Option option) {
            return new OptionWire(option.action(), option.what(), String.format(Locale.ROOT, "%.2f", option.cost()));
        }
    }
}
