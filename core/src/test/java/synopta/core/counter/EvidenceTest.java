package synopta.core.counter;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.OURS;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.pack;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.KnownFact;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Catalog;
import synopta.core.diagnosis.MeaningModel;
import synopta.core.fit.Finders;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.Identification;
import synopta.core.knowledge.Installation;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.SellingRule;
import synopta.core.reading.Reading;
import synopta.core.tag.TagReader;

/** What callers, meters and answers leave among the evidence, and who is asked for what. */
public class EvidenceTest {
    private static final List<PartType> TYPES =
            List.of(part("coil", "element", "ring"), part("fan", "blower", "ring"), part("breaker"));

    private static final List<Fault> FAULTS =
            List.of(fault("coil", 0.1, Map.of("cold", 0.9)), fault("fan", 0.1, Map.of("loud", 0.9)), cured());

    private static final Catalog CATALOG = CounterTest.CATALOG;
    private static final TagReader READER = Samples.reader(CATALOG);
    private static final Finding.Who CALLER = Finding.Who.CUSTOMER;
    private static final Counter COUNTER = counter();

    private static PartType part(String slug, String... called) {
        PartType plain = Samples.type(slug, SellingRule.SINGLY);
        return new PartType(
                slug,
                slug,
                plain.life(),
                SellingRule.SINGLY,
                List.of(),
                List.of(called),
                plain.picture(),
                false,
                false,
                List.of(),
                null,
                Installation.PLAIN,
                List.of());
    }

    private static MeterTest coilOhms() {
        Finding shown = new Finding(
                "coil-ohms",
                "Coil: ohms",
                null,
                List.of(
                        Finding.Answer.plain(MeterTest.GOOD, "Coil good", 0),
                        Finding.Answer.plain(MeterTest.BAD, "Coil open", 0.02)),
                12,
                Finding.Who.TECHNICIAN,
                "rear panel",
                Set.of(),
                OURS,
                List.of());
        return Samples.ohms(shown, 8, 60, List.of("coil"), 0.97, 0.98);
    }

    private static Fault cured() {
        Fault plain = fault("breaker", 0.3, Map.of("cold", 0.9));
        return new Fault(
                plain.id(),
                plain.partType(),
                plain.fault(),
                plain.name(),
                plain.slot(),
                plain.fuels(),
                plain.prior(),
                OURS,
                "Set the breaker.",
                plain.shows(),
                List.of());
    }

    private static Counter counter() {
        List<Finding> findings = List.of(
                finding("cold", 0.02, CALLER, List.of("cold"), List.of("heats")),
                finding("loud", 0.02, CALLER, List.of("loud"), List.of()));
        Pack plain = pack(FAULTS, findings, List.of(coilOhms()));
        Pack named = new Pack(
                Appliance.DRYER,
                plain.fuelShares(),
                TYPES,
                plain.faults(),
                plain.findings(),
                plain.tests(),
                List.of(),
                List.of(),
                List.of(),
                plain.cautions(),
                plain.layouts(),
                null,
                Identification.NONE,
                List.of());
        return new Counter(
                CATALOG,
                () -> READER,
                new CurrentPacks(List.of(named)),
                MeaningModel.UNTAUGHT,
                Finders.finder(CATALOG),
                () -> HouseSettings.USUAL,
                () -> "USD",
                Clock.systemUTC());
    }

    private static CaseInput input(
            String line,
            List<CaseInput.Answered> answers,
            List<CaseInput.Measured> readings,
            Set<String> selected,
            Finding.Who person) {
        return new CaseInput(
                line,
                null,
                Appliance.DRYER,
                null,
                null,
                List.of(),
                answers,
                readings,
                Set.of(),
                selected,
                Set.of(),
                null,
                null,
                Set.of(),
                person,
                Shopping.AS_IT_COMES);
    }

    private static CaseAssessment said(String line) {
        return COUNTER.work(input(line, List.of(), List.of(), Set.of(), Finding.Who.TECHNICIAN));
    }

    private static KnownFact known(CaseAssessment view, String key) {
        return view.known().stream()
                .filter(k -> k.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new AssertionError(view.known().toString()));
    }

    @Test
    public void whatIsOnlyThoughtSoIsMarkedWhereverItComesFrom() {
        KnownFact evidence = known(said("I think it is cold"), "finding:cold");
        assertEquals(evidence.source(), "caller, not sure: “cold”");
        assertFalse(evidence.sure());
        CaseInput answered = input(
                "", List.of(new CaseInput.Answered("cold", "yes", false)), List.of(), Set.of(), Finding.Who.TECHNICIAN);
        KnownFact asked = known(COUNTER.work(answered), "finding:cold");
        assertEquals(asked.source(), "answered: not sure");
        assertFalse(asked.sure());
        CaseInput certain = input(
                "I think it is cold",
                List.of(new CaseInput.Answered("cold", "no", true)),
                List.of(),
                Set.of(),
                Finding.Who.TECHNICIAN);
        KnownFact later = known(COUNTER.work(certain), "finding:cold");
        assertEquals(later.words() + ", " + later.source(), "not cold, answered");
        assertTrue(later.sure());
    }

    @Test
    public void aReadingIsTakenFromTheLineAndTheMetersCountsForMore() {
        KnownFact evidence = known(said("cold, element reads 24 ohms"), "finding:coil-ohms");
        assertEquals(evidence.words() + ", " + evidence.source(), "Coil good, caller: 24 Ω");
        CaseInput measured = input(
                "cold, element reads 24 ohms",
                List.of(),
                List.of(new CaseInput.Measured("coil-ohms", new Reading.Overload())),
                Set.of(),
                Finding.Who.TECHNICIAN);
        KnownFact meter = known(COUNTER.work(measured), "finding:coil-ohms");
        assertEquals(meter.words() + ", " + meter.source(), "Coil open, meter: OL");
    }

    @Test
    public void aPartAskedForIsEvidenceOfEveryMeaningAndOneSpokenOfBesideASignIsNot() {
        CaseAssessment asked = said("a new ring please");
        assertEquals(known(asked, "finding:asked-coil").source(), "caller: “ring”: which part?");
        assertFalse(known(asked, "finding:asked-fan").sure());
        assertTrue(known(said("a new blower please"), "finding:asked-fan").sure());
        CaseAssessment spoken = said("the blower is loud");
        assertTrue(spoken.known().stream().noneMatch(k -> k.key().startsWith("finding:asked")));
        assertTrue(said("it isn't the blower").known().stream()
                .noneMatch(k -> k.key().startsWith("finding:asked")));
    }

    @Test
    public void whatIsCuredWithoutAPartIsSoldForOnlyWhenItWasPicked() {
        assertEquals(said("cold").selling(), Set.of());
        CaseInput selected = input("cold", List.of(), List.of(), Set.of("breaker"), Finding.Who.TECHNICIAN);
        assertEquals(COUNTER.work(selected).selling(), Set.of("breaker"));
    }

    @Test
    public void onlyWhatThePersonMayDoIsAsked() {
        CaseInput caller = input("cold", List.of(), List.of(), Set.of(), CALLER);
        assertTrue(COUNTER.work(caller).diagnosis().next().stream()
                .allMatch(q -> q.finding().who() == CALLER));
        assertTrue(said("cold").diagnosis().next().stream()
                .anyMatch(q -> q.finding().id().equals("coil-ohms")));
    }

    @Test
    public void aCaseThatIsNotAskedAboutSellsTheSame() {
        for (String line : List.of("cold", "loud and cold", "loud, a new ring", "")) {
            CaseInput input = input(line, List.of(), List.of(), Set.of(), Finding.Who.TECHNICIAN);
            CaseAssessment asked = COUNTER.work(input);
            CaseAssessment quick = COUNTER.withoutQuestions(input);
            assertEquals(quick.selling(), asked.selling(), line);
            assertEquals(quick.cautions(), asked.cautions(), line);
            assertTrue(quick.diagnosis().next().isEmpty());
        }
    }
}
