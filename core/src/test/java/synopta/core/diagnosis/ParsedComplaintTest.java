package synopta.core.diagnosis;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.OURS;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.pack;
import static synopta.core.Samples.type;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Identification;
import synopta.core.knowledge.Installation;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.SellingRule;
import synopta.core.knowledge.StandardAnswer;

/** How parts, readings, doubts and half-sure words are heard, with a pack made for it. */
public class ParsedComplaintTest {
    private static final Finding.Who CALLER = Finding.Who.CUSTOMER;
    private static final Diagnoser LISTENER = new Diagnoser(made());

    private static PartType part(String slug, String... called) {
        PartType plain = type(slug, SellingRule.SINGLY);
        return new PartType(
                slug,
                plain.name(),
                plain.life(),
                plain.selling(),
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

    private static MeterTest ohms(String id, String fault, double from, double to) {
        return Samples.ohms(AdvisorTest.meter(id, 0.02), from, to, List.of(fault), 0.97, 0.98);
    }

    private static Pack made() {
        Pack plain = pack(
                List.of(
                        fault("roller", 0.1, Map.of("thumps", 0.8, "squeals", 0.4)),
                        fault("coil", 0.1, Map.of("cold", 0.9)),
                        fault("fuse", 0.1, Map.of("cold", 0.9))),
                List.of(
                        finding("thumps", 0.02, CALLER, List.of("thump"), List.of()),
                        finding("squeals", 0.02, CALLER, List.of("squeal"), List.of("runs quiet")),
                        finding("cold", 0.02, CALLER, List.of("no heat", "top coil not heat"), List.of("heats"))),
                List.of(ohms("coil-ohms", "coil", 8, 60), ohms("fuse-ohms", "fuse", 0, 2)));
        return new Pack(
                plain.appliance(),
                plain.fuelShares(),
                List.of(part("roller", "wheel", "bearing"), part("coil", "element", "bearing"), part("fuse")),
                plain.faults(),
                plain.findings(),
                plain.tests(),
                List.of(),
                List.of(List.of("squeal", "screech"), List.of("heat", "temperature")),
                List.of(new StandardAnswer("spare", "roller", List.of("washer left over"), "Right so.", OURS)),
                List.of(),
                plain.layouts(),
                null,
                Identification.NONE,
                List.of());
    }

    private static String signs(String complaint) {
        return String.join(
                " ",
                LISTENER.hear(complaint).heard().stream()
                        .map(h -> h.evidence().finding() + "=" + h.evidence().answer()
                                + (h.evidence().sure() ? "" : "?"))
                        .toList());
    }

    @DataProvider
    Object[][] sayings() {
        return new Object[][] {
            {"no thumping or screeching", "thumps=no squeals=no"},
            {"no thumping, screeching", "thumps=no squeals=yes"},
            {"no thumping and screeching", "thumps=no squeals=yes"},
            {"I think it thumps", "thumps=yes?"},
            {"it thumps, I think", "thumps=yes?"},
            {"I think. It thumps", "thumps=yes"},
            {"not sure if it thumps", "thumps=yes?"},
            {"don't know whether it squeals but it thumps", "squeals=yes? thumps=yes"},
            {"probably no heat", "cold=yes?"},
            {"no temperature", "cold=yes"},
            {"top coil won't heat", "cold=yes"},
            {"it squeels and thunps", "squeals=yes thumps=yes"},
            {"it squaels", "squeals=yes"},
            {"the house is fine", ""},
            {"thumps, thumps, no thump now", "thumps=no"},
            {"heats", "cold=no"},
            {"never heats", "cold=yes"},
        };
    }

    @Test(dataProvider = "sayings")
    public void whatIsSaidIsHeardWithItsNegationAndItsDoubt(String complaint, String meant) {
        assertEquals(signs(complaint), meant);
    }

    @DataProvider
    Object[][] parts() {
        return new Object[][] {
            {"a new wheel please", List.of("roller"), ParsedComplaint.Named.How.ASKED},
            {"a bearing", List.of("coil", "roller"), ParsedComplaint.Named.How.ASKED},
            {"it isn't the fuse", List.of("fuse"), ParsedComplaint.Named.How.DENIED},
            {"I changed the fuse already", List.of("fuse"), ParsedComplaint.Named.How.RENEWED},
            {"the wheel thumps", List.of("roller"), ParsedComplaint.Named.How.MENTIONED},
            {"fuse reads 0.3 ohms", List.of("fuse"), ParsedComplaint.Named.How.MENTIONED},
            {"thumps, it must be the wheel", List.of("roller"), ParsedComplaint.Named.How.ASKED},
        };
    }

    @Test(dataProvider = "parts")
    public void aPartsNameIsHeardWithEveryMeaningAndInWhatWay(
            String complaint, List<String> partTypes, ParsedComplaint.Named.How how) {
        ParsedComplaint.Named named = LISTENER.hear(complaint).named().get(0);
        assertEquals(named.partTypes(), partTypes);
        assertEquals(named.how(), how);
        assertEquals(complaint.substring(named.from(), named.to()), named.phrase());
    }

    @DataProvider
    Object[][] readings() {
        return new Object[][] {
            {"fuse 0.3 ohms", "fuse-ohms", "good"},
            {"the fuse shows 3 Ω", "fuse-ohms", "bad"},
            {"fuse reads OL", "fuse-ohms", "bad"},
            {"no reading on the fuse", "fuse-ohms", "bad"},
            {"the meter beeps on the fuse", "fuse-ohms", "good"},
            {"element 24R", "coil-ohms", "good"},
            {"element 24ohms", "coil-ohms", "good"},
            {"element reads 1.2 k ohms", "coil-ohms", "bad"},
            {"element 24 ohms, and the fuse is 0.1 ohm", "coil-ohms", "good"},
        };
    }

    @Test(dataProvider = "readings")
    public void aReadingIsOfThePartThatIsNamedNearest(String complaint, String test, String answer) {
        ParsedComplaint.Measured measured = LISTENER.hear(complaint).measured().get(0);
        assertEquals(measured.test().finding().id(), test);
        assertEquals(Samples.answer(measured.test(), measured.reading()), answer);
    }

    @Test
    public void aReadingOfNothingInParticularWaitsAndOneInAStrangeUnitIsNotUnderstood() {
        ParsedComplaint waits = LISTENER.hear("it reads 24 ohms");
        assertEquals(waits.unplaced().get(0).tests(), List.of("coil-ohms", "fuse-ohms"));
        assertTrue(waits.measured().isEmpty() && waits.unheard().isEmpty());
        ParsedComplaint.Measured one =
                LISTENER.hear("bearing 24 ohms").measured().get(0);
        assertEquals(one.test().finding().id(), "coil-ohms", "only one of its meanings is measured");
        assertEquals(LISTENER.hear("24 volts").unheard().get(0).phrase(), "24 volts");
    }

    @Test
    public void aDoubtAboutARightPartSellsNothing() {
        ParsedComplaint hearing = LISTENER.hear("there is a washer left over");
        assertEquals(hearing.doubts().get(0).answer().id(), "spare");
        Diagnosis diagnosis = LISTENER.diagnose(new DiagnosisQuery(
                Machine.unknown(),
                List.of(),
                Set.of(),
                CALLER,
                DecisionCosts.NOT_KNOWN,
                List.of(hearing.doubts().get(0).answer()),
                true));
        assertEquals(diagnosis.advice().action(), Advice.Action.ASK);
        assertTrue(
                diagnosis.advice().why().contains("nothing is sold"),
                diagnosis.advice().why());
        assertEquals(diagnosis.advice().options(), List.of());
    }

    /** Being asked for raises a part's odds by (0.1 + 0.9 * 0.15) / 0.1 = 2.35, whatever else is known. */
    @Test
    public void beingAskedForIsWeakEvidence() {
        double before = odds(List.of());
        double after = odds(List.of(Evidence.of("asked-roller", "yes")));
        assertEquals(after / before, 2.35, 1e-9);
        double unsure = odds(List.of(new Evidence("asked-roller", "yes", false)));
        assertEquals(unsure / before, (0.8 * 0.235 + 0.2 * 0.765) / (0.8 * 0.1 + 0.2 * 0.9), 1e-9);
    }

    private static double odds(List<Evidence> evidence) {
        double p = LISTENER
                .diagnose(DiagnosisQuery.of(new Machine(Machine.unknown().fuels(), "A", null), evidence))
                .suspects()
                .stream()
                .filter(s -> s.fault().id().equals("roller"))
                .mapToDouble(s -> s.probability().value())
                .findFirst()
                .orElseThrow();
        return p / (1 - p);
    }
}
