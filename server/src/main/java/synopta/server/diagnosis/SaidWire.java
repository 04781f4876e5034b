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
 */
public record SaidWire(
        List<HeardWire> heard,
        List<MaybeWire> maybe,
        List<String> notUnderstood,
        @MayBeNull String code) {
    /** The wire form. */
    public static SaidWire of(@Nullable Pack pack, CaseAssessment view) {
        ParsedComplaint parsed = view.parsed();
        return new SaidWire(
                parsed.heard().stream().map(HeardWire::of).toList(),
                pack == null
                        ? List.of()
                        : view.maybe().stream().map(m -> MaybeWire.of(pack, m)).toList(),
                parsed.unheard().stream().map(ParsedComplaint.Unheard::phrase).toList(),
                AnswerWire.CodeWire.codeOf(view));
    }

    /** A clause that may mean something: at most three options, the likeliest first. */
    public record MaybeWire(String phrase, List<MeantWire> options) {
        private static MaybeWire of(Pack pack, ParsedComplaint.Maybe maybe) {
            return new MaybeWire(
                    maybe.phrase(),
                    maybe.options().stream()
                            .map(option -> MeantWire.of(pack, option))
                            .toList());
        }
    }

    /** What a clause may mean; `key` strikes it out once it is rejected. */
    public record MeantWire(String finding, String answer, String words, double probability, String key) {
        private static MeantWire of(Pack pack, MeaningModel.Reading option) {
            String words = pack.finding(option.finding())
                    .orElseThrow()
                    .answer(option.answer())
                    .words();
            return new MeantWire(option.finding(), option.answer(), words, option.probability(), option.key());
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
