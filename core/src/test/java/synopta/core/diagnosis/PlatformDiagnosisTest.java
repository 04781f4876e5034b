package synopta.core.diagnosis;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.OURS;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.layout;
import static synopta.core.Samples.pack;
import static synopta.core.diagnosis.Diagnoses.of;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Identification;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;

/** What a machine is built like, what brings what about, and what is cured without a part. */
public class PlatformDiagnosisTest {
    private static final Machine UNKNOWN = new Machine(EnumSet.of(Fuel.ELECTRIC), null, null);

    static Finding wheels() {
        return new Finding(
                "wheels",
                "Wheels at the back?",
                null,
                List.of(Finding.Answer.plain("no", "No wheels", 0), Finding.Answer.plain("yes", "Wheels", 0)),
                0.5,
                Finding.Who.CUSTOMER,
                null,
                Set.of(),
                OURS,
                List.of());
    }

    static Pack built(List<Fault> faults, List<Finding> findings, List<Layout> layouts) {
        Pack plain = pack(faults, findings, List.of());
        return new Pack(
                plain.appliance(),
                plain.fuelShares(),
                plain.partTypes(),
                faults,
                findings,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                layouts,
                null,
                Identification.NONE,
                List.of());
    }

    private static final Pack TWO_BACKS = built(
            List.of(fault("roller", 0.2, Map.of("grinds", 0.8)), fault("bearing", 0.1, Map.of("grinds", 0.8))),
            List.of(finding("grinds", 0.02), wheels()),
            List.of(
                    layout("A", 0.75, List.of("roller"), Map.of("wheels", Map.of("yes", 1.0))),
                    layout("E", 0.25, List.of("bearing"), Map.of("wheels", Map.of("no", 1.0)))));

    static Diagnosis diagnose(Pack pack, Evidence... evidence) {
        return new Diagnoser(pack).diagnose(DiagnosisQuery.of(UNKNOWN, List.of(evidence)));
    }

    /** By hand: the wheels say which layout, and the sign which layout is likelier to show it. */
    @Test
    public void whatItIsBuiltLikeIsAskedAndRulesFaultsOut() {
        Evidence grinds = Evidence.of("grinds", "yes");
        double roller = 0.2 * (1 - 0.98 * 0.2);
        double none = 0.8 * 0.02;
        double bearing = 0.1 * (1 - 0.98 * 0.2);
        double bare = 0.9 * 0.02;
        double all = 0.75 * (roller + none) + 0.25 * (bearing + bare);
        Diagnosis open = diagnose(TWO_BACKS, grinds);
        assertEquals(of(open, "roller"), 0.75 * roller / all, 1e-12);
        Question asked = open.next().get(0);
        assertEquals(asked.finding().id(), "wheels");
        assertEquals(asked.outcomes().get(1).probability(), 0.75 * (roller + none) / all, 1e-12);
        assertEquals(asked.outcomes().get(1).faults().get("roller"), roller / (roller + none), 1e-12);
        assertEquals(asked.outcomes().get(0).faults().get("roller"), 0.0);
        Diagnosis known = diagnose(TWO_BACKS, grinds, Evidence.of("wheels", "no"));
        assertEquals(of(known, "roller"), 0.0);
        assertEquals(of(known, "bearing"), bearing / (bearing + bare), 1e-12);
        assertTrue(known.next().isEmpty());
        Diagnosis thought = diagnose(TWO_BACKS, grinds, new Evidence("wheels", "no", false));
        double likely = 0.2 * 0.75 * (roller + none) + 0.8 * 0.25 * (bearing + bare);
        assertEquals(of(thought, "bearing"), 0.8 * 0.25 * bearing / likely, 1e-12);
    }

    @Test
    public void whatTheLayoutTellsIsNotAskedAfter() {
        Machine bearing = new Machine(EnumSet.of(Fuel.ELECTRIC), "E", null);
        Diagnosis diagnosis =
                new Diagnoser(TWO_BACKS).diagnose(DiagnosisQuery.of(bearing, List.of(Evidence.of("grinds", "yes"))));
        assertFalse(diagnosis.next().stream().anyMatch(q -> q.finding().id().equals("wheels")));
    }

    static Fault with(String id, double prior, String shows, String cure, Fault.Cause... causes) {
        Fault plain = fault(id, 0.5, shows.isEmpty() ? Map.of() : Map.of(shows, 0.9));
        return new Fault(
                id,
                plain.partType(),
                plain.fault(),
                plain.name(),
                plain.slot(),
                plain.fuels(),
                prior,
                OURS,
                cure,
                plain.shows(),
                List.of(causes));
    }

    /** By hand: the vent of p = 0.2 blows the fuse with 0.5, which blows of itself with 0.1. */
    @Test
    public void aConsequenceRaisesItsCauseAndTheCauseIsAskedFor() {
        Pack pack = built(
                List.of(
                        with("vent", 0.2, "slow", "Clear the vent."),
                        with("fuse", 0.1, "cold", null, new Fault.Cause("vent", 0.5, OURS))),
                List.of(finding("cold", 0.001), finding("slow", 0.05)),
                List.of(layout("A", 1, List.of("vent", "fuse"))));
        double both = 0.2 * (1 - 0.9 * 0.5);
        double alone = 0.8 * 0.1;
        double cold = 1 - 0.999 * 0.1;
        double known = (both + alone) * cold + (1 - both - alone) * 0.001;
        Diagnosis diagnosis = diagnose(pack, Evidence.of("cold", "yes"));
        assertEquals(of(diagnosis, "fuse"), (both + alone) * cold / known, 1e-12);
        assertEquals(of(diagnosis, "vent"), (both * cold + (0.2 - both) * 0.001) / known, 1e-12);
        assertTrue(of(diagnosis, "vent") > 2 * 0.2);
        assertTrue(diagnosis.suspects().get(1).concerned(), "it was drawn in by what shows the sign");
        assertEquals(diagnosis.next().get(0).finding().id(), "slow", "its cause is asked for");
    }

    @Test
    public void whatIsCuredWithoutAPartIsToldAndNotSold() {
        Pack pack = built(
                List.of(with("lock", 0.3, "dead", "Hold the key."), with("board", 0.02, "dead", null)),
                List.of(finding("dead", 0.001), finding("lit", 0.2)),
                List.of(layout("A", 1, List.of("lock", "board"))));
        Diagnosis diagnosis = diagnose(pack, Evidence.of("dead", "yes"));
        assertEquals(diagnosis.advice().action(), Advice.Action.ASK);
        assertEquals(diagnosis.advice().why(), "No part needed: Hold the key.");
        assertEquals(diagnosis.parts().keySet(), Set.of("board"), "what would be handed over");
    }

    /** The idler stands at 5 %, and at 46 % if there is dust: that changes nothing while the belt is certain. */
    @Test
    public void onceEverySignIsSettledWhatChangesNoHandOverIsNotAsked() {
        Fault idler = fault("idler", 0.05, Map.of("still", 0.05, "dust", 0.8));
        List<Finding> findings = List.of(finding("still", 0.0001), finding("dust", 0.05));
        List<Layout> layouts = List.of(layout("A", 1, List.of("belt", "idler")));
        Pack sure = built(List.of(fault("belt", 0.3, Map.of("still", 0.99)), idler), findings, layouts);
        Diagnosis identified = diagnose(sure, Evidence.of("still", "yes"));
        assertTrue(of(identified, "belt") > 0.99);
        assertEquals(identified.next(), List.of());
        Pack rare = built(List.of(fault("belt", 0.1, Map.of("still", 0.99)), idler), findings, layouts);
        Diagnosis open = diagnose(rare, Evidence.of("still", "yes"));
        assertTrue(of(open, "belt") < 0.99);
        assertEquals(open.next().get(0).finding().id(), "dust", "it is asked while there is any doubt");
    }

    /** Whatever faults cause one another: every cause is placed before what it causes, each fault once. */
    @Test
    public void causesComeFirstInTheOrderOfEveryNetwork() {
        Random random = new Random(8);
        for (int round = 0; round < 300; round++) {
            Network network = Enumeration.random(random, 2 + random.nextInt(14), 1, 2, true);
            Set<Integer> placed = new HashSet<>();
            for (int fault : network.order()) {
                for (int cause = 0; network.isConsequence(fault) && cause < network.faults(); cause++) {
                    assertTrue(network.causes()[fault][cause] == 0 || placed.contains(cause), "round " + round);
                }
                assertTrue(placed.add(fault));
            }
            assertEquals(placed.size(), network.faults());
            for (int i = network.differing(); i < network.faults(); i++) {
                int fault = network.order()[i];
                assertEquals(
                        network.variants().stream()
                                .map(v -> v.allowed()[fault])
                                .distinct()
                                .count(),
                        1,
                        "what is gone through once is the same in all machines");
            }
        }
    }

    /** Leaving out what is neither wanted nor shows in what is known changes no figure. */
    @Test
    public void whatDoesNotMatterIsLeftOutWithoutAnyDifference() {
        Random random = new Random(21);
        for (int round = 0; round < 200; round++) {
            Network network = Enumeration.random(random, 8, 3, 3, true);
            int levels = network.leaks()[0].length;
            List<Observation> known = List.of(Observation.at(0, levels, levels - 1));
            Inference whole = new Inference(network, known);
            int wanted = random.nextInt(8);
            Inference part = new Inference(network, known, fault -> fault == wanted);
            assertEquals(part.known(), whole.known(), 1e-12 * whole.known());
            assertEquals(part.withAny(List.of(Set.of(wanted)))[0], whole.withFault()[wanted], 1e-12 * whole.known());
        }
    }
}
