package synopta.core.tag;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.model;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;

public class TagReaderTest {
    private static final List<Model> MODELS = List.of(
            model("TH-7820-W", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 10),
            model("TH-7B20-S", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 10),
            model("DG7-4082W", "Orrinvale", Appliance.DRYER, Fuel.NATURAL_GAS, 10),
            model("DE7-4082W", "Orrinvale", Appliance.DRYER, Fuel.ELECTRIC, 10),
            model("MM-3310-S", "Mirrabrook", Appliance.MICROWAVE, null, 10));
    private final TagReader reader = new TagReader(MODELS, List.of("Thistlemoor", "Orrinvale", "Mirrabrook"));

    @DataProvider
    Object[][] readings() {
        return new Object[][] {
            {"as it is written", "TH-7820-W", "TH-7820-W"},
            {"separators and case never count", "th 7820/w", "TH-7820-W"},
            {"words round it", "Thistlemoor Model No. TH7820W", "TH-7820-W"},
            {"M/N before it", "M/N: dg7-4082w", "DG7-4082W"},
            {"full-width letters", "ＴＨ７８２０Ｗ", "TH-7820-W"},
            {"a look-alike", "DG7-40B2W", "DG7-4082W"},
            {"two wrong characters", "7H782OW", "TH-7820-W"},
            {"two swapped", "TH7280W", "TH-7820-W"},
            {"a worn end", "MM33", "MM-3310-S"},
            {"one dropped", "MM310S", "MM-3310-S"},
        };
    }

    @Test(dataProvider = "readings")
    public void theModelThatIsMeantComesFirst(String what, String text, String model) {
        assertEquals(
                reader.read(TagQuery.of(text, 5)).candidates().get(0).model().number(), new ModelNumber(model));
    }

    @Test
    public void probabilitiesAddUpToOneWhenTheLimitHoldsAllCandidates() {
        for (String text : List.of("th7820w", "dg740", "nonsense", "X", "0")) {
            TagReading reading = reader.read(TagQuery.of(text, 100));
            double sum = reading.unlisted().value()
                    + reading.candidates().stream()
                            .mapToDouble(c -> c.probability().value())
                            .sum();
            assertEquals(sum, 1, 1e-9, text);
            assertEquals(reading.candidates().size(), MODELS.size());
        }
    }

    @Test
    public void whatIsInNoRowIsSaidToBeUnlisted() {
        assertTrue(reader.read(TagQuery.of("ZK99XQ410", 5)).unlisted().value() > 0.9);
        assertTrue(reader.read(TagQuery.of("TH7820W", 5)).unlisted().value() < 0.01);
        assertEquals(reader.read(TagQuery.of(" - . ", 5)).unlisted().value(), 1.0);
        assertTrue(new TagReader(List.of(), List.of())
                .read(TagQuery.of("TH7820W", 5))
                .candidates()
                .isEmpty());
    }

    @Test
    public void theDifferencesNameThePlaceInTheReading() {
        Candidate first =
                reader.read(TagQuery.of("Model No. dg7 40B2-w", 5)).candidates().get(0);
        assertEquals(first.differences(), List.of(new Difference(6, Optional.of('B'), Optional.of('8'))));
    }

    @Test
    public void theMorePopularOfTwoEquallyNearModelsLeads() {
        TagReader popular = new TagReader(
                List.of(
                        model("AB-100", "Orrinvale", Appliance.DRYER, Fuel.ELECTRIC, 1),
                        model("AB-101", "Orrinvale", Appliance.DRYER, Fuel.ELECTRIC, 9)),
                List.of());
        List<Candidate> candidates = popular.read(TagQuery.of("AB10", 2)).candidates();
        assertEquals(candidates.get(0).model().number().written(), "AB-101");
        double odds = candidates.get(0).probability().value()
                / candidates.get(1).probability().value();
        assertEquals(odds, 9, 1e-9);
    }

    @Test
    public void whatElseIsKnownNarrowsIt() {
        TagQuery bare = TagQuery.of("D7-4082W", 5);
        TagQuery gas = new TagQuery(
                bare.text(), Optional.empty(), Optional.empty(), EnumSet.of(Fuel.NATURAL_GAS), List.of(), 5);
        TagQuery brand = new TagQuery(
                "7820", Optional.of("mirrabrook"), Optional.of(Appliance.MICROWAVE), Set.of(), List.of(), 5);
        assertEquals(reader.read(gas).candidates().get(0).model().number().written(), "DG7-4082W");
        assertEquals(probability(bare, "DG7-4082W"), probability(bare, "DE7-4082W"), 1e-9);
        assertTrue(probability(brand, "MM-3310-S") > probability(TagQuery.of("7820", 5), "MM-3310-S"));
    }

    private double probability(TagQuery query, String model) {
        return reader.read(query).candidates().stream()
                .filter(c -> c.model().number().written().equals(model))
                .mapToDouble(c -> c.probability().value())
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void theCharacterThatPartsTwoMachinesIsToBeReadAgain() {
        ReadAgain again = reader.read(TagQuery.of("TH7820", 5)).readAgain().orElseThrow();
        assertEquals(again.position(), 4);
        assertEquals(again.options(), List.of("8", "B"));
        double p = 1 / (1 + Math.exp(-2.3));
        double entropy = -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2);
        assertEquals(again.expectedGainBits(), entropy, 0.02, "two models that differ by one look-alike, 2.3 nats");
    }

    @Test
    public void anAnsweredRecheckSettlesItAndIsNotAskedAgain() {
        TagQuery asked = TagQuery.of("TH7820", 5);
        for (Recheck recheck : List.of(new Recheck(4, Optional.of('B')), new Recheck(4, Optional.of('8')))) {
            TagReading settled = reader.read(
                    new TagQuery(asked.text(), asked.brand(), asked.appliance(), asked.fuels(), List.of(recheck), 5));
            String expected = recheck.character().equals(Optional.of('B')) ? "TH-7B20-S" : "TH-7820-W";
            assertEquals(settled.candidates().get(0).model().number().written(), expected);
            assertTrue(settled.candidates().get(0).probability().value() > 0.99);
            assertFalse(settled.readAgain().isPresent());
        }
    }

    @Test
    public void aPlaceWhereNothingStandsIsTakenOut() {
        TagQuery query = new TagQuery(
                "TH78X20W", Optional.empty(), Optional.empty(), Set.of(), List.of(new Recheck(5, Optional.empty())), 5);
        Candidate first = reader.read(query).candidates().get(0);
        assertEquals(first.model().number().written(), "TH-7820-W");
        assertTrue(first.differences().isEmpty());
    }

    @Test
    public void aRecheckOutsideTheReadingIsRefused() {
        for (int position : new int[] {0, 7, -1}) {
            TagQuery query = new TagQuery(
                    "TH7820",
                    Optional.empty(),
                    Optional.empty(),
                    Set.of(),
                    List.of(new Recheck(position, Optional.of('8'))),
                    5);
            assertThrows(IllegalArgumentException.class, () -> reader.read(query));
        }
        assertThrows(IllegalArgumentException.class, () -> TagQuery.of("TH7820", 0));
    }
}
