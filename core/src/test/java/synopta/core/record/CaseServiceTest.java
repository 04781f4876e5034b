package synopta.core.record;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static synopta.core.Samples.part;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.catalog.ModelNumber;
import synopta.core.counter.CounterTest;
import synopta.core.handover.HandoverPlanner;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.Hazard;
import synopta.core.review.ConfirmedReadings;
import synopta.core.tag.ConfirmedReading;

public class CaseServiceTest {
    /** A log in memory. */
    private static final class Log implements CaseRepository {
        private CaseRecord kept;

        @Override
        public List<Long> withCustomerUnchangedSince(Instant at) {
            throw new UnsupportedOperationException();
        }

        @Override
        public List<Long> withReadings(int limit) {
            return List.of();
        }

        @Override
        public List<HandedOver> handedOver(int limit) {
            return List.of(
                    new HandedOver(7, "th7B20w thumps, 8 yrs", new ModelNumber("TH-7820-W")),
                    new HandedOver(8, "thumps, no tag left", new ModelNumber("TH-7820-W")),
                    new HandedOver(9, "th4410w leaks", new ModelNumber("TH-7820-W")));
        }

        @Override
        public CaseRecord add(CaseContent content, CaseSnapshot snapshot, Instant createdAt) {
            kept = new CaseRecord(1, createdAt, 1, createdAt, content, snapshot);
            return kept;
        }

        @Override
        public Optional<CaseRecord> find(long number) {
            return Optional.ofNullable(kept);
        }

        @Override
        public Optional<CaseRecord> replace(
                CaseRecord expected, CaseContent content, CaseSnapshot snapshot, Instant at) {
            if (expected.revision() != kept.revision()) {
                return Optional.empty();
            }
            kept = new CaseRecord(1, kept.createdAt(), kept.revision() + 1, at, content, snapshot);
            return Optional.of(kept);
        }

        @Override
        public List<CaseRecord> revisions(long number) {
            return List.of(kept);
        }

        @Override
        public long kept() {
            return kept.revision();
        }

        @Override
        public List<Long> visit(long number) {
            return List.of(number);
        }

        @Override
        public List<Long> open(Instant since, int limit) {
            return List.of();
        }

        @Override
        public List<CaseRecord> these(List<Long> numbers) {
            return List.of(kept);
        }

        @Override
        public boolean eraseCustomer(long number) {
            return false;
        }

        @Override
        public List<CaseRecord> list(Filter filter) {
            return List.of(kept);
        }
    }

    private static CaseContent content(String line, Set<Hazard> shown, CaseContent.Status status, String... parts) {
        List<CaseContent.Line> lines =
                Arrays.stream(parts).map(p -> new CaseContent.Line(part(p), 1)).toList();
        return new CaseContent(CaseInput.of(line), null, lines, shown, null, null, Customer.NONE, null, status);
    }

    private static String outcome(CaseService.Saved saved) {
        return saved.fold(
                kept -> "kept " + kept.record().revision(),
                refused -> "refused " + refused.unseen(),
                conflict -> "overtaken");
    }

    @Test
    public void noPartsLeaveBeforeTheGraveCautionsWereShown() {
        CaseService service = new CaseService(
                new Log(),
                CounterTest.COUNTER,
                CounterTest.CATALOG,
                new HandoverPlanner(new CurrentPacks(List.of(CounterTest.PACK)), CounterTest.CATALOG));
        CaseContent.Status out = CaseContent.Status.HANDED_OVER;
        Instant now = Instant.EPOCH;
        assertEquals(outcome(service.open(content("dryer thumps", Set.of(), out), now)), "refused [MAINS, GAS]");
        assertEquals(outcome(service.open(content("dryer thumps", Set.of(Hazard.MAINS), out), now)), "refused [GAS]");
        assertEquals(outcome(service.open(content("th7820w", Set.of(Hazard.MAINS), out, "ROLLER"), now)), "kept 1");
        assertEquals(outcome(service.open(content("dryer", Set.of(), CaseContent.Status.OPEN), now)), "kept 1");
        assertEquals(
                outcome(service.open(content("no idea", Set.of(), out), now)),
                "refused [MAINS, GAS]",
                "an unknown appliance asks for every caution");
        assertThrows(
                IllegalArgumentException.class,
                () -> service.open(content("dryer", Set.of(), CaseContent.Status.OPEN, "NOWHERE"), now));
    }

    @Test
    public void nothingIsHandedOverForAMachineWhoseCautionsAreMissing() {
        CaseService service = new CaseService(
                new Log(),
                CounterTest.COUNTER,
                CounterTest.CATALOG,
                new HandoverPlanner(new CurrentPacks(List.of(CounterTest.PACK)), CounterTest.CATALOG));
        Set<Hazard> all = Set.of(Hazard.values());
        CaseContent.Status out = CaseContent.Status.HANDED_OVER;
        for (String line : List.of("microwave hums", "no idea")) {
            String refused = expectThrows(
                            IllegalArgumentException.class,
                            () -> service.open(content(line, all, out, "ROLLER"), Instant.EPOCH))
                    .getMessage();
            assertTrue(refused.contains("the cautions for the") && refused.contains("microwave"), refused);
        }
        assertEquals(
                outcome(service.open(content("microwave hums", all, CaseContent.Status.OPEN, "ROLLER"), Instant.EPOCH)),
                "kept 1");
    }

    @Test
    public void whatStandsInTheComplaintCountsBesideTheLine() {
        CaseService service = new CaseService(
                new Log(),
                CounterTest.COUNTER,
                CounterTest.CATALOG,
                new HandoverPlanner(new CurrentPacks(List.of(CounterTest.PACK)), CounterTest.CATALOG));
        CaseContent line = content("th7820w", Set.of(), CaseContent.Status.OPEN);
        for (String complaint : List.of("it thumps", "it thumps ".repeat(2000))) {
            CaseContent both = new CaseContent(
                    line.input(), complaint, List.of(), Set.of(), null, null, Customer.NONE, null, line.status());
            assertEquals(hazards(service, line), List.of(Hazard.MAINS));
            assertEquals(hazards(service, both), List.of(Hazard.MAINS, Hazard.SHARP_METAL));
        }
    }

    private static List<Hazard> hazards(CaseService service, CaseContent content) {
        return service.cautions(content).stream().map(c -> c.hazard()).toList();
    }

    @Test
    public void ofTwoChangesTheSecondIsToldOfTheFirst() {
        CaseService service = new CaseService(
                new Log(),
                CounterTest.COUNTER,
                CounterTest.CATALOG,
                new HandoverPlanner(new CurrentPacks(List.of(CounterTest.PACK)), CounterTest.CATALOG));
        CaseContent open = content("th7820w thumps", Set.of(), CaseContent.Status.OPEN);
        CaseRecord read = service.open(open, Instant.EPOCH).fold(kept -> kept.record(), r -> null, o -> null);
        assertEquals(outcome(service.change(read, open, Instant.EPOCH)), "kept 2");
        assertEquals(outcome(service.change(read, open, Instant.EPOCH)), "overtaken");
    }

    @Test
    public void casesWhosePartsHaveLeftTeachWhatWasTypedForWhichModel() {
        ConfirmedReadings confirmed = ConfirmedReadings.of(new Log(), Set.of(9L));
        ModelNumber model = new ModelNumber("TH-7820-W");
        assertEquals(
                confirmed.readings(CounterTest.CATALOG),
                List.of(new ConfirmedReading(7, "th7B20w", model)),
                "case 9 came back because it was another machine");
        assertEquals(confirmed.met(), Map.of(model, List.of(7L, 8L)));
    }
}
