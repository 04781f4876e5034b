package synopta.core.diagnosis;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;
import static synopta.core.Samples.layout;
import static synopta.core.Samples.pack;
import static synopta.core.diagnosis.Diagnoses.ELECTRIC;
import static synopta.core.diagnosis.Diagnoses.TWO;
import static synopta.core.diagnosis.Diagnoses.diagnose;
import static synopta.core.diagnosis.Diagnoses.no;
import static synopta.core.diagnosis.Diagnoses.of;
import static synopta.core.diagnosis.Diagnoses.yes;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Identification;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.reading.Reading;

public class DiagnoserTest {
    @Test
    public void severalFaultsStandTogether() {
        Diagnosis both = diagnose(TWO, ELECTRIC, yes("thumps"), yes("cold"));
        assertTrue(of(both, "roller") > 0.6 && of(both, "fuse") > 0.6);
        assertTrue(of(both, "idler") < 0.12, "nothing speaks for the idler");
    }

    /** Two independent faults of one part, each p = 0.2 with strength 0.9: summed by hand over the four combinations. */
    @Test
    public void aPartIsSuspectedForAnyOfItsFaults() {
        Set<Fuel> all = EnumSet.allOf(Fuel.class);
        Pack rollers = pack(
                List.of(
                        fault("rear", "roller", 0.2, all, Map.of("thumps", 0.9)),
                        fault("front", "roller", 0.2, all, Map.of("thumps", 0.9)),
                        fault("belt", 0.2, Map.of("thumps", 0.5))),
                List.of(finding("thumps", 0.02)),
                List.of());
        double noneOfThem = 0.8 * 0.8 * (0.8 * 0.02 + 0.2 * (1 - 0.98 * 0.5));
        double quiet = 0.98 * (0.8 + 0.2 * 0.5) * Math.pow(0.8 + 0.2 * 0.1, 2);
        Diagnosis diagnosis = diagnose(rollers, ELECTRIC, yes("thumps"));
        assertEquals(diagnosis.parts().get("roller").value(), 1 - noneOfThem / (1 - quiet), 1e-12);
        assertEquals(diagnosis.parts().get("belt").value(), of(diagnosis, "belt"), 1e-12);
        assertTrue(
                of(diagnosis, "rear") < 0.5 && diagnosis.parts().get("roller").value() > 0.7);
    }

    @Test
    public void oneFaultExplainsASignAway() {
        double squealAlone = of(diagnose(TWO, ELECTRIC, yes("squeals")), "idler");
        double thumpToo = of(diagnose(TWO, ELECTRIC, yes("squeals"), yes("thumps")), "idler");
        assertTrue(thumpToo < squealAlone, "the roller explains the squeal: %s, %s".formatted(thumpToo, squealAlone));
    }

    @Test
    public void theWeightOfAPieceIsWhatTheLogOddsLoseWithoutIt() {
        Diagnosis all = diagnose(TWO, ELECTRIC, yes("thumps"), no("squeals"));
        Diagnosis without = diagnose(TWO, ELECTRIC, no("squeals"));
        double expected = logOdds(of(all, "roller")) - logOdds(of(without, "roller"));
        Suspect roller = all.suspects().stream()
                .filter(s -> s.fault().id().equals("roller"))
                .findFirst()
                .orElseThrow();
        assertEquals(roller.because().get(0).evidence(), yes("thumps"));
        assertEquals(roller.because().get(0).weightBits(), expected, 1e-9);
        assertTrue(roller.because().get(1).weightBits() < 0, "silence speaks against it");
    }

    private static double logOdds(double p) {
        return Math.log(p / (1 - p)) / Math.log(2);
    }

    @Test
    public void aFuelThatIsNotKnownIsAveragedOver() {
        Machine unknown = Machine.unknown();
        double electric = of(diagnose(TWO, ELECTRIC), "fuse");
        assertEquals(electric, 0.05, 1e-12);
        assertEquals(of(diagnose(TWO, unknown), "fuse"), 0.5 * 0.05, 1e-12, "half of the dryers are electric");
        Machine gas = new Machine(EnumSet.of(Fuel.LP), null, null);
        assertEquals(of(diagnose(TWO, gas, yes("cold")), "fuse"), 0.0, "a gas machine has no such fuse");
    }

    @Test
    public void aLayoutWithoutThePlaceRulesTheFaultOut() {
        Pack twoLayouts = new Pack(
                TWO.appliance(),
                TWO.fuelShares(),
                TWO.partTypes(),
                TWO.faults(),
                TWO.findings(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(
                        layout("A", 0.75, List.of("roller", "idler", "fuse")),
                        layout("E", 0.25, List.of("idler", "fuse"))),
                null,
                Identification.NONE,
                List.of());
        Machine unknown = new Machine(EnumSet.of(Fuel.ELECTRIC), null, null);
        Machine bearing = new Machine(EnumSet.of(Fuel.ELECTRIC), "E", null);
        assertEquals(of(diagnose(twoLayouts, unknown), "roller"), 0.075, 1e-12);
        assertEquals(of(diagnose(twoLayouts, bearing, yes("thumps")), "roller"), 0.0);
        Machine none = new Machine(EnumSet.of(Fuel.ELECTRIC), "Z", null);
        assertThrows(IllegalArgumentException.class, () -> diagnose(twoLayouts, none));
    }

    /** Weibull of shape 2 and scale 10 years: the hazard is in proportion to the age. */
    @Test
    public void wearGrowsWithTheAge() {
        for (double age : new double[] {4, 8, 16}) {
            Machine aged = new Machine(EnumSet.of(Fuel.ELECTRIC), "A", age);
            assertEquals(of(diagnose(TWO, aged), "roller"), 0.1 * age / 8, 1e-12);
        }
        assertThrows(IllegalArgumentException.class, () -> new Machine(EnumSet.of(Fuel.LP), null, Double.NaN));
        assertThrows(IllegalArgumentException.class, () -> new Machine(EnumSet.of(Fuel.LP), null, -1.0));
    }

    @Test
    public void aReadingCountsByItsSensitivityAndSpecificity() {
        MeterTest ohms = Samples.ohms(AdvisorTest.meter("ohms", 1 - 0.98), 8, 60, List.of("fuse"), 0.97, 0.98);
        Pack measured = pack(TWO.faults(), TWO.findings(), List.of(ohms));
        double bad = of(diagnose(measured, ELECTRIC, Evidence.of("ohms", MeterTest.BAD)), "fuse");
        double good = of(diagnose(measured, ELECTRIC, Evidence.of("ohms", MeterTest.GOOD)), "fuse");
        assertEquals(bad, 0.05 * 0.97 / (0.05 * 0.97 + 0.95 * 0.02), 1e-9, "Bayes with 97 % and 98 %");
        assertEquals(good, 0.05 * 0.03 / (0.05 * 0.03 + 0.95 * 0.98), 1e-9);
        assertEquals(Samples.answer(ohms, new Reading.Figure(8)), MeterTest.GOOD);
        assertEquals(Samples.answer(ohms, new Reading.Figure(60)), MeterTest.GOOD);
        assertEquals(Samples.answer(ohms, new Reading.Figure(7.99)), MeterTest.BAD);
        assertEquals(Samples.answer(ohms, new Reading.Overload()), MeterTest.BAD);
        List<String> notToSell = diagnose(measured, ELECTRIC, yes("cold"), Evidence.of("ohms", MeterTest.GOOD))
                .advice()
                .notToSell();
        assertEquals(notToSell, List.of("fuse: good"));
        assertThrows(IllegalArgumentException.class, () -> new Reading.Figure(Double.NaN));
    }

    @Test
    public void aFindingOrAnswerThatIsNotKnownIsRefusedAndTheLastAnswerCounts() {
        assertThrows(IllegalArgumentException.class, () -> diagnose(TWO, ELECTRIC, yes("hums")));
        assertThrows(IllegalArgumentException.class, () -> diagnose(TWO, ELECTRIC, Evidence.of("thumps", "often")));
        assertEquals(
                of(diagnose(TWO, ELECTRIC, yes("thumps"), no("thumps")), "roller"),
                of(diagnose(TWO, ELECTRIC, no("thumps")), "roller"),
                "the last answer counts");
    }

    /** Of 14 signs 12 are weighed: the two that are common anyway are set aside, and named. */
    @Test
    public void beyondTheLimitWhatSurprisesLeastIsSetAside() {
        List<Finding> many = IntStream.range(0, 14)
                .mapToObj(f -> finding("f" + f, f < 2 ? 0.5 : 0.1))
                .toList();
        Pack large = pack(List.of(fault("d", 0.1, Map.of("f5", 0.5))), many, List.of());
        Evidence[] all = many.stream().map(f -> yes(f.id())).toArray(Evidence[]::new);
        Diagnosis diagnosis = diagnose(large, ELECTRIC, all);
        assertEquals(Set.copyOf(diagnosis.setAside()), Set.of(yes("f0"), yes("f1")));
        assertEquals(of(diagnosis, "d"), of(diagnose(large, ELECTRIC, yes("f5")), "d"), 1e-12);
        assertTrue(diagnose(large, ELECTRIC, List.of(all).subList(2, 14).toArray(Evidence[]::new))
                .setAside()
                .isEmpty());
    }

    /** Said for sure, thought so, and not said: 1, 0.8 against 0.2, and nothing. */
    @Test
    public void whatIsOnlyThoughtSoCountsForLess() {
        Evidence thought = new Evidence("cold", "yes", false);
        double cold = 1 - 0.98 * 0.1;
        double expected = 0.05 * (0.8 * cold + 0.2 * (1 - cold));
        double without = 0.95 * (0.8 * 0.02 + 0.2 * 0.98);
        assertEquals(of(diagnose(TWO, ELECTRIC, thought), "fuse"), expected / (expected + without), 1e-12);
        assertTrue(
                diagnose(TWO, ELECTRIC, thought).next().stream()
                        .anyMatch(q -> q.finding().id().equals("cold")),
                "what is only thought so may be asked");
    }
}
