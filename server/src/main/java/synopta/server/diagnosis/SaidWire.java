package synopta.server.diagnosis;

import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.counter.CaseAssessment;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.knowledge.Pack;
import synopta.server.web.MayBeNull;

/**
 * What a complaint says, as fields of the answer: heard, may mean, not understood.
 *
 * @param heard findings, in the order they were said
 * @param maybe clauses that may mean something
 * @param notUnderstood words that nothing was made of
 * @param code fault code that was read; null where none was
 * @param notCovered appliance that it is about, when it is none that parts are sold for; null else
 */
public record SaidWire(
        List<HeardWire> heard,
        List<MaybeWire> maybe,
        List<String> notUnderstood,
        @MayBeNull String code,
        @MayBeNull String notCovered) {
    private static final int LONGEST_CLAUSE = 400;

    /** The wire form. */
    public static SaidWire of(@Nullable Pack pack, CaseAssessment view) {
        ParsedComplaint parsed = view.parsed();
        return new SaidWire(
                parsed.heard().stream().map(HeardWire::of).toList(),
                pack == null
                        ? List.of()
                        : view.maybe().stream()
                                .map(m -> MaybeWire.of(
                                        pack, m, view.identified().line().complaint()))
                                .toList(),
                parsed.unheard().stream().map(ParsedComplaint.Unheard::phrase).toList(),
                AnswerWire.CodeWire.codeOf(view),
                view.identified().notCovered());
    }

    /** A clause that may mean something: at most three options, the likeliest first. */
    public record MaybeWire(String phrase, List<MeantWire> options) {
        private static MaybeWire of(Pack pack, ParsedComplaint.Maybe maybe, String complaint) {
            return new MaybeWire(
                    maybe.phrase(),
                    maybe.options().stream()
                            .map(option -> MeantWire.of(pack, option, complaint))
                            .toList());
        }
    }

    /** What a clause may mean; `said` are the caller's words, `key` strikes it out once it is rejected. */
    public record MeantWire(String finding, String answer, String words, double probability, String said, String key) {
        private static MeantWire of(Pack pack, MeaningModel.Reading option, String complaint) {
            String clause = complaint
                    .substring(option.from(), option.to())
                    .replaceAll("\\s+", " ")
                    .strip();
            String said = clause.substring(0, Math.min(clause.length(), LONGEST_CLAUSE));
            String words = pack.finding(option.finding())
                    .orElseThrow()
                    .answer(option.answer())
                    .words();
            return new MeantWire(
                    option.finding(), option.answer(), words, option.probability(), said, option.key(said));
        }
    }

    /** A finding heard in the complaint. */
    public record HeardWire(String finding, String answer, String phrase, boolean sure, double probability) {
        private static HeardWire of(ParsedComplaint.Heard heard) {
            Evidence evidence = heard.evidence();
            return new HeardWire(
                    evidence.finding(), evidence.answer(), heard.phrase(), evidence.sure(), heard.probability());
        }
    }
}
