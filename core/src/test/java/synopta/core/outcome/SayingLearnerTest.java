package synopta.core.outcome;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;
import synopta.core.outcome.SayingLearner.Told;

/** What confirmed and rejected readings add to the sayings. */
public class SayingLearnerTest {
    private static final Finding HEATS =
            Samples.finding("heats", 0.01, Finding.Who.CUSTOMER, List.of("no heat"), List.of());
    private static final Pack PACK =
            Samples.pack(List.of(Samples.fault("coil", 0.01, Map.of("heats", 0.9))), List.of(HEATS), List.of());

    private static Told told(long number, String words, boolean confirmed) {
        return new Told(number, PACK.appliance(), "heats", "yes", words, confirmed);
    }

    @Test
    public void wordsThatWereConfirmedInTwoCasesAreProposedAndHeardOnceAccepted() {
        List<Proposal> proposals = SayingLearner.proposals(
                List.of(PACK), List.of(told(1, "It's gone  frosty,", true), told(2, "it's gone frosty", true)));
        assertEquals(proposals.size(), 1);
        Proposal proposal = proposals.get(0);
        assertEquals(proposal.subject(), "heats|yes|it's gone frosty");
        assertEquals(proposal.support().seenIn(), List.of(2L, 1L));
        assertTrue(new Diagnoser(PACK).hear("it's gone frosty").heard().isEmpty());
        Pack learned = new ParameterOverrides(List.of(proposal.learned())).over(PACK);
        assertEquals(
                new Diagnoser(learned)
                        .hear("well, it's gone frosty")
                        .heard()
                        .get(0)
                        .evidence()
                        .finding(),
                "heats");
        assertTrue(SayingLearner.proposals(
                        List.of(learned), List.of(told(1, "it's gone frosty", true), told(2, "it's gone frosty", true)))
                .isEmpty());
    }

    @Test
    public void wordsThatWereRejectedAsOftenOrConfirmedOnceAreNotProposed() {
        assertTrue(SayingLearner.proposals(List.of(PACK), List.of(told(1, "frosty", true)))
                .isEmpty());
        assertTrue(
                SayingLearner.proposals(List.of(PACK), List.of(told(1, "frosty", true), told(1, "frosty", true)))
                        .isEmpty(),
                "twice in one case is once");
        assertTrue(SayingLearner.proposals(
                        List.of(PACK),
                        List.of(told(1, "frosty", true), told(2, "frosty", true), told(3, "frosty", false)))
                .isEmpty());
        assertTrue(
                SayingLearner.proposals(
                                List.of(PACK),
                                List.of(
                                        new Told(1, Appliance.MICROWAVE, "heats", "yes", "frosty", true),
                                        new Told(2, Appliance.MICROWAVE, "heats", "yes", "frosty", true)))
                        .isEmpty(),
                "of another appliance");
    }

    @Test
    public void aSayingIsAddedByHandOnlyIfItIsNewAndSaysSomething() {
        assertEquals(SayingLearner.added(PACK, HEATS, "yes", " Frosty! ").subject(), "heats|yes|frosty");
        assertThrows(IllegalArgumentException.class, () -> SayingLearner.added(PACK, HEATS, "yes", "No heat."));
        assertThrows(IllegalArgumentException.class, () -> SayingLearner.added(PACK, HEATS, "yes", " ... "));
    }
}
