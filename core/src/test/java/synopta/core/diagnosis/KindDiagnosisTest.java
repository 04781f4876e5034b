package synopta.core.diagnosis;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.OURS;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.layout;
import static synopta.core.diagnosis.Diagnoses.of;
import static synopta.core.diagnosis.PlatformDiagnosisTest.built;
import static synopta.core.diagnosis.PlatformDiagnosisTest.diagnose;
import static synopta.core.diagnosis.PlatformDiagnosisTest.wheels;
import static synopta.core.diagnosis.PlatformDiagnosisTest.with;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.OpeningStep;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.WorkStep;

/** A layout built in one of several ways, and a fault that only carries what causes it. */
public class KindDiagnosisTest {
    /** One layout in which seven machines of ten have rollers and the others a bearing. */
    private static Layout forked() {
        Layout plain = layout("A", 1, List.of("roller", "bearing"), Map.of("wheels", Map.of("yes", 0.7, "no", 0.3)));
        List<Layout.Place> places = plain.places().stream()
                .map(place -> new Layout.Place(
                        place.slot(),
                        place.partType(),
                        place.name(),
                        1,
                        place.where(),
                        place.fuels(),
                        new Layout.Kind("wheels", Set.of(place.slot().equals("roller") ? "yes" : "no")),
                        Map.of(),
                        null))
                .toList();
        List<OpeningStep> steps = List.of(step("back off", "yes"), step("top up", "no"));
        return new Layout("A", "A", 1, plain.tag(), plain.fuels(), plain.kinds(), places, steps, plain.drawing(), null);
    }

    private static OpeningStep step(String id, String wheels) {
        Layout.Kind kind = new Layout.Kind("wheels", Set.of(wheels));
        return new OpeningStep(id, id, 1, List.of(), Map.of(), kind, WorkStep.NONE, OURS);
    }

    private static Pack fork() {
        return built(
                List.of(fault("roller", 0.2, Map.of("grinds", 0.8)), fault("bearing", 0.1, Map.of("grinds", 0.8))),
                List.of(finding("grinds", 0.02), wheels()),
                List.of(forked()));
    }

    /** By hand: exactly one of the two is there, so their faults are never both, and the shares mix them. */
    @Test
    public void exactlyOneKindIsThereAndTheCatalogOrAnAnswerFixesIt() {
        double roller = 0.2 * (1 - 0.98 * 0.2);
        double none = 0.8 * 0.02;
        double bearing = 0.1 * (1 - 0.98 * 0.2);
        double bare = 0.9 * 0.02;
        double all = 0.7 * (roller + none) + 0.3 * (bearing + bare);
        Evidence grinds = Evidence.of("grinds", "yes");
        Diagnosis open = diagnose(fork(), grinds);
        assertEquals(of(open, "roller"), 0.7 * roller / all, 1e-12);
        assertEquals(of(open, "bearing"), 0.3 * bearing / all, 1e-12);
        assertEquals(open.next().get(0).finding().id(), "wheels", "which kind it is decides the part");
        Diagnosis answered = diagnose(fork(), grinds, Evidence.of("wheels", "yes"));
        assertEquals(of(answered, "roller"), roller / (roller + none), 1e-12);
        assertEquals(of(answered, "bearing"), 0.0);
        Machine listed = new Machine(EnumSet.of(Fuel.ELECTRIC), "A", Map.of("wheels", "no"), null);
        Diagnosis known = new Diagnoser(fork()).diagnose(DiagnosisQuery.of(listed, List.of(grinds)));
        assertEquals(of(known, "bearing"), bearing / (bearing + bare), 1e-12);
        assertEquals(of(known, "roller"), 0.0);
        assertTrue(known.next().isEmpty(), "what the catalog says is not asked");
    }

    @Test
    public void aLayoutIsOpenedAsItsKindIsAndAsMostAreWhereThatIsOpen() {
        Layout layout = forked();
        assertEquals(ids(layout.usualSteps()), List.of("back off"));
        assertTrue(layout.isUsual(new Layout.Kind("wheels", Set.of("yes"))));
        assertFalse(layout.isUsual(new Layout.Kind("wheels", Set.of("no"))));
        assertFalse(layout.isUsual(new Layout.Kind("hub", Set.of("yes"))), "nothing is known of hubs");
        assertEquals(layout.share(new Layout.Kind("wheels", Set.of("yes", "no"))), 1.0, 1e-12);
        assertEquals(layout.share(new Layout.Kind("hub", Set.of("yes"))), 0.0);
        Layout bearing = layout.of(Map.of("wheels", "no"));
        assertEquals(ids(bearing.usualSteps()), List.of("top up"));
        assertEquals(bearing.places().stream().map(Layout.Place::slot).toList(), List.of("bearing"));
        Fault fault = fault("bearing", 0.1, Map.of());
        assertEquals(layout.chanceToHave(fault, Fuel.LP), 0.3, 1e-12);
        assertEquals(bearing.chanceToHave(fault, Fuel.LP), 1.0, 1e-12);
        assertEquals(layout.of(Map.of("wheels", "yes")).chanceToHave(fault, Fuel.LP), 0.0);
        assertEquals(layout.kindsShownBy(List.of("bearing")), Map.of("wheels", "no"));
        assertEquals(layout.kindsShownBy(List.of("roller", "bearing")), Map.of(), "they contradict each other");
    }

    private static List<String> ids(List<OpeningStep> steps) {
        return steps.stream().map(OpeningStep::id).toList();
    }

    /** By hand: a belt of p = 0.3 opens its switch always, which alone makes the machine dead. */
    @Test
    public void aMechanismCarriesItsCauseAndIsNobodysSuspect() {
        Pack pack = built(
                List.of(
                        with("belt", 0.3, "", null),
                        with("tripped", 0, "dead", null, new Fault.Cause("belt", 1, OURS)),
                        with("motor", 0.1, "dead", null)),
                List.of(finding("dead", 0.001)),
                List.of(layout("A", 1, List.of("belt", "tripped", "motor"))));
        Diagnosis dead = diagnose(pack, Evidence.of("dead", "yes"));
        double unbroken = 0.7 * (1 - 0.999 * (1 - 0.1 * 0.9));
        double broken = 0.3 * (1 - 0.999 * 0.1 * (1 - 0.1 * 0.9));
        assertEquals(of(dead, "belt"), broken / (broken + unbroken), 1e-9);
        assertTrue(dead.suspects().stream().noneMatch(s -> s.fault().id().equals("tripped")));
    }
}
