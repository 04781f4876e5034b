package synopta.core.diagnosis;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.pack;
import static synopta.core.diagnosis.Diagnoses.ELECTRIC;
import static synopta.core.diagnosis.Diagnoses.TWO;
import static synopta.core.diagnosis.Diagnoses.diagnose;
import static synopta.core.diagnosis.Diagnoses.yes;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;

public class AdvisorTest {
    static Finding meter(String id, double leak) {
        Finding plain = finding(id, leak);
        return new Finding(
                id,
                id,
                null,
                List.of(
                        Finding.Answer.plain(MeterTest.GOOD, "good", 0),
                        Finding.Answer.plain(MeterTest.BAD, "bad", leak)),
                5,
                Finding.Who.TECHNICIAN,
                null,
                Set.of(),
                plain.basis(),
                List.of());
    }

    @Test
    public void theAdviceFollowsWhatAnAnswerWouldSave() {
        assertEquals(diagnose(TWO, ELECTRIC).advice().action(), Advice.Action.ASK);
        assertEquals(diagnose(TWO, ELECTRIC, yes("squeals")).advice().action(), Advice.Action.ASK);
        Pack certain =
                pack(List.of(fault("belt", 0.3, Map.of("still", 0.99))), List.of(finding("still", 0.001)), List.of());
        assertEquals(diagnose(certain, ELECTRIC, yes("still")).advice().action(), Advice.Action.SELL);
        Pack two = pack(
                List.of(
                        fault("belt", 0.3, Map.of("still", 0.99)),
                        fault("box", 0.1, Map.of("cold", 0.9)),
                        fault("fuse", 0.1, Map.of("cold", 0.9))),
                List.of(finding("still", 0.001), finding("cold", 0.001)),
                List.of());
        Advice halfKnown = diagnose(two, ELECTRIC, yes("still"), yes("cold")).advice();
        assertEquals(halfKnown.action(), Advice.Action.SELL, "either part stands above a half: " + halfKnown.why());
        Pack three = pack(
                List.of(
                        fault("belt", 0.3, Map.of("still", 0.99)),
                        fault("box", 0.1, Map.of("cold", 0.9)),
                        fault("fuse", 0.1, Map.of("cold", 0.9)),
                        fault("stat", 0.1, Map.of("cold", 0.9))),
                List.of(finding("still", 0.001), finding("cold", 0.001)),
                List.of());
        Advice open = diagnose(three, ELECTRIC, yes("still"), yes("cold")).advice();
        assertEquals(open.action(), Advice.Action.TEST_FIRST);
        assertTrue(open.why().contains("“cold”"), open.why());
    }

    /** A dear part that cannot come back asks for a test where a cheap one is simply handed over. */
    @Test
    public void whatAWrongPartCostsTurnsTheAdvice() {
        Pack pack = pack(
                List.of(fault("board", 0.2, Map.of("dead", 0.9)), fault("switch", 0.05, Map.of("dead", 0.9))),
                List.of(finding("dead", 0.001), finding("lit", 0.3)),
                List.of(Samples.ohms(meter("ohms", 0.02), 0, 2, List.of("switch"), 0.98, 0.98)));
        assertEquals(advised(pack, 5, true).action(), Advice.Action.SELL);
        Advice dear = advised(pack, 400, false);
        assertEquals(dear.action(), Advice.Action.TEST_FIRST);
        assertEquals(dear.options().get(0).action(), Advice.Action.TEST_FIRST);
        double p = diagnose(pack, ELECTRIC, yes("dead")).parts().get("board").value();
        double selling = (1 - p) * (DecisionCosts.NOT_KNOWN.returnTrip() + 400);
        assertEquals(cost(dear, Advice.Action.SELL), selling, 1e-9);
        assertEquals(cost(dear, Advice.Action.REFER), DecisionCosts.NOT_KNOWN.callOut(), 0);
    }

    private static Advice advised(Pack pack, double price, boolean returnable) {
        DecisionCosts costs = DecisionCosts.of(
                "USD", Map.of("board", new DecisionCosts.Price(price, returnable)), HouseSettings.USUAL);
        return new Diagnoser(pack)
                .diagnose(new DiagnosisQuery(
                        ELECTRIC, List.of(yes("dead")), Set.of(), Finding.Who.TECHNICIAN, costs, List.of(), true))
                .advice();
    }

    private static double cost(Advice advice, Advice.Action action) {
        return advice.options().stream()
                .filter(o -> o.action() == action)
                .mapToDouble(Advice.Option::cost)
                .findFirst()
                .orElseThrow();
    }
}
