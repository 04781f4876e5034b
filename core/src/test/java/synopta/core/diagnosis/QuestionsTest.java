package synopta.core.diagnosis;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.pack;
import static synopta.core.diagnosis.Diagnoses.ELECTRIC;
import static synopta.core.diagnosis.Diagnoses.TWO;
import static synopta.core.diagnosis.Diagnoses.diagnose;
import static synopta.core.diagnosis.Diagnoses.yes;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;

/** What is asked, of whom, and what it is worth. */
public class QuestionsTest {
    /** The expected fall of the summed entropies, straight from the sum over all combinations of faults. */
    private static double gainByEnumeration(Network network, List<Observation> known, int question) {
        int levels = network.leaks()[question].length;
        double gain = Enumeration.entropyBits(network, known, known);
        double all = Enumeration.of(network, known).known();
        for (int level = 0; level < levels; level++) {
            List<Observation> more = new ArrayList<>(known);
            more.add(Observation.at(question, levels, level));
            gain -= Enumeration.of(network, more).known() / all * Enumeration.entropyBits(network, known, more);
        }
        return gain;
    }

    @Test
    public void theGainOfAQuestionEqualsItsDefinition() {
        Random random = new Random(5);
        for (int round = 0; round < 60; round++) {
            Network network = Enumeration.random(random, 5, 5, 2, false);
            Pack pack = packOf(network);
            List<Observation> known = round % 3 == 0 ? List.of() : List.of(Observation.at(0, 2, 1));
            Evidence[] evidence = known.stream().map(f -> yes("f0")).toArray(Evidence[]::new);
            for (Question question : diagnose(pack, ELECTRIC, evidence).next()) {
                int f = Integer.parseInt(question.finding().id().substring(1));
                assertEquals(question.expectedGainBits(), gainByEnumeration(network, known, f), 1e-9);
            }
        }
    }

    private static Pack packOf(Network network) {
        List<Finding> findings = IntStream.range(0, network.leaks().length)
                .mapToObj(f -> finding("f" + f, network.leaks()[f][1]))
                .toList();
        List<Fault> faults = new ArrayList<>();
        for (int i = 0; i < network.faults(); i++) {
            Map<String, Double> shows = new LinkedHashMap<>();
            for (int f = 0; f < network.leaks().length; f++) {
                if (network.effects()[f][i] != null) {
                    shows.put("f" + f, network.effects()[f][i][1]);
                }
            }
            faults.add(fault("d" + i, network.priors()[i], shows));
        }
        return pack(faults, findings, List.of());
    }

    @Test
    public void whatOnlyALicensedPersonMayDoIsNeverAsked() {
        Finding inside = finding("inside", 0.02, Finding.Who.LICENSED, List.of(), List.of());
        Pack guarded = pack(
                List.of(
                        fault("diode", 0.3, Map.of("inside", 0.9, "cold", 0.5)),
                        fault("lamp", 0.3, Map.of("cold", 0.5))),
                List.of(inside, finding("cold", 0.02)),
                List.of());
        assertTrue(diagnose(guarded, ELECTRIC, yes("cold")).next().isEmpty());
    }

    @Test
    public void whatNobodyKnowsIsNotAskedAgain() {
        List<Question> asked = new Diagnoser(TWO)
                .diagnose(new DiagnosisQuery(
                        ELECTRIC,
                        List.of(yes("squeals")),
                        Set.of("thumps"),
                        Finding.Who.TECHNICIAN,
                        DecisionCosts.NOT_KNOWN,
                        List.of(),
                        true))
                .next();
        assertFalse(asked.stream().anyMatch(q -> q.finding().id().equals("thumps")));
        assertTrue(diagnose(TWO, ELECTRIC, yes("squeals")).next().stream()
                .anyMatch(q -> q.finding().id().equals("thumps")));
    }

    @Test
    public void whatCannotBeSoOrNeedsNoAskingIsNotAsked() {
        Finding loud = Samples.with(finding("loud", 0.2), List.of(new Finding.Implied("dead", "no")), Set.of());
        Finding dead = Samples.with(finding("dead", 0.02), List.of(), Set.of("slow"));
        Pack pack = pack(
                List.of(
                        fault("motor", 0.2, Map.of("dead", 0.5, "loud", 0.9, "slow", 0.9)),
                        fault("fuse", 0.2, Map.of("dead", 0.5))),
                List.of(dead, loud, finding("slow", 0.1)),
                List.of());
        assertEquals(diagnose(pack, ELECTRIC, yes("dead")).next(), List.of());
        assertEquals(diagnose(pack, ELECTRIC).next().size(), 3);
    }
}
