package synopta.server.diagnosis;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.counter.CaseDraft;
import synopta.core.counter.CaseView;
import synopta.core.diagnosis.Diagnosis;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Hearing;
import synopta.core.diagnosis.Question;
import synopta.core.diagnosis.Suspect;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.Reading;
import synopta.server.web.MayBeNull;
import synopta.server.web.Refused;

/** Wire records of the diagnosis. */
public final class DiagnosisWire {
    private DiagnosisWire() {}

    /** What is known of a case. */
    public record DiagnosisRequest(
            @MayBeNull @Size(max = 80) String model,
            @MayBeNull String appliance,
            @MayBeNull String fuel,
            @MayBeNull Double ageYears,
            @MayBeNull @Size(max = 20000) String complaint,
            @MayBeNull @Size(max = 200) List<@Valid AnsweredWire> findings,
            @MayBeNull @Size(max = 100) List<@Valid MeasuredWire> readings) {
        CaseDraft draft() {
            return new CaseDraft(
                    complaint == null ? "" : complaint,
                    Optional.ofNullable(model).map(ModelNumber::new),
                    Optional.ofNullable(appliance).map(Appliance::of),
                    Optional.ofNullable(fuel).map(Fuel::of),
                    ageYears == null ? OptionalDouble.empty() : OptionalDouble.of(ageYears),
                    List.of(),
                    answered(findings),
                    measured(readings),
                    Set.of(),
                    Set.of(),
                    Set.of(),
                    Optional.empty(),
                    Optional.empty(),
                    Set.of());
        }
    }

    /** The core's form of answers; none when the field is missing. */
    public static List<CaseDraft.Answered> answered(List<AnsweredWire> findings) {
        return findings == null
                ? List.of()
                : findings.stream().map(AnsweredWire::answered).toList();
    }

    /** The core's form of readings; none when the field is missing. */
    public static List<CaseDraft.Measured> measured(List<MeasuredWire> readings) {
        return readings == null
                ? List.of()
                : readings.stream().map(MeasuredWire::measured).toList();
    }

    /** An answer to a finding. */
    public record AnsweredWire(
            @NotNull @Size(max = 100) String finding,
            @NotNull @Size(max = 20) String answer) {
        private CaseDraft.Answered answered() {
            return new CaseDraft.Answered(finding, answer);
        }
    }

    /** A meter's reading: a number in the test's unit, or "OL". */
    public record MeasuredWire(
            @NotNull @Size(max = 100) String test,

            @NotNull @io.swagger.v3.oas.annotations.media.Schema(oneOf = {Double.class, String.class})
            Object value) {
        private CaseDraft.Measured measured() {
            if (value instanceof Number number) {
                return new CaseDraft.Measured(test, new Reading.Figure(number.doubleValue()));
            }
            if ("OL".equals(value)) {
                return new CaseDraft.Measured(test, new Reading.Overload());
            }
            throw Refused.impossible(
                    "readings.value", "Reading (%s) of %s must be a number or \"OL\".".formatted(value, test));
        }

        /** The wire form. */
        public static MeasuredWire of(CaseDraft.Measured measured) {
            Object value = measured.reading().<Object>fold(figure -> figure, (Reading.Overload open) -> "OL");
            return new MeasuredWire(measured.test(), value);
        }
    }

    /** Suspects, questions, advice, cautions. */
    public record DiagnosisAnswer(
            List<HeardWire> heard,
            List<String> notUnderstood,
            List<SuspectWire> suspects,
            List<QuestionWire> next,
            AdviceWire advice,
            List<CautionWire> cautions) {
        static DiagnosisAnswer of(Pack pack, CaseView view) {
            Diagnosis diagnosis = view.diagnosis().orElseThrow();
            return new DiagnosisAnswer(
                    HeardWire.each(pack, view.hearing()),
                    view.hearing().unheard().stream()
                            .map(Hearing.Unheard::phrase)
                            .toList(),
                    suspectsOf(pack, diagnosis),
                    questionsOf(diagnosis),
                    AdviceWire.of(diagnosis),
                    view.cautions().stream().map(CautionWire::of).toList());
        }
    }

    /** The wire form of all suspects. */
    public static List<SuspectWire> suspectsOf(Pack pack, Diagnosis diagnosis) {
        return diagnosis.suspects().stream().map(s -> SuspectWire.of(pack, s)).toList();
    }

    /** The wire form of all questions. */
    public static List<QuestionWire> questionsOf(Diagnosis diagnosis) {
        return diagnosis.next().stream().map(QuestionWire::of).toList();
    }

    /** A finding heard in the complaint. */
    public record HeardWire(String finding, String answer, String phrase) {
        /** Each finding once for each answer, in the words it was first said. */
        private static List<HeardWire> each(Pack pack, Hearing hearing) {
            Map<Evidence, HeardWire> first = new LinkedHashMap<>();
            hearing.heard().forEach(h -> first.putIfAbsent(h.evidence(), of(pack, h)));
            return List.copyOf(first.values());
        }

        private static HeardWire of(Pack pack, Hearing.Heard heard) {
            return new HeardWire(
                    heard.evidence().finding(), answerOf(pack, heard.evidence()).slug(), heard.phrase());
        }
    }

    /** A fault and why. */
    public record SuspectWire(
            String id,
            String name,
            String partType,
            String fault,
            @MayBeNull String slot,
            double probability,
            List<ReasonWire> because) {
        static SuspectWire of(Pack pack, Suspect suspect) {
            return new SuspectWire(
                    suspect.fault().id(),
                    suspect.fault().name(),
                    suspect.fault().partType(),
                    suspect.fault().fault(),
                    suspect.fault().slot().orElse(null),
                    suspect.probability().value(),
                    suspect.because().stream().map(r -> ReasonWire.of(pack, r)).toList());
        }
    }

    /** A piece of evidence and how far it moved the suspect: change of its base-2 log odds. */
    public record ReasonWire(String finding, String answer, String words, double weight) {
        static ReasonWire of(Pack pack, Suspect.Reason reason) {
            Finding.Answer answer = answerOf(pack, reason.evidence());
            return new ReasonWire(reason.evidence().finding(), answer.slug(), answer.words(), reason.weightBits());
        }
    }

    /** A question worth asking. */
    public record QuestionWire(
            String finding,
            String question,
            List<String> answers,
            double expectedGainBits,
            double minutes,
            String who,
            @MayBeNull TellsWire tells) {
        static QuestionWire of(Question question) {
            Finding finding = question.finding();
            boolean yesFirst = finding.telling().slug().equals("yes")
                    || finding.telling().slug().equals("bad");
            Finding.Answer first = yesFirst ? finding.telling() : finding.clear();
            Finding.Answer second = yesFirst ? finding.clear() : finding.telling();
            return new QuestionWire(
                    finding.id(),
                    finding.question(),
                    List.of(first.slug(), second.slug()),
                    question.expectedGainBits(),
                    finding.minutes(),
                    finding.who().slug(),
                    question.tellsFrom()
                            .map(t -> yesFirst
                                    ? new TellsWire(t.telling(), t.clear())
                                    : new TellsWire(t.clear(), t.telling()))
                            .orElse(null));
        }
    }

    /** The part type the first answer speaks for, and the one the second does. */
    public record TellsWire(String first, String second) {}

    /** What to do now. */
    public record AdviceWire(String action, String why) {
        /** The wire form. */
        public static AdviceWire of(Diagnosis diagnosis) {
            return new AdviceWire(
                    diagnosis.advice().action().slug(), diagnosis.advice().why());
        }
    }

    /** A caution; grave ones must be shown before parts leave. */
    public record CautionWire(String hazard, boolean grave, String text) {
        /** The wire form. */
        public static CautionWire of(Caution caution) {
            return new CautionWire(caution.hazard().slug(), caution.hazard().isGrave(), caution.text());
        }
    }

    private static Finding.Answer answerOf(Pack pack, Evidence evidence) {
        Finding finding = pack.finding(evidence.finding()).orElseThrow();
        return evidence.telling() ? finding.telling() : finding.clear();
    }
}
