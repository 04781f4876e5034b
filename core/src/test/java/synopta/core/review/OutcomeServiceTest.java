package synopta.core.review;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static synopta.core.Samples.part;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.casefile.Inputs;
import synopta.core.catalog.PartNumber;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.CounterTest;
import synopta.core.outcome.Outcome;
import synopta.core.outcome.OutcomeRecord;
import synopta.core.outcome.OutcomeRepository;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseRecord;
import synopta.core.record.CaseSnapshot;
import synopta.core.record.FieldChange;

/** What an outcome says of the advice that was given. */
public class OutcomeServiceTest {
    private static final Instant NOW = Instant.parse("2026-03-01T12:00:00Z");
    private final List<OutcomeRecord> kept = new ArrayList<>();
    private final OutcomeService service = new OutcomeService(new Log(), CounterTest.COUNTER);

    private final class Log implements OutcomeRepository {
        @Override
        public void add(long number, Outcome outcome, OutcomeRecord told) {
            kept.add(told);
        }

        @Override
        public Map<Long, List<Outcome>> of(List<Long> numbers) {
            return Map.of();
        }

        @Override
        public long entries() {
            return kept.size();
        }

        @Override
        public List<OutcomeRecord> told() {
            return kept;
        }

        @Override
        public Map<Long, Outcome> confirmed() {
            return Map.of();
        }

        @Override
        public List<Long> due(LocalDate until, int limit) {
            return List.of();
        }

        @Override
        public List<Long> with(PartNumber part, int limit) {
            return List.of();
        }
    }

    private static CaseRecord record(CaseInput draft, CaseContent.Status status) {
        CaseAssessment view = CounterTest.COUNTER.work(draft);
        CaseContent content = new CaseContent(draft, null, List.of(), Set.of(), null, "Ida", Customer.NONE, 80, status);
        return new CaseRecord(7, NOW, 1, NOW, content, CaseSnapshot.of(view, view.cautions(), draft));
    }

    private static Outcome outcome(String fault, boolean fixed, Outcome.Reason... reasons) {
        List<Outcome.Return> returns = new ArrayList<>();
        for (Outcome.Reason reason : reasons) {
            returns.add(new Outcome.Return(part("ROLLER"), 1, reason));
        }
        return new Outcome(NOW, "Tom", fault, fixed, 40, returns, null);
    }

    private OutcomeRecord told(CaseInput draft, Outcome outcome) {
        service.tell(record(draft, CaseContent.Status.HANDED_OVER), outcome);
        return kept.get(kept.size() - 1);
    }

    @Test
    public void whatWasSaidIsHeldAgainstWhatItWas() {
        CaseAssessment view = CounterTest.COUNTER.work(CaseInput.of("th7820w thumps"));
        String fault = view.diagnosis().suspects().get(0).fault().id();
        OutcomeRecord told = told(CaseInput.of("th7820w thumps"), outcome(fault, true));
        assertTrue(told.right());
        assertEquals(told.specialist(), "Ida");
        assertEquals(told.guesses().stream().filter(OutcomeRecord.Guess::was).count(), 1);
        assertEquals(
                told.guesses().get(0).probability(),
                view.diagnosis().suspects().get(0).probability().value());
        assertTrue(
                told(CaseInput.of("th7820w thumps"), outcome(null, false))
                        .guesses()
                        .isEmpty(),
                "nobody knows what it was");
        assertTrue(!told(CaseInput.of("th7820w"), outcome(fault, true, Outcome.Reason.WRONG_PART))
                .right());
        assertTrue(told(CaseInput.of("th7820w"), outcome(fault, true, Outcome.Reason.CHANGED_MIND))
                .right());
    }

    @Test
    public void anAnswerThatWasAskedForIsWorthTheBitsItMovedTheFault() {
        CaseInput volunteered = CaseInput.of("th7820w thumps");
        CaseInput asked = Inputs.answered("th7820w", "thumps", "yes");
        String fault = CounterTest.COUNTER
                .work(asked)
                .diagnosis()
                .suspects()
                .get(0)
                .fault()
                .id();
        assertTrue(told(volunteered, outcome(fault, true)).asked().isEmpty(), "nobody asked");
        List<OutcomeRecord.Worth> worths = told(asked, outcome(fault, true)).asked();
        assertEquals(worths.size(), 1);
        assertTrue(worths.get(0).bits() > 0.5, "it told: " + worths);
    }

    @Test
    public void aCaseThatIsStillOpenAndAFaultOfAnotherMachineAreRefused() {
        CaseRecord open = record(CaseInput.of("th7820w thumps"), CaseContent.Status.OPEN);
        String still = expectThrows(IllegalArgumentException.class, () -> service.tell(open, outcome(null, true)))
                .getMessage();
        assertTrue(still.contains("Hand over first"), still);
        CaseRecord out = record(CaseInput.of("th7820w thumps"), CaseContent.Status.HANDED_OVER);
        String other = expectThrows(
                        IllegalArgumentException.class, () -> service.tell(out, outcome("pump-jammed", true)))
                .getMessage();
        assertTrue(other.contains("pump-jammed"), other);
    }

    @Test
    public void ofTwoRevisionsEveryFieldThatDiffersIsToldAndNoOther() {
        CaseContent before =
                record(CaseInput.of("th7820w"), CaseContent.Status.OPEN).content();
        CaseContent after = record(Inputs.answered("th7820w", "thumps", "yes"), CaseContent.Status.HANDED_OVER)
                .content();
        assertEquals(
                FieldChange.between(before, after),
                List.of(
                        new FieldChange("findings", "", "thumps yes"),
                        new FieldChange("status", "open", "handed-over")));
        assertEquals(FieldChange.between(after, after), List.of());
    }
}
